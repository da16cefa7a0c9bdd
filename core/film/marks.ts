/** What is marked in a clip: the frame in which it is seen first. */
export const MARKS = [
  'cue',
  'contact',
  'release',
  'bounce',
  'split-up',
  'split-down',
  'strike-begun',
  'first-step',
  'left-down',
  'right-down',
  'own-contact',
  'back-begun',
  'back',
] as const;
export type MarkKind = (typeof MARKS)[number];

export interface Mark {
  readonly kind: MarkKind;
  readonly frame: number;
}

/** The marks of one attempt, in the order of their frames. */
export type Attempt = readonly Mark[];

/** Feet come down again and again in one attempt; all else is marked once. */
const AGAIN: readonly MarkKind[] = ['left-down', 'right-down'];

/**
 * Marks by attempt: where something comes that the attempt has already, another one begins.
 * @param marks in any order.
 * @example attemptsOf([{ kind: 'back', frame: 9 }, { kind: 'contact', frame: 1 }, { kind: 'contact', frame: 20 }]).length // 2
 */
export function attemptsOf(marks: readonly Mark[]): Attempt[] {
  const attempts: Mark[][] = [];
  for (const mark of [...marks].sort((a, b) => a.frame - b.frame)) {
    const now = attempts.at(-1);
    if (!now || (!AGAIN.includes(mark.kind) && now.some(({ kind }) => kind === mark.kind))) attempts.push([mark]);
    else now.push(mark);
  }
  return attempts;
}

/** A mark that comes before one that it follows: both stay as they are, and no time is taken from them. */
export interface OutOfOrder {
  readonly attempt: number;
  readonly first: Mark;
  readonly then: Mark;
}

/** What follows what in an attempt; feet may come down anywhere in it. */
const FOLLOWS: readonly (readonly [MarkKind, MarkKind])[] = [
  ['cue', 'contact'],
  ['contact', 'bounce'],
  ['release', 'bounce'],
  ['bounce', 'own-contact'],
  ['split-up', 'split-down'],
  ['split-down', 'first-step'],
  ['contact', 'own-contact'],
  ['release', 'own-contact'],
  ['strike-begun', 'own-contact'],
  ['first-step', 'own-contact'],
  ['own-contact', 'back-begun'],
  ['back-begun', 'back'],
];

/**
 * Marks of attempts that stand the wrong way round.
 * @param fought whether somebody is fought: there one may strike first, and be struck after it.
 */
export const outOfOrder = (attempts: readonly Attempt[], fought = false): OutOfOrder[] =>
  attempts.flatMap((marks, attempt) =>
    FOLLOWS.flatMap(([before, after]) => {
      if (fought && before === 'contact') return [];
      const [first, then] = [marks.find(({ kind }) => kind === before), marks.find(({ kind }) => kind === after)];
      return first && then && first.frame > then.frame ? [{ attempt: attempt + 1, first, then }] : [];
    }),
  );
