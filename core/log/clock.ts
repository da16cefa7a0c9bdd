import { ms } from '../plan/ms.js';
import type { Stretch } from '../plan/stretch.js';
import { inOrder, type ControlEvent } from './event.js';
import { lastAt } from './last-at.js';

/** Seconds of count-down before the plan's zero. */
export const COUNT_DOWN = 5;

/** From a moment of the run on: where in the plan the clock is, and whether it moves. */
export interface Piece {
  readonly m: number;
  readonly t: number;
  readonly moving: boolean;
  /** Which leg it belongs to: each skip begins another. */
  readonly leg: number;
  /** The control that made it. */
  readonly by: string;
}

/** A run's clock as its controls made it. */
export interface RunClock {
  readonly status: 'waiting' | 'running' | 'paused' | 'ended';
  /** The control that the present state comes from; the next one answers it. */
  readonly last: string | null;
  readonly pieces: readonly Piece[];
  /** Seconds of the plan. */
  readonly total: number;
}

/** A clock that nobody has started. */
export const unstarted = (total: number): RunClock => ({ status: 'waiting', last: null, pieces: [], total });

/** Seconds of the plan at a moment of the run (ms); in the count-down below 0. */
export function planAt(clock: RunClock, m: number): number {
  const piece = pieceAt(clock, m);
  return piece === null ? -COUNT_DOWN : along(piece, m, clock.total);
}

const along = (piece: Piece, m: number, total: number): number =>
  piece.moving ? Math.min(total, ms(piece.t + (m - piece.m) / 1000)) : piece.t;

/** The moment of the run (ms) at which a clock that goes on as it does now comes, or came, to a second of the plan; NaN if it stands. */
export const momentOf = ({ pieces }: RunClock, t: number): number =>
  momentIn(
    pieces.findLast((piece) => piece.moving),
    t,
  );

/** What the clock did at a moment of the run; null before its first start. */
export const pieceAt = ({ pieces }: RunClock, m: number): Piece | null => pieces[lastAt(pieces, m)] ?? null;

/** The work at whose end a clock stands that ran up to it: it is on until somebody goes on. Skipped to its end it is over. −1: none. */
export function waitsFor(clock: RunClock, piece: Piece, stretches: readonly Stretch[]): number {
  const ran = !piece.moving && clock.pieces.some(({ leg, t }) => leg === piece.leg && t < piece.t);
  return ran ? stretches.findIndex(({ kind, end }) => kind === 'work' && end === piece.t) : -1;
}

/**
 * The clock after one more control. It acts from its moment of the run, if it answers the state that the clock is in; what answers
 * another one, or makes no sense there, leaves the clock as it is.
 */
export function turned(clock: RunClock, event: ControlEvent): RunClock {
  if (event.answers !== clock.last) return clock;
  const before = clock.pieces.at(-1);
  // No control acts before the one that it answers, however the two devices' clocks differ.
  const m = Math.max(event.m, before?.m ?? 0);
  const t = planAt(clock, m);
  const leg = before?.leg ?? 0;
  const { status } = clock;
  const next = (to: RunClock['status'], piece: Omit<Piece, 'by'>): RunClock => ({
    ...clock,
    status: to,
    last: event.id,
    pieces: [...clock.pieces, { ...piece, by: event.id }],
  });
  if (event.kind === 'go' && status === 'waiting') return next('running', { m, t: -COUNT_DOWN, moving: true, leg });
  if (event.kind === 'pause' && status === 'running') return next('paused', { m, t, moving: false, leg });
  if (event.kind === 'resume' && status === 'paused') return next('running', { m, t, moving: true, leg });
  if (event.kind === 'skip' && (status === 'running' || status === 'paused'))
    return next(status, { m, t: ms(Math.min(event.to, clock.total)), moving: status === 'running', leg: leg + 1 });
  if (event.kind === 'end' && status !== 'ended') return next('ended', { m, t, moving: false, leg });
  return clock;
}

/** Whether a control turned the clock; one that answers a state that was not there any more is kept, and does nothing. */
export const acted = ({ pieces }: RunClock, event: ControlEvent): boolean => pieces.some(({ by }) => by === event.id);

