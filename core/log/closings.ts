import type { FaultEntry, View } from '../catalogue/fault.js';
import { judge, NOWHERE, Tallies, type Judged } from './cells.js';
import type { Placed } from './count.js';
import { inOrder, type FaultEvent, type RunEvent } from './event.js';
import type { Seen } from './seen.js';
import { shows } from './watching.js';

/** What a device watches, and what was tapped on it since its last closing. */
interface Open {
  last: RunEvent | null;
  board: readonly string[];
  view: View;
  taps: FaultEvent[];
  /** Faults that were on the board and could be seen ever since. */
  throughout: Set<string>;
  closed: number;
}

interface Attempt {
  readonly seen: readonly Seen[];
  readonly taps: FaultEvent[];
  readonly occasion: NonNullable<Placed['occasion']>;
}

/**
 * Attempts of a run without a plan, closed by the coach's tap; each lasts from the closing before it, for the athlete it was closed
 * for. It has a denominator for the faults that were on the board and could be seen from the viewpoint all through it. Turning to
 * another athlete begins anew. What was not closed yet, or never, is noted.
 */
export class Closings {
  private readonly devices = new Map<string, Open>();
  private readonly attempts = new Map<string, Attempt>();
  /** Taps that were moved to an attempt that is not closed yet. */
  private readonly waiting = new Map<string, FaultEvent[]>();
  private readonly tallies = new Tallies();
  private readonly judgements = new Map<string, Judged>();
  private readonly places = new Map<string, Pick<Placed, 'as' | 'occasion'>>();

  /** @param moved by how many attempts a tap was moved afterwards. */
  constructor(
    private readonly catalogue: ReadonlyMap<string, FaultEntry>,
    private readonly moved: (tap: FaultEvent) => number,
  ) {}

  /**
   * Takes in what comes next on a device, without what was taken back; faults with the athlete they were given to. False where it does
   * not come next: then all has to be gone through anew.
   */
  take(event: RunEvent): boolean {
    const open = this.openOn(event.device);
    if (open.last !== null && inOrder(event, open.last) < 0) return false;
    open.last = event;
    switch (event.kind) {
      case 'fault':
        open.taps.push(event);
        this.nowhere(event);
        break;
      case 'board':
        open.board = event.faults;
        this.narrow(open);
        break;
      case 'view':
        open.view = event.view;
        this.narrow(open);
        break;
      case 'attempt':
        this.close(open, event);
        this.begin(open);
        break;
      case 'watch':
        this.begin(open);
        break;
      default:
      // Nothing else says anything of attempts.
    }
    return true;
  }

  /** What the attempts come to, and each tap that belongs to none. */
  judged(): Iterable<Judged> {
    return this.judgements.values();
  }

  rows(): ReturnType<Tallies['rows']> {
    return this.tallies.rows();
  }

  /** Where a tap belongs. */
  placeOf(id: string): Pick<Placed, 'as' | 'occasion'> {
    return this.places.get(id) ?? { as: 'noted', occasion: null };
  }

  private openOn(device: string): Open {
    const open = this.devices.get(device) ?? { last: null, board: [], view: 'side', taps: [], throughout: new Set(), closed: 0 };
    this.devices.set(device, open);
    return open;
  }

  private shown({ board, view }: Open): Set<string> {
    return new Set(
      board.filter((code) => {
        const fault = this.catalogue.get(code);
        return fault !== undefined && shows(fault, view);
      }),
    );
  }

  private narrow(open: Open): void {
    const now = this.shown(open);
    open.throughout = new Set([...open.throughout].filter((code) => now.has(code)));
  }

  private begin(open: Open): void {
    open.taps = [];
    open.throughout = this.shown(open);
  }

  private close(open: Open, { athlete, device }: Extract<RunEvent, { kind: 'attempt' }>): void {
    const i = open.closed++;
    const key = (n: number): string => `${device} ${n}`;
    const seen =
      athlete === null
        ? []
        : [...open.throughout].map((fault): Seen => ({ athlete, fault, chances: 1, devices: new Map([[device, 1]]), view: open.view }));
    const occasion = { exercise: 0, stretch: 0, set: 1, round: 1, repetition: i + 1 };
    this.attempts.set(key(i), { seen, taps: this.waiting.get(key(i)) ?? [], occasion });
    const touched = new Set([i]);
    for (const tap of open.taps) {
      const to = i + this.moved(tap);
      const there = this.attempts.get(key(to));
      if (there) {
        there.taps.push(tap);
        touched.add(to);
      } else if (to > i) this.waiting.set(key(to), [...(this.waiting.get(key(to)) ?? []), tap]);
    }
    for (const n of touched) this.judge(key(n));
  }

  private judge(key: string): void {
    const { seen, taps, occasion } = this.attempts.get(key) as Attempt;
    for (const { id } of taps) {
      this.tallies.set(id, []);
      this.judgements.delete(id);
    }
    const one = judge(
      seen,
      taps.map((event) => ({ event, exercise: 0 })),
      NOWHERE,
    );
    this.tallies.set(key, one.cells);
    this.judgements.set(key, one);
    for (const [id, as] of one.as) this.places.set(id, { as, occasion });
  }

  private nowhere(event: FaultEvent): void {
    const one = judge([], [{ event, exercise: 0 }], null);
    this.tallies.set(event.id, one.cells);
    this.judgements.set(event.id, one);
  }
}
