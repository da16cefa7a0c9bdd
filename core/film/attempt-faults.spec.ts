import { FAULTS } from '../catalogue/faults.js';
import { chancesOf, faultyOf, measuredFaults, startOf, tallyOf } from './attempt-faults.js';
import { framesAt } from './frames.js';
import { attemptsOf, type Mark } from './marks.js';
import { timesOf } from './times.js';

/** Three attempts at 240 pictures a second; the second has no split marked. The ball is hit so many frames before the split is down. */
const marked = (...late: readonly (number | null)[]): Mark[] =>
  late.flatMap((by, i): Mark[] => {
    const ball = 100 + 400 * i;
    return [
      { kind: 'contact', frame: ball },
      ...(by === null ? [] : [{ kind: 'split-down' as const, frame: ball + by }]),
      { kind: 'right-down', frame: ball + 200 },
      { kind: 'own-contact', frame: ball + 215 },
    ];
  });
const attempts = attemptsOf(marked(2, null, 60));

describe('faults of attempts on film', () => {
  it('have those attempts as chances in which what shows them was marked', () => {
    const n = (per: Parameters<typeof chancesOf>[1]): number => chancesOf(attempts, per).length;
    expect([n('split'), n('strike'), n('arrival'), n('call'), n('back'), n('repetition')]).toEqual([2, 3, 3, 3, 0, 3]);
  });

  it('stay with their attempt when its marks are moved, and count nowhere where it gave no chance', () => {
    const starts = attempts.map(startOf);
    expect(faultyOf(attempts, 'strike', [starts[1] ?? 0]).map(startOf)).toEqual([500]);
    expect(faultyOf(attempts, 'split', [starts[1] ?? 0])).toEqual([]);
    // The second attempt’s first mark was set three frames earlier afterwards; the one before it was not touched.
    const moved = attemptsOf(marked(2, null, 60).map((mark) => (mark.frame === 500 ? { ...mark, frame: 497 } : mark)));
    expect(faultyOf(moved, 'strike', [500]).map(startOf)).toEqual([497]);
    // A frame before all of them is the first one’s.
    expect(faultyOf(attempts, 'strike', [3]).map(startOf)).toEqual([100]);
  });

  it('have a side where that was said, of the attempts that show it', () => {
    const [one = 0, , three = 0] = attempts.map(startOf);
    const tally = (seen: readonly number[], left: readonly number[], right: readonly number[]): unknown =>
      tallyOf(attempts, 'split', { seen, left, right });
    expect(tally([one, three], [one], [])).toEqual({ attempts: 2, faulty: 2, left: 1, right: 0 });
    // A side that was said of an attempt that does not show it is none; nor is one of an attempt that gave no chance.
    expect(tally([three], [one], [three])).toEqual({ attempts: 2, faulty: 1, left: 0, right: 1 });
    expect(tally([500], [500], [])).toEqual({ attempts: 2, faulty: 0, left: 0, right: 0 });
  });

  it('are said by times alone where they are outside for certain', () => {
    const { times } = timesOf(framesAt(240, 2000), attempts, 0.002);
    // 2 frames after the ball are in its window of −60 … 40 ms; 60 frames are 250 ms, late.
    expect([...measuredFaults(times)]).toEqual([['split-late', [3]]]);
    // At 30 pictures a second and marks that were never repeated one frame late says nothing for certain.
    const slow = timesOf(framesAt(30, 2000), attemptsOf(marked(1, 2)), null);
    expect(measuredFaults(slow.times).has('split-late')).toBeFalse();
  });

  it('are faults of the catalogue', () => {
    const known = new Set(FAULTS.map(({ code }) => code));
    for (const late of [-60, 60]) {
      const { times } = timesOf(framesAt(240, 3000), attemptsOf(marked(late, late)), 0.002);
      for (const code of measuredFaults(times).keys()) expect(known.has(code)).withContext(code).toBeTrue();
    }
  });
});
