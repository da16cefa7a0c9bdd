import { STAGE_KINDS, type StageKind } from '../exercise.js';
import fc from 'fast-check';
import { AIMS } from '../../catalogue/aims.js';
import { PLAYBOOKS } from '../../catalogue/books.js';
import { SHOWN_BY } from '../../catalogue/fault.js';
import { FAULTS } from '../../catalogue/faults.js';
import { noteOnly, type Caution } from '../../body/caution.js';
import { forbiddenBy, usualCautions } from '../../judge/cautions.js';
import { stageEvidence, type StageSession } from '../../evidence/stage-evidence.js';
import { parse } from '../../language/parse.js';
import { print } from '../../language/print.js';
import { simulate } from '../../motion/simulate.js';
import type { Performer } from '../../motion/simulation.js';
import { holds } from '../../testing/holds.js';
import { anyAct, stepOf } from '../../testing/patterns.js';
import { anyPerformer, performer } from '../../testing/performers.js';
import { BUILD_WORDS, seenOf, sessionOf, squareLine as flatLine } from '../../testing/sessions.js';
import { EVIDENCE } from '../session/evidence-rule.js';
import { planProblems } from '../session/problems.js';
import { sessionTotals } from '../session/totals.js';
import { alternatingBlocks } from './blocks.js';
import { buildUp, type BuildOptions, type BuildSource } from './build-up.js';
import { stageInWords, type BuiltUp } from './built.js';
import { ELEMENT_KINDS, elementsOf } from './elements.js';
import { AGAINST, forFault, lineForFault } from './for-fault.js';
import { dialOf, dueFirst, gridOf, NO_COVERAGE, spread, unreadable, USUAL_VALUES, type Axis } from './grid.js';
import { rotationOf } from './rotation.js';
import { keepsStance, segmentsOf } from './segments.js';
import { exposed, exposes, watchList } from './watch-list.js';

const ada = performer(1.7);
/** The usual line, longer steps taking longer. */
const squareLine = { ...flatLine, steps: flatLine.steps.replace('tempo flat, ', '') };
const source: BuildSource = { ...squareLine, name: 'Front corner', pattern: { id: 'p', version: 3 } };
let ids = 0;
const options = (more: Partial<BuildOptions> = {}): BuildOptions => ({
  chain: 'forward',
  kinds: STAGE_KINDS,
  opposed: 'fed',
  playbook: PLAYBOOKS.find((book) => book.code === 'squash') ?? null,
  settings: { rest: 20, setRest: 45 },
  focus: [],
  cautions: [],
  otherLead: true,
  child: false,
  mastered: new Set(),
  own: [],
  newId: () => `id${++ids}`,
  ...more,
});
const stagesOf = ({ stages }: BuiltUp) => stages.map((one) => stageInWords(one, BUILD_WORDS));
const caution = (more: Partial<Caution>): Caution => ({ ...noteOnly(''), ...more });
const simOf = (steps: string, who: Performer = ada) => simulate(parse(steps), who);

