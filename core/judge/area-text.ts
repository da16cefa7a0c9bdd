import { AREAS, closed } from '../catalogue/areas.js';
import { AT, FACING } from '../language/place-text.js';
import { outsideBy, type Area, type Placing, type Shape } from './area.js';

const SIZE = /^(room|circle|octagon)\s+(\d+(?:\.\d+)?)(?:\s*[x×]\s*(\d+(?:\.\d+)?))?(?:\s*[x×]\s*(\d+(?:\.\d+)?))?\s*m?$/i;

/** Smallest and largest floor that is taken, metres. */
const FLOOR_LIMITS = { least: 1, most: 60 } as const;

/**
 * An area by its code, or any other floor: 'room 3.2 × 4 m' across and along, with a third number its height; 'circle 6 m';
 * 'octagon 8 m'. Null where it is neither, or no floor anybody stands on.
 * @example areaOf('room 3.2 × 4 m').height // null
 */
export function areaOf(said: string): Area | null {
  const known = AREAS.find((area) => area.code === said.trim().toLowerCase());
  if (known) return known;
  const match = SIZE.exec(said.trim());
  if (!match) return null;
  const [, kind, first, second, third] = match;
  const width = Number(first);
  const length = second === undefined ? width : Number(second);
  const height = third === undefined ? null : Number(third);
  const sound = [width, length].every((metres) => metres >= FLOOR_LIMITS.least && metres <= FLOOR_LIMITS.most);
  if (!sound || (kind?.toLowerCase() !== 'room' && second !== undefined)) return null;
  const shape: Shape =
    kind?.toLowerCase() === 'room'
      ? { kind: 'rectangle', across: width, along: length }
      : { kind: kind?.toLowerCase() === 'circle' ? 'circle' : 'octagon', across: width };
  return { ...closed(said.trim().toLowerCase(), shape, [], { x: 0, y: 0 }, 'own'), height };
}

/**
 * An area with the place where a pattern begins on it: 'squash', 'squash at 0.4, -1 facing 30', 'room 3.2 × 4 m at 0, -1'.
 * Metres from its middle, right and towards the far end; degrees clockwise from there. Null where the area is none, or the
 * place lies outside it.
 * @example placingFrom('the moon') // null
 */
export function placingFrom(said: string): Placing | null {
  const at = AT.exec(said);
  const facing = FACING.exec(said);
  const area = areaOf(said.replace(AT, '').replace(FACING, '').trimEnd());
  if (area === null) return null;
  const place = at ? { x: Number(at[1]), y: Number(at[2]) } : area.start;
  if (outsideBy(area, place) > 0) return null;
  return { area, at: place, facing: facing ? Number(facing[1]) : 0 };
}

/**
 * Where a line is done, as it is studied: on the floor that it says, or on none.
 * @example onFloor('') // {}
 */
export function onFloor(said: string): { readonly placing?: Placing } {
  const placing = said === '' ? null : placingFrom(said);
  return placing ? { placing } : {};
}
