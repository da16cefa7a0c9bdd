import type { FaultEntry } from '../catalogue/fault.js';
import type { RunStretch } from '../plan/run-plan.js';
import { pieceAt, planAt, waitsFor, type RunClock } from './clock.js';
import type { Home } from './count.js';
import { inOrder, type RunEvent } from './event.js';
import { lastAt } from './last-at.js';
import { seenIn, wholeIn, type Seen, type Windows } from './seen.js';
import type { Watching } from './watching.js';

export type BallEvent = Extract<RunEvent, { kind: 'ball' }>;

/** Two devices that open a ball within so many milliseconds open one (the product's own rule: two coaches press for the same feed). */
const SAME_BALL_MS = 1000;

/** A ball that was opened: an occasion with the chances of its line. */
export interface Ball extends Home {
  readonly id: string;
  readonly device: string;
  /** The moment of the run (ms) at which it was opened. */
  readonly m: number;
  /** Place of what is done in it among the plan's repetitions, and how long that takes (s). */
  readonly rep: number;
  readonly seconds: number;
}

/** What balls are opened in. */
export interface BallsOf {
  readonly stretches: readonly RunStretch[];
  readonly windows: Windows;
  readonly catalogue: ReadonlyMap<string, FaultEntry>;
  readonly clock: () => RunClock;
  /** Whether the coach opens the occasions of an exercise at a moment of the run. */
  readonly byCoach: (exercise: number, m: number) => boolean;
  /** Whether it is an athlete's turn there. */
  readonly turn: (at: Pick<Ball, 'stretch' | 'exercise'>, athlete: string) => boolean;
}

const byTime = (a: BallEvent, b: BallEvent): number => a.m - b.m || inOrder(a, b);

/**
 * Occasions that a coach opens, ball by ball, in the run's true time whatever order they are heard in. A ball lasts as long as its line
 * takes, or until the next one; what is pressed when nobody works, or where the plan opens the occasions, opens none.
 */
export class Balls {
  private readonly events: BallEvent[] = [];
  private readonly held = new Set<string>();
  private readonly opened: Ball[] = [];
  /** The ball that each event opened, or that another device had opened for it. */
  private readonly balls = new Map<string, Ball>();
  /** How many events have been looked at, and how many balls have been settled. */
  private looked = 0;
  private settled = 0;
  private settledTo = Number.NEGATIVE_INFINITY;
  private readonly seen = new Map<string, readonly Seen[]>();
  private readonly whole = new Map<string, ReadonlySet<string>>();

  constructor(private readonly of: BallsOf) {}

  /** The moment of the run (ms) before which all is known: what is said of it later has everything looked at anew. */
  get until(): number {
    return Math.max(this.settledTo, this.events[this.looked - 1]?.m ?? Number.NEGATIVE_INFINITY);
  }

  /** Adds a ball, or takes it away where it was taken back; says whether that changes anything. */
  set(event: BallEvent, gone: boolean): boolean {
    if (this.held.has(event.id) !== gone) return false;
    if (gone) {
      this.held.delete(event.id);
      this.events.splice(this.events.indexOf(event), 1);
      return true;
    }
    this.held.add(event.id);
    let at = this.events.length;
    while (at > 0 && byTime(event, this.events[at - 1] as BallEvent) < 0) at--;
    this.events.splice(at, 0, event);
    return true;
  }

  /** Balls are opened anew, and what was seen in them is forgotten; gives those of which something was known. */
  forget(): string[] {
    this.opened.length = 0;
    this.balls.clear();
    this.looked = 0;
    return this.unsettle();
  }

  /** What was seen is forgotten; gives the balls of which something was known. */
  unsettle(): string[] {
    const known = this.known();
    this.seen.clear();
    this.whole.clear();
    [this.settled, this.settledTo] = [0, Number.NEGATIVE_INFINITY];
    return known;
  }

  /** What an event opened; null where it opened nothing. */
  openedBy(id: string): Ball | null {
    this.look();
    return this.balls.get(id) ?? null;
  }

  /** The last one opened by a moment of the run (ms). */
  at(m: number): Ball | null {
    this.look();
    return this.opened[lastAt(this.opened, m)] ?? null;
  }

