import { grouped } from '@hopsk/core/grouped';
import { fromEarlier, type EarlierEvent } from '@hopsk/core/log/earlier';
import type { KeptEvent, KeptRun } from './device-store';

/** A tap as an earlier version kept it. */
export interface EarlierKept extends Omit<KeptEvent, 'event'> {
  readonly event: EarlierEvent;
}
export type EarlierRun = Omit<KeptRun, 'aliveM' | 'headSent' | 'devices' | 'arrival'>;

/**
 * Runs and taps that an earlier version left on this device, as they are kept today: all of them the earlier device's, numbered as the
 * server numbers what it has of them.
 */
export function takeOver(
  runs: readonly EarlierRun[],
  kept: readonly EarlierKept[],
): { readonly runs: KeptRun[]; readonly events: KeptEvent[] } {
  const byRun = grouped(kept, ({ runId }) => runId);
  const events: KeptEvent[] = [];
  const taken = runs.map((run): KeptRun => {
    const mine = byRun.get(run.head.id) ?? [];
    const sent = new Map(mine.map((one) => [one.event.id, one.sent]));
    const log = fromEarlier(
      run.head.id,
      mine.map(({ event }) => event),
    );
    for (const event of log) events.push({ runId: run.head.id, clubId: run.clubId, event, sent: sent.get(event.id) ?? 0 });
    const last = log.at(-1);
    const since = last === undefined || run.open === 0 ? 0 : Math.max(0, run.aliveAt - last.at);
    // The earlier version sent the run with each tap.
    const devices = [...new Set(log.map(({ device }) => device))];
    return { ...run, aliveM: (last?.m ?? 0) + since, headSent: mine.some((one) => one.sent === 1) ? 1 : 0, devices, arrival: 0 };
  });
  return { runs: taken, events };
}
