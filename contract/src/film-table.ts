import { SIDES, type Side } from '@hopsk/core/body/foot';
import type { Vec } from '@hopsk/core/body/vec';
import { MARKS, type Mark } from '@hopsk/core/film/marks';
import { framesAt, type Frames } from '@hopsk/core/film/frames';
import type { Footprint } from '@hopsk/core/film/foot';
import type { MarkedClip } from '@hopsk/core/film/report';
import * as z from 'zod/mini';
import { between, line, whole } from './common.js';
import { filmedFrame as frame, floorMetres as metres, MOST_FRAMES, MOST_PIXELS, pixel, stoodFrame } from './film-work.js';
import { field, fieldsOf, type FieldProblem } from './problem.js';

/** What of a foot is tapped. */
const PARTS = ['ball', 'heel', 'tip'] as const;
const PRINTS = SIDES.flatMap((side) => PARTS.map((part) => `${side}-${part}` as const));

const oneOf = <const T extends readonly [string, ...string[]]>(known: T) => z.enum(known, field('one-of', { known }));

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
  foot: z.object({ name: oneOf(PRINTS as [(typeof PRINTS)[number], ...(typeof PRINTS)[number][]]), frame: stoodFrame, x: pixel, y: pixel }),
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

/** What of a clip goes into its table. */
export type FilmCells = Omit<MarkedClip, 'tap'>;

/**
 * What was marked and tapped in a clip as the cells of such a table. The times of its frames stand in it one by one, up to the last that
 * is spoken of: no rate says them where it changes.
 * @example filmCells({ frames: [0, 0.04], picture: { width: 640, height: 360 }, marks: [{ kind: 'back', frame: 1 }], again: [], points: [], prints: [] }).length // 5
 */
export function filmCells({ frames, picture, marks, again, points, prints }: FilmCells): string[][] {
  const last = [...marks, ...again, ...prints].reduce((most, one) => Math.max(most, one.frame), 0);
  const row = (what: What, said: Partial<Record<(typeof FILM_COLUMNS)[number], string | number>>): string[] =>
    FILM_COLUMNS.map((column) => (column === 'what' ? what : said[column] === undefined ? '' : String(said[column])));
  const to = (places: number, value: number): number => Math.round(value * 10 ** places) / 10 ** places;
  const at = ({ x, y }: Vec): { readonly x: number; readonly y: number } => ({ x: to(2, x), y: to(2, y) });
  const marked = (what: 'mark' | 'again', all: readonly Mark[]): string[][] =>
    [...all].sort((a, b) => a.frame - b.frame).map(({ kind, frame: k }) => row(what, { name: kind, frame: k }));
  return [
    [...FILM_COLUMNS],
    row('picture', { x: picture.width, y: picture.height }),
    ...frames.slice(0, last + 1).map((time, k) => row('time', { frame: k, value: to(6, time) })),
    ...points.map(({ name, picture: p, floor }) => row('point', { name, ...at(p), right: to(4, floor.x), ahead: to(4, floor.y) })),
    ...marked('mark', marks),
    ...marked('again', again),
    ...[...prints]
      .sort((a, b) => a.frame - b.frame)
      .flatMap(({ foot, frame: k, ball, other }) => [
        row('foot', { name: `${foot}-ball`, frame: k, ...at(ball) }),
        ...(other ? [row('foot', { name: `${foot}-${other.part}`, frame: k, ...at(other.at) })] : []),
      ]),
  ];
}
