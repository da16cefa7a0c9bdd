import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Plain } from './project.mjs';

/** When a process began, in the machine's own ticks; null without it. Numbers of processes come again, this does not. */
function beganAt(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    // What follows the name in brackets, which may hold blanks: the 22nd field is the third of the line's twentieth.
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? null;
  } catch {
    return null;
  }
}

/** Refuses a second start on the same data while the first one runs; a mark left by a killed run is taken over. Gives what takes it away. */
export function takeMark(data) {
  mkdirSync(data, { recursive: true, mode: 0o711 });
  const mark = join(data, 'start.pid');
  if (existsSync(mark)) {
    const [pid, began] = readFileSync(mark, 'utf8').trim().split(' ');
    const runs = beganAt(pid);
    if (Number(pid) !== process.pid && runs !== null && runs === began)
      throw new Plain(`Hopsk is running from this folder already (process ${pid}). Stop it there first, or use --data for another one.`);
  }
  writeFileSync(mark, `${process.pid} ${beganAt(process.pid)}`);
  return () => rmSync(mark, { force: true });
}
