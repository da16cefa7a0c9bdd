import fc from 'fast-check';
import { NOTATION_LIMITS } from '../language/limits.js';
import { parse } from '../language/parse.js';
import { print } from '../language/print.js';
import { MOST, MOST_MOVES, simulate } from '../motion/simulate.js';
import { heavyLines } from '../language/heavy.js';
import { holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { onceForAlike } from './alike.js';
import { placingFrom } from './area-text.js';
import { baseFindings } from './base-findings.js';
import { MOST_FINDINGS } from './finding.js';
import { statesOf } from './state.js';
import { study, type Study } from './study.js';

const anyText = fc.array(anyItem, { minLength: 1, maxLength: 4 }).map((items) => print(items));
const placing = placingFrom('room 4 × 4 m');
const of = (line: string): Study => study(line, performer(1.75), true, placing ? { placing } : {});

describe('what a line may cost', () => {
  for (const [kind, line] of heavyLines())
    it(`is bounded: ${kind}`, () => {
      const { simulation: sim, findings, errors } = of(line);
      expect(sim.moves.length).toBeLessThanOrEqual(MOST_MOVES);
      expect(sim.hands.length).toBeLessThanOrEqual(MOST.hits);
      expect(sim.events.length).toBeLessThanOrEqual(MOST.events);
      expect(sim.things.length).toBeLessThanOrEqual(MOST.things);
      const partners = sim.things.flatMap(({ doing }) => doing ?? []);
      expect(partners.length).toBeLessThanOrEqual(MOST.partners);
      expect(partners.reduce((sum, { moves }) => sum + moves.length, 0)).toBeLessThanOrEqual(MOST_MOVES);
      // And one that says that there are more.
      expect(findings.length).toBeLessThanOrEqual(MOST_FINDINGS + 1);
      expect(errors.length).toBeLessThanOrEqual(NOTATION_LIMITS.errors);
      const said = findings.flatMap((one) => (one.code === 'too-many' ? [one.values.counted] : []));
      expect(new Set(said).size).toBe(said.length);
    });

  it('is said, once of each kind, and never cut in silence', () => {
    const said = (line: string): string[] =>
      of(line).findings.flatMap((one) => (one.code === 'too-many' ? [`${one.values.counted} ${one.values.most}`] : []));
    expect(said('((split 1000) 1000) 1000')).toEqual([`moves ${MOST_MOVES}`]);
    expect(said(Array.from({ length: MOST.things }, () => 'line').join(', '))).toEqual([]);
    expect(said(Array.from({ length: MOST.things + 1 }, () => 'line').join(', '))).toEqual([`things ${MOST.things}`]);
    const partner = 'partner doing (advance 1 cm)';
    expect(said(Array.from({ length: MOST.partners }, () => partner).join(', '))).toEqual([]);
    expect(said(Array.from({ length: MOST.partners + 1 }, () => partner).join(', '))).toEqual([`partners ${MOST.partners}`]);
    expect(said('partner doing (advance 1 cm 1000, retreat 1 cm)')).toEqual([`moves ${MOST_MOVES}`]);
    expect(said(`(split${' + hit'.repeat(200)}) 10`)).toEqual([]);
    expect(said(`(split${' + hit'.repeat(201)}) 10`)).toEqual([`hits ${MOST.hits}`]);
    expect(said(`(split${' + hit'.repeat(200)}) 10, hit`)).toEqual([`hits ${MOST.hits}`]);
    expect(said('(ball released) 1000')).toEqual([]);
    expect(said('(ball released) 1000, ball released')).toEqual([`events ${MOST.events}`]);
    expect(said('ball released every 1 s, hold 600 s 2')).toEqual([`events ${MOST.events}`]);
    expect(said('((call |) 1000) 1000')).toEqual([`events ${MOST.events}`, 'brackets 20000']);
    expect(said('(shuffle right 10 m) 600')).toEqual([`findings ${MOST_FINDINGS}`]);
  });

  it('keeps the gravest findings of too many', () => {
    const { findings } = of('(lunge ahead 60 cm, recover back) 20, ball hit every 0.1 s, hold 100 s, lunge ahead 3 m');
    expect(findings.filter(({ code }) => code === 'no-split').length).toBeGreaterThan(400);
    expect(findings.map(({ code }) => code)).toContain('stride');
  });
});

describe('moves that are alike', () => {
  it('are looked at once, wherever they are done and whichever way they face', () => {
    const { moves } = simulate(parse('(shuffle right 40 cm, pivot left foot right 65°) 20, shuffle left 40 cm'), performer(1.75));
    let looked = 0;
    const once = onceForAlike(() => ++looked);
    moves.forEach(once);
    expect(looked).toBe(3);
  });

  it('show what each of them shows by itself', () => {
    holds(
      fc.property(anyPerformer, anyText, fc.integer({ min: 2, max: 3 }), (p, text, n) => {
        const sim = simulate(parse(`(${text}) ${n}`), p);
        // One move after the other: nothing is known of another one.
        const alone = sim.moves.map((move) => ({ ...sim, moves: [move] }));
        const states = alone.flatMap((one) => statesOf(one)).filter((one, i, all) => one.state !== all[i + 1]?.state);
        const known = statesOf(sim);
        expect(known.map(({ state }) => state)).toEqual(states.map(({ state }) => state));
        // Edges are found to better than 0.1 ms.
        known.forEach(({ to }, i) => expect(Math.abs(to - (states[i]?.to ?? 0))).toBeLessThan(1e-4));
        const [found, each] = [baseFindings(sim, {}), alone.flatMap((one) => baseFindings(one, {}))];
        expect(found.map(({ code, move }) => `${code} ${move}`)).toEqual(each.map(({ code, move }) => `${code} ${move}`));
        found.forEach(({ excess }, i) => expect(excess).toBeCloseTo(each[i]?.excess ?? 0, 6));
      }),
    );
  });
});
