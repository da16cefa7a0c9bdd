import type { ClubCounts, ClubRecord, Imported } from '@hopsk/contract/club-lines';

type Counts = { -readonly [K in keyof ClubCounts]: number };
type Tally = { readonly [K in keyof Imported]: { added: number; known: number } };

/** Nothing yet, to be counted up. */
export const noCounts = (): Counts => ({ athletes: 0, patterns: 0, sessions: 0, runs: 0, events: 0 });

/** Nothing new and nothing known yet. */
export function noTally(): Tally {
  const none = (): { added: number; known: number } => ({ added: 0, known: 0 });
  return { athletes: none(), patterns: none(), sessions: none(), runs: none(), events: none() };
}

/** Counts one more record of a file. */
export function countIn(counts: Counts, { kind, record }: ClubRecord): void {
  if (kind === 'log') counts.events += record.events.length;
  else if (kind === 'athlete' || kind === 'pattern' || kind === 'session' || kind === 'run') counts[`${kind}s`]++;
}
