import { FAULTS } from '../catalogue/faults.js';
import { faultBook, type SessionTally } from '../evidence/book.js';
import type { Rounds } from '../language/rounds.js';
import { stretchesOfRounds } from '../plan/rounds.js';
import { attemptsOf } from '../plan/occasions.js';
import type { RunPlan } from '../plan/run-plan.js';
import { logOf as madeLog, type Loose } from '../testing/logs.js';
import { beepsOf } from './beeps.js';
import { clockAt, clockOf, COUNT_DOWN, type ClockState } from './clock.js';
import { countRun, type Tally } from './count.js';
import { isControl, ordered, type RunEvent } from './event.js';
import { RunLog } from './run-log.js';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));
const dose: Rounds = { mode: 'seconds', work: 10, rounds: 2, sets: 1, rest: 5, setRest: null };
const plan: RunPlan = { dose, rep: { seconds: 2, chances: { repetition: [0], split: [0], step: [0.5, 1] } } };
const stretches = stretchesOfRounds(dose, 2);

const logOf = (...loose: readonly Loose[]): RunEvent[] => madeLog(loose, 'a');
const setup = (...faults: string[]): Loose[] => [
  { kind: 'board', t: -5, faults },
  { kind: 'watch', t: -5 },
  { kind: 'go', t: -5 },
];
const end: Loose = { kind: 'end', t: 25 };
const tap = (t: number, fault = 'split-late'): Loose => ({ kind: 'fault', t, fault });
const only = (log: RunEvent[], fault = 'split-late', delay = 1, p = plan): Tally | undefined =>
  countRun(p, log, catalogue, delay).tallies.find((tally) => tally.fault === fault);

describe('the clock of a run', () => {
  it('waits at the end of open work, the last one too: what comes next has not begun, and nothing is over before somebody goes on', () => {
    const open = [0, 10].map((start, exercise) => ({
      kind: 'work' as const,
      start,
      end: start + 10,
      exercise,
      set: 1,
      round: 1,
      open: true,
    }));
    const seen = (seconds: number, ...more: Loose[]): unknown[] => {
      const controls = logOf({ kind: 'go', t: -COUNT_DOWN }, ...more).filter(isControl);
      const { status, stretch, left } = clockAt(clockOf(controls, 20), open, (seconds + COUNT_DOWN) * 1000);
      return [status, stretch?.exercise, left];
    };
    expect(seen(9)).toEqual(['running', 0, 1]);
    expect(seen(30, { kind: 'pause', t: 10 })).toEqual(['paused', 0, 0]);
    expect(seen(31, { kind: 'pause', t: 10 }, { kind: 'resume', t: 30 })).toEqual(['running', 1, 9]);
    // However late it is looked at, nothing runs over.
    for (const late of [10, 12, 19.9, 20, 300]) expect(seen(late)).toEqual(['running', 0, 0]);
    const on: Loose[] = [
      { kind: 'pause', t: 10 },
      { kind: 'resume', t: 30 },
    ];
    expect(seen(55, ...on)).toEqual(['running', 1, 0]);
    expect(seen(60, ...on, { kind: 'pause', t: 40 })).toEqual(['paused', 1, 0]);
    expect(seen(61, ...on, { kind: 'pause', t: 40 }, { kind: 'resume', t: 60 })).toEqual(['ended', 1, 0]);
    // Skipped to its end while the clock stood, it is over.
    expect(seen(5, { kind: 'pause', t: 3 }, { kind: 'skip', t: 4, to: 10 })).toEqual(['paused', 1, 10]);
  });

  it('is derived from the log: count-down, work, rest, pause, skip, end', () => {
    const loose: Loose[] = [{ kind: 'go', t: -COUNT_DOWN, at: 0 }];
    /** So many seconds of the run after its start. */
    const at = (seconds: number): ClockState => clockAt(clockOf(logOf(...loose).filter(isControl), 25), stretches, seconds * 1000);
    expect(clockAt(clockOf([], 25), stretches, 0)).toEqual(jasmine.objectContaining({ status: 'waiting', t: -5 }));
    expect(at(2)).toEqual(jasmine.objectContaining({ status: 'running', t: -3, left: 3, stretch: null }));
    expect(at(9).stretch?.kind).toBe('work');
    expect(at(17)).toEqual(jasmine.objectContaining({ t: 12, left: 3 }));
    expect(at(30)).toEqual(jasmine.objectContaining({ status: 'ended', t: 25, totalLeft: 0 }));
    loose.push({ kind: 'pause', t: 4, at: 9000 });
    expect(at(99)).toEqual(jasmine.objectContaining({ status: 'paused', t: 4 }));
    loose.push({ kind: 'resume', t: 4, at: 100_000 });
    expect(at(101)).toEqual(jasmine.objectContaining({ status: 'running', t: 5 }));
    loose.push({ kind: 'skip', t: 5, to: 10, at: 101_000 });
    expect(at(101).stretch?.kind).toBe('rest');
    loose.push({ kind: 'end', t: 12, at: 103_000 });
    expect(at(200)).toEqual(jasmine.objectContaining({ status: 'ended', t: 12 }));
  });

  it('a log sent twice or out of order reads the same', () => {
    const log = logOf(...setup('split-late'), tap(3), end);
    expect(ordered([...log].reverse().concat(log))).toEqual(log);
  });

  it('beeps at each change with three ticks before', () => {
    const beeps = beepsOf(stretches);
    expect(beeps.filter((b) => b.sound !== 'tick').map((b) => [b.at, b.sound])).toEqual([
      [0, 'work'],
      [10, 'rest'],
      [15, 'work'],
      [25, 'end'],
    ]);
    expect(beeps.filter((b) => b.sound === 'tick').map((b) => b.at)).toEqual([-3, -2, -1, 7, 8, 9, 12, 13, 14, 22, 23, 24]);
  });
});

