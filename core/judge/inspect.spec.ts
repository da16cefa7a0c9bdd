import { feetAt } from '../motion/motion.js';
import { MOST_MOVES } from '../motion/simulate.js';
import { performer } from '../testing/performers.js';
import { timeToAnswer } from './answer.js';
import { levelOf } from './finding.js';
import type { FindingMessages } from './messages.js';
import { sharesOf, stateBetween } from './state.js';
import { study } from './study.js';

const codes = (text: string, school = 'square-ready', close = false): string[] =>
  study(text, performer(1.7, school, 'left'), close).findings.map((finding) => finding.code);

describe('what goes wrong', () => {
  it('nearest foot first is clean, the wrong foot first by more than the base crosses (common practice, no source)', () => {
    expect(codes('shuffle right 40 cm')).toEqual([]);
    expect(codes('shuffle right 80 cm left foot first')).toContain('crossed');
    expect(codes('shuffle right 40 cm left foot first')).toContain('narrow');
  });

  it('a lead foot that falls behind is passed, unless a lunge means it', () => {
    expect(codes('advance 90 cm rear foot first', 'mixed-45')).toContain('passed');
    expect(codes('lunge ahead 90 cm rear foot, recover back', 'mixed-45')).not.toContain('passed');
  });

  it('a stance that ends too wide or long is named once, at the step that made it', () => {
    const found = study('lunge ahead 60 cm, advance 20 cm, advance 20 cm', performer(1.7), false).findings;
    expect(found.filter((finding) => finding.code === 'wide').length).toBe(0);
    const closed = study('split, shuffle right 40 cm', performer(1.7), true).findings;
    expect(closed.map((finding) => finding.code)).toEqual(['not-closed']);
    const { right, ahead, turned } = closed[0]?.values as FindingMessages['not-closed'];
    expect([right, ahead, turned].map((n) => Math.round(n * 1000) / 1000 + 0)).toEqual([0.4, 0, 0]);
    expect(closed[0]?.fault).toBe('recovery-place');
  });

  it('a hit outside its window against the landing is early or late; met exactly it is inside', () => {
    expect(codes('lunge + hit 20 ms after landing, recover back')).toEqual([]);
    expect(codes('lunge + hit 200 ms after landing, recover back')).toEqual([]);
    expect(codes('lunge + hit 60 ms before landing, recover back')).toEqual(['strike-early']);
    expect(codes('lunge + hit 400 ms after landing, recover back')).toEqual(['strike-late']);
  });

  it('says where it could not do as written', () => {
    expect(codes('split, recover back')).toEqual(['nothing-to-recover']);
    expect(codes('lunge ahead 3 m, recover back')).toContain('stride');
    const twice = study('lunge ahead 100 cm right foot 2, recover back', performer(1.7), false).findings.find(
      (finding) => finding.code === 'stride',
    );
    // Two legs of 0.530 × 1.7 m reach 1.80 m; 2 m ahead and 0.53 m across are 2.07 m.
    const { of, metres, most } = twice?.values as FindingMessages['stride'];
    expect([of, metres.toFixed(2), most.toFixed(2)]).toEqual(['stand', '2.07', '1.80']);
    const endless = study('(((split) 1000) 1000) 1000', performer(1.7), false);
    expect(endless.simulation.moves.length).toBe(MOST_MOVES);
    expect(endless.findings.map((finding) => finding.code)).toEqual(['too-many']);
  });

  it('grades by tolerances beyond the limit', () => {
    expect([0.5, 1, 1.5, 2, 2.1].map((x) => levelOf(x, 1))).toEqual(['note', 'note', 'beware', 'beware', 'stop']);
  });
});

describe('states and time to answer', () => {
  it('cover the whole pattern without gaps, shares adding to one', () => {
    const seen = study('split, shuffle left 30 cm, hold 0.5 s, lunge right, recover back', performer(1.8), true);
    let at = 0;
    for (const span of seen.states) {
      expect(span.from).toBeCloseTo(at, 6);
      at = span.to;
    }
    expect(at).toBeCloseTo(seen.totals.seconds, 6);
    const { stopSafe, ...shares } = seen.shares;
    expect(Object.values(shares).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    expect(seen.shares.airborne).toBeCloseTo(0.15 / seen.totals.seconds, 6);
    expect(seen.shares.ready).toBeCloseTo(0.5 / seen.totals.seconds, 6);
    expect(stopSafe).toBeGreaterThan(0.8);
    expect(sharesOf([])).toEqual(jasmine.objectContaining({ ready: 0, stopSafe: 0 }));
  });

  it('the instant after a lunge is wide, after the recovery ready', () => {
    const { simulation } = study('tempo flat, lunge ahead 90 cm, recover back', performer(1.7), true);
    expect(stateBetween(simulation, 1)).toBe('wide');
    expect(stateBetween(simulation, 2)).toBe('ready');
    expect(timeToAnswer(simulation, 0)).toBe(0);
    expect(timeToAnswer(simulation, 0.25)).toBeCloseTo(0.8, 9);
  });

  it('a pattern that ends in a lunge is never ready again', () => {
    const seen = study('split, lunge ahead 90 cm', performer(1.7), false);
    expect(seen.answer.worst).toBeNull();
    expect(timeToAnswer(seen.simulation, 0.6)).toBeNull();
    expect(study('', performer(1.7), true).answer.worst).toBe(0);
  });

  it('the mean wait agrees with waiting at many moments', () => {
    const seen = study('split, shuffle right 40 cm, lunge ahead 90 cm, recover back', performer(1.7), false);
    let sum = 0;
    const samples = 400;
    for (let i = 0; i < samples; i++) sum += timeToAnswer(seen.simulation, (seen.totals.seconds * (i + 0.5)) / samples) ?? NaN;
    expect(seen.answer.mean).toBeCloseTo(sum / samples, 2);
  });

  it('shows feet in the air while they step, on a circle while they pivot', () => {
    const { simulation } = study('tempo flat, shuffle right 40 cm, pivot left foot right 90°', performer(1.7), false);
    expect(feetAt(simulation, 0.11).right.inAir).toBeTrue();
    expect(feetAt(simulation, 0.11).left.inAir).toBeFalse();
    const half = feetAt(simulation, 0.44 + 0.2);
    expect(half.heading).toBeCloseTo(45, 6);
    expect(Math.hypot(half.right.x - half.left.x, half.right.y - half.left.y)).toBeCloseTo(simulation.target.width, 9);
  });

  it('split, approach, lunge, recover and home of an adult takes 2–3 s (common practice, no source)', () => {
    const { totals } = study('split, shuffle right, lunge right, recover back, shuffle left', performer(1.75), true);
    expect(totals.seconds).toBeGreaterThanOrEqual(2);
    expect(totals.seconds).toBeLessThanOrEqual(3);
  });
});
