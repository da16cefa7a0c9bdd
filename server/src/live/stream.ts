import type { Response } from 'express';
import { HttpProblem } from '../http/problem.js';
import type { Hints } from './hints.js';

/** Pages of one club that hear at a time. */
const MOST = 200;
/** How often it is looked whether the page is still there, and may still hear (ms). */
const BEAT = 20_000;

/** What one page hears. */
interface Listener {
  /** Whether a hint is theirs. */
  readonly passes?: (hint: string) => boolean;
  /** Whether this hint is the last: the page asks again, and is let in or not. */
  readonly ends?: (hint: string) => boolean;
  /** Whether they may still hear. */
  readonly still: () => Promise<boolean>;
}

/** Hints of a club as server-sent events, until the page is gone or may hear no more. Throws 429 where too many hear. */
export async function stream(hints: Hints, clubId: string, response: Response, { passes, ends, still }: Listener): Promise<void> {
  if (hints.hearing(clubId) >= MOST) throw new HttpProblem(429, { code: 'too-many', values: {} });
  let leave = (): void => undefined;
  const gone = (): void => {
    clearInterval(beat);
    leave();
  };
  const end = (): void => {
    gone();
    response.end();
  };
  const beat = setInterval(() => {
    response.write('event: beat\ndata:\n\n');
    void still().then((may) => (may ? undefined : end()));
  }, BEAT);
  response.on('close', gone);
  try {
    const tell = (hint: string): void => {
      if (passes && !passes(hint)) return;
      response.write(`data: ${hint}\n\n`);
      if (ends?.(hint)) end();
    };
    leave = await hints.hear(clubId, { tell, lost: end });
  } catch (error) {
    gone();
    throw error;
  }
  if (response.destroyed) return gone();
  response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store, no-transform', 'X-Accel-Buffering': 'no' });
  response.write('retry: 3000\n\n');
}
