import type { Rounds } from '@hopsk/core/language/rounds';

/** Rounds before anybody has said: the rest is not decided. */
export const OPEN_DOSE: Rounds = { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: null, setRest: null };
