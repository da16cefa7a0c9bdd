// Made from ../en/group.ts by npm run marked.
import { evenings, per100 } from './differences.js';

const attempts = (n: number): string => `${n} ŵáţçĥéđ ${n === 1 ? 'áţţéɱþţ' : 'áţţéɱþţš'}`;

/** The books of a group beside each other. */
export const group = {
  group: {
    title: 'Ƒáúļţš óƒ ţĥé ĝŕóúþ',
    back: 'ƒáúļţ ƀóóķ',
    since: 'íñ ţĥé ļášţ',
    weeks: { '4': 'ƒóúŕ ŵééķš', '8': 'éíĝĥţ ŵééķš', '26': 'ĥáļƒ á ýéáŕ', '52': 'ýéáŕ' },
    whom: 'ŵĥó',
    everybody: 'éṽéŕýƀóđý',
    everybodyOf: 'óñé ƒáúļţ óƒ éṽéŕýƀóđý',
    lastTime: (day: string): string => `ĥéŕé óñ ${day}`,
    map: 'Ŵĥó šĥóŵš ŵĥáţ',
    mapSays: 'Ĥóŵ óƒţéñ šééñ, óƒ ĥóŵ ɱáñý ŵáţçĥéđ áţţéɱþţš. Ţĥé đáŕķéŕ, ţĥé ɱóŕé óƒţéñ áţ ļéášţ: ţĥé ļóŵéŕ éñđ óƒ ţĥé 95 % íñţéŕṽáļ.',
    marks: '+2: ţáþþéđ ţŵíçé ŵĥéŕé íţ çóúļđ ñóţ ƀé ŵáţçĥéđ. Á đóţ: ñóţ ŵáţçĥéđ íñ ţĥíš ţíɱé.',
    person: 'áţĥļéţé',
    watched: 'ŵáţçĥéđ',
    last: 'ļášţ ĥéŕé',
    cell: (times: number, of: number): string => `${times}/${of}`,
    cellSays: (times: number, of: number, rate: number, low: number, high: number): string =>
      `${times} óƒ ${of}: ${per100(rate)} þéŕ 100, ƀéţŵééñ ${per100(low)} áñđ ${per100(high)}`,
    notedSays: (times: number): string => `ţáþþéđ ${times} × ŵĥéŕé íţ çóúļđ ñóţ ƀé ŵáţçĥéđ`,
    notWatched: 'ñóţ ŵáţçĥéđ',
    inVain: 'Ļóóķéđ ƒóŕ áñđ šééñ íñ ñóƀóđý',
    others: (n: number): string => `šĥóŵ ${n} ɱóŕé, ŵĥíçĥ ƒéŵéŕ šĥóŵ`,
    nothing: 'Ñóƀóđý šĥóŵéđ á ƒáúļţ íñ ţĥíš ţíɱé.',
    away: 'Ñóţ ĥéŕé íñ ţĥíš ţíɱé',
    none: 'Ñóƀóđý ŵáš ĥéŕé íñ ţĥíš ţíɱé',
    noneSays: 'Çĥóóšé á ļóñĝéŕ ţíɱé, óŕ ŕúñ ŕóúñđš óñ ţĥé ƒļóóŕ: ŵĥáţ ýóú ţáþ áđđš úþ ĥéŕé.',
    next: 'Ŵáţçĥ ñéẋţ',
    nextSays: (good: number, bad: number): string =>
      `Ŵĥáţ íš ļéášţ ķñóŵñ ƀéţŵééñ ${per100(good)} áñđ ${per100(bad)} þéŕ 100, ŵĥéŕé ɱóṽíñĝ óñ óŕ šţéþþíñĝ ƀáçķ íš đéçíđéđ; ŵĥáţ çáñ ĥúŕţ çóúñţš ţĥŕéé ţíɱéš, ŵĥáţ íš íñ ƒóçúš ţŵíçé.`,
    decided: 'Ñóţĥíñĝ íš óþéñ: ŵĥáţ ŵáš ŵáţçĥéđ íš đéçíđéđ éíţĥéŕ ŵáý.',
    never: 'ñóţ ŵáţçĥéđ íñ ţĥíš ţíɱé',
    open: (n: number, low: number, high: number): string => `${attempts(n)}, ƀéţŵééñ ${per100(low)} áñđ ${per100(high)} þéŕ 100`,
    hurts: 'íţ çáñ ĥúŕţ',
    focus: 'íñ ƒóçúš',
    stations: 'Šţáţíóñš',
    room: 'ŕóóɱ ƒóŕ',
    stationsSay: 'Ţŵó óŕ ɱóŕé áţ éáçĥ, éṽéŕýƀóđý ƒóŕ á ƒáúļţ ţĥáţ ţĥéý šĥóŵ, šó ţĥáţ ŵĥáţ íš ŵóŕķéđ óñ çóúñţš ţĥé ɱóšţ.',
    alone: 'Óñ ţĥéíŕ óŵñ',
    here: (n: number): string => `ĥéŕé óñ ${evenings(n)}`,
  },
};
