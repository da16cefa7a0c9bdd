import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { Corrections } from './corrections.js';
import { ordered, type Correction, type RunEvent } from './event.js';

const stamp = (n: number) => ({ id: `e${n}`, device: 'a', seq: n, order: n, m: n * 1000, at: n * 1000 });
const tap = { ...stamp(0), kind: 'fault', fault: 'eyes', side: null, athlete: 'x', source: 'floor', clip: null, shown: null } as RunEvent;

describe('what was said of a tap afterwards', () => {
  it('is all of it in order, what was taken back too, and the taking back; nothing that was said of another', () => {
    // Each speaks of the tap, of another tap, or of something said before it.
    const said = fc.array(fc.record({ of: fc.nat({ max: 8 }), kind: fc.constantFrom('undo', 'move', 'assign', 'correct') }), {
      maxLength: 9,
    });
    holds(
      fc.property(said, fc.infiniteStream(fc.nat()), (all, order) => {
        const events = all.map(({ of, kind }, i) => {
          // Only a taking back speaks of what was said.
          const target = of === 8 ? 'other' : of < i && kind === 'undo' ? `e${of + 1}` : 'e0';
          const more = { undo: {}, move: { by: 1 }, assign: { athlete: 'y' }, correct: { fault: 'tall', side: null } }[kind];
          return { ...stamp(i + 1), kind, target, ...more } as RunEvent & Correction;
        });
        const corrections = new Corrections();
        const keys = new Map(events.map(({ id }) => [id, order.next().value]));
        for (const event of [...events].sort((a, b) => (keys.get(a.id) as number) - (keys.get(b.id) as number))) corrections.add(event);
        const leadsTo = (id: string): string => {
          const next = events.find((event) => event.id === id)?.target;
          return next === undefined ? id : leadsTo(next);
        };
        const expected = ordered(events.filter(({ id }) => leadsTo(id) === 'e0'));
        expect(corrections.of(tap).map(({ id }) => id)).toEqual(expected.map(({ id }) => id));
      }),
    );
  });
});
