import { computed, signal } from '@angular/core';
import { TAP_DELAY } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import type { KeptRun } from '../data/device-store';
import { folded } from '../data/folded';
import { athlete, event, keptRun } from '../testing/run';
import { RunNow } from './run-now';

const [ada, bea] = [athlete({ name: 'Ada' }), athlete({ name: 'Bea' })];
const work = { kind: 'work', set: 1, round: 1, done: [] as [number, number][] } as const;
const exercise = (name: string, watch: string[]) => ({ name, stage: crypto.randomUUID(), steps: 'split', watch, view: 'side' as const });
const cue = (at: number, kind: 'go' | 'call' | 'freeze', show: string) => ({ at, kind, say: show, show, sound: null, couldGoOn: true });
/** Two exercises of ten and twenty seconds; in the second they are called once and frozen once. */
const plan = {
  exercises: [exercise('First', ['tall']), exercise('Second', ['crossed'])],
  reps: [{ seconds: 2, chances: { repetition: [0] } }],
  phases: [
    { ...work, start: 0, end: 10, exercise: 0, open: false },
    { ...work, start: 10, end: 30, exercise: 1, open: false },
  ],
  cues: [cue(0, 'go', 'stand'), cue(12, 'call', 'left'), cue(14, 'freeze', 'freeze')],
  landings: 0,
};
/** A run whose clock has gone since zero, and what it is so many seconds later. */
function runAt(second: number, log: readonly RunEvent[] = [], run: KeptRun | null = theRun()): RunNow {
  const begun = [event(1, { kind: 'go', answers: null, t: -5 }), ...log.map((one, i) => ({ ...one, seq: i + 2, order: i + 2 }))];
  const [kept, events] = [signal(run), signal(run ? begun : [])];
  const fold = folded(kept, events);
  const watching = computed(() => fold()?.log.watchingOf('here') ?? null);
  return new RunNow({ run: kept, events, fold, watching, now: signal((second + 5) * 1000), nameOf: (id) => kept()?.names[id] ?? id });
}
const theRun = (): KeptRun =>
  keptRun({ names: { [ada.id]: 'Ada', [bea.id]: 'Bea' } }, { name: 'Evening', plan, athletes: [ada.id, bea.id] });
const watch = (n: number, t: number, athlete: string | null, faults: string[]) => [
  event(n, { kind: 'watch', athlete, t }),
  event(n, { kind: 'board', faults, t }),
];
const tap = (n: number, t: number, fault: string, side: 'left' | 'right' | null, athlete: string | null = ada.id) =>
  event(n, { kind: 'fault', fault, side, athlete, source: 'floor', clip: null, t });

