import { ROLES, type Role } from '@hopsk/contract/club';
import type { RequestHandler } from 'express';
import { HttpProblem, notFound } from './problem.js';

/**
 * Who can ask: somebody of a club by their role, or the holder of a run's code, who is nobody's coach (a hall screen).
 */
export type Who = Role | 'holder';

/** Whether a way is open to anybody at all, or to whom of a club. */
export type Open = 'anybody' | readonly Who[];

const OWNERS: readonly Who[] = ['owner'];
const COACHES: readonly Who[] = ['owner', 'coach'];
/** Whoever works on the floor. */
const FLOOR: readonly Who[] = ['owner', 'coach', 'assistant'];
const MEMBERS: readonly Who[] = ROLES;
const HOLDERS: readonly Who[] = ['holder'];

/** Whoever may read fault books. */
const BOOKS: readonly Who[] = ['owner', 'coach', 'reader'];
export const readsBooks = ({ role }: { readonly role: Role }): boolean => BOOKS.includes(role);

/** Whether somebody may say what the club teaches. */
export const mayTeach = ({ role }: { readonly role: Role }): boolean => COACHES.includes(role);

/** Every way into the server, and to whom it is open. What has no row here is open to nobody. */
export const ACCESS: Readonly<Record<string, Open>> = {
  'GET /health': 'anybody',
  'GET /door': 'anybody',
  'POST /setup': 'anybody',
  'POST /sign-in': 'anybody',
  'POST /demo': 'anybody',
  'POST /sign-out': 'anybody',
  'POST /way-in': 'anybody',
  'POST /way-in/use': 'anybody',
  'POST /passkeys/ask': 'anybody',
  'POST /passkeys/enter': 'anybody',

  'GET /me': MEMBERS,
  'GET /me/seal': MEMBERS,
  'PUT /me/settings': MEMBERS,
  'POST /me/password': MEMBERS,
  'GET /me/devices': MEMBERS,
  'DELETE /me/devices/:id': MEMBERS,
  'GET /me/passkeys': MEMBERS,
  'POST /me/passkeys/begin': MEMBERS,
  'POST /me/passkeys': MEMBERS,
  'DELETE /me/passkeys/:id': MEMBERS,
  'PUT /me/sign-in-by': MEMBERS,
  'POST /me/leave': MEMBERS,

  'POST /house/own': OWNERS,
  'GET /coaches': OWNERS,
  'POST /coaches': OWNERS,
  'PUT /coaches/:id': OWNERS,
  'POST /coaches/:id/way-in': OWNERS,

  // A reader is given those whom an owner named, here and below.
  'GET /athletes': MEMBERS,
  'GET /athletes/latest': MEMBERS,
  'GET /book': BOOKS,
  'GET /athletes/:id/book': BOOKS,
  'GET /athletes/:id/book/:fault': BOOKS,
  'GET /athletes/:id/book/:fault/runs': BOOKS,
  'GET /athletes/:id/log': BOOKS,
  'POST /log-rows': COACHES,
  'GET /athletes/:id/coverage': BOOKS,
  'GET /athletes/:id/load': BOOKS,
  'GET /athletes/:id/book-choices': BOOKS,
  'GET /decisions/:fault': BOOKS,
  'GET /remedies/:fault': BOOKS,
  'PUT /athletes/:id': COACHES,
  'PUT /athletes/:id/decisions/:decision': COACHES,
  'POST /athletes/:id/decisions/:decision/take-back': COACHES,
  'POST /athletes/:id/archive': COACHES,
  'POST /athletes/:id/restore': COACHES,
  'GET /athletes/:id/data': OWNERS,
  'GET /athletes/:id/erasure': OWNERS,
  'POST /athletes/:id/erase': OWNERS,
  'GET /looks': OWNERS,
  'GET /people-rules': COACHES,
  'PUT /people-rules': OWNERS,

  'GET /teaching': MEMBERS,
  'PUT /teaching': COACHES,

  'GET /films': COACHES,
  'GET /films/:clip': COACHES,
  'PUT /films/:clip': COACHES,
  'DELETE /films/:clip': COACHES,
  'GET /films/:clip/clip': COACHES,
  'PUT /films/:clip/clip': COACHES,
  'DELETE /films/:clip/clip': COACHES,
  'GET /films/:clip/clip/:piece': COACHES,
  'PUT /films/:clip/clip/:piece': COACHES,

  'GET /recorded-words': FLOOR,
  'PUT /recorded-words/:word': COACHES,
  'DELETE /recorded-words/:word': COACHES,

  'GET /patterns': FLOOR,
  'GET /patterns/latest': FLOOR,
  'GET /patterns/:id/versions': COACHES,
  'PUT /patterns/:id': COACHES,
  'POST /patterns/:id/archive': COACHES,
  'POST /patterns/:id/restore': COACHES,
  'GET /sessions': FLOOR,
  'GET /sessions/latest': FLOOR,
  'GET /sessions/:id/versions': COACHES,
  'PUT /sessions/:id': COACHES,
  'POST /sessions/:id/archive': COACHES,
  'POST /sessions/:id/restore': COACHES,
  'GET /stage-records': COACHES,

  'GET /read-otherwise': COACHES,
  'POST /read-otherwise/:id': COACHES,

  'GET /runs': COACHES,
  'GET /runs/open': FLOOR,
  'GET /runs/:id': FLOOR,
  'PUT /runs/:id': FLOOR,
  'GET /runs/:id/events': FLOOR,
  'POST /runs/:id/events': FLOOR,
  'POST /runs/:id/log': FLOOR,
  'PUT /runs/:id/name': COACHES,
  'GET /recount/left': COACHES,
  'GET /recount': COACHES,
  'POST /recount': COACHES,
  'POST /runs/:id/code': FLOOR,
  'POST /hall': 'anybody',
  'GET /hall': HOLDERS,
  'GET /hall/events': HOLDERS,
  'POST /hall/said': HOLDERS,
  'GET /hall/live': HOLDERS,
  'GET /live': FLOOR,
  'GET /phone': FLOOR,

  'POST /export': OWNERS,
  'GET /export/:id': OWNERS,
  'POST /imports': COACHES,
  'GET /imports/:id': COACHES,
  'POST /imports/:id/open': COACHES,
  'POST /imports/:id/add': COACHES,
  'DELETE /imports/:id': COACHES,
};