describe('taking apart', () => {
  it('steps each part as the line is stepped', () => {
    const parts = elementsOf(`engine 1\n${flatLine.steps}`, ada).elements.filter(({ kind }) => kind !== 'stance' && kind !== 'toes');
    expect(parts.map(({ steps }) => steps.startsWith('engine 1, tempo flat, '))).toEqual(parts.map(() => true));
    expect(simOf(parts.find(({ kind }) => kind === 'back')?.steps ?? '').seconds).toBeCloseTo(0.5 + 0.55 + 0.44, 9);
  });

  it('gives each element once, in the order a coach takes them', () => {
    const { elements, whole } = elementsOf(squareLine.steps, ada);
    expect(elements.map((one) => `${one.kind}: ${one.steps}`)).toEqual([
      'stance: hold 2 s',
      'toes: heel raise 3',
      'half: half step right 40 cm right foot',
      'half: half step left 40 cm left foot',
      'move: split',
      'move: shuffle right 40 cm',
      'move: lunge ahead 90 cm right foot + hit 80 ms after landing, recover',
      'move: shuffle left 40 cm',
      'back: lunge ahead 90 cm right foot + hit 80 ms after landing, recover, shuffle left 40 cm',
    ]);
    expect(whole).toEqual([]);
  });

  it('brings the stance back where a move gives it up', () => {
    const { elements } = elementsOf(
      'shift, drop step right, scissor jump left 90°, run ahead 60 cm 3',
      performer(1.7, 'staggered-striking', 'left'),
    );
    const steps = elements.map((one) => one.steps);
    expect(steps).toContain('shift, switch');
    expect(steps).toContain('scissor jump left 90°, switch');
    expect(elements.filter((one) => one.kind === 'air').length).toBe(1);
  });

  it('every element of any pattern can be read, and ends in the stance it begins in', () => {
    holds(
      fc.property(fc.array(anyAct, { minLength: 1, maxLength: 4 }), anyPerformer, (acts, who) => {
        const { elements } = elementsOf(print(acts.map(stepOf)), who);
        for (const { steps, kind } of elements) {
          const parsed = parse(steps);
          expect(parsed.errors).withContext(steps).toEqual([]);
          expect(keepsStance(simulate(parsed, who)))
            .withContext(steps)
            .toBeTrue();
          expect(ELEMENT_KINDS).toContain(kind);
        }
        const order = elements.map((one) => ELEMENT_KINDS.indexOf(one.kind));
        expect(order).toEqual([...order].sort((a, b) => a - b));
        expect(new Set(elements.map((one) => one.steps)).size).toBe(elements.length);
      }),
      60,
    );
  });

  it('parts of a pattern follow each other and lose nothing; a reach keeps the way out of it', () => {
    const sim = simOf(squareLine.steps);
    const parts = segmentsOf(sim);
    expect(parts.flat()).toEqual([...sim.moves]);
    expect(parts.map((part) => part.map((move) => move.step.act.word))).toEqual([
      ['split'],
      ['shuffle'],
      ['lunge', 'recover'],
      ['shuffle'],
    ]);
  });
});

