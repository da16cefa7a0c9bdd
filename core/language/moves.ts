/** Families of moves, in the order a palette shows them. */
export const FAMILIES = ['set', 'load', 'gather', 'pass', 'turn', 'reach', 'air', 'hand'] as const;
export type Family = (typeof FAMILIES)[number];

/** What a move is and what may be said about it; what it does is said by words. One table for reading, printing, completion, help and the palette. */
export interface MoveRule {
  readonly family: Family;
  /** Why a text would say more than the bare word: a step that can be typed as it stands. */
  readonly example: string;
  /** A direction or an angle: none, a bearing to go on, or a turn of the facing line. */
  readonly way: 'none' | 'bearing' | 'turn';
  /** Degrees without a word: of a bearing clockwise from the facing line, of a turn without its side. Null: must be said. */
  readonly usual: number | null;
  /** It turns round to the opponent where there is one, and by its degrees only where they are typed. */
  readonly round?: true;
  /** The bearing cannot be another one. */
  readonly fixed?: true;
  /** Whether it takes a size; 'aside' only together with a direction, in place without; 'apart' is how far somebody else is. */
  readonly size: 'none' | 'step' | 'lunge' | 'aside' | 'apart';
  /** It lasts as long as is said. */
  readonly lasts?: true;
  /** Whether a foot may be named. */
  readonly foot: boolean;
}

const ahead = { way: 'bearing', usual: 0 } as const;
const toASide = { way: 'turn', usual: null } as const;
const round = { ...toASide, family: 'turn', size: 'step', round: true } as const;
const inPlace = { way: 'none', usual: null, size: 'none' } as const;