/** The clock of all controls, in whatever order they came. */
export const clockOf = (controls: readonly ControlEvent[], total: number): RunClock =>
  [...controls].sort(inOrder).reduce(turned, unstarted(total));

/** Plan time that was really run without a skip: seconds of the plan from and to, as far as a moment of the run. */
export interface Leg {
  readonly from: number;
  readonly to: number;
  /** Whether the clock went on elsewhere, or ended. */
  readonly closed: boolean;
  readonly pieces: readonly Piece[];
}

/** The legs of a run up to a moment of it (ms), in order. */
export function legsOf(clock: RunClock, m: number): Leg[] {
  const legs: { from: number; to: number; closed: boolean; pieces: Piece[] }[] = [];
  const pieces = clock.pieces.filter((piece) => piece.m <= m);
  pieces.forEach((piece, i) => {
    const to = along(piece, Math.min(m, clock.pieces[i + 1]?.m ?? m), clock.total);
    const leg = legs[piece.leg];
    if (leg) {
      leg.to = to;
      leg.pieces.push(piece);
    } else legs[piece.leg] = { from: piece.t, to, closed: false, pieces: [piece] };
  });
  const over = clock.status === 'ended' && pieces.length === clock.pieces.length;
  legs.forEach((leg, i) => (leg.closed = over || i < legs.length - 1));
  return legs;
}

/** When a leg's clock last stood at a second of the plan before it went on: the moment at which what begins there begins. */
export const begins = ({ pieces }: Leg, t: number): number =>
  momentIn(
    pieces.findLast((piece) => piece.moving && piece.t <= t + 1e-9),
    t,
  );

/** When a leg's clock first came to a second of the plan: the moment at which what ends there is over. */
export function ends({ pieces }: Leg, t: number): number {
  const after = pieces.findIndex((piece) => piece.t >= t - 1e-9);
  const upTo = after < 0 ? pieces : pieces.slice(0, Math.max(1, after));
  return momentIn(
    upTo.findLast((piece) => piece.moving),
    t,
  );
}

const momentIn = (piece: Piece | undefined, t: number): number =>
  piece === undefined ? Number.NaN : piece.m + Math.round((t - piece.t) * 1000);

/** What the clock does now. 'ended' by hand, or because the plan is over. */
export interface ClockState {
  readonly status: RunClock['status'];
  /** Seconds of the plan; negative in the count-down. */
  readonly t: number;
  readonly stretch: Stretch | null;
  /** Seconds left in this stretch (or in the count-down). */
  readonly left: number;
  /** Seconds for which work is on that goes on until somebody goes on, its wait among them; null in all else. */
  readonly up: number | null;
  readonly totalLeft: number;
}

/** Open work whose end the clock came to by a moment of the run (ms) without anybody having gone on from there; it waits there. */
export function overrun<S extends Stretch>(clock: RunClock, stretches: readonly S[], m: number): S | undefined {
  const [t, from] = [planAt(clock, m), clock.pieces.at(-1)?.t ?? 0];
  return clock.status === 'running' ? stretches.find(({ open, end }) => open && end <= t && end > from) : undefined;
}

/** The clock as it is shown at a moment of the run (ms). */
export function clockAt(clock: RunClock, stretches: readonly Stretch[], m: number): ClockState {
  const { total, status } = clock;
  const now = planAt(clock, m);
  const last = clock.pieces.at(-1);
  // Open work does not run over, however late its wait is written down; what waits is not over before somebody goes on.
  const over = overrun(clock, stretches, m);
  const waits = status === 'paused' && last ? stretches[waitsFor(clock, last, stretches)] : undefined;
  const t = over?.end ?? now;
  const stretch = t < 0 ? null : (over ?? waits ?? stretches.find((one) => t < one.end) ?? stretches.at(-1) ?? null);
  return {
    status: status === 'running' && t >= total && !over ? 'ended' : status,
    t,
    stretch,
    left: t < 0 ? -t : stretch ? Math.max(0, stretch.end - t) : 0,
    up: stretch?.open ? ms(t - stretch.start + (waits && last ? Math.max(0, m - last.m) / 1000 : 0)) : null,
    totalLeft: Math.max(0, total - t),
  };
}