describe('building up', () => {
  const kindsOf = (more: Partial<BuildOptions>): StageKind[] => [
    ...new Set(stagesOf(buildUp(source, ada, options(more))).map((stage) => stage.kind)),
  ];

  it('goes from alone and slow to opposed and free', () => {
    expect(kindsOf({})).toEqual(STAGE_KINDS.filter((kind) => kind !== 'other lead' && kind !== 'partner'));
    for (const stage of stagesOf(buildUp(source, ada, options()))) {
      expect(stage.watch.length).withContext(stage.name).toBeGreaterThan(0);
      expect(stage.cautions[0]).toBe('floor');
      expect(stage.pattern).toEqual(source.pattern);
      expect(stage.evidence).toEqual(EVIDENCE);
    }
  });

  it('chains forward from the start, backward from the end, or whole, part, whole', () => {
    const combined = (chain: BuildOptions['chain']): string[] =>
      stagesOf(buildUp(source, ada, options({ chain, kinds: ['combine'] }))).map((stage) => stage.steps);
    expect(combined('forward')).toEqual([
      'split, shuffle right 40 cm',
      'split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover',
    ]);
    expect(combined('backward')).toEqual([
      'lunge ahead 90 cm right foot + hit 80 ms after landing, recover, shuffle left 40 cm',
      'shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover, shuffle left 40 cm',
    ]);
    expect(combined('whole-part-whole')).toEqual([
      squareLine.steps,
      'lunge ahead 90 cm right foot + hit 80 ms after landing, recover',
      squareLine.steps,
    ]);
  });

  it('never invents a rest: without one in the settings the doses ask', () => {
    const open = buildUp(source, ada, options({ settings: { rest: null, setRest: null }, kinds: ['whole', 'called'] }));
    expect(seenOf(sessionOf(stagesOf(open))).map((one) => one.questions)).toEqual([['set-rest'], ['rest']]);
    const decided = buildUp(source, ada, options({ kinds: ['whole', 'called'] }));
    expect(seenOf(sessionOf(stagesOf(decided))).flatMap((one) => one.questions)).toEqual([]);
  });

  it('leaves out what a standing caution forbids and what is mastered, and says so', () => {
    const knee = caution({ part: 'knee', forbids: ['lunges'] });
    const careful = buildUp(source, ada, options({ cautions: [knee], kinds: ['isolate', 'whole'] }));
    expect(stagesOf(careful).some((stage) => stage.steps.includes('lunge'))).toBeFalse();
    expect(careful.leftOut[0]).toEqual(jasmine.objectContaining({ code: 'caution', values: { caution: knee, what: 'lunges' } }));
    const known = buildUp(source, ada, options({ mastered: new Set(['split']), kinds: ['isolate'] }));
    expect(stagesOf(known).some((stage) => stage.steps === 'split')).toBeFalse();
    expect(known.leftOut).toEqual([{ name: { code: 'line', values: { line: 'split' } }, code: 'mastered', values: {} }]);
  });

  it('bars the other lead where it is not trusted, and gives both equal doses where it is', () => {
    const striking: BuildSource = { ...source, steps: 'advance 20 cm, retreat 20 cm', school: 'staggered-striking', lead: 'left' };
    const who = performer(1.7, 'staggered-striking', 'left');
    expect(buildUp(striking, who, options({ kinds: ['other lead'], otherLead: false })).leftOut[0]?.code).toBe('other-lead');
    const session = sessionOf(stagesOf(buildUp(striking, who, options({ kinds: ['other lead'] }))));
    const [seen] = seenOf(session);
    expect(sessionTotals(seenOf(session), session).all.ways).toEqual([5, 5]);
    expect(seen?.ways[1].drawn[0].simulation.start.lead).toBe('right');
  });

  it('makes nothing that stops a session, for any usual aim in its own stance', () => {
    for (const aim of AIMS) {
      const who = performer(1.7, aim.source.school, aim.source.lead === 'none' ? null : aim.source.lead, aim.source.hand);
      const built = buildUp(
        { ...aim.source, name: aim.code, pattern: null },
        who,
        options({
          chain: aim.chain,
          kinds: aim.kinds,
          opposed: aim.opposed,
          playbook: PLAYBOOKS.find((book) => book.code === aim.playbook) ?? null,
        }),
      );
      const session = sessionOf(stagesOf(built));
      const seen = seenOf(session);
      const stops = planProblems(seen, sessionTotals(seen, session), session).filter(
        (problem) => problem.level === 'stop' || problem.level === 'asks',
      );
      expect(stops).withContext(aim.code).toEqual([]);
      expect(built.stages.length).withContext(aim.code).toBeGreaterThan(4);
      // Each kind that was asked for is there, with nothing forbidden; two parts have nothing between them and the whole.
      const parts = segmentsOf(simOf(aim.source.steps, who)).length;
      for (const kind of aim.kinds.filter((one) => one !== 'combine' || parts > 2))
        expect(built.stages.some(({ stage }) => stage.kind === kind))
          .withContext(`${aim.code}: ${kind}`)
          .toBeTrue();
    }
    expect(AIMS.length).toBeGreaterThanOrEqual(10);
    expect(new Set(AIMS.map((aim) => aim.sport)).size).toBeGreaterThanOrEqual(8);
  });

  it('begins from any fault of the catalogue: its remedy, its cue, its viewpoint', () => {
    for (const fault of FAULTS) {
      const line = lineForFault(fault, [], () => ada);
      const stages = stagesOf(forFault(fault, line, ada, options({ kinds: AGAINST })));
      expect(stages[0]?.name).withContext(fault.code).toBe(`remedy ${fault.code}`);
      for (const stage of stages)
        expect([stage.watch, stage.view, stage.cues]).toEqual([[fault.code], fault.views[0] as 'front' | 'side', [`cue ${fault.code}`]]);
      expect(parse(line.steps).errors).toEqual([]);
    }
    // A heel raise shows no late split: it is left out, and said so.
    const late = FAULTS.find((fault) => fault.code === 'split-late');
    if (!late) throw new Error('no such fault');
    const built = forFault(late, source, ada, options({ kinds: AGAINST }));
    expect(built.stages.every(({ stage }) => stage.steps.includes('split'))).toBeTrue();
    expect(built.leftOut.some(({ code }) => code === 'no-chance')).toBeTrue();
    // Where no parts are wanted there is no remedy either, and nothing but what is wanted.
    const kinds = forFault(late, source, ada, options({ kinds: ['whole', 'called'] })).stages.map(({ stage }) => stage.kind);
    expect(kinds).toEqual(['whole', 'called']);
  });

  it('takes the club’s own line where it shows the fault more often than ours', () => {
    const lunge = FAULTS.find((fault) => fault.code === 'land-early');
    if (!lunge) throw new Error('no such fault');
    const club = [
      { ...source, name: 'steps only', steps: 'advance 20 cm, retreat 20 cm' },
      { ...source, name: 'lunges' },
    ];
    expect(lineForFault(lunge, club, () => ada).name).toBe('lunges');
    expect(lineForFault(lunge, [], () => ada).name).toBe('land-early');
  });
});

