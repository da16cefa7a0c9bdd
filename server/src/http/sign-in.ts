import { randomBytes, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler, Response } from 'express';
import session from 'express-session';
import type { Pool } from '../db/pool.js';
import { HttpProblem } from './problem.js';

/** Who is signed in; the club that scopes every query comes from here and nowhere else. */
export interface Actor {
  readonly id: string;
  readonly clubId: string;
}

declare module 'express-session' {
  interface SessionData {
    coach: Actor;
    token: string;
  }
}

const DAYS_30 = 30 * 24 * 3600 * 1000;

export function sessions(pool: Pool, secret: string, secure: boolean, proxied: boolean): RequestHandler {
  const Store = connectPgSimple(session);
  return session({
    name: 'hopsk.sid',
    secret,
    resave: false,
    saveUninitialized: false,
    proxy: proxied,
    store: new Store({ pool, tableName: 'sign_in_session', pruneSessionInterval: 3600, disableTouch: false }),
    cookie: { httpOnly: true, sameSite: 'lax', secure: secure || (proxied ? 'auto' : false), maxAge: DAYS_30, path: '/' },
  });
}

/** Signs a coach in under a new session id and gives the page its token against forged requests. */
export async function enter(request: Request, response: Response, coach: Actor): Promise<void> {
  await promisify(request.session.regenerate.bind(request.session))();
  request.session.coach = { id: coach.id, clubId: coach.clubId };
  request.session.token = randomBytes(24).toString('base64url');
  await promisify(request.session.save.bind(request.session))();
  giveToken(request, response);
}

export async function leave(request: Request): Promise<void> {
  await promisify(request.session.destroy.bind(request.session))();
}

/** The page reads this cookie and sends it back as a header, which another site cannot do. */
export function giveToken(request: Request, response: Response): void {
  if (request.session.token) response.cookie('XSRF-TOKEN', request.session.token, { sameSite: 'lax', secure: request.secure, path: '/' });
}

export function actorOf(request: Request): Actor {
  const coach = request.session.coach;
  if (!coach) throw new HttpProblem(401, { code: 'signed-out', values: {} });
  return coach;
}

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Refuses writing requests that come from another site, or without the signed-in page's token. */
export const guardWrites: RequestHandler = (request, _response, next) => {
  if (SAFE.has(request.method)) return next();
  const site = request.get('sec-fetch-site');
  if (site !== undefined && site !== 'same-origin' && site !== 'none') throw new HttpProblem(403, { code: 'forged', values: {} });
  const origin = request.get('origin');
  if (origin !== undefined && hostOf(origin) !== request.get('host')) throw new HttpProblem(403, { code: 'forged', values: {} });
  const token = request.session.token;
  if (request.session.coach && !(token !== undefined && same(token, request.get('x-xsrf-token') ?? ''))) {
    throw new HttpProblem(403, { code: 'stale-page', values: {} });
  }
  next();
};

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

function same(a: string, b: string): boolean {
  const [x, y] = [Buffer.from(a), Buffer.from(b)];
  return x.length === y.length && timingSafeEqual(x, y);
}
