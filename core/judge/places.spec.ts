import { originOf } from '../body/stance.js';
import { RULES } from '../catalogue/areas.js';
import { mirrorText } from '../language/mirror.js';
import { performer } from '../testing/performers.js';
import { aStage, seenOf, sessionOf } from '../testing/sessions.js';
import { placingFrom } from './area-text.js';
import type { Placing } from './area.js';
import { onArea } from './placing.js';
import { study } from './study.js';

const who = performer(1.7, 'square-ready', null);

/** Where one ends on a floor, metres from its middle. */
function endOn(floor: string, line: string, playing: 'left' | 'right' = 'right'): { x: number; y: number } {
  const placing = placingFrom(floor) as Placing;
  const { simulation, errors } = study(line, { ...who, playing }, false, { placing });
  expect([errors, simulation.problems.filter(({ code }) => code === 'no-such-thing')])
    .withContext(line)
    .toEqual([[], []]);
  const { x, y } = onArea(placing, originOf(simulation.end.feet));
  return { x: Number(x.toFixed(6)), y: Number(y.toFixed(6)) };
}

describe('places of a floor', () => {
  it('lie where the rules draw the lines (BWF Laws, WSF specifications, ITF Rules), corners half a metre inside', () => {
    const { badminton: b, squash: s, tennis: t } = RULES;
    // By hand: singles are 5.18 m wide, a half is 6.7 m long.
    const corner = endOn('badminton', 'shuffle to the rear corner playing side 6');
    expect([corner.x, corner.y]).toEqual([Number((b.singles / 2 - 0.5).toFixed(6)), Number((-b.length / 2 + 0.5).toFixed(6))]);
    expect(endOn('badminton', 'shuffle to the front corner other side 6').x).toBeCloseTo(-(b.singles / 2 - 0.5), 6);
    expect(endOn('badminton', 'shuffle to the service line 3')).toEqual({ x: 0, y: -b.shortService });
    expect(endOn('badminton', 'shuffle to own middle 3')).toEqual({ x: 0, y: Number((-b.length / 4).toFixed(6)) });
    expect(endOn('squash', 'shuffle to the service line 3').y).toBeCloseTo(-s.length / 2 + s.shortFromBack, 6);
    expect(endOn('tennis', 'shuffle to the service line 12').y).toBeCloseTo(-t.service, 6);
    expect(endOn('boxing', 'shuffle to the centre of the ring 3')).toEqual({ x: 0, y: 0 });
    expect(endOn('boxing', 'shuffle to the fence 6').y).toBeCloseTo(-3.05, 6);
  });

  it('by stroke are those of the hand that plays, by side those of the floor, whichever way one looks', () => {
    expect(endOn('badminton', 'shuffle to rear corner playing side 6', 'left').x).toBeLessThan(0);
    expect(endOn('badminton at 0.5, -3 facing 90', 'shuffle to rear corner left 8').x).toBeLessThan(0);
    expect(mirrorText('run to rear corner left, run to rear corner playing side', 'directions')).toBe(
      'run to rear corner right, run to rear corner other side',
    );
  });

  it('without a floor, or on one that has none, it is said; a session’s floor is known to its stages', () => {
    const problems = (floor: string | null, line: string): string[] =>
      study(line, who, false, floor ? { placing: placingFrom(floor) as Placing } : {}).simulation.problems.map(({ code }) => code);
    expect(problems(null, 'run to rear corner left')).toEqual(['no-such-thing']);
    expect(problems('boxing', 'run to the service line')).toEqual(['no-such-thing']);
    const stage = aStage('8', { steps: 'run to the service line 3' });
    const seen = seenOf(sessionOf([stage], { area: 'badminton' }))[0];
    expect(seen?.ways[0].drawn[0].simulation.problems.filter(({ code }) => code === 'no-such-thing')).toEqual([]);
  });
});