describe('what to watch', () => {
  it('knows each word of the catalogue', () => {
    const words = new Set(FAULTS.flatMap((fault) => fault.shownBy.split(',').map((word) => word.trim())));
    expect([...words].filter((word) => !(SHOWN_BY as readonly string[]).includes(word))).toEqual([]);
  });

  it('follows from the pattern, the focus first, all seen from one place', () => {
    const seen = { simulation: simOf('split, shuffle right 40 cm, shuffle left 40 cm'), cueing: 'self' as const, staggered: false };
    const free = watchList(seen);
    expect(free.watch.length).toBe(3);
    expect(free.watch.every((code) => FAULTS.find((fault) => fault.code === code)?.views.includes(free.view))).toBeTrue();
    const mine = watchList(seen, ['crossed']);
    expect([mine.watch[0], mine.view]).toEqual(['crossed', 'front']);
    // Hops back are no retreat, and in half a squat nobody is too deep.
    const listOf = (steps: string, school: string): readonly string[] =>
      watchList({ simulation: simulate(parse(steps), performer(1.7, school)), cueing: 'self', staggered: false }, ['retreat-short', 'deep'])
        .watch;
    expect(listOf('(hop back 10 cm, hop ahead 10 cm) 4', 'square-ready')).not.toContain('retreat-short');
    expect(listOf('(shuffle back 10 cm, shuffle ahead 10 cm) 4', 'square-ready')).toContain('retreat-short');
    expect(listOf('split 4', 'square-ready')).toContain('deep');
    expect(listOf('split 4', 'wide-ready')).not.toContain('deep');
    // What goes wrong first in this line when it is done a little wrong is looked for first, not what the catalogue holds first.
    const firstOf = (steps: string, school = 'square-ready', lead: 'left' | null = null): string | undefined =>
      watchList(exposed(parse(steps), performer(1.7, school, lead), 'self')).watch[0];
    expect(firstOf('split + ball hit on landing, reaching step right 60 cm right foot')).toBe('no-split');
    expect(firstOf('split, lunge ahead 80 cm + hit 80 ms after landing, recover back')).toBe('land-late');
    expect(firstOf('advance 30 cm, retreat 30 cm', 'bladed-guard', 'left')).toBe('follow-uneven');
    expect(firstOf('crossover right 60 cm, crossover left 60 cm')).toBe('heavy-foot');
    // A fault that cannot show is not looked for, focus or not.
    expect(watchList(seen, ['knee-line']).watch).not.toContain('knee-line');
    const call = FAULTS.find((fault) => fault.code === 'waits');
    expect(call && exposes(call, seen)).toBeFalse();
    expect(call && exposes(call, { ...seen, cueing: 'called' })).toBeTrue();
  });

  it('cautions come from what a line holds', () => {
    expect(usualCautions(simOf('split')).length).toBe(1);
    expect(usualCautions(simOf('lunge ahead, recover back')).length).toBe(2);
    expect(usualCautions(simOf('jump')).at(-1)).toBe('landing');
    const whole = { partner: null, kind: 'whole' };
    const ankle = caution({ part: 'ankle', forbids: ['landings'] });
    expect(forbiddenBy(whole, simOf('jump'), [noteOnly('no milk'), ankle])).toEqual({ caution: ankle, what: 'landings' });
    expect(forbiddenBy(whole, simOf('split'), [ankle])).toBeNull();
    const head = caution({ part: 'head', forbids: ['contact'] });
    expect(forbiddenBy({ partner: null, kind: 'partner' }, simOf('split'), [head])?.what).toBe('contact');
  });

  it('a caution forbids what was ticked, on its side, and never what its note says', () => {
    const whole = { partner: null, kind: 'whole' };
    const barred = (steps: string, more: Partial<Caution>): boolean => forbiddenBy(whole, simOf(steps), [caution(more)]) !== null;
    for (const note of ['Knie', 'no lunges, jumps or turns', 'ankle', '膝'])
      for (const steps of ['lunge ahead, recover back', 'jump', 'quarter right'])
        expect(barred(steps, { part: 'knee', note }))
          .withContext(`${note}: ${steps}`)
          .toBeFalse();
    const right = 'lunge ahead right foot, recover back';
    expect(barred(right, { part: 'knee', side: 'right', forbids: ['lunges'] })).toBeTrue();
    expect(barred(right, { part: 'knee', side: 'left', forbids: ['lunges'] })).toBeFalse();
    expect(barred(right, { part: 'knee', side: null, forbids: ['lunges'] })).toBeTrue();
    expect(barred('pivot right foot right 90°', { part: 'hip', side: 'left', forbids: ['turns'] })).toBeFalse();
    expect(barred('pivot right foot right 90°', { part: 'hip', side: 'right', forbids: ['turns'] })).toBeTrue();
  });
});

