import * as z from 'zod/mini';
import { Day, Id, line, Moment, note, Version, whole, type Wire } from './common.js';
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
/** What a club has of a clip; null where nothing was marked in it yet. */
export const FilmMet = z.object({ film: z.nullable(FilmKept) });
export type FilmMet = Wire<typeof FilmMet>;

/** One of those that a club keeps, without what was marked in it. */
export const FilmRow = z.object({
  ...{ clip: ClipName, name: line(200), athlete: z.nullable(Id), day: z.nullable(Day) },
  ...{ marks: z.int(), version: z.int(), keptAt: Moment, who: z.nullable(z.string()) },
  /** Bytes of the clip itself, where it is kept with the club. */
  held: z._default(z.nullable(z.number()), null),
});
export type FilmRow = Wire<typeof FilmRow>;
export const FilmRows = z.array(FilmRow);

/** A clip is sent in pieces of so many bytes; one has so many at most, and all of a club. */
export const CLIP_LIMITS = { piece: 1 << 20, bytes: 300_000_000, club: 5_000_000_000 } as const;
const PIECES = Math.ceil(CLIP_LIMITS.bytes / CLIP_LIMITS.piece);
/** A clip that is to be kept with the club: its bytes, and what kind of file it is. */
export const ClipSent = z.object({ bytes: whole(1, CLIP_LIMITS.bytes), type: note(100) });
export type ClipSent = Wire<typeof ClipSent>;
export const PieceNumber = z.coerce
  .number()
  .check(z.int(field('whole', {})), z.gte(0, field('whole', {})), z.lt(PIECES, field('whole', {})));
/** How a clip stands with the club: for how many days clips are kept there (0: not at all), and which of its pieces are there. */
export const ClipHeld = z.object({
  ...{ days: z.int(), bytes: z.nullable(z.number()), type: z.string(), whole: z.boolean() },
  has: z.array(z.int()),
});
export type ClipHeld = Wire<typeof ClipHeld>;

/**
 * How long a piece of a clip is, bytes; 0 for one that it does not have.
 * @example [pieceBytes(3_000_000, 2), pieceBytes(3_000_000, 3)] // [902848, 0]
 */
export const pieceBytes = (bytes: number, n: number): number => Math.max(0, Math.min(CLIP_LIMITS.piece, bytes - n * CLIP_LIMITS.piece));
