import { parse } from '../language/parse.js';
import { simulate } from '../motion/simulate.js';
import { performer } from '../testing/performers.js';
import { flightsOf, heightAt } from './height.js';
import { thumbnailOf } from './thumbnail.js';

const of = (text: string) => simulate(parse(text), performer(1.7));

describe('the height strip', () => {
  it('a flight of t s rises g t²/8, highest half way (plain mechanics, g = 9.81)', () => {
    const [flight] = flightsOf(of('split high hop'));
    expect(flight?.rise).toBeCloseTo((9.81 * 0.25 ** 2) / 8, 9);
    const flights = flightsOf(of('hold 1 s, jump'));
    expect(heightAt(flights, 1.15)).toBeCloseTo(flights[0]?.rise ?? 0, 9);
    expect([heightAt(flights, 0.5), heightAt(flights, 1), heightAt(flights, 1.31)]).toEqual([0, 0, 0]);
  });

  it('a gallop flies while both feet are off, a shuffle never', () => {
    expect(flightsOf(of('gallop right 50 cm')).map((one) => Math.round((one.to - one.from) * 100))).toEqual([10]);
    expect(flightsOf(of('shuffle right 50 cm, pivot left foot right 90°'))).toEqual([]);
  });
});

describe('a thumbnail', () => {
  it('shows each place once and stays small for a long pattern', () => {
    expect(thumbnailOf(of('(shuffle right 40 cm, shuffle left 40 cm) 50')).prints.length).toBe(4);
    expect(thumbnailOf(of('shuffle right 5 cm 200')).prints.length).toBeLessThanOrEqual(60);
  });
});
