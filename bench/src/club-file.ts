import { readFileSync, writeFileSync } from 'node:fs';
import { Readable } from 'node:stream';
import type { ImportNow } from '@hopsk/contract/club-lines';
import type { Ask } from './ask.js';
import { DECADE, decade } from './decade.js';
import type { Line } from './measure.js';

/** Runs whose file has some 20 MB; of ten years it has some 1 GB. */
const FEW = 750;

/** Megabytes of memory that a process holds now, or held at most since it was last asked. */
function held(pid: number, what: 'VmRSS' | 'VmHWM'): number {
  const kB = new RegExp(`^${what}:\\s+(\\d+) kB`, 'm').exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
  return Number(kB) / 1024;
}

/** How a server grows that takes in and gives out a large club, and how long that takes. */
export async function clubFile(ask: Ask, pid: number, long: boolean): Promise<Line[]> {
  const runs = long ? DECADE.runs : FEW;
  const size = { bytes: 0 };
  const bytes = Readable.from(counted(decade(runs), size));
  const before = held(pid, 'VmRSS');
  // The peak from here on.
  writeFileSync(`/proc/${pid}/clear_refs`, '5');
  const settled = async (now: ImportNow): Promise<ImportNow> => {
    for (let seen = now; ; seen = await ask<ImportNow>(`/imports/${seen.id}`)) {
      if (seen.state === 'failed') throw new Error(`The club file was refused: ${JSON.stringify(seen.problem)}`);
      if (seen.state === 'read' || seen.state === 'added') return seen;
      await new Promise((done) => setTimeout(done, 500));
    }
  };
  const began = performance.now();
  const read = await settled(
    await ask<ImportNow>('/imports', { method: 'POST', body: Readable.toWeb(bytes) as unknown as BodyInit, duplex: 'half' } as RequestInit),
  );
  if (read.whole !== 'whole' || read.refused.count > 0) throw new Error(`The club file was read as ${JSON.stringify(read)}`);
  const looked = performance.now();
  await settled(await ask<ImportNow>(`/imports/${read.id}/add`, { method: 'POST', body: '{}' }));
  const added = performance.now();
  const { id } = await ask<{ id: string }>('/export', { method: 'POST', body: JSON.stringify({ passphrase: null }) });
  const given = await ask.bytes(`/export/${id}`);
  const out = performance.now();
  const grown = held(pid, 'VmHWM') - before;
  const MB = size.bytes / 2 ** 20;
  const line = (name: string, value: number, unit: string, limit: number | null = null): Line => ({
    name,
    value,
    unit,
    baseline: null,
    limit,
  });
  return [
    line(`club file of ${runs} runs`, MB, 'MB'),
    line('the server grows by, in and out', grown, 'MB', 300),
    line('sent and looked through', (looked - began) / 1000, 's'),
    line('added', (added - looked) / 1000, 's'),
    line(`given out (${(given / 2 ** 20).toFixed(0)} MB, with the demo club)`, (out - added) / 1000, 's'),
  ];
}

function* counted(lines: Iterable<string>, size: { bytes: number }): Generator<Buffer> {
  for (const line of lines) {
    const bytes = Buffer.from(line);
    size.bytes += bytes.length;
    yield bytes;
  }
}
