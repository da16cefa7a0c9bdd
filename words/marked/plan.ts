// Made from ../en/plan.ts by npm run marked.
import type { LeftOutMessages, NameMessages } from '@hopsk/core/plan/build/messages';
import type { CallMessages, HindranceMessages } from '@hopsk/core/plan/calls/messages';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { FitAskMessages, FitWhyMessages, PlanMessages } from '@hopsk/core/plan/session/messages';
import { say, type Says } from '../say.js';
import { areas } from './areas.js';
import { cautions } from './cautions.js';
import { doses } from './doses.js';
import { faults } from './faults.js';
import { remedies } from './remedies.js';
import { notation } from './notation.js';
import { long, percent, plural, s, sUp } from './numbers.js';

const floorOf = (area: string): string => areas.areas[area] ?? area;
const sides = { left: 'ļéƒţ', right: 'ŕíĝĥţ' };
const ways: Readonly<Record<number, string>> = {
  0: 'áĥéáđ',
  45: 'áĥéáđ ŕíĝĥţ',
  90: 'ŕíĝĥţ',
  135: 'ƀáçķ ŕíĝĥţ',
  180: 'ƀáçķ',
  [-45]: 'áĥéáđ ļéƒţ',
  [-90]: 'ļéƒţ',
  [-135]: 'ƀáçķ ļéƒţ',
  [-180]: 'ƀáçķ',
};
const way = (bearing: number): string => ways[bearing] ?? `${Math.abs(bearing)}° ${bearing < 0 ? 'ļéƒţ' : 'ŕíĝĥţ'}`;
const levels = { beginner: 'ƀéĝíññéŕš', intermediate: 'íñţéŕɱéđíáţéš', advanced: 'áđṽáñçéđ áţĥļéţéš' };

const hindrances: Says<HindranceMessages> = {
  'no-steps': () => 'íţ ĥáš ñó šţéþš.',
  'no-moves': () => 'íţ ĥáš ñó šţéþš ţĥáţ ɱóṽé.',
  unread: ({ error }) => say(notation.notation, error),
  'other-lead': () =>
    'íţ éñđš ŵíţĥ ţĥé óţĥéŕ ƒóóţ ļéáđíñĝ, šó ţĥé ñéẋţ çáļļ ƒíñđš áñóţĥéŕ šţáñçé: ļéţ íţ éñđ ŵíţĥ ‘switch’ óŕ á šéçóñđ þáššíñĝ šţéþ.',
  'not-ready': () => 'íţ đóéš ñóţ éñđ ŕéáđý: ļéţ íţ éñđ ŵíţĥ ‘recover back’ óŕ ‘square up’.',
};

const callProblems: Says<CallMessages> = {
  'no-alternatives': () => 'Ţĥéŕé íš ñóţĥíñĝ ţĥáţ çáñ ƀé çáļļéđ: ŵŕíţé áţ ļéášţ óñé áļţéŕñáţíṽé ŵíţĥ šţéþš, óŕ óñé ţĥáţ šţáýš.',
  hindered: ({ name, why }) => `‘${name}’: ${say(hindrances, why)}`,
  interval: ({ asked, slowest, reaction, needs }) =>
    `${sUp(asked)} ƀéţŵééñ çáļļš, ƀúţ ‘${slowest}’ ŵíţĥ íţš ŵáý ƀáçķ áñđ ${sUp(reaction)} ţó ŕéáçţ ţáķéš ${sUp(needs)}. Šĥóŕţéšţ ţĥáţ ŵóŕķš: ${sUp(needs)}.`,
  floor: ({ after, area }) =>
    after === 0
      ? `Ñó çáļļ šţáýš óñ ţĥé ƒļóóŕ (${floorOf(area)}) ƒŕóɱ ŵĥéŕé íţ ƀéĝíñš: ƀéĝíñ ƒúŕţĥéŕ íñšíđé, óŕ ţáķé šĥóŕţéŕ šţéþš.`
      : `Áƒţéŕ ${after} çáļļš ñóñé óƒ ţĥé áļţéŕñáţíṽéš šţáýš óñ ţĥé ƒļóóŕ: ļéţ éáçĥ éñđ ŵĥéŕé íţ ƀéĝáñ, óŕ áđđ óñé ţĥáţ ļéáđš ƀáçķ.`,
  run: () => 'Óñ ţĥíš ƒļóóŕ ţĥé šáɱé çáļļ ĥáđ ţó çóɱé ɱóŕé óƒţéñ ŕúññíñĝ ţĥáñ ášķéđ.',
  counts: () => 'Ƒļóóŕ áñđ ļóñĝéšţ ŕúñ ļéƒţ ñó ŵáý ţó ķééþ áļļ çóúñţš ŵíţĥíñ óñé óƒ ţĥéíŕ ŵéíĝĥţš.',
  many: ({ most }) => `Ḿóŕé ţĥáñ ${most} çáļļš: ţĥéý ŵéŕé đŕáŵñ úþ ţó ţĥéŕé.`,
  short: ({ within, shortest }) => `Ñóţ éṽéñ óñé çáļļ çáñ ƀé đóñé íñ ${sUp(within)}. Ţĥé šĥóŕţéšţ ţáķéš ${sUp(shortest)}.`,
};