describe('moving on', () => {
  const s = (n: number, hits: number, good: number | null = null): StageSession => ({
    n,
    hits,
    result: good === null ? null : { good, n },
  });
  const decision = (...sessions: StageSession[]): string => stageEvidence(sessions, EVIDENCE).decision;

  it('follows the coach’s numbers', () => {
    expect(decision(s(40, 1), s(40, 1), s(40, 1))).toBe('next');
    expect(decision(s(40, 1), s(40, 1), s(19, 0))).toBe('stay');
    expect(decision(s(20, 7), s(20, 7))).toBe('back');
    expect(decision(s(19, 19))).toBe('not enough');
    expect(stageEvidence([s(30, 6), s(30, 6)], { next: 0.6, back: 0.3, attempts: 10, sessions: 2 }).decision).toBe('next');
  });

  it('asks for a harder feed when the result is easy while the fault rises', () => {
    expect(decision(s(20, 3, 20), s(20, 5, 19))).toBe('harder');
    expect(decision(s(20, 3, 20), s(20, 5, 12))).toBe('stay');
    expect(decision(s(20, 5, 20), s(20, 3, 20))).toBe('stay');
  });

  it('always has an interval: 15 of 20 clean is 53.1–88.8 % (Wilson 1927; value from an independent calculation in this test)', () => {
    const { interval, clean } = stageEvidence([s(20, 5)], EVIDENCE);
    expect(clean).toBe(0.75);
    // Ends of Wilson's interval are the p with |0.75 − p| = z √(p (1 − p) / n).
    for (const end of [interval?.low ?? 0, interval?.high ?? 0])
      expect(Math.abs(0.75 - end) / Math.sqrt((end * (1 - end)) / 20)).toBeCloseTo(1.96, 2);
  });
});

