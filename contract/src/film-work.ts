import { SIDES } from '@hopsk/core/body/foot';
import type { Footprint } from '@hopsk/core/film/foot';
import { MARKS, type Mark } from '@hopsk/core/film/marks';
import * as z from 'zod/mini';
import { VIEWS } from '@hopsk/core/catalogue/fault';
import { MOST_SLOW } from '@hopsk/core/film/slow';
import type { Stamps } from '@hopsk/core/film/stamps';
import { between, Code, Day, Id, line, Moment, note, whole, type Wire } from './common.js';
import { field } from './problem.js';

/** Frames of a clip: as many as half an hour has at 240 pictures a second. */
export const MOST_FRAMES = 432_000;
export const MOST_PIXELS = 16_384;
/** A frame that something is seen first in: nothing is known of what was before the first of a clip. */
export const filmedFrame = whole(1, MOST_FRAMES);
/** A frame in which a foot stands. */
export const stoodFrame = whole(0, MOST_FRAMES);
export const pixel = between(-MOST_PIXELS, 2 * MOST_PIXELS, 'px');
/** Right of the middle of a floor, or ahead of it. */
export const floorMetres = between(-200, 200, 'm');
/** A mark as it is kept. */
const MarkShape = z.object({ kind: z.enum(MARKS), frame: filmedFrame }) satisfies z.ZodMiniType<Mark>;
const inPicture = z.object({ x: pixel, y: pixel });
/** Marks or footprints of one clip. */
const MOST = 20_000;

/** Faults that are looked for in one clip. */
const MOST_FAULTS = 40;
/** What is drawn on a still picture: a line from one place to another, a zone, a height across it, an angle at the middle one of three. */
export const SHAPES = ['line', 'zone', 'height', 'angle'] as const;
export type ShapeKind = (typeof SHAPES)[number];
export const LOOKING_LIMITS = { phases: 12, stills: 12, shapes: 30, corners: 12, decisions: 40 } as const;
/** Whether what was chosen was right, as the coach sees it. */
export const RIGHTS = ['right', 'not', 'open'] as const;

const Shape = z.object({ kind: z.enum(SHAPES), at: z.array(inPicture).check(z.minLength(1), z.maxLength(LOOKING_LIMITS.corners)) });
export type Shape = Wire<typeof Shape>;
const Still = z.object({
  frame: stoodFrame,
  says: note(120),
  shapes: z.array(Shape).check(z.maxLength(LOOKING_LIMITS.shapes)),
});
export type Still = Wire<typeof Still>;
/** What a coach goes through, and what is good in it; where it is looked at. */
const Phase = z.object({ name: line(40), frame: z.nullable(stoodFrame), good: note(200) });
export type Phase = Wire<typeof Phase>;
/** The one thing to work on: in which phase, which fault it is where it is one, and the words that go with it. */
const Point = z.object({ phase: note(40), fault: z.union([Code, z.literal('')]), says: note(200), cue: note(120) });
/** A decision that is seen: the situation of a playbook, what was chosen, what else was there, and whether it was right. */
const Decision = z.object({
  ...{ frame: stoodFrame, book: z.union([Code, z.literal('')]), situation: note(80) },
  ...{ chosen: note(120), else: note(200), right: z.enum(RIGHTS) },
});
export type Decision = Wire<typeof Decision>;

/** A clip without its pictures: how large they are, how many, and when those were that something was marked or tapped in. */
const Filmed = z
  .object({
    ...{ width: whole(1, MOST_PIXELS), height: whole(1, MOST_PIXELS), frames: whole(2, MOST_FRAMES + 1) },
    at: z.array(z.tuple([stoodFrame, between(0, 1e6, 's')])).check(z.minLength(2), z.maxLength(6 * MOST)),
  })
  .check(z.refine((said) => goesOn(said), field('frames-grow', {})));