const planProblems: Says<PlanMessages> = {
  dose: ({ error, instead }) => `${say(doses.doses, error)}${instead === null ? '' : ` Šúçĥ áš: ‘${instead}’.`}`,
  'beats-number': ({ named, beats }) => `${named} ƀéáţš ĥáṽé á ñáɱé, áñđ á ŕéþéţíţíóñ ĥáš ${beats}.`,
  'beat-loop': ({ beat }) => `Ţĥé ļášţ ƀéáţ íš ţĥé ñéẋţ ŕéþéţíţíóñ’š ƒíŕšţ (‘${beat}’): íţ íš šáíđ óñçé.`,
  steps: ({ error }) => say(notation.notation, error),
  rest: () => 'Ŕéšţ ƀéţŵééñ ŕóúñđš ñóţ đéçíđéđ: ĥóŵ ļóñĝ?',
  'set-rest': () => 'Ŕéšţ ƀéţŵééñ šéţš ñóţ đéçíđéđ: ĥóŵ ļóñĝ?',
  repetition: () => 'Ĥóŵ ļóñĝ óñé ŕéþéţíţíóñ ţáķéš íš ñóţ ķñóŵñ: ĝíṽé íţ šţéþš, óŕ ŵóŕķ ƀý ţíɱé.',
  sides: () => 'Ɓóţĥ šíđéš: šó ɱáñý ƒóŕ éáçĥ, óŕ íñ áļļ?',
  'no-side': () => 'Éáçĥ šíđé óƒ šţéþš ţĥáţ ĥáṽé ñóñé: ţĥéý ŵóúļđ ƀé đóñé ţŵíçé ţĥé šáɱé ŵáý.',
  'side-of-foot': () =>
    'Ţĥé šţéþš ñáɱé á ƒóóţ, ļéƒţ óŕ ŕíĝĥţ: óñ ţĥé óţĥéŕ šíđé íţ šţáýš ţĥé šáɱé ƒóóţ. Éáçĥ ļéáđ éẋçĥáñĝéš ƒééţ áñđ đíŕéçţíóñš; óŕ ŵŕíţé ‘lead’ áñđ ‘rear’, ‘near’ áñđ ‘far’.',
  call: () => 'Ñóţĥíñĝ ţó çáļļ ýéţ: ŵŕíţé ŵĥáţ çáñ ƀé çáļļéđ.',
  calls: ({ problem }) => say(callProblems, problem),
  'pattern-away': () => 'Íţš þáţţéŕñ ŵáš þúţ áŵáý šíñçé; ţĥé ļíñé íţ ŵáš þļáññéđ ŵíţĥ íš ķéþţ.',
  'pattern-changed': () => 'Íţš þáţţéŕñ ŵáš çĥáñĝéđ šíñçé; ţĥé ļíñé íţ ŵáš þļáññéđ ŵíţĥ íš ķéþţ.',
  'other-lead': ({ name }) =>
    `Ţĥé óţĥéŕ ļéáđ íš ñóţ ţŕúšţéđ${name === '' ? '' : ` ƒóŕ ${name}`}: đó óñé ļéáđ, óŕ ƀúíļđ íţ úþ íñ đŕíļļš ƒíŕšţ.`,
  'too-fast': ({ count, claimed, needs, fit }) => `${count} íñ ${s(claimed)} íš šáíđ, ƀúţ ţĥéý ţáķé ${s(needs)}. ${fit} ƒíţ.`,
  'round-short': ({ repetition, round }) => `Óñé ŕéþéţíţíóñ ţáķéš ${s(repetition)}, á ŕóúñđ óñļý ${s(round)}: íţ ĥóļđš ñóñé.`,
  'odd-turns': ({ count, a, ofA, b, ofB }) => `${count} íš óđđ: ‘${a}’ ${ofA}, ‘${b}’ ${ofB}.`,
  'odd-sides': ({ count, written, other }) => `${count} íñ áļļ íš óđđ: ${written} áš ŵŕíţţéñ, ${other} ţó ţĥé óţĥéŕ šíđé.`,
  chimes: ({ chimes, whole, cut }) =>
    `${plural(chimes, 'çĥíɱé', 'çĥíɱéš')} á ŕóúñđ, ${plural(whole, 'ŵĥóļé ŕéþéţíţíóñ', 'ŵĥóļé ŕéþéţíţíóñš')}${cut > 0 ? `, ${cut} çúţ óƒƒ ŵĥéŕé ţĥé çĥíɱé ƒíñđš ţĥéɱ` : ''}.`,
  overrun: ({ late }) => `Ţĥé ļášţ çĥíɱéđ ɱóṽé éñđš ${s(late)} áƒţéŕ ţĥé ƀéļļ.`,
  'one-leg': ({ side }) => `Éṽéŕý ļúñĝé íš óñ ţĥé ${sides[side]} ļéĝ.`,
  'mostly-one-leg': ({ left, right }) =>
    `Ļúñĝéš ļéƒţ ${Math.round(left)}, ŕíĝĥţ ${Math.round(right)}: ɱóšţļý óñé ļéĝ. Úšúáļ ƒóŕ šóɱé šþóŕţš; á šţáĝé óñ ţĥé óţĥéŕ ļéĝ éṽéñš íţ óúţ.`,
  floor: ({ by, area }) => `Á ƒóóţ ļáñđš ${long(by)} óúţšíđé ţĥé ƒļóóŕ: ${floorOf(area)}.`,
  theme: () => 'Ƒŕéé ŵóŕķ ñééđš á ţĥéɱé: ŵĥáţ íš íţ áƀóúţ?',
  'stations-timed': () => 'Šţáţíóñš çĥáñĝé óñ ţĥé çļóçķ: ĝíṽé ţĥé ŵóŕķ íñ šéçóñđš, šúçĥ áš ‘6 × 45 s, rest 15 s’.',
  'stations-uneven': ({ rounds, stations, even }) =>
    `${rounds} ŕóúñđš óṽéŕ ${stations} šţáţíóñš ļéáṽé šóɱé úñđóñé; ${even} ţáķé éṽéŕýƀóđý ŕóúñđ.`,
  'child-contact': () => 'Ƒóŕ çĥíļđŕéñ ţĥé çļúƀ’š óŵñ úþþéŕ ƀóúñđ óñ çóñţáçţ ĥóļđš; ţóúçĥ íš ţĥé ɱóšţ ƀý đéƒáúļţ.',
  change: () => 'Çĥáñĝé-óṽéŕ ƀéţŵééñ éẋéŕçíšéš ñóţ đéçíđéđ: ĥóŵ ļóñĝ?',
  'longest-run': ({ total, most }) => `${clockText(total)} íš ļóñĝéŕ ţĥáñ ţĥé ${most / 3600} ĥóúŕš ţĥáţ çáñ ƀé ŕúñ.`,
  'over-time': ({ total, limit }) =>
    `${clockText(total)} íš þļáññéđ, ${clockText(limit)} íš ţĥéŕé: ${clockText(total - limit)} ţóó ɱúçĥ. Ƒíţ íţ ţó ţĥé ţíɱé, óŕ ţáķé á šţáĝé óúţ.`,
  landings: ({ landings, level, low, high }) =>
    `${landings} ļáñđíñĝš; úšúáļ ĝúíđáñçé ƒóŕ ${levels[level]} íš ${low}–${high} á šéššíóñ (ṽáļúéš ƒŕóɱ ɱéɱóŕý). Ŕáíšé ţĥéɱ šļóŵļý.`,
  'landings-child': ({ landings }) => `${landings} ļáñđíñĝš: ƒóŕ çĥíļđŕéñ ƒéŵéŕ ţĥáñ ƒóŕ áđúļţš; ñó ñúɱƀéŕ íš áĝŕééđ, ţĥé çļúƀ đéçíđéš.`,
  'landings-caution': ({ landings, most, caution }) =>
    `${landings} ļáñđíñĝš; ţĥé šţáñđíñĝ çáúţíóñ (${cautions.cautions.one(caution)}) šáýš ${most} áţ ɱóšţ.`,
  rise: ({ landings, rise }) =>
    `${landings} ļáñđíñĝš áŕé ${percent(rise)} áƀóṽé ţĥé ɱéáñ óƒ ţĥé ļášţ šéššíóñš; ɱóŕé ţĥáñ 10–15 % íš úšúáļļý ĥéļđ ţóó šţééþ (ţĥé éṽíđéñçé íš đíšþúţéđ).`,
};