describe('a grid of variants', () => {
  const striking = {
    steps: 'advance 20 cm',
    school: 'staggered-striking',
    hand: 'right' as const,
    lead: 'left' as const,
    shouldClose: true,
  };
  const usual = (axis: Axis['axis']): Axis => ({ axis, values: USUAL_VALUES[axis] ?? [] });
  const technique: Axis = { axis: 'technique', values: ['straight', 'hook', 'uppercut'].map((name) => ({ name, steps: `"${name}"` })) };
  const exit: Axis = {
    axis: 'exit',
    values: [
      { name: 'cut', steps: 'cut right 30 cm' },
      { name: 'retreat', steps: 'retreat 20 cm' },
      { name: 'gallop', steps: 'gallop back 40 cm' },
    ],
  };

  it('multiplies, leaves out what may not come together, and counts', () => {
    const grid = gridOf(striking, [usual('lead'), usual('implement'), technique, exit]);
    expect(grid.cells.length).toBe(36);
    expect(grid.cells.length).toBe(36);
    const legal = gridOf(
      striking,
      [usual('lead'), usual('implement'), technique, exit],
      [
        [
          { axis: 'technique', value: 'hook' },
          { axis: 'exit', value: 'cut' },
        ],
      ],
    );
    expect([legal.cells.length, legal.forbidden]).toEqual([32, 4]);
    expect(new Set(grid.cells.map((cell) => cell.key)).size).toBe(36);
    expect(unreadable(grid)).toEqual([]);
  });

  it('writes each variant as a line', () => {
    const grid = gridOf(striking, [usual('lead'), usual('count'), technique, exit]);
    const cell = grid.cells.find((one) => one.key === 'lead=other lead · count=2 · technique=hook · exit=cut');
    expect(cell?.steps).toBe('(advance 20 cm) 2, "hook", cut left 30 cm');
    expect(cell?.lead).toBe('right');
    expect(gridOf({ ...striking, steps: 'shuffle left 20 cm' }, [usual('direction')]).cells.map((one) => one.steps)).toEqual([
      'shuffle ahead 20 cm',
      'shuffle back 20 cm',
      'shuffle left 20 cm',
      'shuffle right 20 cm',
    ]);
    const many: Axis = { axis: 'technique', values: Array.from({ length: 60 }, (_, i) => ({ name: `t${i}`, steps: 'hit' })) };
    expect(gridOf(striking, [usual('lead'), usual('side'), usual('count'), usual('direction'), many]).tooMany).toBe(3840);
  });

  it('attacks, goes one back, answers and leaves; after a switch the exit is the other way round', () => {
    const of = (axes: readonly Axis[], steps = 'advance 20 cm + "jab"'): string[] =>
      gridOf({ ...striking, steps }, axes).cells.map((one) => one.steps);
    const one = (axis: Axis['axis'], steps: string): Axis => ({ axis, values: [{ name: axis, steps }] });
    expect(of([one('exit', 'cut right 30 cm'), one('retreat', 'retreat 20 cm'), one('technique', '"cross"')])).toEqual([
      'advance 20 cm + "jab", retreat 20 cm, "cross", cut right 30 cm',
    ]);
    expect(of([one('exit', 'cut right 30 cm'), one('retreat', 'back step'), one('technique', '"cross"')])).toEqual([
      'advance 20 cm + "jab", back step, "cross", cut left 30 cm',
    ]);
    expect(of([one('technique', 'switch'), one('exit', 'side step and turn left, retreat 20 cm')])[0]).toContain(
      'side step and turn right',
    );
    // Twice over is the lead from before.
    expect(of([one('retreat', 'switch'), one('technique', 'switch'), one('exit', 'cut right 30 cm')])[0]).toContain('cut right');
  });

  it('goes to both sides by stroke, whoever plays with which hand and however the line is written', () => {
    const strokes: Axis = { axis: 'side', values: ['forehand', 'backhand'].map((name) => ({ name, steps: '' })) };
    const of = (steps: string, hand: 'left' | 'right'): string[] =>
      gridOf({ ...striking, school: 'square-ready', lead: 'none', steps, hand }, [strokes]).cells.map((cell) => cell.steps);
    const [right, left] = ['split, shuffle right 40 cm 2', 'split, shuffle left 40 cm 2'];
    for (const written of [right, left]) {
      expect(of(written, 'right')).withContext(written).toEqual([right, left]);
      expect(of(written, 'left')).withContext(written).toEqual([left, right]);
    }
    expect(of('chassé playing side 40 cm', 'left')).toEqual(['chassé playing side 40 cm', 'chassé other side 40 cm']);
    // What goes to neither side has none.
    expect(of('split, shuffle ahead 40 cm', 'right')).toEqual(['split, shuffle ahead 40 cm', 'split, shuffle ahead 40 cm']);
  });

  it('counts n there and n back where a line comes back by itself; is wider, further, more diagonal', () => {
    const of = (steps: string, axis: Axis['axis'], ...names: string[]): string[] =>
      gridOf({ ...striking, steps }, [{ axis, values: names.map((name) => ({ name, steps: '' })) }]).cells.map((one) => one.steps);
    expect(of('advance 20 cm, lunge, recover, retreat 20 cm', 'count', '1', '3')).toEqual([
      'advance 20 cm, lunge, recover, retreat 20 cm',
      'advance 20 cm 3 times, lunge, recover, retreat 20 cm 3 times',
    ]);
    expect(of('advance 20 cm, shuffle right 20 cm', 'count', '2')).toEqual(['(advance 20 cm, shuffle right 20 cm) 2']);
    expect(of('quarter right', 'count', '4')).toEqual(['(quarter right) 4']);
    expect(of('advance 20 cm, shuffle right 30 cm', 'further', '1', '1.5×')).toEqual([
      'advance 20 cm, shuffle right 30 cm',
      'advance 30 cm, shuffle right 30 cm',
    ]);
    expect(of('advance 20 cm, shuffle right 30 cm', 'wider', '2')).toEqual(['advance 20 cm, shuffle right 60 cm']);
    expect(of('advance 20 cm, retreat 20 cm', 'diagonal', '45°')).toEqual(['shuffle ahead right 20 cm, shuffle back left 20 cm']);
    expect([dialOf('count', '1.5'), dialOf('wider', '9'), dialOf('diagonal', '-20°'), dialOf('exit', 'cut')]).toEqual([
      null,
      null,
      -20,
      undefined,
    ]);
  });

  it('is an athlete’s map: never trained first, then least done, then least clean', () => {
    const { cells } = gridOf(striking, [usual('count')]);
    const known = new Map([
      ['count=1', { ...NO_COVERAGE, done: 9, watched: 9, clean: 9 }],
      ['count=2', { ...NO_COVERAGE, done: 3, watched: 3, clean: 3 }],
      ['count=3', { ...NO_COVERAGE, done: 3, watched: 3, clean: 1 }],
    ]);
    expect(dueFirst(cells, known).map((cell) => cell.key)).toEqual(['count=4', 'count=3', 'count=2', 'count=1']);
  });

  it('spreads over sessions at one skill a round, each variant once', () => {
    holds(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 7 }), (aRound, sessions) => {
        const { cells } = gridOf(striking, [usual('lead'), technique, exit]);
        const rounds = spread(cells, 'technique', aRound, sessions);
        expect(rounds.flatMap((round) => round.cells).length).toBe(cells.length);
        for (const round of rounds) {
          expect(new Set(round.cells.map((cell) => cell.values.technique)).size).toBe(1);
          expect(round.cells.length).toBeLessThanOrEqual(aRound);
        }
        const per = Array.from({ length: sessions }, (_, s) => rounds.filter((round) => round.session === s + 1).length);
        expect(Math.max(...per) - Math.min(...per)).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('comparing two variants, and rotations', () => {
  it('has equal attempts, balanced order and never one variant first for all', () => {
    holds(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 12 }), fc.integer(), (attempts, size, seed) => {
        const blocks = alternatingBlocks(attempts, size, seed);
        const of = (variant: 'a' | 'b') => blocks.flatMap((block, i) => (block.variant === variant ? [{ i, n: block.attempts }] : []));
        const sum = (list: { n: number }[]): number => list.reduce((all, one) => all + one.n, 0);
        expect(sum(of('a'))).toBe(sum(of('b')));
        expect(sum(of('a'))).toBeGreaterThanOrEqual(attempts);
        // Balanced: the mean place of both is the same.
        expect(of('a').reduce((all, one) => all + one.i, 0)).toBe(of('b').reduce((all, one) => all + one.i, 0));
      }),
    );
    expect(new Set(Array.from({ length: 40 }, (_, seed) => alternatingBlocks(1, 1, seed)[0]?.variant)).size).toBe(2);
  });

  it('takes everybody to every station once', () => {
    holds(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 1, max: 8 }),
        fc.constantFrom(1 as const, 2 as const),
        (athletes, stations, together) => {
          const turns = rotationOf(athletes, stations, together);
          for (let one = 0; one < athletes; one++) {
            const seen = turns.map((turn) => turn.findIndex((group) => group.includes(one)));
            expect(new Set(seen).size).toBe(stations);
            expect(seen).not.toContain(-1);
          }
        },
      ),
    );
  });
});
