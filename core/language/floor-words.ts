/** What happens outside the athlete: at a time, again and again, or tied to a step. */
export const EVENT_WORDS = ['ball hit', 'ball released', 'call', 'opponent steps in', 'opponent stops', 'opponent leaves'] as const;
export type EventWord = (typeof EVENT_WORDS)[number];

/** Things that stand on the floor. */
export const THING_WORDS = ['place', 'cone', 'line', 'ladder', 'bag', 'wall', 'net', 'feeder', 'partner'] as const;
export type ThingWord = (typeof THING_WORDS)[number];

/** Things that feet may not go through. */
export const SOLID: readonly ThingWord[] = ['cone', 'bag', 'wall', 'net', 'partner', 'feeder'];