describe('attempts of a plan', () => {
  it('come from whole repetitions, per unit', () => {
    expect(attemptsOf(plan, 'split').length).toBe(10);
    expect(attemptsOf(plan, 'step').length).toBe(20);
    expect(attemptsOf(plan, 'turn')).toEqual([]);
    expect(attemptsOf({ ...plan, dose: { ...dose, work: 9 } }, 'repetition').length).toBe(8);
    expect(attemptsOf({ ...plan, dose: { ...dose, mode: 'reps', work: 3 } }, 'repetition').at(-1)).toEqual(
      jasmine.objectContaining({ round: 2, repetition: 3 }),
    );
  });
});

describe('counting faults', () => {
  it('counts only what was watched throughout, on the board and seen from where it shows', () => {
    expect(only(logOf(...setup('split-late'), end))).toEqual(jasmine.objectContaining({ attempts: 10, faulty: 0 }));
    expect(only(logOf(...setup('split-late'), { kind: 'watch', t: 3, athlete: null }, { kind: 'watch', t: 15 }, end))?.attempts).toBe(6);
    expect(only(logOf(...setup('split-late'), { kind: 'view', t: 4, view: 'front' }, end))?.attempts).toBe(2);
    expect(only(logOf(...setup(), { kind: 'board', t: 15, faults: ['split-late'] }, end))?.attempts).toBe(5);
    const split = logOf(...setup('split-late'), { kind: 'watch', t: 4, athlete: 'b' }, end);
    expect(countRun(plan, split, catalogue, 1).tallies.map((t) => [t.athlete, t.attempts])).toEqual([
      ['a', 2],
      ['b', 8],
    ]);
  });

  it('skipped plan time holds no attempts', () => {
    expect(only(logOf(...setup('split-late'), { kind: 'skip', t: 4.5, to: 15 }, end))?.attempts).toBe(7);
    expect(only(logOf(...setup('split-late'), { kind: 'end', t: 6 }))?.attempts).toBe(3);
  });

  it('a tap belongs to the attempt its delay before it; before the first it is noted', () => {
    const log = logOf(...setup('split-late'), tap(0.5), tap(2.5), tap(4.2), tap(4.9), end);
    expect(only(log)).toEqual(jasmine.objectContaining({ faulty: 2, again: 1, noted: 1 }));
    expect(only(log, 'split-late', 0)).toEqual(jasmine.objectContaining({ faulty: 3, again: 1, noted: 0 }));
  });

  it('can be undone, undone again, moved to the one before and given to another', () => {
    const base = [...setup('split-late'), tap(3.5)];
    expect(only(logOf(...base, { kind: 'undo', t: 4, target: 'e3' }, end))?.faulty).toBe(0);
    expect(only(logOf(...base, { kind: 'undo', t: 4, target: 'e3' }, { kind: 'undo', t: 4, target: 'e4' }, end))?.faulty).toBe(1);
    const moved = countRun(plan, logOf(...base, { kind: 'move', t: 4, target: 'e3', by: -1 }, end), catalogue, 1);
    expect(moved.placed[0]?.occasion?.repetition).toBe(1);
    const given = logOf(...base, { kind: 'assign', t: 4, target: 'e3', athlete: 'b' }, end);
    expect(countRun(plan, given, catalogue, 1).tallies.find((t) => t.athlete === 'b')).toEqual(
      jasmine.objectContaining({ attempts: 0, noted: 1 }),
    );
    const lastOf = (events: RunEvent[]): string | undefined => {
      const log = new RunLog(plan, catalogue, 1);
      log.take(events);
      return log.lastUndoable(new Set([events[0]?.device ?? '']))?.id;
    };
    expect(lastOf(logOf(...base))).toBe('e3');
    expect(lastOf(logOf(...base, { kind: 'undo', t: 4, target: 'e3' }))).toBeUndefined();
  });

  it('an unknown fault is noted, sides are kept', () => {
    const log = logOf(...setup('odd'), { ...tap(3, 'odd'), side: 'left' } as Loose, end);
    expect(only(log, 'odd')).toEqual(jasmine.objectContaining({ attempts: 0, noted: 1, left: 1, right: 0 }));
  });

  it('without a plan attempts are closed by a tap, with the faults since the last', () => {
    const free: RunPlan = { dose, rep: null };
    const attempt = (t: number): Loose => ({ kind: 'attempt', t, clean: false });
    const log = logOf(...setup('split-late'), attempt(1), tap(2), tap(2.2), attempt(3), attempt(4), tap(5), end);
    expect(only(log, 'split-late', 1, free)).toEqual(jasmine.objectContaining({ attempts: 3, faulty: 1, again: 1, noted: 1 }));
    const other = logOf(
      ...setup('split-late'),
      tap(2),
      { kind: 'watch', t: 2.5, athlete: 'b' },
      { ...attempt(3), athlete: 'b' } as Loose,
      end,
    );
    const rows = countRun(free, other, catalogue, 1).tallies.map((t) => [t.athlete, t.attempts, t.faulty, t.noted]);
    expect(rows).toEqual(
      jasmine.arrayWithExactContents([
        ['b', 1, 0, 0],
        ['a', 0, 0, 1],
      ]),
    );
  });
});

