import type { ThingAs } from '@hopsk/core/log/event';

/** What a page can do with a thing that takes part in a run, and what it hears of it. A thing leaves out what is none of its own. */
export interface Thing {
  /** A call fell due: seconds of the plan by which it is known. */
  readonly called: (call: number) => void;
  /** Somebody works now, or rests. */
  readonly works: (working: boolean) => void;
  /** It is not wanted any more. */
  readonly close: () => void;
}

/** What is heard of a thing. */
export interface Heard {
  /** A light was touched so long after a call (ms). */
  readonly touched: (call: number, ms: number) => void;
  /** The heart beats so often in a minute. */
  readonly beats: (bpm: number) => void;
  /** A feeder released a ball. */
  readonly released: () => void;
}

/** Finds a thing of a kind and keeps in touch with it. Real ones would come through Web Bluetooth behind this. */
export type FindThing = (as: ThingAs, heard: Heard) => Thing;
