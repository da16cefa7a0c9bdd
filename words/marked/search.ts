// Made from ../en/search.ts by npm run marked.
import type { ComparedWhat } from '@hopsk/core/search/compare';
import type { NearMissMessages, ReachMessages } from '@hopsk/core/search/steps-to-reach';
import type { Says } from '../say.js';
import { long } from './numbers.js';

const sides = { left: 'ļéƒţ', right: 'ŕíĝĥţ' };

const compared: Readonly<Record<ComparedWhat, string>> = {
  time: 'ţíɱé',
  'contacts-left': 'çóñţáçţš ļéƒţ',
  'contacts-right': 'çóñţáçţš ŕíĝĥţ',
  splits: 'šþļíţš',
  'lunges-left': 'ļúñĝéš ļéƒţ',
  'lunges-right': 'ļúñĝéš ŕíĝĥţ',
  landings: 'ļáñđíñĝš',
  way: 'ŵáý',
  'floor-across': 'ƒļóóŕ áçŕóšš',
  'floor-along': 'ƒļóóŕ áļóñĝ',
  'net-right': 'ñéţ ŕíĝĥţ',
  'net-ahead': 'ñéţ áĥéáđ',
  turned: 'ţúŕñéđ',
  'answer-worst': 'ŵóŕšţ ţíɱé ţó áñšŵéŕ',
  'answer-mean': 'ɱéáñ ţíɱé ţó áñšŵéŕ',
  airborne: 'íñ ţĥé áíŕ',
  crossed: 'çŕóššéđ',
  narrow: 'ñáŕŕóŵ',
  wide: 'ŵíđé',
  stepping: 'šţéþþíñĝ',
  ready: 'ŕéáđý',
  'stop-safe': 'çóúļđ ĝó óñ íƒ ƒŕóžéñ',
  findings: 'ƒíñđíñĝš',
};

const rules: Says<ReachMessages> = {
  'in-reach': () => 'Ţĥé đíšţáñçé íš íñ ŕéáçĥ áļŕéáđý: ñó šţéþ.',
  none: () => 'Ñó ñúɱƀéŕ óƒ áļţéŕñáţíñĝ šţéþš íñ ţĥíš ŕáñĝé ƒíţš.',
  fewest: ({ count, last, odd, gather }) => {
    const parity =
      odd === null
        ? ''
        : odd
          ? ', áñ óđđ ñúɱƀéŕ, šíñçé ţĥé šáɱé ƒóóţ šţáŕţš áñđ ļáñđš ļášţ'
          : ', áñ éṽéñ ñúɱƀéŕ, šíñçé ţĥé óţĥéŕ ƒóóţ šţáŕţš';
    const lands = last === null ? '' : `${parity}; ţĥé ${sides[last]} ƒóóţ ļáñđš ļášţ`;
    return `${gather ? 'Á ĝáţĥéŕ ƒíŕšţ, ŵĥíçĥ đóéš ñóţ çĥáñĝé ţĥé ļášţ ƒóóţ; ţĥéñ ţĥé' : 'Ţĥé'} ƒéŵéšţ áļţéŕñáţíñĝ šţéþš ţĥáţ ƒíţ: ${count}${lands}.`;
  },
};

const nearMisses: Says<NearMissMessages> = {
  long: ({ metres, most }) => `šţéþš óƒ ${long(metres)} áŕé ļóñĝéŕ ţĥáñ ${long(most)}`,
  short: ({ metres, least }) => `šţéþš óƒ ${long(metres)} áŕé šĥóŕţéŕ ţĥáñ ${long(least)}`,
  'last-foot': ({ foot }) => `ţĥé ${sides[foot]} ƒóóţ ŵóúļđ ļáñđ ļášţ`,
  fits: () => 'ƒíţš, ŵíţĥ ɱóŕé šţéþš',
};

/** What is compared, and why so many steps reach. */
export const search = { search: { compared, rules, nearMisses } };
