import type { CauseLink, CauseNode } from '@hopsk/core/evidence/cause-map';
import type { Beside } from '@hopsk/core/evidence/together';
import { per100 } from './differences.js';

const LOG: Readonly<Record<CauseLink['log'], string>> = {
  found: 'come together',
  'not found': 'no more than by chance',
  'too few': 'too few looked at',
};

/** What can cause what among the faults of an athlete, and what the log says of it. */
export const causes = {
  causes: {
    title: 'Cause map',
    back: 'fault book',
    of: 'of',
    says: 'An arrow goes from what can cause to what it can cause, by the catalogue. Full: in the log the two come together more than by chance. Dotted: they do not, or too little was looked at.',
    noProof: 'Coming together is not yet one causing the other: what is marked may be where it begins, and is worth trying first.',
    roots: 'Where it may begin',
    root: (cause: string, brings: string): string => `${cause}: ${brings}.`,
    brings: (of: Beside & { readonly fault: string }): string =>
      `in ${of.with} of ${of.ofWith} occasions with ‘${of.fault}’, and in ${of.without} of ${of.ofWithout} without`,
    noRoots: 'No cause is borne out by the log yet.',
    look: 'To be looked for',
    lookFor: (cause: string, faults: string): string => `${cause}: can cause ${faults}.`,
    quoted: (fault: string): string => `‘${fault}’`,
    uncounted: (n: number): string => `${n} ${n === 1 ? 'run is' : 'runs are'} still being counted part by part and not in this yet.`,
    noLook: 'Each cause of the catalogue was looked for.',
    ruledOut: (cause: string): string => `${cause}: looked for and not seen.`,
    others: 'Together without a link',
    open: 'Open in the fault book',
    heads: ['can cause', 'what', 'in the log', 'seen with it', 'without it'],
    log: LOG,
    times: (both: number, of: number): string => `${both} of ${of}`,
    states: {
      noted: 'only tapped',
      'not looked for': 'not looked for',
      clear: 'looked for, not seen',
      cleared: 'cleared',
    } satisfies Partial<Record<CauseNode['state'], string>>,
    rate: (rate: number): string => `${per100(rate)} per 100`,
    table: 'What can cause what',
    drawn: (causes: number, faults: number): string => `${causes} arrows between ${faults} faults`,
    none: 'Nothing is open',
    noneSays: 'A map is drawn of faults that are new, recur, are back or fade.',
  },
};
