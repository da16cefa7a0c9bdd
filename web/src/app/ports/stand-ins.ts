import { HEART_BEGINS, heartAfter } from '@hopsk/core/log/heart';
import type { FindThing, Heard, Thing } from './things';

/** From a call to a touch (ms), at the quickest and so much more (common practice, no source). */
const TOUCHES = { least: 280, more: 260 } as const;
/** A strap says so often (ms) how the heart beats. */
const SAYS_EACH = 5000;
/** From a call to a ball that leaves the feeder (ms). */
const RELEASES = 150;

const idle = { called: () => undefined, works: () => undefined, close: () => undefined };

/** Timers that end together. */
class Timers {
  private readonly open = new Set<ReturnType<typeof setTimeout>>();

  after(ms: number, act: () => void): void {
    const timer = setTimeout(() => {
      this.open.delete(timer);
      act();
    }, ms);
    this.open.add(timer);
  }

  each(ms: number, act: () => void): void {
    this.after(ms, () => {
      act();
      this.each(ms, act);
    });
  }

  close(): void {
    this.open.forEach(clearTimeout);
    this.open.clear();
  }
}

/** Somebody who touches it a little after each call. */
function light({ touched }: Heard, chance: () => number): Thing {
  const timers = new Timers();
  return {
    ...idle,
    called: (call) => {
      const ms = Math.round(TOUCHES.least + TOUCHES.more * chance());
      timers.after(ms, () => touched(call, ms));
    },
    close: () => timers.close(),
  };
}

/** A heart that goes up with work and down with rest. */
function strap({ beats }: Heard): Thing {
  const timers = new Timers();
  let [bpm, working]: [number, boolean] = [HEART_BEGINS, false];
  timers.each(SAYS_EACH, () => {
    bpm = heartAfter(bpm, SAYS_EACH / 1000, working);
    beats(Math.round(bpm));
  });
  return { ...idle, works: (now) => (working = now), close: () => timers.close() };
}

/** A ball for each call. */
function feeder({ released }: Heard): Thing {
  const timers = new Timers();
  return { ...idle, called: () => timers.after(RELEASES, released), close: () => timers.close() };
}

/**
 * Stand-ins for things that nobody has at hand: they ship, a coach switches them on, and what they say is marked as theirs.
 * @param chance numbers from 0 up to 1.
 */
export const standIns =
  (chance: () => number = Math.random): FindThing =>
  (as, heard) => {
    switch (as) {
      case 'light':
        return light(heard, chance);
      case 'strap':
        return strap(heard);
      case 'feeder':
        return feeder(heard);
      case 'counter':
        return idle;
    }
  };
