import type { FaultEntry, View } from '../catalogue/fault.js';
import type { FaultEvent, RunEvent } from './event.js';
import { judge, NOWHERE, type Judged, type Tap } from './cells.js';
import type { Placed } from './count.js';
import type { Seen } from './seen.js';
import { shows } from './watching.js';

/** What the runs without a plan come to: attempts that the coach closed with a tap. */
export interface Closed {
  readonly attempts: readonly Judged[];
  readonly placed: ReadonlyMap<string, Pick<Placed, 'as' | 'occasion'>>;
}

const both = (a: ReadonlySet<string>, b: ReadonlySet<string>): Set<string> => new Set([...a].filter((code) => b.has(code)));

/**
 * Attempts closed by the coach's tap; each lasts from the closing before it, for the athlete it was closed for. It has a denominator
 * for the faults that were on the board and could be seen from the viewpoint all through it. Turning to another athlete begins anew.
 * @param events of one device in its order, without what was taken back; faults with the athlete they were given to.
 * @param moved by how many attempts a tap was moved afterwards.
 */
export function closings(
  events: readonly RunEvent[],
  catalogue: ReadonlyMap<string, FaultEntry>,
  moved: (tap: FaultEvent) => number,
): Closed {
  const closed: { readonly seen: readonly Seen[]; readonly taps: FaultEvent[] }[] = [];
  const loose: FaultEvent[] = [];
  let [board, view]: [readonly string[], View] = [[], 'side'];
  let taps: FaultEvent[] = [];
  const shown = (): Set<string> =>
    new Set(
      board.filter((code) => {
        const fault = catalogue.get(code);
        return fault !== undefined && shows(fault, view);
      }),
    );
  let throughout = shown();
  for (const event of events) {
    if (event.kind === 'fault') taps.push(event);
    else if (event.kind === 'board') board = event.faults;
    else if (event.kind === 'view') view = event.view;
    if (event.kind === 'board' || event.kind === 'view') throughout = both(throughout, shown());
    if (event.kind === 'attempt') {
      const { athlete, device } = event;
      const seen =
        athlete === null
          ? []
          : [...throughout].map((fault): Seen => ({ athlete, fault, chances: 1, devices: new Map([[device, 1]]), view }));
      closed.push({ seen, taps });
    } else if (event.kind === 'watch') loose.push(...taps);
    else continue;
    taps = [];
    throughout = shown();
  }
  loose.push(...taps);
  return judged(closed, loose, moved);
}

function judged(
  closed: readonly { readonly seen: readonly Seen[]; readonly taps: readonly FaultEvent[] }[],
  loose: readonly FaultEvent[],
  moved: (tap: FaultEvent) => number,
): Closed {
  const attempts: Judged[] = [];
  const placed = new Map<string, Pick<Placed, 'as' | 'occasion'>>();
  const at = closed.map((): Tap[] => []);
  const nowhere = loose.map((event): Tap => ({ event, exercise: 0 }));
  closed.forEach(({ taps }, i) => taps.forEach((event) => (at[i + moved(event)] ?? nowhere).push({ event, exercise: 0 })));
  const add = (seen: readonly Seen[], taps: readonly Tap[], occasion: Placed['occasion']): void => {
    const one = judge(seen, taps, occasion && NOWHERE);
    attempts.push(one);
    for (const [id, said] of one.as) placed.set(id, { as: said, occasion });
  };
  closed.forEach(({ seen }, i) => add(seen, at[i] as Tap[], { exercise: 0, stretch: 0, set: 1, round: 1, repetition: i + 1 }));
  add([], nowhere, null);
  return { attempts, placed };
}
