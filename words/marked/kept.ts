// Made from ../en/kept.ts by npm run marked.
import type { LOOKS } from '@hopsk/contract/people-data';

/** What is kept of people: given out, erased, how long, and who looked. */
export const kept = {
  kept: {
    title: 'Ŵĥáţ íš ķéþţ óƒ þéóþļé',
    back: 'çļúƀ',
    rules: 'Ĥóŵ ļóñĝ ŵĥáţ íš ķéþţ',
    rulesSays: 'Íñ ɱóñţĥš; ŵĥáţ íš ļéƒţ éɱþţý íš ķéþţ úñţíļ šóɱéƀóđý ţáķéš íţ áŵáý. Íţ íš ļóóķéđ áţ šóɱé ţíɱéš á đáý.',
    runs: 'ŕúñš, áñđ ŵĥáţ ŵáš ɱáŕķéđ íñ ƒíļɱ',
    left: 'áţĥļéţéš áƒţéŕ ţĥéý ŵéŕé þúţ áŵáý',
    looks: 'ŵĥó ļóóķéđ áţ ŵĥóɱ',
    clips: 'çļíþš ŵíţĥ ţĥé çļúƀ (đáýš; 0: ñóţ áţ áļļ)',
    always: 'ƒóŕ ĝóóđ',
    agreement: 'á ĝúáŕđíáñ’š áĝŕééɱéñţ íš ñééđéđ',
    agreements: {
      none: 'ƒóŕ çáúţíóñš óƒ úñđéŕ 16š',
      'under-16': 'ƒóŕ áñýţĥíñĝ óƒ úñđéŕ 16š',
      'under-18': 'ƒóŕ áñýţĥíñĝ óƒ úñđéŕ 18š',
    },
    hall: 'óñ á ĥáļļ šçŕééñ þéóþļé áŕé çáļļéđ ƀý',
    halls: { first: 'ţĥéíŕ ƒíŕšţ ñáɱé', initial: 'íţš ƒíŕšţ ļéţţéŕ', number: 'ţĥéíŕ ñúɱƀéŕ' },
    hallUnder16: 'ţĥóšé úñđéŕ 16',
    under16: { number: 'áļŵáýš ƀý ţĥéíŕ ñúɱƀéŕ', alike: 'áš éṽéŕýƀóđý éļšé' },
    agreementSays: 'Ŵĥáţ á ļáŵ óŕ á ƒéđéŕáţíóñ ášķš ƒóŕ ƀéýóñđ ţĥáţ íš ñóţ ķñóŵñ ĥéŕé.',
    save: 'šáṽé',
    saved: 'Šáṽéđ.',
    shorter: 'Ŵĥáţ íš óļđéŕ ĝóéš ƒóŕ ĝóóđ, ţĥé ñéẋţ ţíɱé íţ íš ļóóķéđ áţ. Šáṽé?',
    shorterYes: 'šáṽé íţ',
    shorterNo: 'ļéáṽé íţ áš íţ íš',
    who: 'Ŵĥó ļóóķéđ áţ ŵĥóɱ',
    whoSays: 'Ţĥé šáɱé ƀý ţĥé šáɱé þéŕšóñ ŵíţĥíñ áñ ĥóúŕ íš óñé ļíñé. Á ƒáúļţ ƀóóķ çóúñţš áš ļóóķéđ áţ, á ļíšţ óƒ ñáɱéš đóéš ñóţ.',
    whoHeads: ['ŵĥéñ', 'ŵĥó', 'ŵĥáţ', 'ŵĥóɱ'],
    rule: 'ţĥé çļúƀ’š ŕúļéš',
    somebodyErased: 'šóɱéƀóđý ŵĥó ŵáš éŕášéđ',
    nobodyYet: 'Ñóƀóđý ýéţ.',
    earlier: 'éáŕļíéŕ óñéš',
    /** What was done, as often as it was. */
    done: (what: string, n: number): string => (n === 1 ? what : `${what} (${n} ţíɱéš)`),
    whats: {
      looked: 'ļóóķéđ áţ',
      run: 'ļóóķéđ áţ á ŕúñ óƒ',
      changed: 'çĥáñĝéđ',
      'given-out': 'ĝáṽé óúţ',
      erased: 'éŕášéđ',
      'club-out': 'šáṽéđ ţĥé çļúƀ áš á ƒíļé',
      'club-in': 'ŕéáđ á ƒíļé íñţó ţĥé çļúƀ',
      rules: 'çĥáñĝéđ ĥóŵ ļóñĝ ŵĥáţ íš ķéþţ',
    } satisfies Record<(typeof LOOKS)[number], string>,
    runOf: (run: string, day: string): string => `${run}, ${day}`,
    runGone: 'á ŕúñ ţĥáţ íš ĝóñé',

    data: (name: string): string => `Ķéþţ óƒ ${name}`,
    dataSays: (club: string, day: string): string =>
      `Ŵĥáţ ${club} ķééþš íñ Ĥóþšķ, áš óƒ ${day}. Óƒ óţĥéŕš ñóţĥíñĝ šţáñđš ĥéŕé. Ţĥé ƒíļé ĥóļđš éáçĥ ţáþ áš ŵéļļ.`,
    saveFile: 'šáṽé áš á ƒíļé',
    print: 'þŕíñţ',
    erase: 'éŕášé …',
    record: 'Ŕéçóŕđ',
    none: 'ñóñé',
    notMeasured: 'ñóţ ɱéášúŕéđ',
    estimated: 'Ŵĥéŕé ñóţĥíñĝ íš ɱéášúŕéđ ţĥé áþþ éšţíɱáţéš ƒŕóɱ ĥéíĝĥţ, áñđ ķééþš ñóţĥíñĝ óƒ ţĥáţ.',
    cautions: 'Çáúţíóñš',
    caution: (one: string, forbids: string, landings: number | null): string =>
      [
        one,
        ...(forbids === '' ? [] : [`ļéƒţ óúţ: ${forbids}`]),
        ...(landings === null ? [] : [`ļáñđíñĝš á šéššíóñ, áţ ɱóšţ: ${landings}`]),
      ].join('; '),
    seen: 'Ŵĥáţ ŵáš šééñ',
    seenSays: 'Óƒ çĥáñçéš ţĥáţ ŵéŕé ŵáţçĥéđ, óṽéŕ áļļ ŕúñš.',
    seenHeads: ['ƒáúļţ', 'ƒáúļţš óƒ çĥáñçéš', 'ñóţéđ', 'ŕúñš'],
    runsTitle: (n: number): string => (n === 1 ? 'Óñé ŕúñ' : `${n} ŕúñš`),
    runsHeads: ['ŕúñ', 'đáý', 'ƒáúļţš óƒ çĥáñçéš', 'þŕáíšé'],
    sessions: 'Íñ šéššíóñš',
    readers: 'Ŵĥó ŕéáđš ţĥé ƒáúļţ ƀóóķ ƀéšíđé çóáçĥéš',

    eraseTitle: (name: string): string => `Éŕášé ${name}?`,
    eraseAsk: ({ alone, few, many }: { alone: number; few: number; many: number }, least: number): string =>
      [
        'Ñáɱé, ƀóđý, çáúţíóñš, ƒóçúš áñđ ñóţéš ĝó ƒóŕ ĝóóđ; ñó ƒíļé áñđ ñó đéṽíçé ƀŕíñĝš ţĥéɱ ƀáçķ, áñđ óñļý á ƀáçķúþ ţĥáţ ŵáš ɱáđé ƀéƒóŕé ĥóļđš ţĥéɱ šţíļļ.',
        ...(alone > 0 ? [`${alone === 1 ? 'Óñé ŕúñ ţĥáţ ŵáš ţĥéíŕš áļóñé ĝóéš' : `${alone} ŕúñš ţĥáţ ŵéŕé ţĥéíŕš áļóñé ĝó`} ŵĥóļé.`] : []),
        ...(few > 0
          ? [`Íñ ${few === 1 ? 'óñé ŕúñ' : `${few} ŕúñš`} óƒ ƒéŵéŕ ţĥáñ ${least} þéóþļé ñóţĥíñĝ šţáýš óƒ ŵĥáţ ŵáš šééñ óƒ ţĥéɱ.`]
          : []),
        ...(many > 0
          ? [
              `Íñ ${many === 1 ? 'óñé ŕúñ' : `${many} ŕúñš`} óƒ ɱóŕé þéóþļé ŵĥáţ ŵáš šééñ šţáýš, óƒ šóɱéƀóđý ŵíţĥóúţ á ñáɱé, áñóţĥéŕ íñ éáçĥ ŕúñ.`,
            ]
          : []),
      ].join(' '),
    mentionsTitle: 'Ŵĥéŕé éļšé ţĥé ñáɱé šţáñđš',
    mentions: (n: number): string =>
      `Ţĥé ñáɱé áļšó šţáñđš íñ ${n === 1 ? 'óñé þļáçé' : n >= 50 ? 'ƒíƒţý þļáçéš áñđ ɱóŕé' : `${n} þļáçéš`} ţĥáţ ţĥíš đóéš ñóţ çĥáñĝé; ţĥéý áŕé ļíšţéđ óñ ţĥé þáĝé.`,
    mentionKinds: {
      run: 'á ŕúñ’š ñáɱé',
      session: 'á šéššíóñ',
      pattern: 'á þáţţéŕñ',
      note: 'á ñóţé',
      decision: 'ŵĥý šóɱéƀóđý ŵáš đéçíđéđ óñ',
      film: 'ŵĥáţ ŵáš ɱáŕķéđ íñ á çļíþ',
    },
    underWay: (run: string): string => `Ţĥéý áŕé íñ á ŕúñ ţĥáţ íš úñđéŕ ŵáý (‘${run}’): éñđ íţ ƒíŕšţ.`,
    typeName: (name: string): string => `ţýþé ţĥé ñáɱé: ${name}`,
    eraseDo: 'éŕášé ƒóŕ ĝóóđ',
    eraseNo: 'ķééþ',
  },
};