const names: Says<NameMessages> = {
  own: ({ name }) => name,
  line: ({ line }) => line,
  'stance-held': () => 'šţáñçé, ĥéļđ',
  'heel-raises': () => 'ĥééļ ŕáíšéš',
  half: ({ second, foot, bearing }) => `${second ? 'šéçóñđ' : 'ƒíŕšţ'} ĥáļƒ: ${sides[foot]} ƒóóţ ${way(bearing)} áñđ íñ`,
  'way-back': () => 'ţĥé ŵáý ƀáçķ',
  beats: ({ name }) => `${name}, ƀéáţš ñáɱéđ`,
  'whole-slow': ({ name }) => `${name}, ŵĥóļé áñđ šļóŵ`,
  hardest: () => 'ţĥé þáŕţ ţĥáţ ášķš ɱóšţ',
  'whole-again': ({ name }) => `${name}, ŵĥóļé áĝáíñ`,
  'from-start': ({ parts }) => `ƒŕóɱ ţĥé šţáŕţ, ${parts} þáŕţš`,
  'to-end': ({ parts }) => `ţó ţĥé éñđ, ${parts} þáŕţš`,
  'both-sides': ({ name }) => `${name}, ƀóţĥ šíđéš`,
  'other-lead': ({ name }) => `${name}, óţĥéŕ ļéáđ`,
  'both-leads': ({ name }) => `${name}, ƀóţĥ ļéáđš`,
  'in-a-row': ({ steps }) => `${steps} íñ á ŕóŵ`,
  'there-and-back': ({ steps }) => `${steps} ţĥéŕé, ${steps} ƀáçķ`,
  slow: ({ name }) => `${name}, šļóŵ`,
  quick: ({ name }) => `${name}, ɋúíçķ`,
  'without-and-with': ({ name }) => `${name}, ŵíţĥóúţ áñđ ŵíţĥ`,
  'called-in-order': ({ name }) => `${name}, çáļļéđ íñ óŕđéŕ`,
  called: ({ name }) => `${name}, çáļļéđ`,
  fed: ({ name }) => `${name}, ƒéđ`,
  partner: ({ name }) => `${name}, ŵíţĥ á þáŕţñéŕ`,
  pressed: ({ name }) => `${name}, þŕéššéđ`,
  role: ({ book }) => `${book}: ŵĥáţ íš ţĥéŕé?`,
  'role-open': () => 'á ŕóļé óŕ šçéñáŕíó',
  free: ({ name }) => `ƒŕéé: ${name}`,
  remedy: ({ fault }) => `${faults.faults[fault]?.label ?? fault}: ${remedies.remedies[fault] ?? ''}`,
};

