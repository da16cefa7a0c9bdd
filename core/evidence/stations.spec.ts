import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { stationsOf, type Needs, type Stations } from './stations.js';

const somebody = (id: string, faults: Readonly<Record<string, number>>): Needs => ({ id, faults: new Map(Object.entries(faults)) });

describe('a group clustered into stations', () => {
  const said = ({ stations, alone }: Stations): string =>
    [...stations.map(({ fault, ids }) => `${fault}: ${ids.join(' ')}`), `alone: ${alone.join(' ')}`].join('; ');
  const sumOf = (group: readonly Needs[], { stations }: Stations): number =>
    stations.reduce(
      (sum, { fault, ids }) => sum + ids.reduce((n, id) => n + (group.find((one) => one.id === id)?.faults.get(fault) ?? NaN), 0),
      0,
    );

  it('everybody at what they need most, where there are two for it', () => {
    const group = [
      somebody('ada', { late: 0.4 }),
      somebody('bea', { late: 0.3, heels: 0.1 }),
      somebody('cay', { heels: 0.2 }),
      somebody('dov', { heels: 0.5, late: 0.2 }),
      somebody('eli', { narrow: 0.9 }),
    ];
    expect(said(stationsOf(group, 3))).toBe('heels: cay dov; late: ada bea; alone: eli');
    // With room for one, the one whose needs add up to more.
    expect(said(stationsOf(group, 1))).toBe('late: ada bea dov; alone: cay eli');
  });

  it('somebody goes where there would be too few, through others if need be', () => {
    const group = [
      somebody('ada', { a: 1, b: 0.9 }),
      somebody('bea', { a: 1 }),
      somebody('cay', { a: 1 }),
      somebody('dov', { b: 1, c: 0.95 }),
      somebody('eli', { b: 1 }),
      somebody('fay', { c: 2 }),
    ];
    // Nobody at a has c, so that dov leaves b for it, and ada a for b.
    expect(said(stationsOf(group, 3))).toBe('a: bea cay; b: ada eli; c: dov fay; alone: ');
  });

  it('nobody, nobody who shares anything', () => {
    expect(stationsOf([], 4)).toEqual({ stations: [], alone: [] });
    expect(said(stationsOf([somebody('ada', { a: 1 }), somebody('bea', { b: 1 }), somebody('cay', {})], 4))).toBe('alone: ada bea cay');
  });

  it('no other way of clustering them adds up to more (all of them tried)', () => {
    const codes = ['a', 'b', 'c', 'd'];
    const group = fc.array(fc.array(fc.constantFrom<number>(0, 0, 1, 2, 3, 5), { minLength: 4, maxLength: 4 }), { maxLength: 6 });
    holds(
      fc.property(group, fc.integer({ min: 1, max: 4 }), (needs, most) => {
        const people = needs.map((of, i): Needs => ({
          id: String(i),
          faults: new Map(of.flatMap((n, k) => (n > 0 ? [[codes[k] ?? '', n]] : []))),
        }));
        let best = 0;
        for (let code = 0; code < 5 ** people.length; code++) {
          const at = people.map((_, i) => Math.floor(code / 5 ** i) % 5);
          const sizes = codes.map((_, k) => at.filter((one) => one === k).length);
          if (sizes.some((size) => size === 1) || sizes.filter((size) => size > 0).length > most) continue;
          const needed = at.map((k, i) => (k === 4 ? 0 : (needs[i]?.[k] ?? 0)));
          if (at.every((k, i) => k === 4 || (needed[i] ?? 0) > 0))
            best = Math.max(
              best,
              needed.reduce((sum, n) => sum + n, 0),
            );
        }
        const found = stationsOf(people, most);
        expect(sumOf(people, found)).toBeCloseTo(best, 9);
        expect(found.stations.every(({ ids }) => ids.length >= 2)).toBe(true);
        expect(found.stations.length).toBeLessThanOrEqual(most);
        expect([...found.stations.flatMap(({ ids }) => ids), ...found.alone].sort()).toEqual(people.map(({ id }) => id).sort());
      }),
    );
  });
});
