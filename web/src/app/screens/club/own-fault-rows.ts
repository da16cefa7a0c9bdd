import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { codeFor, unsaidFault } from '@hopsk/core/catalogue/made';
import { words } from '@hopsk/words/words';
import { same } from '../../data/same';

/** A fault of the catalogue as we have it, with our words. */
export function oursOf(code: string): ClubFault | null {
  const entry = FAULTS.find((fault) => fault.code === code);
  const said = words.faults[code];
  return entry && said ? { ...unsaidFault(entry), ...said, remedy: words.remedies[code] ?? '' } : null;
}

/** One that nobody has said anything of yet. */
export const freshFault = (): ClubFault =>
  unsaidFault({ code: '', phase: 'travel', views: ['side'], per: 'step', shownBy: 'any', causes: [] });

/** All faults of a club, its own first, each as the club has it. */
export const allFaults = (own: readonly ClubFault[]): ClubFault[] => {
  const said = new Map(own.map((fault) => [fault.code, fault]));
  const mine = own.filter(({ code }) => !FAULTS.some((fault) => fault.code === code));
  return [...mine, ...FAULTS.flatMap(({ code }) => said.get(code) ?? oursOf(code) ?? [])];
};

/**
 * A club's faults with this one as it is now; what is as in the catalogue is not kept.
 * @param fault one with a code of its own, or a new one, which gets it from its name
 */
export function withFault(own: readonly ClubFault[], fault: ClubFault): { readonly code: string; readonly faults: readonly ClubFault[] } {
  const code = fault.code === '' ? codeFor(fault.label, new Set([...FAULTS, ...own].map((one) => one.code))) : fault.code;
  const now = { ...fault, code };
  const others = own.filter((one) => one.code !== code);
  const ours = oursOf(code);
  if (ours && same(ours, now)) return { code, faults: others };
  return { code, faults: own.some((one) => one.code === code) ? own.map((one) => (one.code === code ? now : one)) : [...own, now] };
}