describe('the fault book', () => {
  const row = (day: string, fault: string, attempts: number, faulty: number, noted = 0): SessionTally => ({
    day,
    fault,
    attempts,
    faulty,
    noted,
    left: 0,
    right: 0,
  });
  const book = faultBook([
    row('2026-09-01', 'tall', 20, 1),
    row('2026-09-08', 'tall', 20, 0),
    row('2026-09-01', 'crossed', 20, 8),
    row('2026-09-08', 'crossed', 10, 3),
    row('2026-09-08', 'crossed', 10, 3),
    row('2026-09-08', 'eyes', 0, 0, 2),
    row('2026-09-08', 'stiff', 12, 0),
  ]);

  it('puts what recurs first, merges runs of a day, keeps noted ones without a rate', () => {
    expect(book.map((entry) => entry.fault)).toEqual(['crossed', 'tall', 'eyes', 'stiff']);
    expect(book[0]).toEqual(jasmine.objectContaining({ attempts: 40, faulty: 14, seenSessions: 2, couldShow: 2, lastSeen: '2026-09-08' }));
    expect(book[0]?.sessions.length).toBe(2);
    expect(book[2]).toEqual(jasmine.objectContaining({ rate: null, interval: null, noted: 2, couldShow: 0 }));
    expect(book[3]).toEqual(jasmine.objectContaining({ rate: 0, lastSeen: null, decision: 'not enough' }));
  });
});

describe('the catalogue', () => {
  it('has each fault once, with causes that exist', () => {
    expect(catalogue.size).toBe(FAULTS.length);
    for (const fault of FAULTS)
      for (const cause of fault.causes) expect(catalogue.has(cause)).withContext(`${fault.code} → ${cause}`).toBeTrue();
  });
});
