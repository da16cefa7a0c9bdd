import fc from 'fast-check';
import { originOf } from '../body/stance.js';
import { distance, turned } from '../body/vec.js';
import { mirrorText } from '../language/mirror.js';
import { parse } from '../language/parse.js';
import { printPattern } from '../language/print.js';
import { feetAt } from '../motion/motion.js';
import { equipped } from '../motion/implement.js';
import { simulate, type SimulateOptions } from '../motion/simulate.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { facingOf, whereIs } from '../motion/things.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { namedAlternatives } from '../plan/calls/named.js';
import { partnerFeet } from './partner-feet.js';
import { exchangesOf, lungeTouchOf, touchOf } from '../judge/exchange.js';
import { study } from '../judge/study.js';

const guard = performer(1.7, 'staggered-striking', 'left');
const of = (line: string, who: Performer = guard): Simulation => simulate(parse(line), who);
const partnerOf = (sim: Simulation) => {
  const [partner] = sim.things;
  if (!partner?.doing) throw new Error('Nobody stands opposite.');
  return { ...partner, doing: partner.doing };
};
/** The gap at a moment, worked out from marks alone. */
function gapAt(sim: Simulation, t: number): number {
  const partner = partnerOf(sim);
  const [me, them] = [originOf(feetAt(sim, t)), originOf(feetAt(partner.doing, t))];
  const there = turned(them, partner.facing);
  return Math.hypot(me.x - partner.at.x - there.x, me.y - partner.at.y - there.y);
}
const codes = (line: string): string[] => study(line, guard, false).findings.map(({ code, level }) => `${level} ${code}`);

describe('a partner with a body of their own', () => {
  const said =
    'partner at 1.4 m ahead tall 1.9 m stance "mixed-45" right foot leading left-handed reach 95 cm follows keep 1.6 m within 10 cm reaction 0.3 s';

  it('is read in coaches’ order and printed in one', () => {
    const typed = 'partner at 1.4 m, 1.9 m tall, in'.replace(', in', '').replace('m,', 'm ahead');
    expect(
      printPattern(parse(`${typed} right foot leading left-handed stance "mixed-45" reach 95 cm keeps 1.6 m ± 10 cm reaction 0.3 s`)),
    ).toBe(said);
    expect(parse(said).errors).toEqual([]);
    // Who plays with the other hand has the other one opposite; a line for the other lead the other lead.
    expect(mirrorText(said)).toContain('left foot leading right-handed');
    expect(mirrorText(said, 'lead')).toContain('left foot leading left-handed');
    expect(mirrorText(said, 'directions')).toBe(said);
    for (const wrong of ['cone at 1 m right tall 1 m', 'partner follows doing (advance)', 'partner reaction 90 s', 'advance follows'])
      expect(parse(wrong).errors.length).withContext(wrong).toBe(1);
  });

  it('stands in their own stance, on the lead they have, and is the athlete’s like where nothing is said', () => {
    const { doing } = partnerOf(of(`${said}\nhold 1 s`));
    expect([doing.performer.body.height.metres, doing.performer.school.code, doing.performer.lead, doing.performer.playing]).toEqual([
      1.9,
      'mixed-45',
      'right',
      'left',
    ]);
    expect(partnerOf(of('partner at 1.4 m ahead follows\nhold 1 s')).doing.performer).toEqual(guard);
    // Like leads face each other cross-wise: both lead feet lie on the athlete's left and on the partner's left.
    const [left, right] = partnerFeet(of('partner at 2 m ahead\nhold 1 s'), 0);
    const middle = (outline: readonly { x: number }[] = []): number => outline.reduce((sum, { x }) => sum + x, 0) / outline.length;
    expect(middle(left?.outline)).toBeGreaterThan(middle(right?.outline));
  });
});

