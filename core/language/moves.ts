/** Families of moves, in the order a palette shows them. */
export const FAMILIES = ['set', 'load', 'gather', 'pass', 'turn', 'reach', 'air', 'hand'] as const;
export type Family = (typeof FAMILIES)[number];

/** What a move is and what may be said about it. One table for reading, printing, completion, help and the palette. */
export interface MoveRule {
  readonly family: Family;
  /** What it does, in a coach's words. */
  readonly says: string;
  /** Why a text would say more than the bare word: a step that can be typed as it stands. */
  readonly example: string;
  /** A direction or an angle: none, a bearing to go on, or a turn of the facing line. */
  readonly way: 'none' | 'bearing' | 'turn';
  /** Degrees without a word: of a bearing clockwise from the facing line, of a turn without its side. Null: must be said. */
  readonly usual: number | null;
  /** The bearing cannot be another one. */
  readonly fixed?: true;
  /** Whether it takes a size; 'aside' only together with a direction, in place without. */
  readonly size: 'none' | 'step' | 'lunge' | 'aside';
  /** Whether a foot may be named. */
  readonly foot: boolean;
}

const ahead = { way: 'bearing', usual: 0 } as const;
const toASide = { way: 'turn', usual: null } as const;
const inPlace = { way: 'none', usual: null, size: 'none' } as const;

