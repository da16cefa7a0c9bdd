import { randomUUID } from 'node:crypto';
import { mkdir, readdir, rm, stat, statfs } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { REFUSED_TOLD, type Imported, type ImportNow } from '@hopsk/contract/club-lines';
import type { Problem } from '@hopsk/contract/problem';
import type { Backing } from '../backing.js';
import { transaction } from '../db/pool.js';
import type { Db } from '../db/sql.js';
import type { Actor } from '../http/sign-in.js';
import { asProblem, HttpProblem, notFound } from '../http/problem.js';
import { goThrough } from './club-file.js';
import { atMost, tooLarge } from './at-most.js';
import { busy } from './busy.js';
import { noTally } from './counts.js';
import { FILE_LIMITS, foundIn } from './read-lines.js';
import { isSealed, unseal } from './sealed.js';
import { toFile } from './to-file.js';

/** Bytes that are left free on the disk whatever comes in. */
const RESERVE = 512 * 2 ** 20;
/** A file that was looked through and not added is kept for so long (ms). */
const KEPT = 3600_000;
const NAME = /^[0-9a-f-]{36}\.hopsk-upload$/;

/** One file on its way in. */
interface Import {
  readonly id: string;
  readonly clubId: string;
  path: string;
  readonly began: number;
  /** Whether whoever sends it may erase people. */
  readonly erases: boolean;
  now: ImportNow;
  /** Ends what is under way with it; what was not added whole is not added. */
  cancelled: boolean;
  work: Promise<void>;
}

class Cancelled extends Error {}

/** Bytes that a folder has room for. */
const roomIn = async (folder: string): Promise<number> => {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
};

/**
 * Club files on their way in: kept in a folder of this server, looked through from there, and added when the coach says so. One at a
 * time a club; of all clubs one is added at a time, so that the others' requests find connections.
 */
export class Imports {
  private readonly of = new Map<string, Import>();
  /** Clubs whose file is just coming in. */
  private readonly coming = new Set<string>();
  private adding: Promise<unknown> = Promise.resolve();
  private ready: Promise<void> | null = null;

  constructor(
    private readonly backing: Backing,
    private readonly folder: string,
    private readonly room = roomIn,
  ) {}

  /** Takes a file in and begins to look through it. Throws 409 while another of the club is under way, 413, and 507 where there is no room. */
  async take({ clubId, role }: Pick<Actor, 'clubId' | 'role'>, body: Readable, announced: number | null): Promise<ImportNow> {
    const before = this.of.get(clubId);
    if (this.coming.has(clubId) || before?.now.state === 'adding') throw busy();
    if (announced !== null && announced > FILE_LIMITS.sent) throw tooLarge();
    this.coming.add(clubId);
    try {
      await this.swept();
      if (before) await this.drop(before);
      if ((await this.room(this.folder)) < RESERVE + (announced ?? 0)) throw noRoom();
      const id = randomUUID();
      const path = this.pathOf(id);
      let state: ImportNow['state'] = 'reading';
      try {
        await toFile(atMost(body, FILE_LIMITS.sent), path);
        if (await isSealed(path)) state = 'sealed';
      } catch (error) {
        await rm(path, { force: true });
        throw error;
      }
      const now: ImportNow = {
        ...{ id, state, through: 0, club: '', whole: 'cut', counts: noTally() },
        ...{ erases: 0, refused: { count: 0, told: [] }, problem: null },
      };
      const one: Import = { id, clubId, path, began: Date.now(), erases: role === 'owner', now, cancelled: false, work: Promise.resolve() };
      this.of.set(clubId, one);
      if (state === 'reading') one.work = this.go(one, 'read');
      return one.now;
    } finally {
      this.coming.delete(clubId);
    }
  }

  /** How it stands. Throws 404 for what this club did not send. */
  now(clubId: string, id: string): ImportNow {
    return this.find(clubId, id).now;
  }

  /** Opens a sealed one and begins to look through it; with a wrong passphrase it stays sealed and says so. Throws 409 where it is not sealed. */
  open(clubId: string, id: string, passphrase: string): ImportNow {
    const one = this.find(clubId, id);
    if (one.now.state !== 'sealed') throw busy();
    one.now = { ...one.now, state: 'reading', through: 0, problem: null };
    one.work = this.opened(one, passphrase);
    return one.now;
  }