  /** The ball so many further; null where there is none by that moment of the run (ms). */
  stepped(ball: Ball, by: number, m: number): Ball | null {
    const to = this.opened[this.opened.indexOf(ball) + by];
    return to && to.m <= m ? to : null;
  }

  seenAt(id: string): readonly Seen[] {
    return this.seen.get(id) ?? [];
  }

  /** Who was watched all through a ball. */
  wholeAt(id: string): ReadonlySet<string> {
    return this.whole.get(id) ?? new Set();
  }

  /** Balls of which something is known. */
  known(): string[] {
    return [...this.seen.keys()];
  }

  /** Settles what is over by a moment of the run (ms); gives the balls of which more is known. */
  settle(m: number, watching: ReadonlyMap<string, readonly Watching[]>): string[] {
    this.look();
    const now: string[] = [];
    for (; this.settled < this.opened.length; this.settled++) {
      const ball = this.opened[this.settled] as Ball;
      const { end, whole } = this.endOf(ball);
      if (end > m) break;
      this.settledTo = Math.max(this.settledTo, end);
      if (!whole) continue;
      const { windows, catalogue, turn } = this.of;
      const all = seenIn(ball.m, end, (fault) => windows.of(ball.rep, fault.per).map(() => [ball.m, end] as const), watching, catalogue);
      this.seen.set(
        ball.id,
        all.filter(({ athlete }) => turn(ball, athlete)),
      );
      const through = [...wholeIn(ball.m, end, watching, catalogue)].filter((athlete) => turn(ball, athlete));
      this.whole.set(ball.id, new Set(through));
      now.push(ball.id);
    }
    return now;
  }

  /** When it is over (ms): the next one, its line's time, or a skip or the end; a pause in it leaves it unfinished. */
  private endOf(ball: Ball): { readonly end: number; readonly whole: boolean } {
    const next = this.opened[this.opened.indexOf(ball, this.settled) + 1];
    let end = Math.min(ball.m + Math.round(ball.seconds * 1000), next?.m ?? Number.POSITIVE_INFINITY);
    const clock = this.of.clock();
    const { pieces, status } = clock;
    const leg = pieceAt(clock, ball.m)?.leg;
    let whole = true;
    for (let i = pieces.length - 1; i >= 0; i--) {
      const piece = pieces[i] as (typeof pieces)[number];
      if (piece.m <= ball.m) break;
      if (piece.m >= end) continue;
      const over = piece.leg !== leg || (status === 'ended' && i === pieces.length - 1);
      const stood = !piece.moving && pieces[i + 1]?.m !== piece.m;
      if (over) end = piece.m;
      else if (stood && waitsFor(clock, piece, this.of.stretches) < 0) whole = false;
    }
    return { end, whole: whole && end > ball.m };
  }

  private look(): void {
    for (; this.looked < this.events.length; this.looked++) {
      const event = this.events[this.looked] as BallEvent;
      const last = this.opened.at(-1);
      const ball = this.opens(event);
      if (ball === null) continue;
      const same = last !== undefined && last.device !== event.device && event.m - last.m < SAME_BALL_MS;
      if (!same) this.opened.push(ball);
      this.balls.set(event.id, same ? last : ball);
    }
  }

  private opens({ id, device, m }: BallEvent): Ball | null {
    const clock = this.of.clock();
    const piece = pieceAt(clock, m);
    if (piece === null || (clock.status === 'ended' && piece === clock.pieces.at(-1))) return null;
    const t = planAt(clock, m);
    const { stretches, byCoach, windows } = this.of;
    const running = t < 0 ? -1 : stretches.findIndex(({ end }) => t < end);
    // At the end of work that waits for the coach balls go on.
    const stretch = piece.moving ? running : waitsFor(clock, piece, stretches);
    const one = stretches[stretch];
    if (one?.kind !== 'work' || !byCoach(one.exercise, m)) return null;
    const before = this.opened.findLast((ball) => ball.stretch === stretch)?.repetition ?? 0;
    // What chimes have done is no ball: those go through the line, or the calls.
    const lines = one.done.filter(([, rep]) => !windows.chimed(rep));
    const rep = lines[before % Math.max(1, lines.length)]?.[1] ?? one.line;
    if (rep === undefined) return null;
    const { exercise, set, round } = one;
    return { id, device, m, exercise, set, round, repetition: before + 1, ball: true, stretch, rep, seconds: windows.seconds(rep) };
  }
}
