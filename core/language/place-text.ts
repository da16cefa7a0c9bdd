/** How a place and a facing are said behind a floor: ' at 0.4, -1 facing 30'. */
export const AT = /\sat\s+(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?)/i;
export const FACING = /\sfacing\s+(-?\d{1,3})/i;

const negated = (number: string): string => (Number(number) === 0 ? number : number.startsWith('-') ? number.slice(1) : `-${number}`);

/**
 * The same floor with the place and the facing of its mirror image; floors themselves are the same on both sides. Its own inverse.
 * @example mirroredPlace('squash at 0.4, -1 facing 30') // 'squash at -0.4, -1 facing -30'
 */
export const mirroredPlace = (said: string): string =>
  [AT, FACING].reduce((text, part) => text.replace(part, (whole, number: string) => whole.replace(number, negated(number))), said);
