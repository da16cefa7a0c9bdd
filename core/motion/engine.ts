/**
 * What feet do by a line that was read, and when. Raised with any change by which the same plain form gives other contacts or other
 * times; what earlier engines made of lines is held in `fixtures`.
 */
export const ENGINE = 1;
