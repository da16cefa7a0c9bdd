/**
 * What feet do by a line that was read, and when. Raised with any change by which the same plain form gives other contacts or other
 * times. Lines of an earlier language are compared by their plain forms, of which one engine makes one thing: with a second engine the
 * comparison of contacts and times has to be written, and the first one kept as languages are.
 */
export const ENGINE = 1;
