import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import type { ClubFault } from './fault.js';
import { countedOtherwise, FAULTS, faultsByCode, offeredFaults } from './faults.js';
import { mergesOf, roundabout } from './merges.js';

const own = (code: string, more: Partial<ClubFault> = {}): ClubFault => ({
  ...{ code, phase: 'travel', views: ['front'], per: 'step', shownBy: 'gathers', causes: [] },
  ...{ label: code, says: '', usually: '', cue: '', remedy: '', cost: 1, hidden: false, into: null },
  ...more,
});
const tall = FAULTS.find(({ code }) => code === 'tall') as ClubFault;

describe('faults of a club', () => {
  it('stand beside the catalogue; what is hidden or counted as another is not offered, and is known all the same', () => {
    const faults = [own('drags'), own('drifts', { into: 'drags' }), { ...own('tall'), ...tall, hidden: true }];
    const offered = offeredFaults(faults).map(({ code }) => code);
    expect(offered.length).toBe(FAULTS.length);
    expect(['drags', 'drifts', 'tall'].map((code) => offered.includes(code))).toEqual([true, false, false]);
    expect([...faultsByCode({ faults }).keys()].length).toBe(FAULTS.length + 2);
    // From where it shows is said last by whoever watches.
    expect(faultsByCode({ faults, views: { drags: ['side'] } }).get('drags')?.views).toEqual(['side']);
  });

  it('a cause that is counted as another is that one, once, and none its own', () => {
    const causesOf = (faults: ClubFault[], code: string) => faultsByCode({ faults }).get(code)?.causes;
    const drags = own('drags', { causes: ['drifts', 'tall', 'bounces'] });
    expect(causesOf([drags], 'drags')).toEqual(['drifts', 'tall', 'bounces']);
    const merged = [drags, own('drifts', { into: 'tall' }), own('bounces', { into: 'creeps' }), own('creeps', { into: 'drags' })];
    expect(causesOf(merged, 'drags')).toEqual(['tall']);
    expect(offeredFaults(merged).find(({ code }) => code === 'drags')?.causes).toEqual(['tall']);
  });

  it('go with a run where they count otherwise than the catalogue’s, without their words', () => {
    expect(countedOtherwise([{ ...own('tall'), ...tall, label: 'stands up', cost: 2 }])).toEqual([]);
    const seen = { ...own('tall'), ...tall, views: ['front' as const, 'side' as const] };
    const [one, two, ...others] = countedOtherwise([seen, own('drags', { safety: true }), own('drifts', { into: 'drags' })]);
    expect([one?.code, one?.views, others]).toEqual(['tall', ['front', 'side'], []]);
    expect(two).toEqual({ code: 'drags', phase: 'travel', views: ['front'], per: 'step', shownBy: 'gathers', causes: [], safety: true });
  });

  it('are counted as the one they end in, or refused where one would end in itself', () => {
    const names = ['a', 'b', 'c', 'd', 'e'];
    const any = fc.tuple(...names.map(() => fc.option(fc.constantFrom(...names, 'tall'))));
    holds(
      fc.property(any, (into) => {
        const faults = names.map((code, i) => ({ code, into: into[i] ?? null }));
        const next = new Map(faults.map(({ code, into: to }) => [code, to]));
        /** By walking: nobody goes through more steps than there are faults, unless it goes round. */
        const ends = names.map((code) => {
          let at = code;
          for (let steps = 0; steps <= names.length; steps++) {
            const to = next.get(at) ?? null;
            if (to === null) return at;
            at = to;
          }
          return null;
        });
        const round = names.find((_, i) => ends[i] === null) ?? null;
        expect(roundabout(faults)).toBe(round);
        if (round !== null) expect(() => mergesOf(faults)).toThrowError(RangeError);
        else
          expect(mergesOf(faults)).toEqual(
            Object.fromEntries(names.flatMap((code, i) => (ends[i] === code ? [] : [[code, ends[i] ?? '']]))),
          );
      }),
    );
  });
});
