/** Strokes with their side: ‘forehand drive’. */
function bothSides(strokes: readonly string[]): string[] {
  return ['forehand', 'backhand'].flatMap((side) => strokes.map((stroke) => `${side} ${stroke}`));
}

/**
 * What hands and legs do, by kind of sport. A line reads all of them in every sport; completion and the buttons of next words offer those
 * of its own sport. A club adds words of its own as moves that are one strike (common practice, no source).
 */
export const STRIKES = {
  hands: [
    ...['jab', 'cross', 'hook', 'uppercut', 'one-two', 'slip', 'bob', 'roll', 'duck', 'feint', 'fake', 'overhand', 'body shot', 'block'],
    ...['counter', 'elbow'],
  ],
  kicks: ['kick', 'knee', 'roundhouse', 'roundhouse kick', 'front kick', 'side kick', 'push kick'],
  racket: [
    ...['forehand', 'backhand', 'smash', 'drop', 'clear', 'volley', 'serve', 'topspin', 'slice', 'return', 'lob', 'drive', 'lift'],
    ...['net shot', 'overhead', 'push', 'loop', 'flick', 'chop', 'dink', 'drop shot'],
    ...bothSides([
      'drive',
      'topspin',
      'loop',
      'push',
      'flick',
      'block',
      'chop',
      'slice',
      'volley',
      'smash',
      'clear',
      'lift',
      'lob',
      'return',
    ]),
  ],
  blade: ['point', 'thrust', 'cut', 'parry', 'riposte'],
} as const;
type StrikeKind = keyof typeof STRIKES;

/** Kinds of strikes of the sports that the catalogue and the starters name. */
const KINDS_OF = {
  boxing: ['hands'],
  kickboxing: ['hands', 'kicks'],
  karate: ['hands', 'kicks'],
  savate: ['hands', 'kicks'],
  taekwondo: ['kicks', 'hands'],
  'mixed rules': ['hands', 'kicks'],
  fencing: ['blade'],
  'two-handed blade': ['blade'],
  'any racket sport': ['racket'],
  badminton: ['racket'],
  padel: ['racket'],
  pickleball: ['racket'],
  squash: ['racket'],
  'table tennis': ['racket'],
  tennis: ['racket'],
} as const satisfies Readonly<Record<string, readonly StrikeKind[]>>;
export type Sport = keyof typeof KINDS_OF;
export const SPORTS = Object.keys(KINDS_OF) as Sport[];

/**
 * The strikes of a sport, the usual ones first; none of one that people typed.
 * @example strikesOf('Fencing')[0] // 'point'
 */
export function strikesOf(sport: string): readonly string[] {
  const named = sport.trim().toLowerCase();
  const known = SPORTS.find((sport) => sport === named);
  return known ? KINDS_OF[known].flatMap((kind): readonly string[] => STRIKES[kind]) : [];
}
