import { randomBytes, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import type { Role } from '@hopsk/contract/club';
import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler, Response } from 'express';
import session from 'express-session';
import type { Pool } from '../db/pool.js';
import { one } from '../db/sql.js';
import { deviceOf } from './device.js';
import { HttpProblem } from './problem.js';

/** Somebody of a club. */
export interface Member {
  readonly id: string;
  readonly clubId: string;
}

/** Who asks, as the club has them at this moment; the club that scopes every query comes from here and nowhere else. */
export interface Actor extends Member {
  readonly role: Role;
}

/** Which run a hall screen shows, and by which code: another code of the same run ends it. */
export interface Holder {
  readonly clubId: string;
  readonly runId: string;
  readonly hash: string;
}

declare module 'express-session' {
  interface SessionData {
    coach: Member;
    token: string;
    /** When somebody signed in, and on what. */
    began: string;
    device: string;
    /** The run whose code was typed here. */
    holder: Holder;
  }
}

declare module 'express-serve-static-core' {
  interface Request {
    actor?: Actor;
    holder?: Holder;
  }
}

const DAY = 24 * 3600 * 1000;
/** A session that nobody uses ends after so long, and any at all. */
const IDLE = 30 * DAY;
export const LONGEST = 90 * DAY;

/** By what this server is reached: over HTTPS, by the club's own certificate, through a trusted proxy. */
export interface Reached {
  readonly secure: boolean;
  readonly own: boolean;
  readonly proxied: boolean;
}

/** That a session is used is noted so often at most (ms): not with each tap. */
const NOTED = 3600 * 1000;
/** Sessions of which is remembered when that was. */
const REMEMBERED = 10_000;

type PgStore = ReturnType<typeof connectPgSimple>;
function seldom(Store: PgStore): PgStore {
  return class extends Store {
    private readonly noted = new Map<string, number>();

    override touch(...[id, data, done]: Parameters<InstanceType<PgStore>['touch']>): void {
      if (Date.now() - (this.noted.get(id) ?? 0) < NOTED) return void done?.();
      if (this.noted.size >= REMEMBERED) this.noted.clear();
      this.noted.set(id, Date.now());
      super.touch(id, data, done);
    }
  };
}

/** What the cookie of a session is called: by the club's own certificate so that no other name of its domain can set it. */
const cookieName = (own: boolean): string => (own ? '__Host-hopsk.sid' : 'hopsk.sid');

export function sessions(pool: Pool, secret: string, { secure, own, proxied }: Reached): RequestHandler {
  const Store = seldom(connectPgSimple(session));
  return session({
    name: cookieName(own),
    secret,
    resave: false,
    saveUninitialized: false,
    proxy: proxied,
    store: new Store({ pool, tableName: 'sign_in_session', pruneSessionInterval: 3600, disableTouch: false }),
    cookie: { httpOnly: true, sameSite: 'lax', secure: secure || (proxied ? 'auto' : false), maxAge: IDLE, path: '/' },
  });
}

/** Finds out who asks: whoever was taken out of their club since, or signed in too long ago, is nobody. */
export const actors =
  (pool: Pool): RequestHandler =>
  async (request, _response, next) => {
    const { coach, holder } = request.session;
    // Whether the code still stands, what is asked for by it says.
    if (holder) request.holder = holder;
    if (!coach) return next();
    // Sessions of an earlier version did not say when they began.
    request.session.began ??= new Date().toISOString();
    const now = await one<{ role: Role }>(pool, 'actor', coach.clubId, coach.id);
    if (now && Date.now() - Date.parse(request.session.began) < LONGEST) request.actor = { ...coach, role: now.role };
    else await promisify(request.session.regenerate.bind(request.session))();
    next();
  };

/** Signs somebody in under a new session id and gives the page its token against forged requests. */
export async function enter(request: Request, response: Response, { id, clubId }: Member): Promise<void> {
  await promisify(request.session.regenerate.bind(request.session))();
  request.session.coach = { id, clubId };
  request.session.token = randomBytes(24).toString('base64url');
  request.session.began = new Date().toISOString();
  request.session.device = deviceOf(request.get('user-agent') ?? '');
  await promisify(request.session.save.bind(request.session))();
  giveToken(request, response);
}

/** Lets a browser see the run whose code was typed in it, whoever is signed in there besides. */
export async function hold(request: Request, holder: Holder): Promise<void> {
  request.session.holder = holder;
  await promisify(request.session.save.bind(request.session))();
}

export async function leave(request: Request, response: Response): Promise<void> {
  await promisify(request.session.destroy.bind(request.session))();
  for (const own of [false, true]) response.clearCookie(cookieName(own), { secure: own, path: '/' });
  response.clearCookie('XSRF-TOKEN');
}

/** The page reads this cookie and sends it back as a header, which another site cannot do. */
export function giveToken(request: Request, response: Response): void {
  if (request.session.token) response.cookie('XSRF-TOKEN', request.session.token, { sameSite: 'lax', secure: request.secure, path: '/' });
}

export function actorOf(request: Request): Actor {
  if (!request.actor) throw new HttpProblem(401, { code: 'signed-out', values: {} });
  return request.actor;
}

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);
/** Whether a request only reads. */
export const isSafe = (method: string): boolean => SAFE.has(method);

/** Refuses writing requests that come from another site, or without the signed-in page's token. */
export const guardWrites: RequestHandler = (request, _response, next) => {
  if (isSafe(request.method)) return next();
  const site = request.get('sec-fetch-site');
  if (site !== undefined && site !== 'same-origin' && site !== 'none') throw new HttpProblem(403, { code: 'forged', values: {} });
  const origin = request.get('origin');
  if (origin !== undefined && hostOf(origin) !== request.get('host')) throw new HttpProblem(403, { code: 'forged', values: {} });
  if (request.actor) {
    const { token } = request.session;
    if (!(token !== undefined && same(token, request.get('x-xsrf-token') ?? '')))
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
