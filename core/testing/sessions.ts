import fc from 'fast-check';
import { printDose } from '../language/dose-print.js';
import { doseBy, exactly, type Range, type Dose, type Work } from '../language/dose.js';
import type { BuildWords } from '../plan/build/built.js';
import { seeStage, type SeenBy, type StageSeen } from '../plan/session/seen.js';
import { OPEN_SETTINGS, type Session } from '../plan/session/session.js';
import { stageOf, type Stage, type StageLine } from '../plan/session/stage.js';
import type { Spoken } from '../plan/session/timeline.js';
import { performer } from './performers.js';

export const squareLine: StageLine = {
  steps: 'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm',
  school: 'square-ready',
  hand: 'right',
  lead: 'none',
  shouldClose: true,
};

/** Somebody of 1.70 m doing lines as they are written. */
export const asWritten: SeenBy = {
  performer: (stage) => performer(1.7, stage.school, stage.lead === 'none' ? null : stage.lead),
  text: (_, steps) => steps,
};

export const sessionOf = (stages: readonly Stage[], more: Partial<Session> = {}): Session => ({
  stages,
  settings: { ...OPEN_SETTINGS, change: 20 },
  minutes: null,
  area: '',
  equipment: null,
  seed: 3,
  ...more,
});

export const seenOf = (session: Session, by: SeenBy = asWritten): StageSeen[] =>
  session.stages.map((stage) => seeStage(stage, session, by));

let made = 0;
export const aStage = (dose: string, more: Partial<Stage> = {}): Stage => stageOf(`s${++made}`, 'a stage', squareLine, { dose, ...more });

const range = (low: number, high: number): fc.Arbitrary<Range> =>
  fc
    .tuple(fc.integer({ min: low, max: high }), fc.integer({ min: 0, max: 6 }))
    .map(([a, more]) => ({ low: a, high: Math.min(high, a + more) }));

const anyWork: fc.Arbitrary<Work> = fc.oneof(
  range(5, 180).map((seconds): Work => ({ by: 'time', seconds })),
  fc
    .record({ count: range(1, 30), of: fc.constantFrom(1 as const, 2 as const, 3 as const) })
    .map(({ count, of }): Work => ({ by: 'count', count, of, within: null })),
  fc.array(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 9 }).map((counts): Work => ({ by: 'ladder', counts })),
  fc.integer({ min: 5, max: 60 }).map((least): Work => ({ by: 'open', least })),
);

/** Any dose that a coach could type. */
export const anyStageDose: fc.Arbitrary<Dose> = fc
  .record({
    work: anyWork,
    rounds: range(1, 6),
    sets: range(1, 4),
    rest: fc.oneof(
      fc.constant(null),
      fc.integer({ min: 0, max: 90 }),
      fc.constantFrom(0.5, 1, 2).map((times) => ({ times })),
    ),
    setRest: fc.oneof(fc.constant(null), fc.integer({ min: 0, max: 120 })),
    sides: fc.oneof(
      fc.constant(null),
      fc.record({ of: fc.constantFrom('side' as const, 'lead' as const), share: fc.constantFrom('each' as const, 'all' as const, null) }),
    ),
    challenge: fc.boolean(),
    speaks: fc.constantFrom(null, 'counts' as const, 'beats' as const),
  })
  .map((said) => doseBy(said.work, said.work.by === 'ladder' ? { ...said, rounds: exactly(1) } : said));

/** Any short session. */
export const anySession: fc.Arbitrary<Session> = fc
  .record({
    doses: fc.array(anyStageDose, { minLength: 1, maxLength: 5 }),
    explain: fc.integer({ min: 0, max: 60 }),
    change: fc.oneof(fc.constant(null), fc.integer({ min: 0, max: 60 })),
    water: fc.oneof(fc.constant(null), fc.record({ every: fc.integer({ min: 60, max: 900 }), seconds: fc.integer({ min: 10, max: 120 }) })),
    priorities: fc.array(fc.constantFrom(1 as const, 2 as const, 3 as const), { minLength: 5, maxLength: 5 }),
    seed: fc.integer({ min: 0, max: 1000 }),
  })
  .map(({ doses, explain, change, water, priorities, seed }) =>
    sessionOf(
      doses.map((dose, i) => aStage(printDose(dose), { explain, priority: priorities[i] ?? 2 })),
      { settings: { change, water, rest: null, setRest: null }, seed },
    ),
  );

/** What the clock says in specs. */
export const SPOKEN: Spoken = {
  explain: 'next: {name}',
  change: 'change, then {name}',
  water: 'water',
  rest: 'rest',
  setRest: 'rest, set done',
  end: 'done',
  otherSide: 'other side',
  otherLead: 'other lead',
  changeStation: 'change stations',
  toStation: 'group {group} to {station}',
  freeze: 'freeze',
  coming: ['still coming', 'stopped'],
};

/** Codes as words. */
export const BUILD_WORDS: BuildWords = {
  name: ({ code, values }) => [code, ...Object.values<unknown>(values)].join(' '),
  cue: (fault) => `cue ${fault}`,
  caution: (code) => code,
  partner: { what: 'what', when: 'when', reAim: 'aim' },
  sides: { left: 'left', right: 'right' },
  stay: 'stay',
};
