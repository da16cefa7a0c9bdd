import { MARKS, type Mark } from '@hopsk/core/film/marks';
import { holds } from '@hopsk/core/testing/holds';
import fc from 'fast-check';
import { filmCells, readFilm } from './film-table.js';

describe('marks of a clip as a table', () => {
  it('come back as they went out, whatever the rate of their film', () => {
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
          const { clip, problems } = readFilm(filmCells({ frames, marks }));
          expect(problems).toEqual([]);
          expect(clip?.marks).toEqual(marks);
          const last = Math.max(0, ...marks.map(({ frame }) => frame));
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
