import type { Stage } from './stage.js';

/** What a coach settles once for a session. Seconds; null: not decided, and asked for. */
export interface SessionSettings {
  /** Change-over between exercises; it replaces the set rest. */
  readonly change: number | null;
  /** A pause to drink at the first change-over after every so many seconds. */
  readonly water: { readonly every: number; readonly seconds: number } | null;
  /** Rests of stages whose dose leaves them open. */
  readonly rest: number | null;
  readonly setRest: number | null;
}

/** What is planned for a group: stages in order, and what holds for all of them. */
export interface Session {
  readonly stages: readonly Stage[];
  readonly settings: SessionSettings;
  /** Minutes there are, if that is known. */
  readonly minutes: number | null;
  /** The floor there is, as a pattern says it; empty: any. */
  readonly area: string;
  /** Sets of equipment for stages with an implement; null: enough. */
  readonly equipment: number | null;
  /** Seed of everything drawn. */
  readonly seed: number;
}

export const OPEN_SETTINGS: SessionSettings = { change: null, water: null, rest: null, setRest: null };

export const SESSION_LIMITS = { stages: 60, seconds: 6 * 3600, minutes: 360, change: 3600, explain: 1800, cues: 20_000 } as const;
