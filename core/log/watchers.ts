import { watched, watchings, type TurnedEvent, type Watching } from './watching.js';

/** What each device's coach watched, whatever order it is heard in. */
export class Watchers {
  private readonly turns = new Map<string, TurnedEvent[]>();
  private readonly all = new Map<string, Watching[]>();

  /** All that each device's coach watched, in order. */
  get byDevice(): ReadonlyMap<string, readonly Watching[]> {
    return this.all;
  }

  /** What a device's coach watches now; null before anything was said. */
  now(device: string): Watching | null {
    return this.all.get(device)?.at(-1) ?? null;
  }

  /** Adds a change; gives the moment of the run (ms) from which something is watched otherwise than was known. */
  add(event: TurnedEvent): number {
    const { device } = event;
    const mine = this.turns.get(device) ?? [];
    const all = this.all.get(device) ?? watchings([]);
    this.turns.set(device, mine);
    const late = (mine.at(-1)?.seq ?? 0) > event.seq;
    mine.push(event);
    if (late) {
      mine.sort((a, b) => a.seq - b.seq);
      this.all.set(device, watchings(mine));
      return event.m;
    }
    const now = watched(all.at(-1) as Watching, event);
    all.push(now);
    this.all.set(device, all);
    return now.m;
  }
}
