import { AREAS, RULES } from '../catalogue/areas.js';
import { areaOf } from '../judge/area-text.js';
import type { Area } from '../judge/area.js';
import { crossingsOf, diagonalOff } from './crossings.js';

const area = (said: string): Area => {
  const found = areaOf(said);
  if (!found) throw new Error(said);
  return found;
};

describe('the crossings of a floor', () => {
  it('are where the published rules have their lines meet', () => {
    const at = (said: string, code: string) => {
      const found = crossingsOf(area(said)).find((one) => one.code === code)?.at;
      return found && { x: Math.round(found.x * 1e6) / 1e6, y: Math.round(found.y * 1e6) / 1e6 };
    };
    // BWF Laws: singles 5.18 m wide, short service line 1.98 m from the net, doubles long service line 0.76 m from the back.
    expect(at('badminton', 'short service line x singles side line near left')).toEqual({ x: -2.59, y: -1.98 });
    expect(at('badminton', 'doubles long service line x centre line far')).toEqual({ x: 0, y: 13.4 / 2 - 0.76 });
    // ITF Rules of Tennis: doubles 10.97 m wide, 23.77 m long, service line 6.40 m from the net.
    expect(at('tennis', 'end line x side line far right')).toEqual({ x: 10.97 / 2, y: 23.77 / 2 });
    expect(at('tennis', 'service line x centre service line near')).toEqual({ x: 0, y: -6.4 });
    // FIE: on guard 2 m from the middle of a piste of 1.5 to 2 m.
    expect(at('piste', 'on-guard line x side line far left')).toEqual({ x: -RULES.piste.width / 2, y: 2 });
    expect(at('room 3 x 4 m', 'end line x side line near right')).toEqual({ x: 1.5, y: -2 });
  });

  it('have one name each, are no nearer than a millimetre, and lie as much left as right', () => {
    for (const one of [...AREAS, area('room 3.2 x 4 m'), area('octagon 6 m')]) {
      const all = crossingsOf(one);
      expect(new Set(all.map(({ code }) => code)).size)
        .withContext(one.code)
        .toBe(all.length);
      expect(all.length).withContext(one.code).toBeGreaterThanOrEqual(4);
      for (const { at } of all) {
        expect(all.filter((other) => Math.hypot(other.at.x - at.x, other.at.y - at.y) < 0.001).length).toBe(1);
        expect(all.some((other) => Math.hypot(other.at.x + at.x, other.at.y - at.y) < 1e-9))
          .withContext(one.code)
          .toBeTrue();
      }
      // A table takes up 60 characters for a name.
      for (const { code } of all) expect(code.length).toBeLessThanOrEqual(60);
    }
  });

  it('are none of a circle, of a net above the floor, of a table that stands on it', () => {
    expect(crossingsOf(area('circle 9 m'))).toEqual([]);
    const names = crossingsOf(area('table-tennis')).flatMap(({ across, along }) => [across, along]);
    expect(names.filter((name) => name === 'net' || name.startsWith('table'))).toEqual([]);
  });

  it('of a taped rectangle are a ruler where its diagonal says so', () => {
    expect(diagonalOff({ across: 3, along: 4 }, 5)).toBe(0);
    expect(diagonalOff({ across: 2.4, along: 3.2 }, 4.1)).toBeCloseTo(0.1, 9);
  });
});
