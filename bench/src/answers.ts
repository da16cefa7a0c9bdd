import { randomUUID } from 'node:crypto';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import type { Ask } from './ask.js';
import { median, timedAsync, type Line } from './measure.js';

/** Medians of the API on the demo data over loopback; the baseline is the health answer, a bare round trip with one trivial query. */
export async function answers(ask: Ask): Promise<Line[]> {
  const athletes = await ask<Athlete[]>('/athletes');
  const runs = await ask<RunRow[]>('/runs');
  const whole = await ask<RunWhole>(`/runs/${runs[0]?.id}`);
  const last = whole.events.at(-1);
  let seq = 0;
  const log = async (): Promise<unknown> => {
    // One more tap in a run that is there.
    const event = {
      ...{ id: randomUUID(), device: 'bench', seq: ++seq, order: 100_000 + seq, m: last?.m ?? 0, at: Date.now() },
      ...{ kind: 'fault', fault: 'tall', side: null, athlete: whole.run.athletes[0], source: 'floor', clip: null, shown: null },
    };
    return ask(`/runs/${whole.run.id}/events`, { method: 'POST', body: JSON.stringify({ events: [event] }) });
  };
  const baseline = median(await timedAsync(100, () => ask('/health')));
  const line = async (name: string, work: () => Promise<unknown>): Promise<Line> => ({
    name,
    value: median(await timedAsync(60, work)),
    unit: 'ms',
    baseline,
    limit: 20,
  });
  return [
    await line('GET /me', () => ask('/me')),
    await line('GET /athletes', () => ask('/athletes')),
    await line('GET /patterns', () => ask('/patterns')),
    await line('GET /runs', () => ask('/runs')),
    await line('GET /runs/:id', () => ask(`/runs/${whole.run.id}`)),
    await line('GET /athletes/:id/book', () => ask(`/athletes/${athletes[0]?.id}/book`)),
    await line('POST /runs/:id/events', log),
  ];
}
