import * as z from 'zod/mini';
import { Day, Id, line, Moment, Version, type Wire } from './common.js';
import { FilmWorkShape } from './film-work.js';
import { field } from './problem.js';

/** What a club may keep of it: the marks of so many clips. */
export const FILM_LIMITS = { clips: 2000, listed: 500 } as const;

/** What a clip is known again by: SHA-256, in hexadecimal. */
export const ClipName = z.string().check(z.regex(/^[0-9a-f]{64}$/, field('kind', {})));

/** What was marked, measured, drawn and said of a clip, and what the clip is called; the clip itself stays on its device. */
export const FilmSave = z.object({ version: Version, name: line(200), work: FilmWorkShape });
export type FilmSave = Wire<typeof FilmSave>;
export const FilmKept = z.object({ clip: ClipName, name: line(200), version: z.int(), work: FilmWorkShape });
export type FilmKept = Wire<typeof FilmKept>;

/** One of those that a club keeps, without what was marked in it. */
export const FilmRow = z.object({
  ...{ clip: ClipName, name: line(200), athlete: z.nullable(Id), day: z.nullable(Day) },
  ...{ marks: z.int(), version: z.int(), keptAt: Moment, who: z.nullable(z.string()) },
});
export type FilmRow = Wire<typeof FilmRow>;
export const FilmRows = z.array(FilmRow);