describe('a partner who follows', () => {
  it('brings the distance back to what is kept, within what is let go and one step, wherever the athlete goes', () => {
    const goes = fc.constantFrom(
      'advance 30 cm',
      'retreat 30 cm',
      'shuffle right 40 cm',
      'shuffle left 20 cm',
      'hold 0.5 s',
      'orbit right 20°',
    );
    holds(
      fc.property(fc.array(goes, { minLength: 1, maxLength: 6 }), fc.integer({ min: 120, max: 200 }), (steps, keep) => {
        const sim = of(`partner at ${keep} cm ahead follows keep ${keep} cm within 15 cm\n${steps.join(', ')}, hold 4 s`);
        expect(Math.abs(gapAt(sim, sim.seconds) - keep / 100))
          .withContext(steps.join())
          .toBeLessThanOrEqual(0.15 + 1e-9);
        // Facing whom they follow, and on one clock with them.
        const from = originOf(sim.end.feet);
        const there = whereIs(partnerOf(sim), sim.seconds);
        const seen = (Math.atan2(from.x - there.x, from.y - there.y) * 180) / Math.PI - facingOf(partnerOf(sim), sim.seconds);
        expect(Math.cos((seen * Math.PI) / 180)).toBeGreaterThan(Math.cos((16 * Math.PI) / 180));
        expect(partnerOf(sim).doing.seconds).toBeGreaterThanOrEqual(sim.seconds - 1e-9);
      }),
      100,
    );
  });

  it('sees what is done after their reaction, and not before', () => {
    const first = (reaction: number): number =>
      partnerOf(of(`partner at 1.4 m ahead follows within 5 cm reaction ${reaction} s\nadvance 40 cm in 0.4 s, hold 2 s`)).doing.moves.find(
        ({ step }) => step.act.word === 'shuffle',
      )?.start ?? NaN;
    // 5 cm of the first foot's 40 are halfway the body's way: seen at the same moment of it, so much later.
    expect(first(0.5) - first(0.2)).toBeCloseTo(0.3, 1);
    expect(first(0.2)).toBeGreaterThan(0.2);
  });

  it('goes on whatever is asked, within what is simulated', () => {
    const many = of(`${'partner at 1 m ahead follows within 1 cm\n'.repeat(6)}(advance 40 cm, retreat 40 cm) 200`);
    const moves = many.things.flatMap(({ doing }) => doing?.moves ?? []);
    expect(moves.length).toBeLessThanOrEqual(600);
    expect(moves.every(({ end }) => Number.isFinite(end))).toBeTrue();
    expect(many.problems.some(({ code }) => code === 'too-many')).toBeTrue();
  });
});

describe('an athlete who keeps their distance to a partner', () => {
  const codesOf = (sim: Simulation): string[] => sim.problems.map(({ code }) => code);

  it('is read as a step, however it is said, and printed in one way', () => {
    for (const said of ['keep 1.4 m ± 20 cm for 10 s', 'keep the distance 1.4 m within 20 cm 10 s', 'follow 1.4 m 10 s ± 20 cm'])
      expect(printPattern(parse(said)))
        .withContext(said)
        .toBe('keep 1.4 m 10 s within 20 cm');
    expect(printPattern(parse('keep reaction 0.3 s'))).toBe('keep reaction 0.3 s');
    // What is said of a distance is said of nothing else, and a distance is nobody's step: a larger step keeps it.
    for (const wrong of ['advance ± 20 cm', 'advance reaction 0.3 s', 'keep 1.4 m left', 'keep 1.4 m 700 s'])
      expect(parse(wrong).errors.length).withContext(wrong).toBe(1);
    const [part] = of('partner at 2 m ahead\na = (keep 1.6 m for 3 s), a 1.2×').moves.slice(-1);
    const [plain] = of('partner at 2 m ahead\nkeep 1.6 m for 3 s').moves.slice(-1);
    expect(part?.after).toEqual(plain?.after);
  });

  it('brings it back to what is kept, within what is let go and one step, whatever the partner does', () => {
    const goes = fc.constantFrom('advance 30 cm', 'retreat 30 cm', 'shuffle right 40 cm', 'cut left 40 cm', 'hold 0.5 s');
    holds(
      fc.property(fc.array(goes, { minLength: 1, maxLength: 6 }), fc.integer({ min: 120, max: 200 }), (steps, keep) => {
        const sim = of(`partner at ${keep} cm ahead doing (${steps.join(', ')})\nkeep ${keep} cm ± 15 cm for 9 s`);
        expect(Math.abs(gapAt(sim, sim.seconds) - keep / 100))
          .withContext(steps.join())
          .toBeLessThanOrEqual(0.15 + 1e-9);
        expect(sim.seconds).toBeGreaterThanOrEqual(9 - 1e-9);
        expect(codesOf(sim)).toEqual([]);
      }),
      100,
    );
  });

  it('keeps what there is where none is said, sees it after the reaction, and goes on with the line', () => {
    const first = (reaction: number): number | undefined =>
      of(`partner at 1.4 m ahead doing (retreat 40 cm in 0.4 s)\nkeep ± 5 cm for 2 s reaction ${reaction} s`).moves.find(
        ({ step }) => step.act.word === 'shuffle',
      )?.start;
    expect((first(0.5) ?? NaN) - (first(0.2) ?? NaN)).toBeCloseTo(0.3, 1);
    const words = of('partner at 1.4 m ahead doing (retreat 40 cm)\nkeep ± 5 cm for 2 s + "jab" on landing, lunge').moves.map(
      ({ step }) => step.act.word,
    );
    expect(words[0]).toBe('hold');
    expect(words).toContain('shuffle');
    expect(words.at(-1)).toBe('lunge');
  });

  it('has nobody to keep it to, or somebody who keeps it too: it says so, and stands for as long', () => {
    const alone = of('keep 1.4 m for 3 s, advance 20 cm');
    expect([codesOf(alone), alone.moves[0]?.end]).toEqual([['nobody-there'], 3]);
    const both = of('partner at 1.4 m ahead follows\nkeep 1.4 m for 3 s');
    expect([codesOf(both), both.seconds]).toEqual([['both-follow'], 3]);
  });
});

