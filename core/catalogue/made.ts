import { VIEWS, type ClubFault, type FaultEntry } from './fault.js';

/** What is known of a fault that was made while people were watched: what it is called, and what gives a chance for it. */
export interface Made extends Pick<FaultEntry, 'code' | 'per'> {
  readonly label: string;
}

/** A fault as a club has it, of which nothing is said yet but what it is counted by. */
export const unsaidFault = ({ code, phase, views, per, shownBy, causes, safety }: FaultEntry): ClubFault => ({
  ...{ code, phase, views, per, shownBy, causes, ...(safety && { safety }) },
  ...{ label: '', says: '', usually: '', cue: '', remedy: '', cost: 1, hidden: false, into: null },
});

/**
 * A fault made on the floor as a club has it: seen from everywhere and shown by anything, until somebody says it closer.
 * @example madeFault({ code: 'hips-lag', label: 'hips lag', per: 'step' }).views // ['front', 'side']
 */
export const madeFault = ({ code, label, per }: Made): ClubFault => ({
  ...unsaidFault({ code, per, phase: 'travel', views: VIEWS, shownBy: 'any', causes: [] }),
  label,
});

/**
 * A code that nobody else has, from a name.
 * @example codeFor('Hüfte kippt', new Set(['hufte-kippt'])) // 'hufte-kippt-2'
 */
export function codeFor(label: string, taken: ReadonlySet<string>): string {
  const plain = label.normalize('NFKD').toLowerCase().replace(/\p{M}/gu, '');
  const base =
    plain
      .split(/[^a-z0-9]+/)
      .filter((part) => part !== '')
      .join('-')
      .slice(0, 32)
      .replace(/-$/, '') || 'own';
  let code = base;
  for (let n = 2; taken.has(code); n++) code = `${base}-${n}`;
  return code;
}
