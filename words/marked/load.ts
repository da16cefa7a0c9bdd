// Made from ../en/load.ts by npm run marked.
const percent = (factor: number): string => `${Math.round((factor - 1) * 100)} %`;

/** What the weeks of an athlete weigh. */
export const load = {
  load: {
    title: 'Ļóáđ',
    back: 'ƒáúļţ ƀóóķ',
    of: 'óƒ',
    weeks: 'Ŵééķ ƀý ŵééķ',
    says: 'Ļóáđ íš ĥóŵ ĥáŕđ íţ ŵáš, 0 ţó 10, × ɱíñúţéš. Ḿóñóţóñý íš ţĥé ɱéáñ óƒ á đáý’š ļóáđ ÷ íţš šţáñđáŕđ đéṽíáţíóñ óṽéŕ ţĥé šéṽéñ đáýš, ţĥóšé óƒ ŕéšţ ŵíţĥ 0, ƒŕóɱ ţŵó đáýš óƒ ţŕáíñíñĝ óñ; šţŕáíñ íš ļóáđ × ɱóñóţóñý (Ƒóšţéŕ 1998).',
    landingsSay: 'Ļáñđíñĝš áŕé ţĥóšé áƒţéŕ ĵúɱþš, ĥóþš áñđ ĝáļļóþš, óƒ ŵĥáţ ŵáš đóñé áñđ ñóţ óƒ ŵĥáţ ŵáš þļáññéđ; ļóŵ šþļíţš áŕé ñóñé.',
    heads: ['ŵééķ ƒŕóɱ', 'éṽéñíñĝš', 'ļóáđ', 'ɱóñóţóñý', 'šţŕáíñ', 'ļáñđíñĝš', 'ļúñĝéš'],
    some: (rated: number, all: number): string => `${rated} óƒ ${all}`,
    atLeast: (n: number): string => `${n} áţ ļéášţ`,
    drawn: (weeks: number): string => `Ļóáđ óƒ ${weeks} ${weeks === 1 ? 'ŵééķ' : 'ŵééķš'}; þáļéŕ ŵĥéŕé ñóţ áļļ ŵáš šáíđ`,
    look: 'Ŵóŕţĥ á ļóóķ',
    rise: (from: string, rise: number): string => `Ţĥé ŵééķ ƒŕóɱ ${from}: ļóáđ ${percent(rise)} áƀóṽé ţĥé ɱéáñ óƒ ţĥé ƒóúŕ ŵééķš ƀéƒóŕé.`,
    landingsRise: (from: string, rise: number): string =>
      `Ţĥé ŵééķ ƒŕóɱ ${from}: ļáñđíñĝš ${percent(rise)} áƀóṽé ţĥé ɱéáñ óƒ ţĥé ƒóúŕ ŵééķš ƀéƒóŕé.`,
    disputed:
      'Ḿóŕé ţĥáñ 10 ţó 15 % íš úšúáļļý çáļļéđ šţééþ; ţĥé éṽíđéñçé íš đíšþúţéđ. Íţ íš á ŕéášóñ ţó ášķ ĥóŵ šóɱéƀóđý ƒééļš, áñđ ñó ɱóŕé.',
    most: (of: { readonly from: string; readonly landings: number; readonly low: number; readonly high: number }): string =>
      `Ţĥé ŵééķ ƒŕóɱ ${of.from}: ${of.landings} ļáñđíñĝš óñ óñé éṽéñíñĝ, ŵĥéŕé ${of.low} ţó ${of.high} áŕé úšúáļ áţ ţĥíš ļéṽéļ.`,
    mostOfChild: (from: string, landings: number): string =>
      `Ţĥé ŵééķ ƒŕóɱ ${from}: ${landings} ļáñđíñĝš óñ óñé éṽéñíñĝ. Ƒóŕ çĥíļđŕéñ ñó ñúɱƀéŕ íš áĝŕééđ óñ: ƒéŵéŕ.`,
    nothing: 'Ñóţĥíñĝ íñ ţĥé ļášţ ƒóúŕ óƒ ţĥéšé ŵééķš.',
    pain: 'Ŵĥáţéṽéŕ ĥúŕţš íš ļéƒţ óúţ, áñđ ŵĥóéṽéŕ ĥúŕţš ášķš šóɱéƀóđý ļíçéñšéđ ţó šáý ŵĥáţ íţ íš.',
    unsaid: 'Ñóţ šáíđ ýéţ ĥóŵ ĥáŕđ íţ ŵáš',
    saidAll: 'Íţ ŵáš šáíđ óƒ éáçĥ éṽéñíñĝ.',
    none: 'Ñóţĥíñĝ đóñé ýéţ',
    noneSays: 'Ļóáđ íš çóúñţéđ ƒŕóɱ ŕúñš óñ ţĥé ƒļóóŕ. Ĥóŵ ĥáŕđ óñé ŵáš íš šáíđ óñ íţš óŵñ þáĝé, ƀéļóŵ ţĥé ţáþš.',
    uncounted: (n: number): string =>
      `${n} ${n === 1 ? 'ŕúñ íš' : 'ŕúñš áŕé'} šţíļļ ƀéíñĝ çóúñţéđ: ŵĥáţ ŵáš đóñé íñ ${n === 1 ? 'íţ' : 'ţĥéɱ'} íš ñóţ íñ ţĥíš ýéţ.`,
  },
};
