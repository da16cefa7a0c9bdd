import { minimumJerk } from '../motion/motion.js';
import { flightOf, riseOf } from '../motion/sizes.js';
import { bodyOf } from './body.js';
import { formatLength, parseLength } from './length.js';

describe('a body from its height', () => {
  it('has the segments of Drillis & Contini at 1.75 m (as in Winter; value from memory)', () => {
    const body = bodyOf({ height: 1.75 });
    expect(body.foot.metres * 100).toBeCloseTo(26.6, 1);
    expect(body.hip.metres * 100).toBeCloseTo(33.4, 1);
    expect(body.shoulder.metres * 100).toBeCloseTo(45.3, 1);
    expect(body.leg.metres * 100).toBeCloseTo(92.8, 0);
  });

  it('says where each number comes from', () => {
    expect(bodyOf({ height: 1.8, hip: 0.35 }).hip).toEqual({ metres: 0.35, origin: 'measured' });
    expect(bodyOf({ height: 1.8 }).hip.origin).toBe('estimated');
    expect(bodyOf({ height: 1.44 }).hip.origin).toBe('rough');
    expect(bodyOf({ height: 1.6 }, true).hip.origin).toBe('rough');
    expect(bodyOf({}).hip.origin).toBe('assumed');
    expect(bodyOf({}).height.origin).toBe('assumed');
  });
});

describe('motion', () => {
  it('a rise of 5 cm is 0.202 s in the air, 20 cm 0.404 s (h = g t²/8, g = 9.81)', () => {
    expect(flightOf(0.05)).toBeCloseTo(0.202, 3);
    expect(flightOf(0.2)).toBeCloseTo(0.404, 3);
    expect(riseOf(flightOf(0.13))).toBeCloseTo(0.13, 12);
  });

  it('minimum jerk is half way at half time with a peak of 1.875 × mean (Flash & Hogan 1985)', () => {
    expect(minimumJerk(0)).toBe(0);
    expect(minimumJerk(1)).toBe(1);
    expect(minimumJerk(0.5)).toBeCloseTo(0.5, 12);
    expect((minimumJerk(0.5 + 1e-5) - minimumJerk(0.5 - 1e-5)) / 2e-5).toBeCloseTo(1.875, 6);
  });
});

describe('lengths as typed and read', () => {
  it('reads what coaches type', () => {
    const read: readonly (readonly [string, 'cm' | 'ft-in', number | null])[] = [
      ['170', 'cm', 1.7],
      ['170 cm', 'ft-in', 1.7],
      ['1,7 m', 'cm', 1.7],
      [`5'7"`, 'cm', 1.7018],
      ['5 ft 7 in', 'cm', 1.7018],
      ['67', 'ft-in', 1.7018],
      ['6 ft', 'cm', 1.8288],
      ['tall', 'cm', null],
      ['', 'cm', null],
      ['-3', 'cm', null],
    ];
    for (const [text, units, metres] of read) {
      if (metres === null) expect(parseLength(text, units)).withContext(text).toBeNull();
      else expect(parseLength(text, units)).withContext(text).toBeCloseTo(metres, 6);
    }
  });

  it('prints them back', () => {
    expect(formatLength(0.5283, 'cm', 1)).toBe('52.8 cm');
    expect(formatLength(1.7018, 'ft-in')).toBe(`5'7"`);
    expect(formatLength(0.5207, 'ft-in')).toBe(`20½"`.replace('20½', `1'8½`));
    expect(formatLength(0.0127, 'ft-in')).toBe('½"');
  });
});
