/** Anything with a moment and words. */
export interface Timed {
  readonly at: number;
  readonly say: string;
}

/** A clock that moved on by more than this was moved by hand: nothing of what lies between is said. */
const JUMP = 3;

/** What falls due when the clock goes from one moment to the next, in order; nothing when it goes back or was moved by hand. */
export function due<T extends Timed>(cues: readonly T[], from: number, to: number, jump = JUMP): T[] {
  if (to <= from || to - from > jump) return [];
  return cues.filter((cue) => cue.at > from && cue.at <= to);
}
