/** What happens outside the athlete: at a time, again and again, or tied to a step. */
export const EVENT_WORDS = ['ball hit', 'ball released', 'call', 'opponent steps in', 'opponent stops', 'opponent leaves'] as const;
export type EventWord = (typeof EVENT_WORDS)[number];

/** Things that stand on the floor. */
export const THING_WORDS = ['place', 'cone', 'line', 'ladder', 'bag', 'wall', 'net', 'feeder', 'partner'] as const;
export type ThingWord = (typeof THING_WORDS)[number];

/** Places that floors have by themselves, and whether they lie to a side. */
export const SPOT_WORDS = ['front corner', 'rear corner', 'service line', 'own middle', 'ring centre', 'fence'] as const;
export type SpotWord = (typeof SPOT_WORDS)[number];
export const TO_A_SIDE: readonly SpotWord[] = ['front corner', 'rear corner'];

/** Things that feet may not go through. */
export const SOLID: readonly ThingWord[] = ['cone', 'bag', 'wall', 'net', 'partner', 'feeder'];
