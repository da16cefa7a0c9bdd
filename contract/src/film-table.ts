import { SIDES, type Side } from '@hopsk/core/body/foot';
import { MARKS, type Mark } from '@hopsk/core/film/marks';
import { framesAt, type Frames } from '@hopsk/core/film/frames';
import type { Footprint } from '@hopsk/core/film/foot';
import type { MarkedClip } from '@hopsk/core/film/report';
import * as z from 'zod/mini';
import { between, line, whole } from './common.js';
import { field, fieldsOf, type FieldProblem } from './problem.js';

/** Frames of a clip: as many as half an hour has at 240 pictures a second. */
const MOST_FRAMES = 432_000;
const MOST_PIXELS = 16_384;
/** What of a foot is tapped. */
const PARTS = ['ball', 'heel', 'tip'] as const;
const PRINTS = SIDES.flatMap((side) => PARTS.map((part) => `${side}-${part}` as const));

const frame = whole(1, MOST_FRAMES);
const pixel = between(-MOST_PIXELS, 2 * MOST_PIXELS, 'px');
const metres = between(-200, 200, 'm');
const oneOf = <const T extends readonly [string, ...string[]]>(known: T) => z.enum(known, field('one-of', { known }));

/** A mark as it is kept. */
export const MarkShape = z.object({ kind: z.enum(MARKS), frame }) satisfies z.ZodMiniType<Mark>;

/** A row of a table of marks and points: what it says, and the cells that it says it by. */
const ROWS = {
  rate: z.object({ value: between(1, 2000) }),
  slow: z.object({ value: between(1, 100) }),
  time: z.object({ frame: whole(0, MOST_FRAMES), value: between(0, 36_000, 's') }),
  picture: z.object({ x: whole(16, MOST_PIXELS), y: whole(16, MOST_PIXELS) }),
  tap: z.object({ value: between(0.1, 100, 'px') }),
  point: z.object({ name: line(60), x: pixel, y: pixel, right: metres, ahead: metres }),
  mark: z.object({ name: oneOf(MARKS), frame }),
  again: z.object({ name: oneOf(MARKS), frame }),
  foot: z.object({ name: oneOf(PRINTS as [(typeof PRINTS)[number], ...(typeof PRINTS)[number][]]), frame, x: pixel, y: pixel }),
} as const;
type What = keyof typeof ROWS;
type Row<W extends What> = z.infer<(typeof ROWS)[W]>;

/** Its columns. */
export const FILM_COLUMNS = ['what', 'name', 'frame', 'x', 'y', 'right', 'ahead', 'value'] as const;
const NUMBERS: readonly string[] = ['frame', 'x', 'y', 'right', 'ahead', 'value'];
export const MOST_FILM_ROWS = 20_000;

/** What is wrong with a line of the table, counted from 1; 0: with all of it. */
interface FilmProblem {
  readonly line: number;
  readonly wrong: readonly FieldProblem[];
}

export interface ReadFilm {
  readonly clip: MarkedClip | null;
  readonly problems: readonly FilmProblem[];
  readonly missing: readonly string[];
}

/** Rows that could be read, by what they say, each with its line. */
type Read = { readonly [W in What]: (Row<W> & { readonly line: number })[] };

/**
 * Reads marks and points of a clip from a table whose first row names its columns. Nothing is left out in silence: a line that cannot be
 * read is told with what is wrong, and then there is no clip.
 * @param cells rows of cells, the first with the names.
 */
export function readFilm(cells: readonly (readonly string[])[]): ReadFilm {
  const heads = (cells[0] ?? []).map((head) => head.trim().toLowerCase());
  const missing = FILM_COLUMNS.filter((column) => !heads.includes(column));
  if (missing.length > 0) return { clip: null, problems: [], missing };
  const read = Object.fromEntries(Object.keys(ROWS).map((what) => [what, []])) as unknown as Read;
  const problems: FilmProblem[] = [];
  cells.slice(1).forEach((row, i) => {
    const said = Object.fromEntries(
      heads.flatMap((head, k) => ((row[k] ?? '').trim() === '' ? [] : [[head, valueOf(head, row[k] ?? '')]])),
    );
    if (Object.keys(said).length === 0) return;
    const wrong = take(read, i + 2, said);
    if (wrong.length > 0) problems.push({ line: i + 2, wrong });
  });
  for (const { line, name, frame } of read.foot)
    if (!read.foot.some((one) => one.frame === frame && one.name === `${name.split('-')[0] ?? ''}-ball`))
      problems.push({ line, wrong: [{ path: 'name', code: 'no-ball', values: {} }] });
  const frames = framesOf(read, problems);
  const clip = problems.length === 0 && frames ? clipOf(read, frames) : null;
  return { clip, problems, missing: [] };
}

