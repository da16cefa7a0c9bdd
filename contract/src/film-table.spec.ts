import type { Footprint } from '@hopsk/core/film/foot';
import { MARKS, type Mark } from '@hopsk/core/film/marks';
import { holds } from '@hopsk/core/testing/holds';
import fc from 'fast-check';
import { filmCells, readFilm } from './film-table.js';
import { filmWorkFrom, NO_WORK, type FilmWork } from './film-work.js';

describe('marks of a clip as a table', () => {
  it('come back as they went out, points and feet too, whatever the rate of their film', () => {
    const gaps = fc.array(fc.integer({ min: 1_000, max: 60_000 }), { minLength: 3, maxLength: 40 });
    holds(
      fc.property(
        gaps,
        fc.array(fc.tuple(fc.constantFrom(...MARKS), fc.double({ min: 0, max: 0.999, noNaN: true })), { maxLength: 12 }),
        (all, some) => {
          const frames = all.reduce<number[]>((times, gap) => [...times, Math.round(((times.at(-1) ?? 0) + gap / 1e6) * 1e6) / 1e6], [0]);
          const marks = some
            .map(([kind, place]): Mark => ({ kind, frame: 1 + Math.floor(place * (frames.length - 1)) }))
            .sort((a, b) => a.frame - b.frame);
          const px = (share: number): number => Math.round(share * 1e5) / 100;
          const points = some.map(([kind, place], i) => ({
            name: `${kind} ${i}`,
            picture: { x: px(place), y: px(1 - place) },
            floor: { x: Math.round(place * 1e5) / 1e4, y: i },
          }));
          const prints = frames.slice(1, 5).map((_, frame): Footprint => {
            const at = { x: px(frame / 7), y: px(0.3) };
            const other = frame % 3 === 0 ? null : { part: frame % 3 === 1 ? ('heel' as const) : ('tip' as const), at };
            return { foot: frame % 2 === 0 ? 'left' : 'right', frame, ball: at, other };
          });
          const said = { picture: { width: 1280, height: 720 }, marks, again: marks.slice(1), points, prints };
          const { clip, problems } = readFilm(filmCells({ frames, ...said }));
          expect(problems).toEqual([]);
          expect(clip).toEqual(jasmine.objectContaining(said));
          const last = Math.max(0, ...[...marks, ...prints].map(({ frame }) => frame));
          expect(clip?.frames).toEqual(frames.slice(0, last + 1));
        },
      ),
    );
  });

  it('read columns in any order, decimal commas, and empty lines', () => {
    const { clip } = readFilm([
      ['value', 'what', 'name', 'frame', 'ahead', 'right', 'y', 'x', 'note'],
      ['59,94', 'rate', '', '', '', '', '', '', ''],
      ['', '', '', '', '', '', '', '', ''],
      ['', 'point', 'corner', '', '-6,7', '3.05', '10', '20', 'by the door'],
    ]);
    expect(clip?.points).toEqual([{ name: 'corner', picture: { x: 20, y: 10 }, floor: { x: 3.05, y: -6.7 } }]);
    expect(clip?.frames[0]).toBe(0);
  });
});

describe('what a device keeps of a clip', () => {
  it('is read as it was kept, from the time when it was marks alone too, and else is nothing', () => {
    expect(filmWorkFrom([{ kind: 'back', frame: 3 }])).toEqual({ ...NO_WORK, marks: [{ kind: 'back', frame: 3 }] });
    const work = { ...NO_WORK, area: 'tennis', diagonal: 5, prints: [{ foot: 'left', frame: 0, ball: { x: 1, y: 2 }, other: null }] };
    expect(filmWorkFrom(JSON.parse(JSON.stringify(work)))).toEqual(work as FilmWork);
    for (const wrong of [null, 7, {}, [{ kind: 'jump', frame: 3 }], { ...NO_WORK, area: 'x'.repeat(61) }, { ...NO_WORK, diagonal: 1e9 }])
      expect(filmWorkFrom(wrong)).withContext(JSON.stringify(wrong)).toBeNull();
  });
});