export const MOVES = {
  'square up': { family: 'set', says: 'back to the stance, where the athlete is', example: 'square up', ...inPlace, foot: false },
  'other lead': { family: 'set', says: 'the same stance with the other foot leading', example: 'other lead', ...inPlace, foot: false },
  hold: { family: 'set', says: 'stands still', example: 'hold 1 s', ...inPlace, foot: false },

  split: {
    family: 'load',
    says: 'a small unweighting and landing on both feet, timed to the opponent; with a foot named, that foot lands ahead',
    example: 'split',
    ...ahead,
    size: 'aside',
    foot: true,
  },
  bounce: {
    family: 'load',
    says: 'springs on the balls of the feet without leaving the floor',
    example: 'bounce 4',
    ...inPlace,
    foot: false,
  },
  'heel raise': { family: 'load', says: 'heels up and down', example: 'heel raise 3', ...inPlace, foot: false },
  'weight shift': { family: 'load', says: 'weight onto one foot', example: 'weight shift right foot', ...inPlace, foot: true },
  'preload hop': { family: 'load', says: 'a low hop before a jump or a first step', example: 'preload hop', ...inPlace, foot: false },

  advance: {
    family: 'gather',
    says: 'one foot steps ahead, the other is brought up by as much',
    example: 'advance 20 cm',
    ...ahead,
    fixed: true,
    size: 'step',
    foot: true,
  },
  retreat: {
    family: 'gather',
    says: 'the same back',
    example: 'retreat 20 cm',
    way: 'bearing',
    usual: 180,
    fixed: true,
    size: 'step',
    foot: true,
  },
  shuffle: {
    family: 'gather',
    says: 'the same to any side',
    example: 'shuffle right 30 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: true,
  },
  'half step': {
    family: 'gather',
    says: 'one foot goes and comes back',
    example: 'half step ahead 30 cm right foot',
    ...ahead,
    size: 'step',
    foot: true,
  },
  chassé: {
    family: 'gather',
    says: 'a gather in which the feet meet',
    example: 'chassé right 50 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },
  gallop: {
    family: 'gather',
    says: 'a quick gather, both feet off the floor for a moment',
    example: 'gallop left 50 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },
  pendulum: {
    family: 'gather',
    says: 'the far foot lands in the near foot’s place and drives it out',
    example: 'pendulum ahead',
    ...ahead,
    size: 'step',
    foot: false,
  },

  pass: {
    family: 'pass',
    says: 'a foot goes past the other and takes or gives up the lead',
    example: 'pass ahead',
    ...ahead,
    size: 'step',
    foot: true,
  },
  shift: { family: 'pass', says: 'a passing step ahead', example: 'shift', ...ahead, fixed: true, size: 'step', foot: true },
  'back step': {
    family: 'pass',
    says: 'a passing step back',
    example: 'back step',
    way: 'bearing',
    usual: 180,
    fixed: true,
    size: 'step',
    foot: true,
  },
  run: {
    family: 'pass',
    says: 'a running step: the foot behind goes past',
    example: 'run right 60 cm 3',
    ...ahead,
    size: 'step',
    foot: true,
  },
  crossover: {
    family: 'pass',
    says: 'the far foot passes in front of the other',
    example: 'crossover right 60 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: true,
  },
  'cross behind': {
    family: 'pass',
    says: 'the far foot passes behind the other',
    example: 'cross behind right 60 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: true,
  },
  'drop step': {
    family: 'pass',
    says: 'a first step back that opens the hips to that side',
    example: 'drop step right',
    ...toASide,
    usual: 45,
    size: 'step',
    foot: false,
  },

  pivot: {
    family: 'turn',
    says: 'a turn on the ball of a named foot',
    example: 'pivot lead foot right 90°',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: true,
  },
  quarter: {
    family: 'turn',
    says: 'a quarter turn on the lead foot; with an opponent in front, step out instead',
    example: 'quarter right',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: false,
  },
  'step-out quarter': {
    family: 'turn',
    says: 'the foot of that side steps off the line, then 90° the other way, towards the opponent',
    example: 'step-out quarter right',
    ...toASide,
    usual: 90,
    size: 'step',
    foot: false,
  },
  'slip-side quarter': {
    family: 'turn',
    says: 'after a slip, 90° on the lead foot to the side slipped to',
    example: 'slip-side quarter left',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: false,
  },
  cut: {
    family: 'turn',
    says: 'out at 45° and face the opponent',
    example: 'cut right 50 cm',
    ...toASide,
    usual: 45,
    size: 'step',
    foot: true,
  },
  'side step and turn': {
    family: 'turn',
    says: 'out to the side and face the opponent, up to 90°',
    example: 'side step and turn left 60 cm',
    ...toASide,
    usual: 90,
    size: 'step',
    foot: false,
  },
  orbit: {
    family: 'turn',
    says: 'around the opponent, facing them, at the same distance',
    example: 'orbit right 30°',
    ...toASide,
    usual: 30,
    size: 'step',
    foot: false,
  },
  face: {
    family: 'turn',
    says: 'turns on the lead foot to face something',
    example: 'face right',
    ...toASide,
    usual: 90,
    size: 'none',
    foot: true,
  },
  switch: {
    family: 'turn',
    says: 'both feet exchange ahead and behind, in place or drifting aside',
    example: 'switch',
    ...ahead,
    size: 'aside',
    foot: false,
  },

  lunge: { family: 'reach', says: 'one foot goes far, the other stays', example: 'lunge ahead 90 cm', ...ahead, size: 'lunge', foot: true },
  recover: {
    family: 'reach',
    says: 'the way out of the reach before: the same foot back, or the other one up',
    example: 'recover back',
    way: 'bearing',
    usual: 180,
    size: 'none',
    foot: false,
  },
  'step-lunge': {
    family: 'reach',
    says: 'a short gather and a lunge out of it',
    example: 'step-lunge ahead',
    ...ahead,
    size: 'lunge',
    foot: true,
  },
  'jump-lunge': {
    family: 'reach',
    says: 'a short jump of both feet into guard, then a lunge',
    example: 'jump-lunge ahead',
    ...ahead,
    size: 'lunge',
    foot: true,
  },
  'running attack': {
    family: 'reach',
    says: 'the rear foot runs past into the attack and the other one past it',
    example: 'running attack ahead',
    ...ahead,
    size: 'lunge',
    foot: false,
  },
  'reaching step': {
    family: 'reach',
    says: 'a step to cut a flat ball off beside the body, landing with the toe ahead',
    example: 'reaching step right',
    way: 'bearing',
    usual: null,
    size: 'lunge',
    foot: true,
  },
  'step in': {
    family: 'reach',
    says: 'the front foot goes in with the stroke',
    example: 'step in ahead 40 cm',
    ...ahead,
    size: 'step',
    foot: true,
  },
  'pull back': {
    family: 'reach',
    says: 'the foot that stepped in comes back as the stroke ends',
    example: 'pull back',
    ...inPlace,
    foot: false,
  },

  jump: { family: 'air', says: 'off and onto both feet', example: 'jump ahead 30 cm', ...ahead, size: 'aside', foot: false },
  'scissor jump': {
    family: 'air',
    says: 'the legs exchange in the air; with a side, the body turns',
    example: 'scissor jump left 90°',
    ...toASide,
    usual: 0,
    size: 'none',
    foot: false,
  },
  'block jump': {
    family: 'air',
    says: 'a jump without a turn, the feet land as they left',
    example: 'block jump right 40 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },
  'side jump': {
    family: 'air',
    says: 'from and to the foot of that side, the other one after it',
    example: 'side jump back right 60 cm',
    way: 'bearing',
    usual: null,
    size: 'step',
    foot: false,
  },

  hit: { family: 'hand', says: 'a hit, or a strike named in quotes; alone it takes its time', example: 'hit', ...inPlace, foot: false },
  'guard check': { family: 'hand', says: 'hands back to guard', example: 'guard check', ...inPlace, foot: false },
} as const satisfies Readonly<Record<string, MoveRule>>;

export type MoveWord = keyof typeof MOVES;

export const MOVE_WORDS = Object.keys(MOVES) as MoveWord[];

export const ruleOf = (word: MoveWord): MoveRule => MOVES[word];

/** Other spellings of a move's word. */
export const SPELLINGS: Readonly<Record<string, MoveWord>> = {
  chasse: 'chassé',
  ready: 'square up',
  stance: 'square up',
  'step out quarter': 'step-out quarter',
  'slip side quarter': 'slip-side quarter',
  'step lunge': 'step-lunge',
  'jump lunge': 'jump-lunge',
  'step-in': 'step in',
  'pull-back': 'pull back',
  'other-lead': 'other lead',
};
