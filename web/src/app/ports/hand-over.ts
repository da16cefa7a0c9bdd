/** Something to be heard at a second of the plan; the same at the same second is one. */
export interface Due {
  readonly at: number;
  readonly key: string;
}

/** Where it is played: a clock of its own that sounds fall due by, whatever the page is doing. Seconds. */
export interface Output<D extends Due, Handle> {
  readonly now: number;
  /** Whether it sounds now; its clock stands where it does not. */
  readonly sounds: boolean;
  /** To be heard at this second of its clock. */
  play(due: D, at: number): Handle;
  stop(handle: Handle): void;
}

interface Handed<Handle> extends Due {
  /** The second of the output's clock. */
  readonly start: number;
  readonly handle: Handle;
}

/** What is to come is handed over this far ahead: a timer that fires a minute late, as in a hidden tab, comes round in time. */
export const AHEAD = 90;
/** Further than this from its moment what waits is handed over anew: the run's time was put right, or the output's clock goes otherwise. */
const OFF = 0.05;
/** Nearer than this it cannot be on time any more. */
const NEAREST = 0.01;

/** Hands what falls due to a clock that plays it, ahead of time and once, and takes it back. */
export class HandOver<D extends Due, Handle> {
  private handed: Handed<Handle>[] = [];

  constructor(private readonly output: Output<D, Handle>) {}

  /** What comes is handed over; `t` is the plan's second now. Called again it fills up what is missing, and moves what lies wrong. */
  plan(all: readonly D[], t: number): void {
    if (!this.output.sounds) return;
    const { now } = this.output;
    // What began is past: nobody hands it over again.
    this.handed = this.handed.filter(({ start }) => start > now - AHEAD);
    this.take(({ at, start }) => start > now && Math.abs(start - now - (at - t)) > OFF);
    const known = new Set(this.handed.map(nameOf));
    for (const due of all) {
      const wait = due.at - t;
      if (wait < NEAREST || wait > AHEAD || known.has(nameOf(due))) continue;
      const start = now + wait;
      this.handed.push({ at: due.at, key: due.key, start, handle: this.output.play(due, start) });
    }
  }

  /** All that is to come is taken back: a pause, a skip, the end. What sounds already may finish. */
  takeBack(): void {
    const { now } = this.output;
    this.take(({ start }) => start > now);
    this.handed = [];
  }

  private take(which: (one: Handed<Handle>) => boolean): void {
    for (const { handle } of this.handed.filter(which)) this.output.stop(handle);
    this.handed = this.handed.filter((one) => !which(one));
  }
}

const nameOf = ({ at, key }: Due): string => `${at} ${key}`;
