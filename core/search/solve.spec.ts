import { originOf } from '../body/stance.js';
import fc from 'fast-check';
import { bodyOf } from '../body/body.js';
import { sizeOf } from '../body/stance.js';
import { placedOn, type Placing } from '../judge/area.js';
import { areaOf } from '../judge/area-text.js';
import { outsideOf } from '../judge/placing.js';
import { study, type Study } from '../judge/study.js';
import { keepsNamedFoot, operate, OPERATIONS, type Written } from '../language/operations.js';
import { parse } from '../language/parse.js';
import { print } from '../language/print.js';
import { simulate } from '../motion/simulate.js';
import { CASES, holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { compare } from './compare.js';
import { fitOnFloor } from './fit.js';
import { repeated } from './repeat.js';
import { stepsToReach, type ReachQuestion } from './steps-to-reach.js';
import { tempoOf } from './tempo.js';
import { errorsFrom, NO_ERRORS, type StepErrors } from '../motion/step-errors.js';
import { whatIf } from './what-if.js';

const square = performer(1.7);
const guard = performer(1.75, 'staggered-striking', 'left');
const room = (said: string): Placing =>
  placedOn(
    areaOf(said) ??
      (() => {
        throw new Error(said);
      })(),
  );

describe('steps to reach', () => {
  const question: ReachQuestion = { distance: 3, step: { least: 0.4, most: 0.9 }, inReach: 0.8, first: null, last: null, gather: false };

  it('takes the fewest alternating steps; none where it is in reach', () => {
    expect(stepsToReach({ ...question, distance: 0.7 }).steps).toEqual([]);
    const answer = stepsToReach(question);
    // 3 m less 0.8 m in reach leaves 2.2 m: two steps of 0.9 m are too few, three of 0.733 m fit.
    expect(answer.steps?.length).toBe(3);
    expect(answer.nearMisses.find((miss) => miss.count === 2)?.why).toEqual({ code: 'long', values: { metres: 1.1, most: 0.9 } });
  });

  it('after the outside foot has set, the same foot last again takes an even number more: an odd count from it (common practice, no source)', () => {
    const same = stepsToReach({ ...question, first: 'right', last: 'right' });
    expect((same.steps?.length ?? 0) % 2).toBe(1);
    const other = stepsToReach({ ...question, first: 'left', last: 'right' });
    expect((other.steps?.length ?? 1) % 2).toBe(0);
    expect(other.steps?.at(-1)?.foot).toBe('right');
  });

  it('lengths add up, keep the range, come longer first, and end on the foot that was asked for', () => {
    const foot = fc.constantFrom(null, 'left' as const, 'right' as const);
    holds(
      fc.property(
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.double({ min: 0.2, max: 0.7, noNaN: true }),
        fc.double({ min: 0, max: 0.6, noNaN: true }),
        foot,
        foot,
        fc.boolean(),
        (distance, least, more, first, last, gather) => {
          const asked = { ...question, distance, step: { least, most: least + more }, first, last, gather };
          const { steps } = stepsToReach(asked);
          if (steps === null || steps.length === 0) return;
          expect(steps.reduce((sum, step) => sum + step.metres, 0)).toBeCloseTo(distance - asked.inReach, 9);
          const alternating = steps.filter((step) => step.kind === 'step');
          alternating.forEach((step, i) => {
            expect(step.metres).toBeGreaterThan(least - 1e-6);
            expect(step.metres).toBeLessThan(least + more + 1e-6);
            const before = alternating[i - 1];
            if (before) expect(step.metres).toBeLessThanOrEqual(before.metres + 1e-9);
          });
          if (last) expect(alternating.at(-1)?.foot).toBe(last);
          if (first) expect(alternating[0]?.foot).toBe(first);
        },
      ),
    );
  });

  it('a question without sense is refused', () => {
    for (const bad of [{ distance: -1 }, { distance: NaN }, { step: { least: 0, most: 1 } }, { step: { least: 1, most: 0.5 } }])
      expect(() => stepsToReach({ ...question, ...bad })).toThrowError(RangeError);
  });
});

describe('fit to the floor', () => {
  const script = parse('shuffle right 40 cm, lunge ahead 80 cm, recover back');

  it('finds the largest scale, and a hair more leaves the floor', () => {
    const placing = room('room 2.4 × 3 m');
    const { scale, fits } = fitOnFloor(script, square, placing);
    if (scale === null) throw new Error('The smallest fits.');
    const outside = (by: number): number => outsideOf(simulate(repeated(script, 1, by), square), placing).length;
    expect([fits, outside(scale), outside(scale * 1.001) > 0]).toEqual([true, 0, true]);
  });

  it('counts repetitions where branches are of unequal length: each takes the same ones', () => {
    // Whichever branch is drawn, each repetition goes a metre to the right: in 20 m one stands at 0 to 9 and no further.
    const uneven = parse('(shuffle right 100 cm | shuffle right 50 cm 2)');
    const plain = parse('shuffle right 100 cm');
    const floor = room('room 20 × 3 m');
    expect(fitOnFloor(uneven, square, floor).repetitions).toBe(fitOnFloor(plain, square, floor).repetitions);
    expect(fitOnFloor(plain, square, floor).repetitions).toBe(9);
  });

  it('counts the repetitions that stay; to and fro stays for good', () => {
    const sideways = parse('shuffle right 40 cm');
    const { repetitions, alternating } = fitOnFloor(sideways, square, room('room 3 × 3 m'));
    // Half the stance and half a foot beyond the origin leave 1.5 − 0.264 − … m: two shuffles of 0.4 m, not three.
    expect([repetitions, alternating]).toEqual([2, null]);
    expect(fitOnFloor(sideways, square, room('room 1 × 1 m')).scale).not.toBeNull();
  });
});

describe('what if', () => {
  it('second foot 2 in too far on each retreat: the stance is 12 in shorter at the sixth (common practice, no source)', () => {
    const { simulation } = whatIf(parse('retreat 8 in rear foot first'), guard, { ...NO_ERRORS, secondFoot: 2 * 0.0254 }, 6);
    const length = (feet: typeof simulation.start.feet): number => sizeOf(feet, 0).leftAhead;
    expect(length(simulation.start.feet) - length(simulation.end.feet)).toBeCloseTo(12 * 0.0254, 9);
  });

  it('a turn 10° short ends short and keeps the stance; a swing 10° short ends full and does not', () => {
    const turn = whatIf(parse('quarter right'), guard, { ...NO_ERRORS, turnShort: 10 }, 1).simulation;
    expect([turn.end.heading, Math.round(sizeOf(turn.end.feet, 80).leftAhead * 1e6)]).toEqual([
      80,
      Math.round(sizeOf(turn.start.feet, 0).leftAhead * 1e6),
    ]);
    const swing = whatIf(parse('quarter right'), guard, { ...NO_ERRORS, swingShort: 10 }, 1).simulation;
    expect(swing.end.heading).toBe(90);
    expect(sizeOf(swing.end.feet, 90).width).not.toBeCloseTo(sizeOf(swing.start.feet, 0).width, 2);
  });

  it('forward strides longer than backward: the drift is what is too much, n times', () => {
    const seen = whatIf(parse('advance 20 cm, retreat 20 cm'), guard, { ...NO_ERRORS, ahead: 1.1 }, 10);
    expect([seen.once.ahead, seen.after.ahead].map((m) => Math.round(m * 1e4))).toEqual([200, 2000]);
    expect(seen.closesAfter).toBe(1);
  });

  it('without errors nothing changes; the stance is lost when the errors have eaten its tolerance', () => {
    holds(
      fc.property(anyPerformer, fc.integer({ min: 1, max: 6 }), (p, n) => {
        const text = 'advance 20 cm, shuffle left 30 cm, pivot lead foot right 30°';
        expect(whatIf(parse(text), p, NO_ERRORS, n).simulation.end).toEqual(simulate(repeated(parse(text), n), p).end);
      }),
      Math.ceil(CASES / 5),
    );
    const { lostAfter } = whatIf(parse('shuffle right 30 cm'), square, { ...NO_ERRORS, secondFoot: -0.04 }, 10);
    // The stance widens 4 cm a step; 15 % of 0.528 m is 7.9 cm: lost at the second.
    expect(lostAfter).toBe(2);
  });

  it('one side slower takes longer to that side only', () => {
    const seconds = (text: string): number =>
      whatIf(parse(text), square, { ...NO_ERRORS, slower: { side: 'left', factor: 1.5 } }, 1).simulation.seconds;
    expect([seconds('shuffle left'), seconds('shuffle right')].map((s) => Math.round(s * 100))).toEqual([66, 44]);
  });

  it('of branches of unequal length it does the same one again, the one that is said', () => {
    const line = parse('(quarter right | pivot lead foot right 45° 2)');
    // Either is a quarter: four close it.
    for (const choices of [[0], [1]])
      expect(whatIf(line, guard, NO_ERRORS, 12, { choices }).closesAfter)
        .withContext(choices.join())
        .toBe(4);
    expect(whatIf(line, guard, NO_ERRORS, 12).closesAfter).toBe(4);
    expect(
      whatIf(parse('(split | advance 20 cm)'), guard, NO_ERRORS, 3, { choices: [1] }).simulation.moves.map((move) => move.step.act.word),
    ).toEqual(['advance', 'advance', 'advance']);
  });

  it('says what would be found with the errors and not without them', () => {
    const found = (text: string, errors: Partial<StepErrors>): readonly string[] =>
      whatIf(parse(text), square, { ...NO_ERRORS, ...errors }, 1).findings.map(({ code }) => code);
    expect(found('split, shuffle right 40 cm', {})).toEqual([]);
    expect(found('ball hit at 0.15 s, split', { noSplit: true })).toEqual(['no-split']);
    expect(found('ball hit at 0.15 s, split', { splitLate: 0.12 })).toEqual(['split-late']);
    expect(found('lunge ahead + hit 80 ms after landing', { landLate: 0.15 })).toEqual(['strike-early']);
    expect(found('shuffle right 40 cm left foot first', { secondFoot: 0 })).toEqual([]);
    expect(found('jump back 40 cm', { toeOut: 0 })).toEqual([]);
    expect(found('jump back 40 cm', { toeOut: 3 })).toEqual(['square-to-net']);
    expect(found('shuffle right 40 cm', { wrongFirst: true })).toContain('wrong-foot');
    expect(found('shuffle right 40 cm left foot first', { wrongFirst: true })).toEqual([]);
    const one = performer(1.7, 'staggered-striking', 'left');
    expect(
      whatIf(parse('advance 20 cm, retreat 20 cm'), one, { ...NO_ERRORS, stepMore: true }, 1, { sport: 'boxing' }).findings.map(
        ({ fault }) => fault,
      ),
    ).toContain('backpedals');
    // Only the last of a row comes once more; one who aims is there already.
    const moved = (text: string, errors: Partial<StepErrors>): number =>
      whatIf(parse(text), square, { ...NO_ERRORS, ...errors }, 1).simulation.moves.length;
    expect([moved('shuffle right 40 cm 3', { stepMore: true }), moved('shuffle right 40 cm, shuffle home', { stepMore: true })]).toEqual([
      4, 3,
    ]);
    // Only the way back is shorter, and only behind a stroke.
    const ends = (text: string): number => originOf(whatIf(parse(text), square, { ...NO_ERRORS, homeward: 0.5 }, 1).simulation.end.feet).x;
    expect(ends('split, shuffle right 40 cm, hit, shuffle left 40 cm')).toBeCloseTo(0.2, 9);
    expect(ends('split, shuffle right 40 cm, shuffle left 40 cm')).toBeCloseTo(0, 9);
    // Only the steps back are shorter.
    const { end } = whatIf(parse('retreat 40 cm, advance 40 cm'), guard, { ...NO_ERRORS, back: 0.5 }, 1).simulation;
    expect(originOf(end.feet).y).toBeCloseTo(0.2, 9);
  });

  it('begins with what the athlete is known for', () => {
    expect(errorsFrom(['turns short']).turnShort).toBe(15);
    expect(errorsFrom([])).toEqual(NO_ERRORS);
  });
});

describe('comparison and tempo', () => {
  it('says what changed between two versions, step by step and in numbers', () => {
    const seen = compare(
      study('split, shuffle right 40 cm, lunge ahead', square, false),
      study('split, shuffle right 50 cm, lunge ahead', square, false),
    );
    expect(seen.steps).toEqual([
      { side: 'a', text: 'shuffle right 40 cm' },
      { side: 'b', text: 'shuffle right 50 cm' },
    ]);
    expect(seen.lines.filter((line) => line.changed).map((line) => line.what)).toContain('net-right');
    // The longer step takes longer, unless the tempo is flat.
    expect(seen.lines.find((line) => line.what === 'time')?.changed).toBeTrue();
    const flat = (text: string): Study => study(`tempo flat, ${text}`, square, false);
    const timed = compare(flat('split, shuffle right 40 cm'), flat('split, shuffle right 50 cm')).lines.find(({ what }) => what === 'time');
    expect(timed?.changed).toBeFalse();
  });

  it('a round of 30 s holds 13 repetitions of 2.28 s (the worked evening), with 0.36 s left', () => {
    const evening =
      'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';
    const tempo = tempoOf(simulate(parse(evening), square), 30);
    expect(tempo.whole).toBe(13);
    expect(tempo.left).toBeCloseTo(0.36, 9);
    expect(tempo.beats).toBeCloseTo((60 * 8) / 2.28, 9);
    expect(tempo.factorFor(10) * 10 * tempo.repetition).toBeCloseTo(30, 9);
  });
});

describe('the four operations', () => {
  const written: Written = {
    text: 'shuffle right 40 cm, lunge ahead left left foot, pivot lead foot -30°',
    hand: 'right',
    lead: 'left',
    area: 'squash at 0.4, -1 facing 30',
  };

  it('each is its own inverse', () => {
    holds(
      fc.property(fc.array(anyItem, { maxLength: 5 }), fc.constantFrom(...OPERATIONS), (items, operation) => {
        const one = { ...written, text: print(items) };
        expect(operate(operation, operate(operation, one))).toEqual(one);
      }),
    );
  });

  it('do what their names say', () => {
    const all = 'shuffle left 40 cm, lunge ahead right right foot, pivot lead foot 30°';
    expect(operate('mirror all', written)).toEqual({ text: all, hand: 'left', lead: 'right', area: 'squash at -0.4, -1 facing -30' });
    expect(operate('other hand', written)).toEqual({ text: all, hand: 'left', lead: 'right', area: written.area });
    expect(operate('other lead', written)).toEqual({ text: all, hand: 'right', lead: 'right', area: written.area });
    expect(operate('other side', written)).toEqual({
      ...written,
      text: 'shuffle left 40 cm, lunge ahead right left foot, pivot lead foot 30°',
    });
    expect([keepsNamedFoot(written.text), keepsNamedFoot('lunge left lead foot')]).toEqual([true, false]);
  });
});

describe('growth', () => {
  it('a child’s new height changes every number of the stance in proportion', () => {
    const [small, grown] = [1.3, 1.43].map((height) => performer(height));
    expect(bodyOf({ height: 1.3 }).shoulder.origin).toBe('rough');
    const width = (who: typeof small): number => simulate(parse('split'), who ?? square).target.width;
    expect(width(grown) / width(small)).toBeCloseTo(1.1, 9);
  });
});
