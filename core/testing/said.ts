import type { RunEvent } from '../log/event.js';

/** Something said at a second of the run, its count-down of five seconds included; by device ‘a’ where nothing else is said. */
export type Said = readonly [s: number, more: Partial<RunEvent> & { readonly device?: string }];

/** A log of what was said, in that order, with ids e0, e1 …: each control answers the one before it. */
export function eventsSaid(said: readonly Said[]): RunEvent[] {
  const seqs = new Map<string, number>();
  let answers: string | null = null;
  return said.map(([s, more], i) => {
    const device = more.device ?? 'a';
    const seq = (seqs.get(device) ?? 0) + 1;
    seqs.set(device, seq);
    const control = ['go', 'pause', 'resume', 'skip', 'end'].includes(more.kind ?? '');
    const event = { id: `e${i}`, device, seq, order: i + 1, m: Math.round(s * 1000), at: 0, ...more, ...(control ? { answers } : {}) };
    if (control) answers = event.id;
    return event as RunEvent;
  });
}
