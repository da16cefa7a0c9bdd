// Made from ../en/causes.ts by npm run marked.
import type { CauseLink, CauseNode } from '@hopsk/core/evidence/cause-map';
import type { Beside } from '@hopsk/core/evidence/together';
import { per100 } from './differences.js';

const LOG: Readonly<Record<CauseLink['log'], string>> = {
  found: 'çóɱé ţóĝéţĥéŕ',
  'not found': 'ñó ɱóŕé ţĥáñ ƀý çĥáñçé',
  'too few': 'ţóó ƒéŵ ļóóķéđ áţ',
};

/** What can cause what among the faults of an athlete, and what the log says of it. */
export const causes = {
  causes: {
    title: 'Çáúšé ɱáþ',
    back: 'ƒáúļţ ƀóóķ',
    of: 'óƒ',
    says: 'Áñ áŕŕóŵ ĝóéš ƒŕóɱ ŵĥáţ çáñ çáúšé ţó ŵĥáţ íţ çáñ çáúšé, ƀý ţĥé çáţáļóĝúé. Ƒúļļ: íñ ţĥé ļóĝ ţĥé ţŵó çóɱé ţóĝéţĥéŕ ɱóŕé ţĥáñ ƀý çĥáñçé. Đóţţéđ: ţĥéý đó ñóţ, óŕ ţóó ļíţţļé ŵáš ļóóķéđ áţ.',
    noProof: 'Çóɱíñĝ ţóĝéţĥéŕ íš ñóţ ýéţ óñé çáúšíñĝ ţĥé óţĥéŕ: ŵĥáţ íš ɱáŕķéđ ɱáý ƀé ŵĥéŕé íţ ƀéĝíñš, áñđ íš ŵóŕţĥ ţŕýíñĝ ƒíŕšţ.',
    roots: 'Ŵĥéŕé íţ ɱáý ƀéĝíñ',
    root: (cause: string, brings: string): string => `${cause}: ${brings}.`,
    brings: (of: Beside & { readonly fault: string }): string =>
      `íñ ${of.with} óƒ ${of.ofWith} óççášíóñš ŵíţĥ ‘${of.fault}’, áñđ íñ ${of.without} óƒ ${of.ofWithout} ŵíţĥóúţ`,
    noRoots: 'Ñó çáúšé íš ƀóŕñé óúţ ƀý ţĥé ļóĝ ýéţ.',
    look: 'Ţó ƀé ļóóķéđ ƒóŕ',
    lookFor: (cause: string, faults: string): string => `${cause}: çáñ çáúšé ${faults}.`,
    quoted: (fault: string): string => `‘${fault}’`,
    uncounted: (n: number): string => `${n} ${n === 1 ? 'ŕúñ íš' : 'ŕúñš áŕé'} šţíļļ ƀéíñĝ çóúñţéđ þáŕţ ƀý þáŕţ áñđ ñóţ íñ ţĥíš ýéţ.`,
    noLook: 'Éáçĥ çáúšé óƒ ţĥé çáţáļóĝúé ŵáš ļóóķéđ ƒóŕ.',
    ruledOut: (cause: string): string => `${cause}: ļóóķéđ ƒóŕ áñđ ñóţ šééñ.`,
    others: 'Ţóĝéţĥéŕ ŵíţĥóúţ á ļíñķ',
    open: 'Óþéñ íñ ţĥé ƒáúļţ ƀóóķ',
    heads: ['çáñ çáúšé', 'ŵĥáţ', 'íñ ţĥé ļóĝ', 'šééñ ŵíţĥ íţ', 'ŵíţĥóúţ íţ'],
    log: LOG,
    times: (both: number, of: number): string => `${both} óƒ ${of}`,
    states: {
      noted: 'óñļý ţáþþéđ',
      'not looked for': 'ñóţ ļóóķéđ ƒóŕ',
      clear: 'ļóóķéđ ƒóŕ, ñóţ šééñ',
      cleared: 'çļéáŕéđ',
    } satisfies Partial<Record<CauseNode['state'], string>>,
    rate: (rate: number): string => `${per100(rate)} þéŕ 100`,
    table: 'Ŵĥáţ çáñ çáúšé ŵĥáţ',
    drawn: (causes: number, faults: number): string => `${causes} áŕŕóŵš ƀéţŵééñ ${faults} ƒáúļţš`,
    none: 'Ñóţĥíñĝ íš óþéñ',
    noneSays: 'Á ɱáþ íš đŕáŵñ óƒ ƒáúļţš ţĥáţ áŕé ñéŵ, ŕéçúŕ, áŕé ƀáçķ óŕ ƒáđé.',
  },
};
