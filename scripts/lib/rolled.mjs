import { chmodSync, copyFileSync, existsSync, readdirSync, renameSync, rmSync, statSync, truncateSync } from 'node:fs';
import { join } from 'node:path';

/** Bytes at which a log begins anew, how many earlier ones are kept, and how often it is looked at (ms). */
const [MOST, KEPT, LOOKS] = [5_000_000, 4, 30_000];

/**
 * Bounds a log that others write to: what is in it goes to `FILE.1`, what was there to `FILE.2` and so on, and it begins anew. Who writes
 * to it by adding at its end goes on doing so; what comes between the copy and the cut is lost. Only the user who started it reads logs.
 */
export function roll(file, { most = MOST, kept = KEPT } = {}) {
  if (!existsSync(file)) return;
  chmodSync(file, 0o600);
  if (statSync(file).size < most) return;
  rmSync(`${file}.${kept}`, { force: true });
  for (let n = kept - 1; n >= 1; n--) if (existsSync(`${file}.${n}`)) renameSync(`${file}.${n}`, `${file}.${n + 1}`);
  copyFileSync(file, `${file}.1`);
  chmodSync(`${file}.1`, 0o600);
  truncateSync(file);
}

/** Bounds all logs of a folder now and while this process runs. */
export function keepRolled(folder) {
  const look = () => {
    if (!existsSync(folder)) return;
    for (const name of readdirSync(folder)) if (name.endsWith('.log')) roll(join(folder, name));
  };
  look();
  setInterval(look, LOOKS).unref();
}