const valueOf = (column: string, cell: string): string | number =>
  NUMBERS.includes(column) ? (/^-?\d+([.,]\d+)?$/.test(cell.trim()) ? Number(cell.trim().replace(',', '.')) : Number.NaN) : cell.trim();

/** Takes a row among those of its kind; what is wrong with it, where it is none. */
function take(read: Read, line: number, { what, ...said }: Record<string, unknown>): readonly FieldProblem[] {
  const known = Object.keys(ROWS);
  if (typeof what !== 'string' || !Object.hasOwn(ROWS, what)) return [{ path: 'what', code: 'one-of', values: { known } }];
  const parsed = ROWS[what as What].safeParse(said);
  if (!parsed.success) return fieldsOf(parsed.error, said);
  (read[what as What] as object[]).push({ ...parsed.data, line });
  return [];
}

const all = (read: Read): { readonly frame: number; readonly line: number }[] => [...read.mark, ...read.again, ...read.foot];

/** Times of the frames: as told one by one, or by a rate; what is wrong with them is added to the problems. */
function framesOf(read: Read, problems: FilmProblem[]): Frames | null {
  const last = all(read).reduce((most, one) => Math.max(most, one.frame), 0);
  const [rate] = read.rate;
  const slow = read.slow[0]?.value ?? 1;
  if (read.time.length === 0) {
    if (rate) return framesAt(rate.value, last + 1, slow);
    if (problems.length === 0) problems.push({ line: 0, wrong: [{ path: 'rate', code: 'missing', values: {} }] });
    return null;
  }
  const told = [...read.time].sort((a, b) => a.frame - b.frame);
  const back = told.find((one, i) => one.frame !== i || (i > 0 && one.value <= (told[i - 1]?.value ?? 0)));
  if (back) problems.push({ line: back.line, wrong: [{ path: 'value', code: 'frames-grow', values: {} }] });
  const beyond = all(read).find((one) => one.frame >= told.length);
  if (beyond)
    problems.push({ line: beyond.line, wrong: [{ path: 'frame', code: 'between', values: { low: 1, high: told.length - 1, unit: '' } }] });
  return told.map(({ value }) => value / slow);
}

function clipOf(read: Read, frames: Frames): MarkedClip {
  const mark = ({ name, frame }: Row<'mark'>): Mark => ({ kind: name, frame });
  const [picture] = read.picture;
  return {
    frames,
    marks: read.mark.map(mark),
    again: read.again.map(mark),
    picture: picture ? { width: picture.x, height: picture.y } : { width: 1920, height: 1080 },
    tap: read.tap[0]?.value ?? null,
    points: read.point.map(({ name, x, y, right, ahead }) => ({ name, picture: { x, y }, floor: { x: right, y: ahead } })),
    prints: printsOf(read.foot),
  };
}

/** A foot in a frame: its ball, with its heel or the tip of its toe. */
function printsOf(rows: readonly Row<'foot'>[]): Footprint[] {
  return rows.flatMap(({ name, frame, x, y }): Footprint[] => {
    const [foot = 'left', part] = name.split('-') as [Side, string];
    if (part !== 'ball') return [];
    const other = rows.find((one) => one.frame === frame && one.name.startsWith(`${foot}-`) && !one.name.endsWith('-ball'));
    return [
      {
        ...{ foot, frame, ball: { x, y } },
        other: other ? { part: other.name.endsWith('heel') ? 'heel' : 'tip', at: { x: other.x, y: other.y } } : null,
      },
    ];
  });
}

/**
 * Marks of a clip as the cells of such a table. The times of its frames stand in it one by one, up to the last mark: no rate says them
 * where it changes.
 * @example filmCells({ frames: [0, 0.04], marks: [{ kind: 'back', frame: 1 }] }).length // 4
 */
export function filmCells({ frames, marks }: Pick<MarkedClip, 'frames' | 'marks'>): string[][] {
  const last = marks.reduce((most, one) => Math.max(most, one.frame), 0);
  const row = (what: What, name: string, at: number, value = ''): string[] => [what, name, String(at), '', '', '', '', value];
  return [
    [...FILM_COLUMNS],
    ...frames.slice(0, last + 1).map((at, k) => row('time', '', k, String(Math.round(at * 1e6) / 1e6))),
    ...[...marks].sort((a, b) => a.frame - b.frame).map(({ kind, frame: at }) => row('mark', kind, at)),
  ];
}