const leftOut: Says<LeftOutMessages> = {
  'no-ending': () => 'Ñó úšúáļ éñđíñĝ ƀŕíñĝš ţĥé šţáñçé ƀáçķ áƒţéŕ íţ: ţŕáíñ íţ íñšíđé ţĥé ŵĥóļé.',
  'other-stance': () => 'Íţ đóéš ñóţ éñđ íñ ţĥé šţáñçé íţ ƀéĝíñš íñ: ţŕáíñ íţ íñšíđé ţĥé ŵĥóļé.',
  'other-lead': () => 'Ţĥé óţĥéŕ ļéáđ íš ñóţ ţŕúšţéđ.',
  'no-side': () => 'Íţš šţéþš ĥáṽé ñó šíđé: ţó ţĥé óţĥéŕ óñé ţĥéý áŕé ţĥé šáɱé.',
  caution: ({ caution, what }) =>
    `Ļéƒţ óúţ ƀéçáúšé óƒ ţĥé šţáñđíñĝ çáúţíóñ (${cautions.cautions.one(caution)}): íţ ĥáš ${cautions.cautions.forbidden[what]}. Ţĥé çóáçĥ đéçíđéš.`,
  mastered: () => 'Ţĥé ŕéçóŕđ šáýš íţ íš ɱášţéŕéđ; þúţ íţ íñ áĝáíñ íƒ ýóú ļíķé.',
  'no-playbook': () => 'Ñó þļáýƀóóķ ŵáš çĥóšéñ.',
  'no-chance': ({ fault }) => `‘${faults.faults[fault]?.label ?? fault}’ ĥáš ñó çĥáñçé ţó šĥóŵ íñ íţ.`,
};

