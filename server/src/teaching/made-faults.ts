import { FAULT_TEXTS, MOST_FAULTS } from '@hopsk/contract/club-faults';
import { TODAY } from '@hopsk/contract/reworded';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { madeFault, type Made } from '@hopsk/core/catalogue/made';
import { one, run, type Db } from '../db/sql.js';

const OURS = new Set(FAULTS.map(({ code }) => code));

/**
 * A club's faults with those that were made on the floor. One whose code is there already is that one: two coaches called it alike. Where
 * another is called so, its name gets a number; beyond what a club may have, it stays in its run.
 * @example withMade([], [{ code: 'hips-lag', label: 'hips lag', per: 'step' }]).length // 1
 */
export function withMade(faults: readonly ClubFault[], made: readonly Made[]): readonly ClubFault[] {
  const all = [...faults];
  for (const one of made) {
    if (OURS.has(one.code) || all.some(({ code }) => code === one.code) || all.length >= MOST_FAULTS) continue;
    all.push(madeFault({ ...one, label: labelFor(one.label, new Set(all.map(({ label }) => label.toLowerCase()))) }));
  }
  return all;
}

function labelFor(label: string, taken: ReadonlySet<string>): string {
  let free = label;
  for (let n = 2; taken.has(free.toLowerCase()); n++) free = `${label.slice(0, FAULT_TEXTS.label - ` ${n}`.length)} ${n}`;
  return free;
}

/** The club has from here on what was made in a run of it. To be called in a transaction. */
export async function addMade(db: Db, clubId: string, made: readonly Made[]): Promise<void> {
  if (made.length === 0) return;
  await run(db, 'teaching-begin', clubId, TODAY.language, TODAY.engine);
  const faults = (await one<{ faults: ClubFault[] }>(db, 'teaching-faults-held', clubId))?.faults ?? [];
  const all = withMade(faults, made);
  if (all.length > faults.length) await run(db, 'teaching-faults-put', clubId, JSON.stringify(all));
}
