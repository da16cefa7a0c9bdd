import type { Act, Aim, FootRef, SideRef, Size } from './ast.js';
import { ruleOf } from './moves.js';

/**
 * What changes: all of left and right, the playing hand with it; the same with the hand as it was; or directions only (the athlete stays who
 * they are).
 */
export type Mirroring = 'all' | 'lead' | 'directions';

const swapped = (foot: FootRef | null): FootRef | null => (foot === 'left' ? 'right' : foot === 'right' ? 'left' : foot);

const OTHER_REF: Readonly<Record<SideRef, SideRef>> = { playing: 'other', other: 'playing', lead: 'rear', rear: 'lead' };

const OTHER_FOOT: Readonly<Record<FootRef, FootRef>> = {
  ...{ left: 'right', right: 'left', lead: 'rear', rear: 'lead', near: 'far', far: 'near' },
  ...{ playing: 'other', other: 'playing', outside: 'inside', inside: 'outside' },
};

/**
 * The foot that is not meant.
 * @example otherFoot('lead') // 'rear'
 */
export const otherFoot = (foot: FootRef): FootRef => OTHER_FOOT[foot];

/** A side by stroke goes with the hand, one by lead with the foot in front: what goes by itself is said as it was. */
export function otherSideRef(side: SideRef | null, what: Mirroring): SideRef | null {
  if (side === null || what === 'all') return side;
  const byStroke = side === 'playing' || side === 'other';
  return what === 'directions' || byStroke ? OTHER_REF[side] : side;
}

/** A corner for the other side. */
function mirrorAim(aim: Aim | null, what: Mirroring): Aim | null {
  if (aim === null || aim.side === null) return aim;
  const side = aim.side === 'left' || aim.side === 'right' ? swapped(aim.side) : otherSideRef(aim.side, what);
  return { ...aim, side: side as Aim['side'] };
}

const negative = (degrees: number | null): number | null => (degrees === null || degrees === 0 ? degrees : -degrees);

/** The same move for the other side. Its own inverse. */
export function mirrorAct(act: Act, what: Mirroring): Act {
  const bearing = act.bearing !== null && Math.abs(act.bearing) === 180 ? act.bearing : negative(act.bearing);
  const feet = what === 'directions' ? {} : { foot: swapped(act.foot), weight: swapped(act.weight) };
  const turn = act.side === null ? negative(act.turn) : act.turn;
  return {
    ...act,
    bearing,
    turn,
    turning: negative(act.turning),
    side: otherSideRef(act.side, what),
    aim: mirrorAim(act.aim, what),
    ...feet,
  };
}

/**
 * Whether a move is another one on the other side, its feet apart.
 * @example hasSide({ ...bare('shuffle'), bearing: 90 }) // true
 */
export function hasSide(act: Act): boolean {
  const other = mirrorAct(act, 'directions');
  return (
    act.bearing !== other.bearing ||
    act.turn !== other.turn ||
    act.turning !== other.turning ||
    act.side !== other.side ||
    act.aim?.side !== other.aim?.side
  );
}

/** The same move with left and right feet exchanged and nothing else. Its own inverse. */
export const exchangeFeet = (act: Act): Act => ({ ...act, foot: swapped(act.foot), weight: swapped(act.weight) });

const OTHER_SIDE: Readonly<Record<string, string>> = { left: 'right', right: 'left' };

/**
 * What is called, for the other side.
 * @example otherName('far left') // 'far right'
 */
export const otherName = (name: string): string => name.replace(/\p{L}+/gu, (word) => OTHER_SIDE[word.toLowerCase()] ?? word);

const OTHER_STROKE: Readonly<Record<string, string>> = { forehand: 'backhand', backhand: 'forehand' };

/**
 * A stroke of the same athlete's other side.
 * @example otherStroke('forehand drive') // 'backhand drive'
 */
export const otherStroke = (name: string): string => name.replace(/\p{L}+/gu, (word) => OTHER_STROKE[word.toLowerCase()] ?? word);

const MEASURED: readonly Size['unit'][] = ['cm', 'm', 'in', 'ft', 'shoe', 'own'];

/**
 * Whether a move without a size has one that can be scaled: not one that stays, goes as far as its aim, or by degrees.
 * @example [hasOwnSize(bare('advance')), hasOwnSize(bare('jump'))] // [true, false]
 */
export function hasOwnSize({ word, bearing, aim }: Act): boolean {
  const { size } = ruleOf(word);
  return size !== 'none' && size !== 'apart' && aim === null && word !== 'orbit' && (size !== 'aside' || bearing !== null);
}

/**
 * Sizes times `factor`; words of size stay what they are, and a move without a size is of its own size, so many times.
 * @example scaleAct(bare('advance'), 1.5, 2).size?.value // 1.5
 */
export function scaleAct(act: Act, factor: number, engine: number): Act {
  // How far somebody else is stays.
  if (factor === 1 || ruleOf(act.word).size === 'apart') return act;
  const scaled = (size: Size | null): Size | null =>
    size !== null && MEASURED.includes(size.unit) ? { ...size, value: size.value * factor } : size;
  const own = engine < 2 ? act.word !== 'split' : hasOwnSize(act);
  const size: Size | null = act.size ?? (own ? { value: 1, unit: 'own' } : null);
  return { ...act, size: scaled(size), second: scaled(act.second) };
}
