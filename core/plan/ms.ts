/**
 * Seconds in whole milliseconds: the one unit of time of plans and logs. A time is rounded once, where it is made, so that what
 * is added up from it and what is kept of it are the same.
 * @example ms(1.23449) // 1.234
 */
export const ms = (seconds: number): number => Math.round(seconds * 1000) / 1000;
