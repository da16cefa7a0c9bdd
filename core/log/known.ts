import { Comings, isComing } from './comings.js';
import { Corrections, isCorrection } from './corrections.js';
import { AFTERWARDS, isOfThings, OF_THINGS, inOrder, OBSERVATIONS, type RunEvent } from './event.js';
import { Watchers } from './watchers.js';
import { isTurned, type Watching } from './watching.js';

/** What is known of a run from its events, whatever they are counted by: who wrote and took part, whom they watch, what was said later. */
export class Known {
  protected readonly byId = new Map<string, RunEvent>();
  readonly watchers = new Watchers();
  readonly corrections = new Corrections();
  private readonly comings: Comings;
  /** What was said of things, as it came: another list only when there is more. */
  ofThings: readonly RunEvent[] = [];
  private lastNow: RunEvent | null = null;
  private latestM = 0;
  private readonly seqs = new Map<string, number>();
  private readonly present = new Set<string>();

  /** @param athletes of the run's head. */
  constructor(athletes: readonly string[]) {
    this.comings = new Comings(athletes);
  }

  /**
   * Adds an event that is not in the log; gives the moment of the run (ms) from which something is watched otherwise than was known,
   * where it says that.
   */
  protected know(event: RunEvent): number | null {
    this.byId.set(event.id, event);
    if (this.lastNow === null || inOrder(event, this.lastNow) > 0) this.lastNow = event;
    this.seqs.set(event.device, Math.max(this.seqOf(event.device), event.seq));
    if (isCorrection(event)) {
      this.corrections.add(event);
      return null;
    }
    if (isOfThings(event)) this.ofThings = [...this.ofThings, event];
    if (OF_THINGS.includes(event.kind)) return null;
    this.latestM = Math.max(this.latestM, event.m);
    if (!AFTERWARDS.includes(event.kind)) this.present.add(event.device);
    if (isComing(event)) this.comings.add(event);
    return isTurned(event) ? this.watchers.add(event) : null;
  }

  /** One event; undefined where it is not in the log. */
  get(id: string): RunEvent | undefined {
    return this.byId.get(id);
  }

  /** Whether it is in the log. */
  has(id: string): boolean {
    return this.byId.has(id);
  }

  /** All events in order. */
  events(): RunEvent[] {
    return [...this.byId.values()].sort(inOrder);
  }

  /** The last event in order; null in an empty log. */
  get last(): RunEvent | null {
    return this.lastNow;
  }

  /** The highest order in the log. */
  get order(): number {
    return this.lastNow?.order ?? 0;
  }

  /** The latest moment of the run that anything in it speaks of, corrections apart (ms). */
  get latest(): number {
    return this.latestM;
  }

  /** The last seq of a device. */
  seqOf(device: string): number {
    return this.seqs.get(device) ?? 0;
  }

  /** All that took part in it; not those that only corrected it afterwards. */
  get devices(): readonly string[] {
    return [...this.present];
  }

  /** What a device's coach watches now; null before anything was said. */
  watchingOf(device: string): Watching | null {
    return this.watchers.now(device);
  }

  /** Those who take part now, and all who did for some time. */
  get here(): readonly string[] {
    return this.comings.here;
  }
  get all(): readonly string[] {
    return this.comings.all;
  }

  /** The undo that took an event back, if one stands. */
  undoOf(event: RunEvent): RunEvent | null {
    return this.corrections.undoOf(event);
  }

  /** All that was said of an event afterwards, in order. */
  saidOf(event: RunEvent): ReturnType<Corrections['of']> {
    return this.corrections.of(event);
  }

  /** Notes that stand, in order. */
  notes(): Extract<RunEvent, { kind: 'note' }>[] {
    return this.events().flatMap((event) => (event.kind === 'note' && this.undoOf(event) === null ? [event] : []));
  }

  /** Who took part at a moment of the run (ms). */
  hereAt(m: number): readonly string[] {
    return this.comings.at(m);
  }

  /** The latest observation of these devices that can be taken back; null where there is none. */
  lastUndoable(devices: ReadonlySet<string>): RunEvent | null {
    return this.undoable(devices, 1)[0] ?? null;
  }

  /** The latest so many observations of these devices that can be taken back, the last one first. */
  undoable(devices: ReadonlySet<string>, most: number): RunEvent[] {
    const last: RunEvent[] = [];
    for (const event of this.byId.values()) {
      if (!devices.has(event.device) || !OBSERVATIONS.includes(event.kind)) continue;
      const before = last[most - 1];
      if ((before && inOrder(event, before) < 0) || this.undoOf(event) !== null) continue;
      last.push(event);
      last.sort((a, b) => inOrder(b, a)).splice(most);
    }
    return last;
  }

  /** The event that a chain of corrections speaks of in the end. */
  protected root(id: string): string {
    const passed = new Set<string>();
    for (let event = this.byId.get(id); event !== undefined && isCorrection(event) && !passed.has(id); event = this.byId.get(id)) {
      passed.add(id);
      id = event.target;
    }
    return id;
  }
}
