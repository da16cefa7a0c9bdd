// Made from ../en/season.ts by npm run marked.
import type { BookRules, DecidedBy } from '@hopsk/core/evidence/book-rules';
import type { CameOf, Decided } from '@hopsk/core/evidence/decisions';
import type { Decision } from '@hopsk/core/evidence/decide';
import type { LookAgain } from '@hopsk/core/evidence/look-again';
import { evenings, held, per100 } from './differences.js';

const DECIDED: Readonly<Record<Decided, string>> = { next: 'ɱóṽé óñ', stay: 'šţáý', back: 'šţéþ ƀáçķ' };
const weeks = (n: number): string => `${n} ${n === 1 ? 'ŵééķ' : 'ŵééķš'}`;
const SAID: Readonly<Record<Decision, string>> = { ...DECIDED, 'not enough': 'ţóó ƒéŵ ļóóķéđ áţ' };
const RULES: Readonly<Record<DecidedBy, string>> = { thumb: 'ŕúļé óƒ ţĥúɱƀ', running: 'ŕúññíñĝ ţéšţ' };

/** A season of an athlete, and what was decided in it. */
export const season = {
  season: {
    title: 'Šéášóñ',
    of: 'óƒ',
    back: 'ƒáúļţ ƀóóķ',
    map: 'Éṽéñíñĝ ƀý éṽéñíñĝ',
    mapSays:
      'Þéŕ 100 ŵáţçĥéđ áţţéɱþţš; ţĥé đáŕķéŕ, ţĥé ɱóŕé óƒţéñ. Ĥáţçĥéđ: ţáþþéđ ŵĥéŕé íţ çóúļđ ñóţ ƀé ŵáţçĥéđ, ĥóŵ óƒţéñ. Éɱþţý: ñóţ ŵáţçĥéđ.',
    few: (least: number): string => `Óƒ ƒéŵéŕ ţĥáñ ${least} áţţéɱþţš: ĥóŵ ɱáñý óƒ ĥóŵ ɱáñý.`,
    fault: 'ƒáúļţ',
    earlier: (n: number): string => `šĥóŵ ${n} éáŕļíéŕ éṽéñíñĝš`,
    away: (weeks: number): string => `${weeks} ŵééķš áŵáý`,
    cellSays: (faulty: number, attempts: number, rate: number, low: number, high: number): string =>
      `${faulty} óƒ ${attempts}: ${per100(rate)} þéŕ 100, ƀéţŵééñ ${per100(low)} áñđ ${per100(high)}`,
    noted: (n: number): string => `ţáþþéđ ${n} × ŵĥéŕé íţ çóúļđ ñóţ ƀé ŵáţçĥéđ`,
    flags: { next: 'óñ', stay: 'šţáý', back: 'ƀáçķ' } satisfies Record<Decided, string>,
    decisions: 'Ŵĥáţ ŵáš đéçíđéđ',
    none: 'Ñóţĥíñĝ ŵáš đéçíđéđ ýéţ. Óñé ƒáúļţ óþéñéđ íñ ţĥé ƒáúļţ ƀóóķ ĥáš á þļáçé ƒóŕ íţ.',
    decided: DECIDED,
    rules: RULES,
    said: (rule: DecidedBy, said: Decision): string => `${RULES[rule]}: ${SAID[said]}`,
    came: ({ evenings: n, since, until, difference }: CameOf): string => {
      const next = until === null ? '' : `, úþ ţó ţĥé ñéẋţ đéçíšíóñ óñ ${until}`;
      if (n === 0) return `Ñóţ ŵáţçĥéđ šíñçé${next}.`;
      const told = `${since.hits} óƒ ${since.n} óñ ${evenings(n)} šíñçé${next}.`;
      return difference === null ? told : `${told} ${held(difference, 'Ţĥáţ íš', 'íñ ţĥé éṽéñíñĝš ƀéƒóŕé')}`;
    },
    cameSays: 'Ŵĥáţ çáɱé áƒţéŕ íţ ñééđ ñóţ ĥáṽé çóɱé óƒ íţ.',
    by: (who: string | null): string => (who === null ? 'ƒŕóɱ á ƒíļé' : who),
    takenBack: 'ţáķéñ ƀáçķ',
    takeBack: 'ţáķé ƀáçķ',
    takeBackSays: 'Íţ šţáýš íñ ţĥé ƀóóķ áš ţáķéñ ƀáçķ.',
    again: 'Ļóóķ áĝáíñ',
    againSays: ({ first, most }: BookRules['lookAgain']): string =>
      `Á çļéáŕéđ ƒáúļţ íš ļóóķéđ áţ áĝáíñ áƒţéŕ ${weeks(first)}, áñđ áƒţéŕ ţŵíçé áš ɱáñý ŵíţĥ éáçĥ ļóóķ, ${weeks(most)} áţ ɱóšţ.`,
    due: ({ due, weeks }: LookAgain, today: string): string =>
      due <= today ? `đúé šíñçé ${due}` : `óñ ${due}, ${weeks} ŵééķš áƒţéŕ ţĥé ļášţ ļóóķ`,
    never: 'Íñ ƒóçúš, áñđ ñóţ ŵáţçĥéđ',
    decide: 'Ýóú đéçíđé',
    decideSays: 'Ñéíţĥéŕ ŕúļé đéçíđéš ƒóŕ ýóú. Ŵĥáţ ýóú đéçíđé šţáýš ĥéŕé ŵíţĥ ŵĥý, áñđ ƀéšíđé íţ ŵĥáţ çóɱéš áƒţéŕ.',
    to: 'ŵĥáţ íš đéçíđéđ',
    rule: 'ƀý ŵĥíçĥ ŕúļé',
    why: 'ŵĥý',
    whySays: 'Á ļíñé ƒóŕ ýóúŕšéļƒ áñđ ţĥé óţĥéŕ çóáçĥéš.',
    keep: 'ķééþ íţ',
    kept: 'Ķéþţ.',
    reached: (day: string): string => `Íţ çáɱé ţó ţĥáţ óñ ${day}, áñđ šáýš šó úñţíļ ýóú đéçíđé ţó ɱóṽé óñ óŕ ƀáçķ: ţĥéñ íţ ƀéĝíñš áñéŵ.`,
    begins: (after: string): string => `Ţĥé ŕúññíñĝ ţéšţ ƀéĝáñ áñéŵ áƒţéŕ ${after}.`,
  },
};
