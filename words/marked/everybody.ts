// Made from ../en/everybody.ts by npm run marked.
import type { Helped } from '@hopsk/core/evidence/what-helped';
import { difference, per100 } from './differences.js';

const times = (n: number): string => `${n} ${n === 1 ? 'ţíɱé' : 'ţíɱéš'}`;

/** One fault of everybody. */
export const everybody = {
  everybody: {
    title: 'Óñé ƒáúļţ óƒ éṽéŕýƀóđý',
    back: 'ţĥé ĝŕóúþ',
    fault: 'ƒáúļţ',
    since: 'íñ ţĥé ļášţ',
    who: 'Ŵĥó šĥóŵš íţ',
    heads: ['áţĥļéţé', 'þéŕ 100', '95 % íñţéŕṽáļ', 'áţţéɱþţš', 'éṽéñíñĝš'],
    nobody: 'Ñóƀóđý ŵáš ŵáţçĥéđ ƒóŕ íţ íñ ţĥíš ţíɱé.',
    noted: (n: number): string => `ţáþþéđ ${n} × ŵĥéŕé íţ çóúļđ ñóţ ƀé ŵáţçĥéđ`,
    helped: 'Ŵĥáţ ŵáš đéçíđéđ, áñđ ŵĥáţ çáɱé áƒţéŕ',
    none: 'Ñóţĥíñĝ ŵáš đéçíđéđ áƀóúţ íţ ýéţ.',
    says: ({ times: n, rarer, oftener, same, share }: Helped): string => {
      const open = n - rarer - oftener - same;
      const parts = [`${rarer} šúŕéļý ŕáŕéŕ áƒţéŕ íţ`, `${oftener} šúŕéļý ɱóŕé óƒţéñ`, `${same} çáññóţ ƀé ţóļđ ƒŕóɱ ƀéƒóŕé`];
      if (open > 0) parts.push(`${open} ñóţ ŵáţçĥéđ óñ ƀóţĥ šíđéš óƒ íţ`);
      const sure =
        share === null ? 'Ţóó ƒéŵ ţó šáý ĥóŵ óƒţéñ íţ ĥéļþš.' : `Ŕáŕéŕ áƒţéŕ íţ íñ ${per100(share.low)} ţó ${per100(share.high)} óƒ 100.`;
      return `${times(n)}: ${parts.join(', ')}. ${sure}`;
    },
    begun: 'Ŵĥáţ ŵáš ƀéĝúñ, áñđ ŵĥáţ çáɱé áƒţéŕ',
    uncounted: (n: number): string => `${n} ${n === 1 ? 'ŕúñ íš' : 'ŕúñš áŕé'} šţíļļ ƀéíñĝ çóúñţéđ þáŕţ ƀý þáŕţ áñđ ñóţ íñ ţĥíš ýéţ.`,
    begunNone: 'Íñ ñó ķíñđ óƒ šţáĝé ŵáš áñýƀóđý ŵáţçĥéđ ƒóŕ íţ íñ ţĥé ļášţ ţŵó ýéáŕš.',
    begunWhat: 'Óƒ éáçĥ ķíñđ óƒ šţáĝé: ţĥé ļášţ éṽéñíñĝš ƀéƒóŕé šóɱéƀóđý ŵáš ƒíŕšţ ŵáţçĥéđ ƒóŕ íţ íñ óñé, áĝáíñšţ áš ɱáñý áƒţéŕ.',
    begunHeads: ['áţĥļéţé', 'ƒŕóɱ', 'þéŕ 100 ƀéƒóŕé', 'áƒţéŕ', 'çĥáñĝé, 95 %'],
    begunOpen: 'ñóţ ŵáţçĥéđ óñ ƀóţĥ šíđéš óƒ íţ',
    begunChange: difference,
    begunCareful: 'Ŵĥáţ éļšé çĥáñĝéđ íñ ţĥóšé ŵééķš íš ñóţ ķñóŵñ, áñđ ŵĥáţ íš óƒţéñ ţŕáíñéđ íš ƀéĝúñ ƀý áļļ.',
    careful: 'Ŵĥáţ çáɱé áƒţéŕ íţ ñééđ ñóţ ĥáṽé çóɱé óƒ íţ: ŵĥó íš ţáķéñ á šţéþ ƀáçķ ŵáš áţ ţĥéíŕ ŵóŕšţ, áñđ þáŕţ óƒ ţĥáţ þáššéš ƀý íţšéļƒ.',
  },
};