describe('a run at this moment', () => {
  it('is nothing before there is one', () => {
    const at = runAt(3, [], null);
    expect([at.title(), at.exercise(), at.placed(), at.cue(), at.freeze(), at.tapped(), at.tiles()] as unknown[]).toEqual([
      '',
      null,
      null,
      null,
      null,
      false,
      [],
    ]);
  });

  it('knows its exercise, which of how many, and the last cue that fell due', () => {
    const seen = (second: number) => {
      const at = runAt(second);
      return [at.title(), at.placed()?.exercise, at.placed()?.of, at.cue()?.show];
    };
    expect(seen(4)).toEqual(['First', 1, 2, 'stand']);
    expect(seen(10)).toEqual(['Second', 2, 2, 'stand']);
    expect(seen(12)).toEqual(['Second', 2, 2, 'left']);
    expect(runAt(31).status()).toBe('ended');
  });

  it('where the coach opens what is counted, says how many feeds there were in this round', () => {
    const fed = [
      event(1, { kind: 'opens', exercise: 0, by: 'coach', t: 1 }),
      ...[3, 6].map((at, i) => event(2 + i, { kind: 'ball', source: 'floor', t: at })),
    ];
    expect(runAt(4).feeds()).toBeNull();
    expect(runAt(4).opener().by).toBe('plan');
    expect(runAt(2, fed.slice(0, 1)).feeds()).toEqual({ n: 0, of: null });
    expect(runAt(7, fed).feeds()).toEqual({ n: 0, of: null });
    // Where nothing is planned to be done there is no ball either; in a plan with a line there is.
    const lines = { ...plan, phases: plan.phases.map((one) => ({ ...one, line: 0 })) };
    const run = keptRun({}, { plan: lines, athletes: [ada.id] });
    expect(runAt(7, fed, run).feeds()).toEqual({ n: 2, of: null });
    const planned = {
      ...plan,
      phases: plan.phases.map((one) => ({ ...one, open: true, done: [[0, 0] as [number, number], [2, 0] as [number, number]] })),
    };
    expect(runAt(7, fed, keptRun({}, { plan: planned, athletes: [ada.id] })).feeds()).toEqual({ n: 2, of: 2 });
    expect(runAt(12, fed, run).feeds()).toBeNull();
  });

  it('past the end of open work shows that work, however late the page looks, and nothing of what comes next', () => {
    const phases = plan.phases.map((one, i) => ({ ...one, open: i === 0 }));
    const cues = [...plan.cues, cue(10, 'go', 'turn')].sort((a, b) => a.at - b.at);
    const late = runAt(17, [], keptRun({}, { plan: { ...plan, phases, cues }, athletes: [ada.id] }));
    expect([late.status(), late.exercise()?.name, late.clock().left, late.cue()?.show]).toEqual(['running', 'First', 0, 'stand']);
  });

  it('asks about a freeze for eight seconds, or until somebody answered', () => {
    const answer = event(9, { kind: 'freeze', could: false, athlete: null, source: 'floor', clip: null, t: 15 });
    expect([13.9, 14, 21.9, 22].map((second) => runAt(second).freeze() !== null)).toEqual([false, true, true, false]);
    expect(runAt(16, [answer]).freeze()).toBeNull();
  });

  it('a tile counts the taps of the one who is watched, without those taken back, and shows their sides', () => {
    const taken = tap(5, 6, 'tall', 'left');
    const log = [
      ...watch(1, 0, ada.id, ['tall', 'crossed']),
      tap(3, 3, 'tall', 'left'),
      tap(4, 5, 'tall', 'right'),
      taken,
      event(6, { kind: 'undo', target: taken.id, t: 7 }),
      tap(7, 7.5, 'tall', 'left', bea.id),
    ];
    const tiles = runAt(9, log).tiles();
    expect(tiles.map(({ code, key, count, dots }) => [code, key, count, dots.join()])).toEqual([
      ['tall', 1, 2, 'left,right'],
      ['crossed', 2, 0, ''],
    ]);
    const of = runAt(9, [...log, ...watch(8, 8, bea.id, ['tall'])]);
    expect(of.tiles().map(({ count, dots }) => [count, dots.join()])).toEqual([[1, 'left']]);
    expect(of.chips().map(({ name, on }) => [name, on])).toEqual([
      ['Ada', false],
      ['Bea', true],
    ]);
  });

  it('of many taps a tile shows the last eight', () => {
    const taps = Array.from({ length: 11 }, (_, i) => tap(3 + i, i / 2, 'tall', i < 3 ? 'left' : 'right'));
    expect(
      runAt(9, [...watch(1, 0, ada.id, ['tall']), ...taps])
        .tiles()[0]
        ?.dots.join(),
    ).toBe(Array.from({ length: 8 }, () => 'right').join());
  });

  it('counts praise and results for the one who is watched, and attempts once they were seen whole', () => {
    const observed = { athlete: ada.id, source: 'floor', clip: null } as const;
    const log = [
      ...watch(1, 0, ada.id, ['tall']),
      event(3, { kind: 'right', fault: null, ...observed, t: 2 }),
      event(4, { kind: 'result', result: 'in', ...observed, t: 3 }),
      event(5, { kind: 'result', result: 'out', ...observed, t: 5 }),
    ];
    const at = runAt(9 + TAP_DELAY, log);
    expect([at.praise(), at.results()]).toEqual([1, 2]);
    expect(at.chips().map(({ name, seen }) => [name, seen])).toEqual([
      ['Ada', 0],
      ['Bea', 0],
    ]);
  });

  it('where groups take turns says whose turn it is; in a rest it is nobody’s', () => {
    const turns = {
      ...plan,
      phases: [
        { ...work, start: 0, end: 10, exercise: 0, open: false },
        { ...work, start: 10, end: 20, exercise: 0, open: false, wave: 2 },
        { ...work, kind: 'rest' as const, start: 20, end: 30, exercise: 0, open: false, wave: 2 },
      ],
    };
    const run = keptRun({ names: {} }, { plan: turns, athletes: [ada.id, bea.id] });
    const waiting = (second: number) =>
      runAt(second, [], run)
        .chips()
        .map(({ waits }) => waits);
    expect([runAt(5, [], run).group(), runAt(12, [], run).group(), runAt(25, [], run).group()]).toEqual([
      { group: 1, of: 2 },
      { group: 2, of: 2 },
      null,
    ]);
    expect([waiting(5), waiting(12), waiting(25)]).toEqual([
      [false, true],
      [true, false],
      [false, false],
    ]);
    expect(runAt(5).group()).toBeNull();
  });
});
