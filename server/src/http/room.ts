import { statfs } from 'node:fs/promises';
import { dirname } from 'node:path';
import type { RequestHandler } from 'express';
import { HttpProblem } from './problem.js';
import { isSafe } from './sign-in.js';

/** What was seen of the disk holds for so long (ms). */
const HOLDS = 1_000;

/** Room on the disk on which the server keeps what comes in: below so many bytes nothing more is written, before the database has none left to go on with. */
export class Room {
  private seen: { readonly at: number; readonly has: Promise<boolean> } | null = null;

  constructor(
    private readonly folder: string,
    private readonly least: number,
  ) {}

  has(): Promise<boolean> {
    const now = Date.now();
    if (!this.seen || now - this.seen.at > HOLDS) this.seen = { at: now, has: this.look() };
    return this.seen.has;
  }

  /** Refuses what would be written where there is no room for it; reading goes on, and so does going in and out. */
  readonly guard: RequestHandler = async (request, _response, next) => {
    const writes = !isSafe(request.method) && !['/sign-in', '/sign-out'].includes(request.path);
    if (writes && !(await this.has())) throw noRoom();
    next();
  };

  private async look(): Promise<boolean> {
    // Where it cannot be looked at, the database says so itself.
    const found = await statfs(dirname(this.folder)).catch(() => null);
    return found === null || found.bavail * found.bsize >= this.least;
  }
}

const noRoom = (): HttpProblem => new HttpProblem(507, { code: 'no-room', values: {} });
