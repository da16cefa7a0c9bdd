import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { open, stat } from 'node:fs/promises';
import type { Readable } from 'node:stream';
import { createGunzip } from 'node:zlib';
import { ClubFile } from '@hopsk/contract/club-file';
import { CLUB_RECORDS, ClubEnd, ClubHead, type ClubCounts, type ClubRecord, type ImportNow } from '@hopsk/contract/club-lines';
import { fieldsOf, type FieldProblem } from '@hopsk/contract/problem';
import { readBy, UNKNOWN, type ReadBy } from '@hopsk/contract/reworded';
import { EVENTS_LIMITS } from '@hopsk/contract/run';
import { HttpProblem } from '../http/problem.js';
import { atMost } from './at-most.js';
import { countIn, noCounts } from './counts.js';

/** Bytes of a file as it is sent, unpacked, of one line, and of a file that is one document, which has to be held whole. */
export const FILE_LIMITS = { sent: 2 * 2 ** 30, unpacked: 8 * 2 ** 30, line: 16 * 2 ** 20, document: 40 * 2 ** 20 } as const;

/** What is found in a file, in its order. */
export type Found =
  | { readonly kind: 'club'; readonly name: string; readonly readBy: ReadBy }
  | { readonly kind: 'record'; readonly line: number; readonly record: ClubRecord }
  | { readonly kind: 'refused'; readonly line: number; readonly fields: readonly FieldProblem[] }
  | { readonly kind: 'end'; readonly whole: ImportNow['whole'] };

const wrong = (path: string, code: 'not-json' | 'missing' | 'kind'): FieldProblem => ({ path, code, values: {} });
const notOurs = (fields: readonly FieldProblem[]): HttpProblem => new HttpProblem(400, { code: 'bad-input', values: {} }, { fields });

/**
 * Goes through a club file, packed with gzip or not, in memory that does not grow with it. Throws 400 for what is no club file, and 413
 * for what is larger than any.
 * @param through told how much of the file was gone through, 0 to 1.
 */
export async function* foundIn(path: string, through: (part: number) => void): AsyncGenerator<Found> {
  const { size } = await stat(path);
  const { lines, stop } = await openLines(path, (bytes) => through(size === 0 ? 1 : bytes / size));
  try {
    const first = await lines.next();
    const head = first.done === true ? null : parsed(first.value);
    const parsedHead = ClubHead.safeParse(head);
    // What another version wrote says so itself; what is no line of ours at all may be one document over many lines.
    if (!parsedHead.success) return void (yield* documentIn(path, head === null ? [] : fieldsOf(parsedHead.error, head)));
    yield { kind: 'club', name: parsedHead.data.club.name, readBy: readBy(parsedHead.data, UNKNOWN) };
    yield* recordsIn(lines, first.value as Buffer);
  } finally {
    stop();
  }
}

async function* recordsIn(lines: AsyncGenerator<Buffer>, head: Buffer): AsyncGenerator<Found> {
  const hash = createHash('sha256').update(head).update('\n');
  const counts = noCounts();
  let line = 1;
  let end: ClubCounts | null = null;
  let same = false;
  for await (const text of lines) {
    line++;
    if (text.length === 0) continue;
    const value = parsed(text);
    const last = ClubEnd.safeParse(value);
    if (last.success) {
      end = last.data.end.counts;
      same = hash.copy().digest('hex') === last.data.end.sha256;
      continue;
    }
    // Something behind the last line was not there when it was written.
    same = false;
    hash.update(text).update('\n');
    const found = value === null ? { kind: 'refused' as const, line, fields: [wrong('', 'not-json')] } : recordOf(value, line);
    if (found.kind === 'record') countIn(counts, found.record);
    yield found;
  }
  const all = end !== null && (Object.keys(counts) as (keyof ClubCounts)[]).every((key) => counts[key] === end[key]);
  yield { kind: 'end', whole: end === null ? 'cut' : same && all ? 'whole' : 'changed' };
}

function recordOf(value: unknown, line: number): Found {
  const kind = typeof value === 'object' && value !== null ? Object.keys(value)[0] : undefined;
  if (kind === undefined || !Object.hasOwn(CLUB_RECORDS, kind)) return { kind: 'refused', line, fields: [wrong(kind ?? '', 'kind')] };
  const schema = CLUB_RECORDS[kind as ClubRecord['kind']];
  const inner = (value as Record<string, unknown>)[kind];
  const read = schema.safeParse(inner);
  if (!read.success)
    return { kind: 'refused', line, fields: fieldsOf(read.error, inner).map((one) => ({ ...one, path: `${kind}.${one.path}` })) };
  return { kind: 'record', line, record: { kind, record: read.data } as ClubRecord };
}

