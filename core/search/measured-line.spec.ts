import fc from 'fast-check';
import { turned } from '../body/vec.js';
import { againstPlan, plannedFeet } from '../film/against-plan.js';
import type { Stood } from '../film/foot.js';
import { parse } from '../language/parse.js';
import { simulate } from '../motion/simulate.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { holds } from '../testing/holds.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { measuredLine, type MeasuredLine } from './measured-line.js';

const done = (line: string, who: Performer): Simulation => simulate(parse(line), who);
/** A film of somebody who does one line, laid under another. */
function filmed(plan: string, as: string, who: Performer, within = 0.01): MeasuredLine {
  const feet = plannedFeet(done(as, who)).map(({ foot, at }, frame): Stood => {
    const on = turned(at, 70);
    return { foot, frame, place: { at: { x: on.x + 2, y: on.y - 1 }, ellipse: { xx: 1e-4, xy: 0, yy: 1e-4 }, within }, toe: null };
  });
  const sim = done(plan, who);
  const found = againstPlan(sim, feet);
  if (!found) throw new Error('it does not go together');
  return measuredLine(parse(plan), sim, who, found);
}

describe('a line as a film has it', () => {
  it('is the plan where it was done as planned, written out, with its hits and its tempo', () => {
    const plan = 'tempo flat\n2x (split + ball hit 20 ms before landing, shuffle right 50 cm, shuffle left 50 cm)';
    const { text, left } = filmed(plan, plan, performer());
    expect(left).toBe(0);
    expect(text).toBe(
      'tempo flat\nsplit + ball hit 20 ms before landing, shuffle right 50 cm, shuffle left 50 cm, ' +
        'split + ball hit 20 ms before landing, shuffle right 50 cm, shuffle left 50 cm',
    );
  });

  it('brings a foot where the film has it, whoever does it', () => {
    const size = fc.integer({ min: 40, max: 75 });
    holds(
      fc.property(anyPerformer, size, (who, cm) => {
        const line = (lunge: number): string => `split, shuffle right 40 cm, shuffle left 40 cm, lunge ahead ${lunge} cm, recover`;
        const { text } = filmed(line(90), line(cm), who);
        const lunged = (of: string) => done(of, who).moves.find(({ step }) => step.act.word === 'lunge')?.after.feet;
        const [is, was] = [lunged(text), lunged(line(cm))];
        for (const foot of ['left', 'right'] as const)
          expect(Math.hypot((is?.[foot].x ?? 9) - (was?.[foot].x ?? 0), (is?.[foot].y ?? 9) - (was?.[foot].y ?? 0))).toBeLessThan(0.05);
      }),
    );
  });

  it('stays as planned where the film cannot tell', () => {
    const { text } = filmed('shuffle ahead 60 cm, shuffle back 60 cm', 'shuffle ahead 65 cm, shuffle back 65 cm', performer(), 0.2);
    expect(text).toBe('shuffle ahead 60 cm, shuffle back 60 cm');
  });

  it('says how far and which way somebody went who was to go to a thing', () => {
    const to = (ahead: string): string => `cone "A" at 50 cm right ${ahead} ahead\nlunge to cone "A", recover`;
    const { text, left } = filmed(to('1 m'), to('70 cm'), performer());
    expect(left).toBe(0);
    const [is, was] = [text, to('70 cm')].map((line) => done(line, performer()).moves[0]?.after.feet.right);
    expect(Math.hypot((is?.x ?? 9) - (was?.x ?? 0), (is?.y ?? 9) - (was?.y ?? 0))).toBeLessThan(0.05);
  });

  it('says how many feet were off in moves that take no size or direction', () => {
    const line = 'split, shuffle right 40 cm, stamp, shuffle left 40 cm';
    const sim = done(line, performer());
    const feet = plannedFeet(sim).map(({ foot, at, move }, frame): Stood => {
      const place = { x: at.x, y: at.y + (move === 2 ? 0.2 : 0) };
      return { foot, frame, place: { at: place, ellipse: { xx: 1e-4, xy: 0, yy: 1e-4 }, within: 0.01 }, toe: null };
    });
    const found = againstPlan(sim, feet);
    expect(found && measuredLine(parse(line), sim, performer(), found)).toEqual({ text: line, left: 1 });
  });
});
