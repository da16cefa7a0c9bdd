import fc from 'fast-check';
import parser from 'webvtt-parser';
import { holds } from '../testing/holds.js';
import { seenFirst } from './frames.js';
import { MARKS, type Mark } from './marks.js';
import { marksFromWebvtt, webvttOf } from './webvtt.js';

const frames = fc
  .array(fc.integer({ min: 2, max: 60 }), { minLength: 2, maxLength: 60 })
  .map((gaps) => gaps.reduce<number[]>((all, gap) => [...all, Math.round(((all.at(-1) ?? 0) + gap / 1000) * 1000) / 1000], [0]));
const marked = frames.chain((all) =>
  fc
    .array(fc.tuple(fc.constantFrom(...MARKS), fc.integer({ min: 1, max: all.length - 1 })), { maxLength: 12 })
    .map((some) => ({ all, marks: some.map(([kind, frame]): Mark => ({ kind, frame })).sort((a, b) => a.frame - b.frame) })),
);
/** That parser leaves the semicolon of what is escaped: it is given words without. */
const plain = (kind: string): string => `the ${kind}`;
const label = (kind: string): string => `${kind} <& more>`;

describe('marks as WebVTT', () => {
  it('are read by another parser without a complaint, at their times and with their class', () => {
    holds(
      fc.property(marked, ({ all, marks }) => {
        const { cues, errors } = new parser.WebVTTParser().parse(webvttOf(all, marks, plain), 'subtitles');
        expect(errors).toEqual([]);
        expect(cues.length).toBe(marks.length);
        marks.forEach(({ kind, frame }, i) => {
          const { at, within } = seenFirst(all, frame);
          expect(cues[i]?.startTime).toBeCloseTo(at - within, 6);
          expect(cues[i]?.endTime).toBeCloseTo(at + within, 6);
          const [span] = cues[i]?.tree.children ?? [];
          expect([span?.classes?.[0], span?.children?.map(({ value }) => value).join('')]).toEqual([kind, plain(kind)]);
        });
      }),
    );
  });

  it('come back as they went out, and by their times where they name no frame', () => {
    holds(
      fc.property(marked, ({ all, marks }) => {
        const text = webvttOf(all, marks, label);
        expect(marksFromWebvtt(text, all)).toEqual({ marks, others: 0 });
        expect(marksFromWebvtt(text.replace(/^frame \d+$/gm, 'x').replaceAll('\n', '\r\n'), all)).toEqual({ marks, others: 0 });
      }),
    );
  });

  it('tell what is none of ours, and are none where the text is something else', () => {
    const text =
      'WEBVTT - somebody’s\n\nNOTE a note\n\n00:01.000 --> 00:02.000\nhello\n\nframe 9\n00:00.000 --> 00:00.040\n<c.back>back</c>\n';
    expect(marksFromWebvtt(text, [0, 0.04, 0.08])).toEqual({ marks: [], others: 2 });
    expect(
      marksFromWebvtt(
        text,
        Array.from({ length: 20 }, (_, k) => k / 25),
      ),
    ).toEqual({ marks: [{ kind: 'back', frame: 9 }], others: 1 });
    for (const none of ['', 'WEBVTTX\n', 'what,name\nmark,back', '1\n00:00:00,000 --> 00:00:01,000\nx'])
      expect(marksFromWebvtt(none, [0, 1])).toBeNull();
  });
});