/**
 * A file that is one document, as earlier versions wrote them.
 * @param otherwise what is wrong with its first line, where that alone is JSON.
 */
async function* documentIn(path: string, otherwise: readonly FieldProblem[]): AsyncGenerator<Found> {
  const { bytes, stop } = await openBytes(path, FILE_LIMITS.document, () => undefined);
  const parts: Buffer[] = [];
  try {
    for await (const part of bytes) parts.push(part);
  } finally {
    stop();
  }
  const value = parsed(Buffer.concat(parts));
  if (value === null) throw notOurs(otherwise.length > 0 ? otherwise : [wrong('', 'not-json')]);
  const read = ClubFile.safeParse(value);
  if (!read.success) throw notOurs(fieldsOf(read.error, value));
  const { club, teaching, athletes, decisions = [], patterns, sessions, runs } = read.data;
  yield { kind: 'club', name: club.name, readBy: readBy(read.data, UNKNOWN) };
  const found = (record: ClubRecord): Found => ({ kind: 'record', line: 1, record });
  if (teaching) yield found({ kind: 'teaching', record: teaching });
  for (const record of athletes) yield found({ kind: 'athlete', record });
  for (const record of decisions) yield found({ kind: 'decision', record });
  for (const record of patterns) yield found({ kind: 'pattern', record });
  for (const record of sessions) yield found({ kind: 'session', record });
  for (const { run, events } of runs) {
    yield found({ kind: 'run', record: run });
    for (let i = 0; i < events.length; i += EVENTS_LIMITS.most)
      yield found({ kind: 'log', record: { run: run.id, events: events.slice(i, i + EVENTS_LIMITS.most) } });
  }
  yield { kind: 'end', whole: 'earlier' };
}

const parsed = (text: Buffer): unknown => {
  try {
    return JSON.parse(text.toString('utf8')) as unknown;
  } catch {
    return null;
  }
};

interface Opened {
  readonly bytes: AsyncIterable<Buffer>;
  readonly stop: () => void;
}

/** The bytes of a file, unpacked if it is packed. Throws 413 when there are more than so many. */
async function openBytes(path: string, most: number, through: (bytes: number) => void): Promise<Opened> {
  const handle = await open(path);
  const start = Buffer.alloc(2);
  await handle.read(start, 0, 2, 0);
  await handle.close();
  const file = createReadStream(path);
  file.on('data', () => through(file.bytesRead));
  const packed = start[0] === 0x1f && start[1] === 0x8b;
  const source: Readable = packed ? file.pipe(createGunzip()) : file;
  // A broken file ends the stream that is read, with its error.
  if (packed) file.on('error', (error) => source.destroy(error));
  async function* untilCut(): AsyncGenerator<Buffer> {
    try {
      yield* atMost(source, most);
    } catch (error) {
      // Packed bytes that end in the middle: what was there is read, and the file is said to be cut.
      if ((error as { code?: unknown }).code !== 'Z_BUF_ERROR') throw asBroken(error);
    }
  }
  return {
    bytes: untilCut(),
    stop: () => {
      file.destroy();
      source.destroy();
    },
  };
}

const asBroken = (error: unknown): unknown =>
  String((error as { code?: unknown }).code).startsWith('Z_') ? notOurs([wrong('', 'not-json')]) : error;

/** The lines of a file; one that is longer than a record can be is given short, and is no JSON. */
async function openLines(
  path: string,
  through: (bytes: number) => void,
): Promise<{ readonly lines: AsyncGenerator<Buffer>; readonly stop: () => void }> {
  const { bytes, stop } = await openBytes(path, FILE_LIMITS.unpacked, through);
  async function* split(): AsyncGenerator<Buffer> {
    let [parts, length]: [Buffer[], number] = [[], 0];
    const take = (part: Buffer): void => {
      if (length + part.length <= FILE_LIMITS.line) parts.push(part);
      length += part.length;
    };
    for await (const part of bytes) {
      let from = 0;
      for (let at = part.indexOf(10); at >= 0; at = part.indexOf(10, from)) {
        take(part.subarray(from, at));
        yield Buffer.concat(parts);
        [parts, length, from] = [[], 0, at + 1];
      }
      if (from < part.length) take(part.subarray(from));
    }
    if (length > 0) yield Buffer.concat(parts);
  }
  return { lines: split(), stop };
}