const fitAsks: Says<FitAskMessages> = {
  rest: ({ stage }) => `‘${stage}’: ŕéšţ ñóţ đéçíđéđ`,
  'set-rest': ({ stage }) => `‘${stage}’: šéţ ŕéšţ ñóţ đéçíđéđ`,
  repetition: ({ stage }) => `‘${stage}’: ĥóŵ ļóñĝ á ŕéþéţíţíóñ ţáķéš íš ñóţ ķñóŵñ`,
  sides: ({ stage }) => `‘${stage}’: ƒóŕ éáçĥ šíđé, óŕ íñ áļļ, ñóţ đéçíđéđ`,
  call: ({ stage }) => `‘${stage}’: ñóţĥíñĝ ţó çáļļ ýéţ`,
  dose: ({ stage, error }) => `‘${stage}’: ${say(doses.doses, error)}`,
  change: () => 'çĥáñĝé-óṽéŕ ƀéţŵééñ éẋéŕçíšéš ñóţ đéçíđéđ',
};

const fitWhy: Says<FitWhyMessages> = {
  'left-out': ({ priority }) => `ļéƒţ óúţ: þŕíóŕíţý ${priority}, áñđ éṽéñ íţš ļéášţ đíđ ñóţ ƒíţ`,
  'no-time-left': () => 'ķéþţ ƀéļóŵ íţš ɱóšţ: ñó ţíɱé íš ļéƒţ',
};

/** What is said of a plan, of what is called in it, of what is built, and of fitting it to its time. */
export const plan = {
  plan: {
    problems: planProblems,
    calls: callProblems,
    names,
    leftOut,
    fitAsks,
    fitWhy,
    hopeless: ({ stage, seconds }: { readonly stage: string; readonly seconds: number }, available: number): string =>
      `${Math.floor(available / 60)} ɱíñ áŕé ţóó šĥóŕţ ƒóŕ áñý óƒ ţĥéšé šţáĝéš. Ţĥé šĥóŕţéšţ, ‘${stage}’, ţáķéš ${Math.ceil(seconds / 6) / 10} ɱíñ.`,
    spoken: {
      explain: 'ñéẋţ: {name}',
      change: 'çĥáñĝé, ţĥéñ {name}',
      water: 'ŵáţéŕ',
      rest: 'ŕéšţ',
      setRest: 'ŕéšţ, šéţ đóñé',
      end: 'đóñé',
      otherSide: 'óţĥéŕ šíđé',
      otherLead: 'óţĥéŕ ļéáđ',
      changeStation: 'çĥáñĝé šţáţíóñš',
      toStation: 'ĝŕóúþ {group} ţó {station}',
      freeze: 'ƒŕééžé',
      coming: ['šţíļļ çóɱíñĝ', 'šţóþþéđ'],
    },
    stay: 'šţáý',
    partner: {
      what: 'šţéþš íñ áš áĝŕééđ áñđ ĥóļđš ţĥé ļíñé',
      when: 'áţ ţĥé šţáŕţ óƒ éáçĥ ŕéþéţíţíóñ',
      reAim: 'áţ ţĥé çĥéšţ áĝáíñ áƒţéŕ éáçĥ éẋçĥáñĝé',
    },
  },
};
