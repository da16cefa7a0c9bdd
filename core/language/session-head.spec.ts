import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { OPEN_HEAD, readHead, writeHead, type SessionHead } from './session-head.js';

describe('the head of a session’s text', () => {
  it('settles what it says, and leaves the rest of the text line by line where it was', () => {
    const { head, patterns, errors } = readHead(
      '\uFEFFChange: 20 s\r\nwater: 60 s every 15 min\nfloor: squash\n\n== Drill\nrest: 9 s\nsplit',
    );
    expect(head).toEqual({ ...OPEN_HEAD, change: 20, water: { seconds: 60, every: 900 }, area: 'squash' });
    expect(patterns.split('\n')).toEqual(['#', '#', '#', '', '== Drill', 'rest: 9 s', 'split']);
    expect(errors).toEqual([]);
  });

  it('what cannot be read is named by its line and settles nothing, not even what was said before', () => {
    const { head, errors } = readHead('rest: 20 s\nrest: soon\nminutes: many\nwater: 60 s\nequipment: -1\nseed: 1.5\nset rest: 1 min');
    expect(head).toEqual({ ...OPEN_HEAD, rest: 20, setRest: 60 });
    expect(errors.map(({ line, code, values }) => [line, code, Object.values(values).at(-1)] as unknown)).toEqual([
      [2, 'setting', 'time'],
      [3, 'setting', 'minutes'],
      [4, 'setting', 'water'],
      [5, 'setting', 'number'],
      [6, 'setting', 'number'],
    ]);
  });

  it('whatever is written is read as it was', () => {
    const seconds = fc.option(fc.integer({ min: 0, max: 3600 }));
    const heads: fc.Arbitrary<SessionHead> = fc.record({
      change: seconds,
      rest: seconds,
      setRest: seconds,
      water: fc.option(fc.record({ every: fc.integer({ min: 60, max: 3600 }), seconds: fc.integer({ min: 1, max: 600 }) })),
      minutes: fc.option(fc.integer({ min: 1, max: 360 })),
      area: fc.constantFrom('', 'squash', 'room 3.2 × 4 m'),
      equipment: fc.option(fc.integer({ min: 1, max: 200 })),
      seed: fc.nat(),
    });
    holds(
      fc.property(heads, (head) => {
        const read = readHead(`${writeHead(head)}\n\n== Drill\nsplit`);
        expect([read.head, read.errors]).toEqual([head, []]);
      }),
    );
  });
});