describe('who could touch whom', () => {
  it('follows from how far a hand comes: 0.45 of the height and half a body (common practice, no source), worked out by hand', () => {
    // 0.45 × 1.70 + 0.15 = 0.915 m; 0.45 × 1.90 + 0.15 = 1.005 m.
    expect(touchOf(guard)).toBeCloseTo(0.915, 9);
    expect(lungeTouchOf(guard)).toBeCloseTo(0.915 + 0.9 * 0.53 * 1.7, 9);
    const at = (line: string) =>
      exchangesOf(of(line), 0.5).map(({ gap, reaches }) => [Math.round(gap * 1000) / 1000, reaches.mine, reaches.theirs]);
    expect(at('partner at 1.2 m ahead tall 1.9 m\nhold 0.5 s')[0]).toEqual([1.2, false, false]);
    expect(at('partner at 0.95 m ahead tall 1.9 m\nhold 0.5 s')[0]).toEqual([0.95, false, true]);
    expect(at('partner at 0.9 m ahead tall 1.9 m\nhold 0.5 s')[0]).toEqual([0.9, true, true]);
    expect(at('partner at 0.9 m ahead tall 1.9 m reach 60 cm\nhold 0.5 s')[0]).toEqual([0.9, true, false]);
    // Beside them they reach nobody, and who turns away reaches nobody either.
    const [, , , side] = exchangesOf(of('partner at 0.8 m ahead\norbit right 30° 3'), 0.44);
    expect([Math.round(side?.flank ?? 0), side?.reaches.mine, side?.reaches.theirs]).toEqual([-90, true, false]);
    expect(at('partner at 0.8 m ahead\npivot lead foot right 120°').at(-1)?.slice(1)).toEqual([false, true]);
  });

  it('reaches as far as what is held in the sport does, for both: 0.90 m of blade (value from memory), worked out by hand', () => {
    // 0.915 m as above, and 0.90 m.
    const fencer = equipped(performer(1.7, 'bladed-guard', 'right'), 'Fencing');
    expect(touchOf(fencer)).toBeCloseTo(1.815, 9);
    expect(partnerOf(of('partner at 2 m ahead follows\nhold 1 s', fencer)).reach).toBeCloseTo(0.45 * 1.7 + 0.9, 9);
    expect(partnerOf(of('partner at 2 m ahead reach 1.2 m follows\nhold 1 s', fencer)).reach).toBe(1.2);
    expect(equipped(guard, 'boxing')).toBe(guard);
    expect(equipped({ ...guard, holds: 0.2 }, 'fencing').holds).toBe(0.2);
    // A lunge on a stand-still opponent 2.6 m away is in time with a blade, and air without one.
    const line = 'partner at 2.6 m ahead doing (hold 1 s)\nlunge ahead 80 cm + "point" on landing, recover back';
    const found = (sport: string): string[] =>
      study(line, performer(1.7, 'bladed-guard', 'right'), false, { sport }).findings.flatMap(({ code, level }) =>
        level === 'note' ? [] : [code],
      );
    expect([found('fencing'), found('')]).toEqual([[], ['too-far']]);
    // Two bare hands' breadths are too near whatever is held.
    expect(
      study('partner at 0.4 m ahead doing (hold 1 s)\nhold 1 s', fencer, false, { sport: 'fencing' }).findings.map(({ code }) => code),
    ).toContain('too-close');
  });

  it('says who is in the middle of what cannot be taken back', () => {
    const committed = exchangesOf(of('partner at 2 m ahead doing (jump, hold 1 s)\nhold 0.6 s, lunge ahead in 0.5 s, hold 0.5 s'), 0.05);
    const at = (t: number) => committed.find((one) => Math.abs(one.t - t) < 1e-9)?.committed;
    expect([at(0.1), at(0.5), at(1.3)]).toEqual([
      { mine: false, theirs: true },
      { mine: false, theirs: false },
      { mine: true, theirs: false },
    ]);
  });

  it('judges what is struck from where it does not come, and nearness, by reach and not by where one began', () => {
    expect(codes('partner at 1.6 m ahead follows within 60 cm\n"jab", hold 0.5 s')).toContain('stop too-far');
    expect(codes('partner at 1 m ahead tall 1.8 m\n"jab"')).not.toContain('stop too-far');
    expect(codes('partner at 1.6 m ahead follows within 90 cm\nadvance 60 cm + "jab" on landing').filter((one) => /far/.test(one))).toEqual(
      [],
    );
    expect(codes('partner at 1.6 m ahead follows within 60 cm\n"slip", hold 0.5 s').filter((one) => /far/.test(one))).toEqual([]);
    expect(codes('partner at 1 m ahead doing (advance 80 cm)\nhold 2 s')).toContain('stop too-close');
  });

  it('a like and an unlike lead differ by where the lead feet stand, worked out from the stance', () => {
    // Lead feet half a stance's length ahead of the middle: between like leads across, between unlike ones toe to toe.
    const leads = (lead: string): number => {
      const sim = of(`partner at 1.5 m ahead ${lead} foot leading\nhold 0.1 s`);
      const { at, facing, doing } = partnerOf(sim);
      const own = doing.start.feet[doing.start.lead ?? 'left'];
      const there = turned(own, facing);
      return distance(sim.start.feet.left, { x: at.x + there.x, y: at.y + there.y });
    };
    const { width, length } = sim0();
    expect(leads('left')).toBeCloseTo(Math.hypot(width, 1.5 - length), 9);
    expect(leads('right')).toBeCloseTo(1.5 - length, 9);
    function sim0(): { width: number; length: number } {
      const { target } = of('hold 0.1 s');
      return target;
    }
  });
});

