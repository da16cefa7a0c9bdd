// Made from ../en/splits.ts by npm run marked.
import type { Beside } from '@hopsk/core/evidence/together';
import type { FirstToFix } from '@hopsk/core/evidence/first-to-fix';
import type { LikeForLike } from '@hopsk/core/evidence/like-for-like';
import type { Sequential } from '@hopsk/core/evidence/sequential';
import type { Sides, SplitBy } from '@hopsk/core/evidence/splits';
import type { Source } from '@hopsk/core/log/event';
import type { Direction } from '@hopsk/core/plan/direction';
import { difference, evenings, held, per100 } from './differences.js';

const attempts = (n: number): string => `${n} ${n === 1 ? 'áţţéɱþţ' : 'áţţéɱþţš'}`;
const sources: Readonly<Record<Source, string>> = { floor: 'óñ ţĥé ƒļóóŕ', film: 'óñ ƒíļɱ', import: 'ţóļđ ƀý á ţáƀļé' };
const ofThirds = { '1': 'ƒíŕšţ ţĥíŕđ', '2': 'ɱíđđļé ţĥíŕđ', '3': 'ļášţ ţĥíŕđ' } as const;

/** Where a fault shows, and what comes together with it. */
export const splits = {
  splits: {
    first: 'Ŵĥáţ ţó ƒíẋ ƒíŕšţ',
    firstSays: (of: FirstToFix, label: (fault: string) => string): string =>
      [
        `${per100(of.rate)} þéŕ 100 ļáţéļý, ƒóŕ ${evenings(of.evenings)}`,
        ...(of.safety ? ['íţ çáñ ĥúŕţ'] : []),
        ...(of.focus ? ['íñ ƒóçúš'] : []),
        ...(of.cost === 1 ? [] : [`çóúñţš ${of.cost} ţíɱéš íñ ýóúŕ çļúƀ`]),
        ...of.drags.map(({ fault, share }) => `${per100(share)} óƒ 100 ţíɱéš ţĥáţ ${label(fault)} šĥóŵéđ íţ ŵáš ţĥéŕé`),
      ].join('; ') + '.',
    firstRule:
      'Ŵĥáţ çáñ ĥúŕţ ƒíŕšţ; ţĥéñ ŕáţé × çóšţ (íñ ƒóçúš: ţŵíçé; ýóúŕ çļúƀ’š óŵñ ŵéíĝĥţ), ŵíţĥ ŵĥáţ íţ đŕáĝš áļóñĝ, × ĥóŵ ļóñĝ íţ ĥáš ĝóñé óñ. Ŵĥáţ íš đŕáĝĝéđ áļóñĝ íš ñóţ ñáɱéđ ƀéšíđé íţ. Ýóú đéçíđé.',
    test: ({ decision, decidedAfter, more }: Sequential): string => {
      if (decidedAfter !== null) return `ŕúññíñĝ ţéšţ: ${decision === 'next' ? 'ɱóṽé óñ' : 'šţéþ ƀáçķ'}, áƒţéŕ ${evenings(decidedAfter)}`;
      return more === null
        ? 'ŕúññíñĝ ţéšţ: óþéñ, ƒáŕ ƒŕóɱ ɱóṽíñĝ óñ'
        : `ŕúññíñĝ ţéšţ: óþéñ; ${more} ɱóŕé çļéáñ ${more === 1 ? 'áţţéɱþţ' : 'áţţéɱþţš'} íñ óñé éṽéñíñĝ ŵóúļđ đéçíđé ƒóŕ ɱóṽíñĝ óñ`;
    },
    title: 'Ŵĥéŕé íţ šĥóŵš',
    tired: 'ŵĥéñ ţíŕéđ',
    late: (of: LikeForLike): string => held(of, 'Íñ ţĥé ļášţ ţĥíŕđ óƒ á ŕóúñđ', 'íñ ţĥé ƒíŕšţ'),
    later: (of: LikeForLike): string => held(of, 'Íñ ţĥé ļáţéŕ ĥáļƒ óƒ ţĥé ŕóúñđš', 'íñ ţĥé éáŕļíéŕ'),
    leftLate: (of: LikeForLike): string => held(of, 'Óñ ţĥé ļéƒţ íñ ţĥé ļášţ ţĥíŕđ', 'íñ ţĥé ƒíŕšţ'),
    rightLate: (of: LikeForLike): string => held(of, 'Óñ ţĥé ŕíĝĥţ íñ ţĥé ļášţ ţĥíŕđ', 'íñ ţĥé ƒíŕšţ'),
    noTired: 'Ñóţ ŵáţçĥéđ ýéţ ƀóţĥ éáŕļý áñđ ļáţé íñ ţĥé šáɱé šţáĝé.',
    side: 'ŵĥíçĥ šíđé',
    sides: ({ left, right, share, low, high }: Sides): string => {
      const more = low > 0.5 ? 'Ḿóŕé óñ ţĥé ļéƒţ' : high < 0.5 ? 'Ḿóŕé óñ ţĥé ŕíĝĥţ' : 'Ñó šíđé ɱóŕé ţĥáñ ţĥé óţĥéŕ, áš ƒáŕ áš çáñ ƀé ţóļđ';
      return `${more}: ${left} óƒ ${left + right} ţáþš ŵíţĥ á šíđé óñ ţĥé ļéƒţ, ${per100(share)} óƒ 100 (${per100(low)} ţó ${per100(high)}), áš íƒ ƀóţĥ šíđéš ĥáđ áš ɱáñý çĥáñçéš.`;
    },
    noSides: 'Ñéṽéŕ ţáþþéđ ŵíţĥ á šíđé.',
    by: 'šþļíţ ƀý',
    byNames: {
      third: 'ţíɱé íñ ţĥé ŕóúñđ',
      round: 'ŕóúñđ',
      part: 'þáŕţ óƒ ţĥé éṽéñíñĝ',
      stage: 'ŵĥáţ ŵáš đóñé',
      kind: 'ķíñđ óƒ šţáĝé',
      cueing: 'ĥóŵ íţ ƀéĝíñš',
      implement: 'ŕáçķéţ, ƀļáđé, ĝļóṽéš',
      tempo: 'ţíɱéš (1 íš áš ŵŕíţţéñ)',
      way: 'šíđé óŕ ļéáđ',
      direction: 'đíŕéçţíóñ',
      opponent: 'þáŕţñéŕ’š ƒóóţ íñ ƒŕóñţ',
      view: 'šééñ ƒŕóɱ',
      source: 'ļóóķéđ áţ',
    } satisfies Record<SplitBy, string>,
    values: {
      third: ofThirds,
      part: ofThirds,
      way: { written: 'áš ŵŕíţţéñ', other: 'ţĥé óţĥéŕ šíđé óŕ ļéáđ' },
      view: { front: 'ţĥé ƒŕóñţ', side: 'ţĥé šíđé' },
      opponent: { left: 'ļéƒţ', right: 'ŕíĝĥţ' },
      source: sources,
      direction: {
        ...{ place: 'óñ ţĥé þļáçé', ahead: 'áĥéáđ', back: 'ƀáçķ', left: 'ļéƒţ', right: 'ŕíĝĥţ' },
        ...{ 'ahead right': 'áĥéáđ ŕíĝĥţ', 'ahead left': 'áĥéáđ ļéƒţ', 'back right': 'ƀáçķ ŕíĝĥţ', 'back left': 'ƀáçķ ļéƒţ' },
      } satisfies Record<Direction, string>,
    } as Readonly<Partial<Record<SplitBy, Readonly<Record<string, string>>>>>,
    sources,
    drawn: (by: string): string => `${by}: þéŕ 100 ŵíţĥ íţš íñţéŕṽáļ, áš íñ ţĥé ţáƀļé ƀéļóŵ`,
    heads: ['', 'þéŕ 100', '95 % íñţéŕṽáļ', 'áţţéɱþţš', 'ļéšš ţĥé óţĥéŕš'],
    against: difference,
    notGiven: (n: number): string => `Óƒ ${attempts(n)} íţ íš ñóţ ķñóŵñ.`,
    others: (n: number): string => `${attempts(n)} óƒ ŕáŕéŕ ṽáļúéš áŕé ļéƒţ óúţ.`,
    againstSays:
      'Ļéšš ţĥé óţĥéŕš: ţĥíš ṽáļúé ļéšš áļļ óţĥéŕš, íñ ţĥé éṽéñíñĝš ţĥáţ ĥáṽé ƀóţĥ. Ŵĥéŕé íţ ĥóļđš 0, ñóţĥíñĝ çáñ ƀé ţóļđ ƒŕóɱ çĥáñçé.',
    runsOf: (value: string): string => `Ţĥé ŕúñš ƀéĥíñđ ‘${value}’`,
    none: 'Óñļý óñé óƒ éṽéŕýţĥíñĝ šó ƒáŕ: ñóţĥíñĝ ţó šþļíţ ƀý.',
    uncounted: (n: number): string => `${n} éáŕļíéŕ ${n === 1 ? 'ŕúñ íš' : 'ŕúñš áŕé'} šţíļļ ƀéíñĝ šþļíţ úþ áñđ ñóţ íñ ţĥíš ýéţ.`,
    together: 'çóɱéš ţóĝéţĥéŕ ŵíţĥ',
    comes: (of: Beside): string =>
      `ɱóŕé ţĥáñ ƀý çĥáñçé: ŵíţĥ íţ íñ ${of.with} óƒ ${of.ofWith} óççášíóñš, ŵíţĥóúţ íţ íñ ${of.without} óƒ ${of.ofWithout}.`,
    cause: 'Óƒţéñ íţš çáúšé.',
    effect: 'Óƒţéñ çóɱéš óƒ íţ.',
    noPairs: (asked: number): string =>
      asked === 0
        ? 'Ţóó ƒéŵ óççášíóñš ýéţ íñ ŵĥíçĥ íţ áñđ áñóţĥéŕ ƒáúļţ çóúļđ ƀóţĥ ƀé šééñ.'
        : `Ŵíţĥ ñóţĥíñĝ ɱóŕé ţĥáñ ƀý çĥáñçé (${asked} ${asked === 1 ? 'ƒáúļţ' : 'ƒáúļţš'} ášķéđ).`,
    pairHeads: ['ŕúñ', 'ŵíţĥ ƀóţĥ', 'ŵíţĥ ţĥíš óñé', '', ''],
    togetherSays: 'Çóɱíñĝ ţóĝéţĥéŕ íš ñóţ ýéţ óñé çáúšíñĝ ţĥé óţĥéŕ.',
  },
};
