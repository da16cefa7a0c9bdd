import { ms } from '../plan/ms.js';
import { COUNT_DOWN } from './clock.js';
import { inOrder, isControl, type Control, type Correction, type Observation, type RunEvent, type Turned } from './event.js';

/** An event as earlier versions wrote it: `n` counts on the device, `at` is wall clock (ms), `t` the plan's clock (s; below 0 in the count-down). */
export type EarlierEvent = { readonly id: string; readonly n: number; readonly at: number; readonly t: number } & (
  Control | Turned | Observation | Correction
);

/** The device under which a run of an earlier version goes on. */
const earlierDevice = (runId: string): string => `legacy-${runId}`;

/** A pause that the wall's clock says was longer tells nothing: the clock was set. */
const LONGEST_PAUSE = 12 * 3600 * 1000;

/** Where the clock stood at the last control that acted, or at none. */
interface Standing {
  readonly status: 'waiting' | 'running' | 'stopped' | 'over';
  readonly m: number;
  readonly t: number;
  readonly at: number;
  readonly id: string | null;
}

/**
 * Events of an earlier version as events of today, of one device: the run's time is the plan's while the clock ran and the wall's while
 * it stood. `before` are those of the same device that are known already; what is in them by id is left out.
 * @example fromEarlier('r', [{ kind: 'go', id: 'a', n: 0, at: 9, t: -5 }]).map(({ m, seq }) => [m, seq]) // [[0, 1]]
 */
export function fromEarlier(runId: string, events: readonly EarlierEvent[], before: readonly RunEvent[] = []): RunEvent[] {
  const device = earlierDevice(runId);
  const mine = before.filter((event) => event.device === device).sort(inOrder);
  const known = new Set(before.map((event) => event.id));
  let standing = mine.reduce((stands, event) => passed(stands, event), START);
  let seq = mine.length;
  let order = before.reduce((most, event) => Math.max(most, event.order), 0);
  const made: RunEvent[] = [];
  const fresh = [...new Map(events.map((event) => [event.id, event])).values()].filter((event) => !known.has(event.id));
  for (const event of fresh.sort((a, b) => a.n - b.n || a.at - b.at || (a.id < b.id ? -1 : 1))) {
    const { n: _, t, at, ...body } = event;
    const m = timeOf(standing, t, at);
    const stamp = { device, seq: ++seq, order: ++order, m, at };
    const next = today({ ...body, ...stamp }, standing.id);
    made.push(next);
    standing = passed(standing, next, t);
  }
  return made;
}

const START: Standing = { status: 'waiting', m: 0, t: -COUNT_DOWN, at: 0, id: null };

function timeOf({ status, m, t, at }: Standing, eventT: number, eventAt: number): number {
  // What was numbered before the start but tells of a time after it was given its number late.
  if (status === 'waiting') return Math.round(Math.max(0, eventT - t) * 1000);
  if (status === 'over') return m;
  if (status === 'running') return m + Math.round(Math.max(0, eventT - t) * 1000);
  return m + Math.round(Math.min(LONGEST_PAUSE, Math.max(0, eventAt - at)));
}

type Bare = Omit<RunEvent, 'answers' | 'shown' | 'kind'> & (Control | Turned | Observation | Correction);

function today(event: Bare, answers: string | null): RunEvent {
  switch (event.kind) {
    case 'go':
    case 'pause':
    case 'resume':
    case 'end':
    case 'skip':
      return { ...event, answers };
    case 'fault':
    case 'right':
    case 'result':
    case 'attempt':
    case 'freeze':
      return { ...event, shown: null };
    default:
      return event;
  }
}

/** Where the clock stands after an event. `said` is the plan's time that came with it, where one did. */
function passed(standing: Standing, event: RunEvent, said?: number): Standing {
  const { status } = standing;
  if (!isControl(event)) return standing;
  const t = status === 'running' ? ms(standing.t + (event.m - standing.m) / 1000) : standing.t;
  const stand = (next: Standing['status'], at: number): Standing => ({ status: next, m: event.m, t: at, at: event.at, id: event.id });
  if (event.kind === 'go' && status === 'waiting') return stand('running', said ?? -COUNT_DOWN);
  if (event.kind === 'pause' && status === 'running') return stand('stopped', t);
  if (event.kind === 'resume' && status === 'stopped') return stand('running', t);
  if (event.kind === 'skip' && (status === 'running' || status === 'stopped')) return stand(status, event.to);
  if (event.kind === 'end' && status !== 'over') return stand('over', t);
  return standing;
}
