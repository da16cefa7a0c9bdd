// Made from ../en/recurrence.ts by npm run marked.
import type { Break } from '@hopsk/core/evidence/breaks';
import type { Difference } from '@hopsk/core/evidence/difference';
import type { FaultState, Why } from '@hopsk/core/evidence/recurrence';
import { between, evenings, held, per100 } from './differences.js';
import { splits } from './splits.js';

function said(why: Why): string {
  switch (why.code) {
    case 'unseen':
      return `ñóţ šééñ íñ ${why.n} áţţéɱþţš óñ ${evenings(why.evenings)}`;
    case 'first':
      return `šééñ óñ ${evenings(why.evenings)}`;
    case 'seen':
    case 'rarer':
      return `šééñ íñ ${why.seen} óƒ ţĥé ļášţ ${why.of} éṽéñíñĝš ţĥáţ çóúļđ šĥóŵ íţ`;
    case 'lower':
      return `ŵáš ${per100(why.earlier)} þéŕ 100, ñóŵ ${per100(why.later)}: ƒéŵéŕ ƀý ${between(why)}`;
    case 'gone':
      return `ñóţ šééñ íñ ţĥé ļášţ ${why.n} áţţéɱþţš óñ ${evenings(why.evenings)}: áţ ɱóšţ ${per100(why.high)} þéŕ 100, áñđ úñđéŕ ${per100(why.below)} çóúñţš áš ĝóñé`;
  }
}

/** What is said where it is rarer than recurring asks for, and the state is what it was: too little is known to change it. */
const STILL: Partial<Record<FaultState, string>> = {
  recurring: 'Íţ ŕéçúŕš šţíļļ, šíñçé ţóó ļíţţļé ŵáš ļóóķéđ áţ ţó šáý ţĥáţ íţ ƒáđéš',
  returned: 'Íţ íš ƀáçķ šţíļļ, šíñçé ţóó ļíţţļé ŵáš ļóóķéđ áţ ţó šáý ţĥáţ íţ ƒáđéš',
  fading: 'Íţ ƒáđéš šţíļļ',
  cleared: 'Íţ šţáýš çļéáŕéđ',
};

/** What is said of each state, with what decided on it. */
const STATE_SAYS: Record<FaultState, (why: string) => string> = {
  clear: (why) => `Ļóóķéđ ƒóŕ: ${why}.`,
  new: (why) => `Ñéŵ: ${why}.`,
  recurring: (why) => `Íţ ŕéçúŕš: ${why}.`,
  fading: (why) => `Íţ ƒáđéš, ɱóŕé ţĥáñ ƀý çĥáñçé: ${why}.`,
  cleared: (why) => `Çļéáŕéđ: ${why}.`,
  returned: (why) => `Íţ ŵáš çļéáŕéđ, áñđ íš ƀáçķ: ${why}.`,
};

/** What a fault does over a season, by how much it differs, and where it shows: one room, as one page needs both. */
export const recurrence = {
  ...splits,
  recurrence: {
    states: {
      returned: 'ƀáçķ áĝáíñ',
      recurring: 'ŕéçúŕŕíñĝ',
      new: 'ñéŵ',
      fading: 'ƒáđíñĝ',
      noted: 'ñóţéđ, ŵíţĥóúţ á ŕáţé',
      cleared: 'çļéáŕéđ',
      clear: 'ļóóķéđ ƒóŕ, ñóţ šééñ',
    },
    why: (why: Why, state: FaultState): string => {
      const still = why.code === 'rarer' ? STILL[state] : undefined;
      return still === undefined ? STATE_SAYS[state](said(why)) : `${still}: ${said(why)}.`;
    },
    review: (more: number): string => `Ñéẋţ ŕéṽíéŵ áƒţéŕ ${more} ɱóŕé ${more === 1 ? 'éṽéñíñĝ' : 'éṽéñíñĝš'} ţĥáţ çóúļđ šĥóŵ íţ.`,
    lately: (all: Difference): string => held(all, 'Íñ ţĥé ļášţ éṽéñíñĝš', 'ƀéƒóŕé'),
    sinceBreak: (all: Break & Difference): string =>
      held(all, `Šíñçé ţĥé ƀŕéáķ óƒ ${Math.round(all.days / 7)} ŵééķš, ${all.from} ţó ${all.to},`, 'íñ ţĥé éṽéñíñĝš ƀéƒóŕé íţ'),
    limits: 'úšúáļ ŕáñĝé',
    outside: 'óúţšíđé íţ',
    limitsSay: 'Ţĥé úšúáļ ŕáñĝé íš ŵĥéŕé áñ éṽéñíñĝ ŵóúļđ ļíé íƒ íţ ŵéñţ óñ áš íñ ţĥóšé ƀéƒóŕé íţ; óñ íţš éđĝé íš íñšíđé.',
  },
};
