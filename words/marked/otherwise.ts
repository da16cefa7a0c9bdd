// Made from ../en/otherwise.ts by npm run marked.
/** Lines that were saved with an earlier language and read otherwise today. */
export const otherwise = {
  otherwise: {
    title: 'Ŕéáđ óţĥéŕŵíšé ţóđáý',
    back: 'þáţţéŕñš',
    some: (n: number): string =>
      `${n} ${n === 1 ? 'ļíñé ţĥáţ ŵáš šáṽéđ éáŕļíéŕ ŕéáđš' : 'ļíñéš ţĥáţ ŵéŕé šáṽéđ éáŕļíéŕ ŕéáđ'} óţĥéŕŵíšé ţóđáý. Ŵĥáţ ${n === 1 ? 'íţ' : 'ţĥéý'} šáíđ ĝóéš óñ šţáñđíñĝ úñţíļ ýóú šáý šó.`,
    look: 'ļóóķ áţ ţĥéɱ',
    says: 'Ĥóþšķ ŕéáđš ļíñéš áš çóáçĥéš šáý ţĥéɱ ƀý ñóŵ, áñđ šţéþš ţĥéɱ áš çóáçĥéš šţéþ. Ţĥéšé ŵéŕé šáṽéđ ƀéƒóŕé áñđ ŵóúļđ šáý óŕ đó šóɱéţĥíñĝ éļšé ţóđáý, šó ŵĥáţ ţĥéý šáíđ áñđ đíđ šţáñđš íñ ţĥéíŕ þļáçé. Ñóţĥíñĝ çĥáñĝéš úñţíļ ýóú ţáķé ţóđáý’š ŕéáđíñĝ.',
    none: 'Ñóţĥíñĝ ŕéáđš óţĥéŕŵíšé',
    noneSays: 'Éṽéŕý ļíñé ţĥáţ ŵáš šáṽéđ šáýš ţóđáý ŵĥáţ íţ šáíđ ŵĥéñ íţ ŵáš šáṽéđ.',
    typed: 'ţýþéđ:',
    stands: 'áš íţ ŵáš ŕéáđ: ţĥíš šţáñđš',
    today: 'áš íţ ŕéáđš ţóđáý',
    nothingRead: 'ñóţĥíñĝ óƒ íţ ŵáš úñđéŕšţóóđ',
    onlyTimes: 'Ƒééţ ĝó áš ţĥéý đíđ; á ļóñĝéŕ šţéþ ţáķéš ļóñĝéŕ ţóđáý. ‘tempo flat’ ķééþš íţš ţíɱé.',
    otherSteps: 'Ƒééţ ĝó óţĥéŕŵíšé ţóđáý. ‘engine 1’ ĥáš ţĥéɱ ĝó áš ţĥéý đíđ.',
    takeAll: (n: number): string => `ţáķé ţóđáý’š ƒóŕ áļļ ${n}`,
    letAll: 'ļéţ áļļ šţáñđ',
    settledAll: (n: number, changed: number): string =>
      `${n} ${n === 1 ? 'ļíñé íš' : 'ļíñéš áŕé'} šéţţļéđ.${changed === 0 ? '' : ` ${changed} šóɱéƀóđý ĥáš çĥáñĝéđ šíñçé; ţĥéý ŵéŕé ļéƒţ áš ţĥéý áŕé.`}`,
    letStand: 'ļéţ íţ šţáñđ',
    take: 'ţáķé ţóđáý’š',
    takes: (seconds: number, contacts: number): string =>
      `${seconds.toFixed(2)} š · ${contacts} ${contacts === 1 ? 'çóñţáçţ' : 'çóñţáçţš'}`,
    pictureOf: (what: string): string => `ƒééţ óñ ţĥé ƒļóóŕ, ${what}`,
    more: (n: number): string => `šĥóŵ ɱóŕé (${n})`,
    club: 'ŵĥáţ ţĥé çļúƀ ţéáçĥéš',
    parts: {
      line: '',
      partner: 'ţĥé þáŕţñéŕ’š ļíñé',
      call: 'á çáļļ',
      station: 'á šţáţíóñ',
      dose: 'đóšé',
      'own-dose': 'đóšé óƒ óñé áţĥļéţé',
      move: 'óŵñ ɱóṽé',
      answer: 'þļáýƀóóķ',
      'way-back': 'þļáýƀóóķ, ŵáý ƀáçķ',
    },
    saysWhatItDid: (of: string, typed: string, stands: string) =>
      `${of === '' ? '' : `${of}: `}ţĥíš ƒíļé íš óƒ áñ éáŕļíéŕ Ĥóþšķ, ŵĥéŕé ‘${typed}’ šáíđ ‘${stands}’; ţĥáţ šţáñđš.`,
    settled: {
      taken: (where: string): string => `${where}: ŕéáđš áš ţóđáý ñóŵ. Ŵĥáţ šţóóđ ƀéƒóŕé íš áɱóñĝ íţš ṽéŕšíóñš.`,
      stands: (where: string): string => `${where}: šţáñđš áš íţ ŵáš ŕéáđ.`,
      changed: (where: string): string => `${where}: šóɱéƀóđý ĥáš çĥáñĝéđ ţĥíš ļíñé šíñçé; íţ ŵáš ļéƒţ áš íţ íš.`,
    },
  },
};