  /** Adds what was looked through, all of it or nothing. Throws 409 before it was looked through, and after it was added. */
  add(clubId: string, id: string): ImportNow {
    const one = this.find(clubId, id);
    if (one.now.state !== 'read') throw busy();
    one.now = { ...one.now, state: 'adding', through: 0, counts: noTally(), refused: { count: 0, told: [] } };
    const work = this.adding.then(() => this.go(one, 'added'));
    this.adding = one.work = work;
    return one.now;
  }

  /** Ends it; what is being added is then not added. Done when nothing of it is left. */
  async cancel(clubId: string, id: string): Promise<void> {
    await this.drop(this.find(clubId, id));
  }

  private pathOf(id: string): string {
    return join(this.folder, `${id}.hopsk-upload`);
  }

  private async opened(one: Import, passphrase: string): Promise<void> {
    const to = this.pathOf(randomUUID());
    try {
      if ((await this.room(this.folder)) < RESERVE + (await stat(one.path)).size) throw noRoom();
      await unseal(one.path, to, passphrase, (part) => {
        if (one.cancelled) throw new Cancelled();
        one.now = { ...one.now, through: part };
      });
      await rm(one.path, { force: true });
      one.path = to;
    } catch (error) {
      await rm(to, { force: true });
      if (one.cancelled) return;
      const problem = said(error);
      // Another passphrase, or more room, may open it yet; what is broken stays so.
      const state = problem.error === 'sealed-broken' ? 'failed' : 'sealed';
      if (state === 'failed') await rm(one.path, { force: true });
      one.now = { ...one.now, state, through: 0, problem };
      return;
    }
    await this.go(one, 'read');
  }

  private find(clubId: string, id: string): Import {
    const one = this.of.get(clubId);
    if (one?.id !== id || one.cancelled) throw notFound('file');
    return one;
  }

  private async drop(one: Import): Promise<void> {
    one.cancelled = true;
    await one.work;
    await rm(one.path, { force: true });
    if (this.of.get(one.clubId) === one) this.of.delete(one.clubId);
  }

  /** Goes through a file to its end, and says what it came to. */
  private async go(one: Import, to: 'read' | 'added'): Promise<void> {
    const adds = to === 'added';
    const through = (part: number): void => void (one.now = { ...one.now, through: part });
    const going = {
      adds,
      erases: one.erases,
      counts: this.backing.counts,
      refuse: (refused: ImportNow['refused']['told'][number]): void => {
        const { count, told } = one.now.refused;
        one.now = { ...one.now, refused: { count: count + 1, told: told.length < REFUSED_TOLD ? [...told, refused] : told } };
      },
      counted: (counts: Imported): void => {
        if (one.cancelled) throw new Cancelled();
        one.now = { ...one.now, counts };
      },
    };
    const work = (db: Db) => goThrough(db, one.clubId, foundIn(one.path, through), going);
    try {
      if (one.cancelled) return;
      const { club, whole, counts, erases } = await (adds ? transaction(this.backing.pool, work) : work(this.backing.pool));
      // Whoever hears that it is over finds nothing of it left.
      if (adds) await rm(one.path, { force: true });
      one.now = { ...one.now, state: to, through: 1, club, whole, counts, erases };
    } catch (error) {
      // Who cancels takes it away.
      if (error instanceof Cancelled) return;
      await rm(one.path, { force: true });
      one.now = { ...one.now, state: 'failed', counts: noTally(), problem: said(error) };
    }
  }

  /** What an earlier start left, and what nobody came back for, is taken away before another file comes. */
  private async swept(): Promise<void> {
    this.ready ??= this.emptied();
    await this.ready;
    for (const one of this.of.values()) if (one.now.state !== 'adding' && Date.now() - one.began > KEPT) await this.drop(one);
  }

  private async emptied(): Promise<void> {
    await mkdir(this.folder, { recursive: true, mode: 0o700 });
    for (const name of await readdir(this.folder)) if (NAME.test(name)) await rm(join(this.folder, name), { force: true });
  }
}

const noRoom = (): HttpProblem => new HttpProblem(507, { code: 'no-room', values: {} });

function said(error: unknown): Problem {
  const { says, more } = asProblem(error);
  return { error: says.code, values: says.values, fields: [], ...more };
}