const MOVES = {
  'square up': { family: 'set', example: 'square up', ...inPlace, foot: false },
  'other lead': { family: 'set', example: 'other lead', ...inPlace, foot: false },
  hold: { family: 'set', example: 'hold 1 s', ...inPlace, lasts: true, foot: false },
  keep: { family: 'set', example: 'keep 1.4 m for 10 s', ...inPlace, size: 'apart', lasts: true, foot: false },

  split: {
    family: 'load',
    example: 'split',
    ...ahead,
    size: 'aside',
    foot: true,
  },
  bounce: {
    family: 'load',
    example: 'bounce 4',
    ...inPlace,
    foot: false,
  },
  'heel raise': { family: 'load', example: 'heel raise 3', ...inPlace, foot: false },
  'weight shift': { family: 'load', example: 'weight shift right foot', ...inPlace, foot: true },
  'preload hop': { family: 'load', example: 'preload hop', ...inPlace, foot: false },
  stamp: { family: 'load', example: 'stamp', ...inPlace, foot: true },

  advance: {
    family: 'gather',
    example: 'advance 20 cm',
    ...ahead,
    fixed: true,
    size: 'step',
    foot: true,
  },
  retreat: {
    family: 'gather',
    example: 'retreat 20 cm',
    way: 'bearing',
    usual: 180,
    fixed: true,
    size: 'step',
    foot: true,
  },
  shuffle: {
    family: 'gather',
    example: 'shuffle right 30 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: true,
  },
  'half step': {
    family: 'gather',
    example: 'half step ahead 30 cm right foot',
    ...ahead,
    size: 'step',
    foot: true,
  },
  'single step': { family: 'gather', example: 'single step ahead 30 cm left foot', ...ahead, size: 'step', foot: true },
  'feet together': { family: 'gather', example: 'feet together', ...inPlace, foot: true },
  'feet apart': { family: 'gather', example: 'feet apart', ...inPlace, foot: true },
  chassé: {
    family: 'gather',
    example: 'chassé right 50 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },
  gallop: {
    family: 'gather',
    example: 'gallop left 50 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },
  pendulum: {
    family: 'gather',
    example: 'pendulum ahead',
    ...ahead,
    size: 'step',
    foot: false,
  },

  pass: {
    family: 'pass',
    example: 'pass ahead',
    ...ahead,
    size: 'step',
    foot: true,
  },
  shift: { family: 'pass', example: 'shift', ...ahead, fixed: true, size: 'step', foot: true },
  'back step': {
    family: 'pass',
    example: 'back step',
    way: 'bearing',
    usual: 180,
    fixed: true,
    size: 'step',
    foot: true,
  },
  run: {
    family: 'pass',
    example: 'run right 60 cm 3',
    ...ahead,
    size: 'step',
    foot: true,
  },
  crossover: {
    family: 'pass',
    example: 'crossover right 60 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: true,
  },
  'cross behind': {
    family: 'pass',
    example: 'cross behind right 60 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: true,
  },
  'drop step': {
    family: 'pass',
    example: 'drop step right',
    ...toASide,
    usual: 45,
    size: 'step',
    foot: false,
  },

  pivot: {
    family: 'turn',
    example: 'pivot lead foot right 90°',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: true,
  },
  quarter: {
    family: 'turn',
    example: 'quarter right',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: false,
  },
  'step-out quarter': { ...round, example: 'step-out quarter right', usual: 90, foot: false },
  'slip-side quarter': {
    family: 'turn',
    example: 'slip-side quarter left',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: false,
  },
  cut: { ...round, example: 'cut right 50 cm', usual: 45, foot: true },
  'side step and turn': { ...round, example: 'side step and turn left 60 cm', usual: 90, foot: false },
  orbit: {
    family: 'turn',
    example: 'orbit right 30°',
    ...toASide,
    usual: 30,
    size: 'step',
    foot: false,
  },
  face: {
    family: 'turn',
    example: 'face right',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: true,
  },
  switch: {
    family: 'turn',
    example: 'switch',
    ...ahead,
    size: 'aside',
    foot: false,
  },

  lunge: { family: 'reach', example: 'lunge ahead 90 cm', ...ahead, size: 'lunge', foot: true },
  recover: {
    family: 'reach',
    example: 'recover back',
    way: 'bearing',
    usual: 180,
    size: 'none',
    foot: false,
  },
  'step-lunge': {
    family: 'reach',
    example: 'step-lunge ahead',
    ...ahead,
    size: 'lunge',
    foot: true,
  },
  'jump-lunge': {
    family: 'reach',
    example: 'jump-lunge ahead',
    ...ahead,
    size: 'lunge',
    foot: true,
  },
  'running attack': {
    family: 'reach',
    example: 'running attack ahead',
    ...ahead,
    size: 'lunge',
    foot: false,
  },
  'reaching step': {
    family: 'reach',
    example: 'reaching step right',
    way: 'bearing',
    usual: null,
    size: 'lunge',
    foot: true,
  },
  'step in': {
    family: 'reach',
    example: 'step in ahead 40 cm',
    ...ahead,
    size: 'step',
    foot: true,
  },
  'pull back': {
    family: 'reach',
    example: 'pull back',
    ...inPlace,
    foot: false,
  },

  jump: { family: 'air', example: 'jump ahead 30 cm', ...ahead, size: 'aside', foot: false },
  'one-foot hop': { family: 'air', example: 'one-foot hop right foot', ...ahead, size: 'aside', foot: true },
  'scissor jump': {
    family: 'air',
    example: 'scissor jump left 90°',
    ...toASide,
    usual: 0,
    size: 'none',
    foot: false,
  },
  'block jump': {
    family: 'air',
    example: 'block jump right 40 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },
  'side jump': {
    family: 'air',
    example: 'side jump back right 60 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },

  hit: { family: 'hand', example: 'hit', ...inPlace, foot: false },
  'guard check': { family: 'hand', example: 'guard check', ...inPlace, foot: false },
} as const satisfies Readonly<Record<string, MoveRule>>;

export type MoveWord = keyof typeof MOVES;
/** The words of one family. */
export type MoveWordOf<F extends Family> = { [W in MoveWord]: (typeof MOVES)[W]['family'] extends F ? W : never }[MoveWord];

export const MOVE_WORDS = Object.keys(MOVES) as MoveWord[];

/** @example ruleOf('lunge').family // 'reach' */
export const ruleOf = (word: MoveWord): MoveRule => MOVES[word];
