import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { Delay } from './delay.js';
import { Ring, type Piece } from './ring.js';

/** Film at thirty pictures a second, a key picture a second, of so many bytes each. */
const film = (seconds: number, bytes = 1000, from = 0): Piece[] =>
  Array.from({ length: Math.round(seconds * 30) }, (_, i) => ({ at: from + i / 30, bytes, key: i % 30 === 0 }));
const put = (pieces: readonly Piece[], seconds: number, bytes = Infinity): Ring<Piece> => {
  const ring = new Ring({ seconds, bytes });
  for (const piece of pieces) ring.put(piece);
  return ring;
};
const total = (pieces: readonly Piece[]): number => pieces.reduce((sum, { bytes }) => sum + bytes, 0);

describe('the last seconds of a film', () => {
  it('are there whole, from a picture on that stands by itself, and little more', () => {
    holds(
      fc.property(fc.double({ min: 0.2, max: 30, noNaN: true }), fc.integer({ min: 1, max: 12 }), (filmed, seconds) => {
        const pieces = film(filmed);
        const [held, last] = [put(pieces, seconds).last(seconds), pieces.at(-1)];
        expect(held[0]?.key).toBeTrue();
        expect(held.at(-1)).toBe(last);
        const long = (last?.at ?? 0) - (held[0]?.at ?? 0);
        expect(long).toBeGreaterThanOrEqual(Math.min(seconds, last?.at ?? 0) - 1e-9);
        expect(long).toBeLessThanOrEqual(seconds + 1);
        // Nothing is left out between.
        expect(held).toEqual(pieces.slice(pieces.length - held.length));
      }),
    );
  });

  it('take no more bytes than may be, whatever the pictures are', () => {
    const size = fc.array(fc.record({ bytes: fc.integer({ min: 1, max: 4000 }), key: fc.boolean() }), { minLength: 1, maxLength: 200 });
    holds(
      fc.property(size, fc.integer({ min: 2000, max: 50_000 }), (sizes, most) => {
        const ring = new Ring({ seconds: 5, bytes: most });
        sizes.forEach((one, i) => {
          ring.put({ ...one, at: i / 30 });
          const held = ring.last(Infinity);
          expect(ring.bytes).toBe(total(held));
          // Only the stretch that is written now may be more than that: it cannot be cut.
          if (ring.bytes > most) expect(held.findIndex(({ key }, k) => k > 0 && key)).toBe(-1);
          if (held.length > 0) expect(held[0]?.key).toBeTrue();
        });
      }),
    );
  });

  it('begin anew where it is cleared, and refuse what is of before', () => {
    const ring = put(film(2), 10);
    ring.clear();
    expect([ring.bytes, ring.last(10)]).toEqual([0, []]);
    ring.put({ at: 5, bytes: 1, key: false });
    expect(ring.last(10)).toEqual([]);
    ring.put({ at: 6, bytes: 1, key: true });
    expect(() => ring.put({ at: 5.9, bytes: 1, key: true })).toThrowError(RangeError);
  });
});

describe('film that is shown after a while', () => {
  it('comes due each in its turn, so many seconds later', () => {
    const delay = new Delay(4, Infinity);
    const shown: number[] = [];
    for (const piece of film(10)) {
      delay.put(piece);
      for (const { at } of delay.due(piece.at)) {
        expect(piece.at - at).toBeGreaterThanOrEqual(4 - 1e-9);
        expect(piece.at - at).toBeLessThan(4 + 1.5 / 30);
        shown.push(at);
      }
    }
    expect(shown).toEqual(
      film(6)
        .map(({ at }) => at)
        .slice(0, shown.length),
    );
    expect(shown.length).toBeGreaterThan(175);
  });

  it('goes on from a picture that stands by itself where the delay was made shorter, and waits where it was made longer', () => {
    const delay = new Delay(8, Infinity);
    film(8).forEach((piece) => delay.put(piece));
    expect(delay.due(7.9)).toEqual([]);
    delay.after(2);
    const due = delay.due(8);
    expect([due[0]?.key, due[0]?.at, due.at(-1)?.at]).toEqual([true, 6, 6]);
    delay.after(6);
    expect(delay.due(8.5)).toEqual([]);
    expect(delay.due(12.1)[0]?.key).toBeFalse();
  });

  it('holds no more bytes than may be: the oldest stretch goes unseen', () => {
    const delay = new Delay(60, 40_000);
    for (const piece of film(10)) {
      delay.put(piece);
      expect(delay.bytes).toBeLessThanOrEqual(40_000);
    }
    expect(delay.due(100)[0]?.key).toBeTrue();
    expect(delay.bytes).toBe(0);
  });
});
