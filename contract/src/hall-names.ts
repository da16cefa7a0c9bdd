/** How people are called on a hall screen: by their first name, its first letter, or their number in the run. */
export const HALL_NAMES = ['first', 'initial', 'number'] as const;
export type HallNames = (typeof HALL_NAMES)[number];
