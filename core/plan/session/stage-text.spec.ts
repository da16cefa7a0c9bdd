import fc from 'fast-check';
import { FAULT_UNITS, VIEWS } from '../../catalogue/fault.js';
import { holds } from '../../testing/holds.js';
import { BUILD_WORDS, sessionOf } from '../../testing/sessions.js';
import { CUEINGS, IMPLEMENTS, OPENERS, STAGE_KINDS } from '../exercise.js';
import { readSession, writeSession } from './session-file.js';
import { CONTACT_LEVELS, SESSION_PARTS, type Stage } from './stage.js';

const text = fc.constantFrom('a', 'come at them', 'left = right: × 2', '"quoted", and more', 'übern Fuß');
const maybe = <T>(some: fc.Arbitrary<T>): fc.Arbitrary<T | ''> => fc.oneof(fc.constant<''>(''), some);
const line = fc.constantFrom('split', 'advance 20 cm, retreat 20 cm', '(a: split | b: lunge) 2');
const side = fc.constantFrom('left' as const, 'right' as const);
const share = (low: number, high: number): fc.Arbitrary<number> => fc.integer({ min: low, max: high }).map((n) => n / 100);

/** Any stage that a coach can make, but for which pattern it came from. */
const anyStage: fc.Arbitrary<Stage> = fc.record({
  id: fc.constant('stage-1'),
  name: text,
  steps: line,
  school: fc.constant('square-ready'),
  hand: side,
  lead: fc.constant('none' as const),
  shouldClose: fc.boolean(),
  kind: fc.constantFrom(...STAGE_KINDS),
  part: fc.constantFrom(...SESSION_PARTS),
  pattern: fc.constant(null),
  cueing: fc.constantFrom(...CUEINGS),
  opens: fc.constantFrom(undefined, ...OPENERS),
  implement: fc.constantFrom(...IMPLEMENTS),
  tempo: share(25, 400),
  dose: fc.constantFrom('', '3 × 8, rest 20 s', 'until comfortable'),
  explain: fc.integer({ min: 0, max: 600 }),
  watch: fc.uniqueArray(fc.constantFrom('tall', 'split-late', 'heels-down'), { maxLength: 3 }),
  view: fc.constantFrom(...VIEWS),
  cues: fc.array(text, { maxLength: 3 }),
  unit: fc.constantFrom(...FAULT_UNITS),
  evidence: fc.record({
    next: share(50, 100),
    back: share(0, 100),
    attempts: fc.integer({ min: 1, max: 500 }),
    sessions: fc.integer({ min: 1, max: 10 }),
  }),
  cautions: fc.array(text, { maxLength: 2 }),
  partner: fc.option(
    fc
      .record({
        ...{ steps: maybe(line), what: maybe(text), lead: fc.option(side, { nil: undefined }), when: maybe(text) },
        ...{ reAim: maybe(text), coming: fc.boolean(), kit: maybe(text), contact: fc.constantFrom(...CONTACT_LEVELS) },
      })
      .map(({ lead, ...partner }) => (lead === undefined ? partner : { ...partner, lead })),
  ),
  calls: fc.option(
    fc.record({
      alternatives: fc.array(
        fc.record({
          ...{ name: text, steps: maybe(line), weight: share(0, 900), side: fc.option(side) },
          ...{ kind: fc.constantFrom('move' as const, 'feint' as const, 'stay' as const), expects: maybe(text) },
        }),
        { maxLength: 3 },
      ),
      order: fc.constantFrom('random' as const, 'known' as const),
      longestRun: fc.integer({ min: 1, max: 20 }),
      interval: fc.option(share(20, 300).chain((low) => fc.record({ low: fc.constant(low), high: share(300, 900) }))),
      reaction: share(0, 500),
      weakSide: fc.option(fc.record({ side, factor: share(100, 500) })),
      freezes: share(0, 100),
    }),
  ),
  stations: fc.array(fc.record({ name: text, steps: maybe(line) }), { maxLength: 2 }),
  theme: maybe(text),
  priority: fc.constantFrom(1 as const, 2 as const, 3 as const),
});

describe('a session as a text', () => {
  it('holds everything that a stage holds, and gives it back', () => {
    holds(
      fc.property(fc.array(anyStage, { minLength: 1, maxLength: 3 }), (stages) => {
        const session = sessionOf(
          stages.map((stage, i) => ({ ...stage, id: `stage-${i + 1}` })),
          { settings: { change: 20, water: null, rest: 15, setRest: 40 } },
        );
        const read = readSession(writeSession(session), BUILD_WORDS);
        expect(read.errors).toEqual([]);
        // Whoever opens is left out where nothing is said of it.
        expect(JSON.parse(JSON.stringify(read.session))).toEqual(JSON.parse(JSON.stringify(session)));
      }),
    );
  });

  it('what is no value of its field is named by its line and stays as usual; all else is kept', () => {
    const { session, errors } = readSession(
      '== A\ndose: 3 × 8\nkind: circus\ntempo: 9\ncall steps: split\ncalls every: soon\ncall: left\ncall weight: 2\nattempts: 30\n\nsplit',
      BUILD_WORDS,
    );
    expect(errors.map(({ code, line: at }) => `${at} ${code}`)).toEqual([
      '3 stage-field',
      '4 stage-field',
      '5 stage-field',
      '6 stage-field',
    ]);
    const [stage] = session.stages;
    expect([stage?.kind, stage?.tempo, stage?.evidence.attempts]).toEqual(['whole', 1, 30]);
    expect(stage?.calls?.alternatives.map(({ name, weight }) => [name, weight])).toEqual([['left', 2]]);
  });

  it('steps that look like a field stay steps; too many of one are named', () => {
    const odd = { name: 'cue: me', steps: 'split\ncue: lunge' };
    const session = sessionOf([{ ...(readSession('== A\nsplit', BUILD_WORDS).session.stages[0] as Stage), ...odd }]);
    const back = readSession(writeSession(session), BUILD_WORDS).session.stages;
    expect(back.length).toBe(1);
    expect(back[0]?.steps.replaceAll(' ', '')).toBe('split\ncue:lunge');
    const many = readSession(`== A\n${'cue: a\n'.repeat(8)}\nsplit`, BUILD_WORDS);
    expect(many.errors.map(({ code }) => code)).toEqual(['stage-many', 'stage-many']);
  });

  it('a file as large as one may be costs what its length allows: 180,000 fields of one stage', () => {
    const { session, errors } = readSession(`== A\n${'theme: x\n'.repeat(180_000)}theme: last\n\nsplit`, BUILD_WORDS);
    expect([session.stages[0]?.theme, errors]).toEqual(['last', []]);
  });

  it('its rests are those of stages that leave them open', () => {
    const { session } = readSession('rest: 20 s\nset rest: 1 min 30\n== A\ndose: 2 sets of 3 × 30 s\n\nsplit', BUILD_WORDS);
    expect([session.settings.rest, session.settings.setRest]).toEqual([20, 90]);
  });
});
