import fc from 'fast-check';
import { readWith } from '../judge/study.js';
import { simulate } from '../motion/simulate.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { DIRECTIONS, type Direction } from './direction.js';
import { directionOf } from './rep-plan.js';

const leads = (line: string): Direction => directionOf(simulate(readWith(line), performer(1.7, 'square-ready')));

describe('where a line leads', () => {
  it('is where it gets furthest, though it comes back; little steps stay in place', () => {
    expect(leads('shuffle right 40 cm, shuffle left 40 cm')).toBe('right');
    expect(leads('shuffle right 20 cm, shuffle left 90 cm, shuffle right 70 cm')).toBe('left');
    expect(leads('split, lunge ahead 80 cm right foot, recover back')).toMatch(/^ahead/);
    expect(leads('bounce 4')).toBe('place');
    expect(leads('')).toBe('place');
  });

  it('each eighth of the floor has its name, the same for any length', () => {
    const ways = DIRECTIONS.filter((one) => one !== 'place');
    holds(
      fc.property(fc.constantFrom(...ways), fc.integer({ min: 30, max: 200 }), (way, cm) => {
        expect(leads(`shuffle ${way} ${cm} cm`)).toBe(way);
      }),
    );
  });
});