describe('a partner who does what goes with what is called', () => {
  const LINE =
    'partner at 2 m ahead doing (hold 0.6 s, (stopped: hold 1 s | coming: advance 30 cm 2))\nadvance 20 cm, retreat 20 cm, (stopped: cut right 30 cm | coming: side step and turn right 40 cm)';
  const wordsOf = (text: string, options: SimulateOptions = {}): { mine: string[]; theirs: string[]; taken: (string | null)[] } => {
    const sim = simulate(parse(text), guard, options);
    const words = (moves: Simulation['moves']): string[] => moves.map(({ step }) => step.act.word);
    return { mine: words(sim.moves), theirs: words(partnerOf(sim).doing.moves), taken: sim.choices.map(({ name }) => name) };
  };

  it('takes the branch that is called the same, whichever is drawn or asked for', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const { mine, theirs, taken } = wordsOf(LINE, { seed });
      expect(theirs.includes('advance'))
        .withContext(String(seed))
        .toBe(taken[0] === 'coming');
      expect(mine.includes('cut')).toBe(taken[0] === 'stopped');
    }
    expect(wordsOf(LINE, { choices: [1] }).theirs).toEqual(['hold', 'advance', 'advance']);
    expect(wordsOf(LINE, { choices: [0] }).theirs).toEqual(['hold', 'hold']);
  });

  it('one after the other, by name and not by place; what is called otherwise is drawn', () => {
    const twice = `partner at 3 m ahead doing ((b: retreat | a: advance), (b: retreat | a: advance))\n(a: split | b: hold 0.5 s) 2`;
    expect(wordsOf(twice, { choices: [0, 1] }).theirs).toEqual(['advance', 'retreat']);
    expect(wordsOf(twice, { choices: [1, 1] }).theirs).toEqual(['retreat', 'retreat']);
    const other = 'partner at 3 m ahead doing ((x: retreat | y: advance))\n(a: split | b: hold 0.5 s)';
    const drawn = Array.from({ length: 30 }, (_, seed) => wordsOf(other, { seed: seed + 1, choices: [0] }).theirs[0]);
    expect(new Set(drawn)).toEqual(new Set(['retreat', 'advance']));
  });

  it('is called with its own half of the line; one that was saved with the first engine draws as it did', () => {
    expect(namedAlternatives(parse(LINE)).map(({ name, steps }) => [name, steps])).toEqual([
      ['stopped', 'partner at 2 m ahead doing (hold 0.6 s, hold 1 s)\nadvance 20 cm, retreat 20 cm, cut right 30 cm'],
      [
        'coming',
        'partner at 2 m ahead doing (hold 0.6 s, advance 30 cm 2 times)\nadvance 20 cm, retreat 20 cm, side step and turn right 40 cm',
      ],
    ]);
    const first = Array.from({ length: 30 }, (_, seed) =>
      wordsOf(`engine 1\n${LINE}`, { seed: seed + 1, choices: [0] }).theirs.includes('advance'),
    );
    expect(new Set(first).size).toBe(2);
  });
});