/** From the first frame to the last, each later than the one before. */
function goesOn({ frames, at }: Stamps): boolean {
  const [first, last] = [at[0], at.at(-1)];
  if (first?.[0] !== 0 || last?.[0] !== frames - 1) return false;
  return at.every(([frame, seconds], i) => frame > (at[i - 1]?.[0] ?? -1) && seconds > (at[i - 1]?.[1] ?? -1));
}

/** Attempts, each by the frame of its first mark. */
const starts = z.array(filmedFrame).check(z.maxLength(MOST));

/** What was marked and tapped in a clip, as a device keeps it. */
export const FilmWorkShape = z.object({
  marks: z.array(MarkShape).check(z.maxLength(MOST)),
  again: z.array(MarkShape).check(z.maxLength(MOST)),
  /** The floor that points were tapped of: its code, or what `areaOf` reads; '' for none. The measured diagonal of a taped one, metres. */
  area: z.string().check(z.maxLength(60)),
  diagonal: z.nullable(between(0.5, 100, 'm')),
  points: z
    .array(z.object({ name: line(60), picture: inPicture, floor: z.object({ x: floorMetres, y: floorMetres }) }))
    .check(z.maxLength(200)),
  prints: z
    .array(
      z.object({
        foot: z.enum(SIDES),
        frame: stoodFrame,
        ball: inPicture,
        other: z.nullable(z.object({ part: z.enum(['heel', 'tip']), at: inPicture })),
      }) satisfies z.ZodMiniType<Footprint>,
    )
    .check(z.maxLength(MOST)),
  /** Whom it shows, filmed on which day and from where; null: not said. */
  athlete: z._default(z.nullable(Id), null),
  day: z._default(z.nullable(Day), null),
  view: z._default(z.enum(VIEWS), 'side'),
  /** Faults that were looked for in its attempts, and in which they were: each by the frame of its first mark; of which side, where that was said. */
  faults: z._default(
    z
      .array(z.object({ fault: Code, seen: starts, left: z._default(starts, []), right: z._default(starts, []) }))
      .check(z.maxLength(MOST_FAULTS)),
    [],
  ),
  /** How many times slower than life it plays. */
  slow: z._default(between(1, MOST_SLOW, ''), 1),
  /** What was seen in it: phase by phase, one point, what to do next, decisions, and still pictures. */
  phases: z._default(z.array(Phase).check(z.maxLength(LOOKING_LIMITS.phases)), []),
  point: z._default(z.nullable(Point), null),
  next: z._default(z.nullable(Id), null),
  decisions: z._default(z.array(Decision).check(z.maxLength(LOOKING_LIMITS.decisions)), []),
  stills: z._default(z.array(Still).check(z.maxLength(LOOKING_LIMITS.stills)), []),
  /** The clip itself, as far as what was marked in it needs it: a lost clip leaves its times. */
  film: z._default(z.nullable(Filmed), null),
  /** When that was written into the fault book, as which runs; and how often it was before, and taken back. */
  booked: z._default(z.nullable(Moment), null),
  runs: z._default(z.array(Id).check(z.maxLength(8)), []),
  before: z._default(whole(0, 1000), 0),
});
export type FilmWork = Wire<typeof FilmWorkShape>;
export const NO_WORK: FilmWork = {
  ...{ marks: [], again: [], area: '', diagonal: null, points: [], prints: [] },
  ...{ athlete: null, day: null, view: 'side', faults: [], booked: null, runs: [], before: 0 },
  ...{ slow: 1, phases: [], point: null, next: null, decisions: [], stills: [], film: null },
};

/**
 * What a device kept of a clip; null where that is none of ours. Marks alone were kept at first.
 * @example filmWorkFrom([{ kind: 'back', frame: 3 }])?.marks.length // 1
 */
export function filmWorkFrom(kept: unknown): FilmWork | null {
  return FilmWorkShape.safeParse(Array.isArray(kept) ? { ...NO_WORK, marks: kept } : kept).data ?? null;
}