interface Row {
  /** As in the table, without its method. */
  readonly path: string;
  readonly method: string;
  readonly parts: readonly string[];
  readonly open: Open;
}

const rows = Object.entries(ACCESS).map(([way, open]): Row => {
  const [method = '', path = ''] = way.split(' ');
  return { path, method, parts: path.split('/'), open };
});

/**
 * To whom a way is open; null: there is no such way.
 * @example openTo('GET', '/athletes/5/book') // ['owner', 'coach', 'reader']
 */
export const openTo = (method: string, path: string): Open | null => rowOf(method, path)?.open ?? null;

/**
 * A way as the table has it, without what stands in it; null: there is no such way.
 * @example wayOf('GET', '/athletes/5/book') // '/athletes/:id/book'
 */
export const wayOf = (method: string, path: string): string | null => rowOf(method, path)?.path ?? null;

function rowOf(method: string, path: string): Row | undefined {
  const asked = path.split('/');
  const fits = ({ parts }: Row): boolean =>
    parts.length === asked.length && parts.every((part, i) => (part.startsWith(':') ? asked[i] !== '' : part === asked[i]));
  const named = (row: Row): number => row.parts.filter((part) => part.startsWith(':')).length;
  const found = rows.filter((row) => row.method === method && fits(row)).sort((a, b) => named(a) - named(b));
  return found[0];
}

/** Ways that a browser opens by itself: files that it saves. */
const SAVED: ReadonlySet<string> = new Set(['/export/:id']);

/**
 * Lets pass only whom a way is open to. Who is asked first, and nothing that was sent is read before. What a club has is asked for by
 * pages alone: an address typed on a shared device, whose page is locked, opens the page and not what stands behind its lock.
 */
export const guard: RequestHandler = (request, response, next) => {
  const row = rowOf(request.method === 'HEAD' ? 'GET' : request.method, request.path.replace(/(?<=.)\/$/, ''));
  const open = row?.open ?? null;
  if (open === 'anybody') return next();
  if (request.get('sec-fetch-mode') === 'navigate' && !SAVED.has(row?.path ?? '')) return response.redirect(303, '/');
  if (request.holder && open?.includes('holder')) return next();
  // Whoever is not signed in is not told what there is.
  if (!request.actor) throw new HttpProblem(401, { code: 'signed-out', values: {} });
  if (open === null) throw notFound('address');
  if (!open.includes(request.actor.role)) throw new HttpProblem(403, { code: 'not-yours', values: {} });
  next();
};
