// Made from ../en/log-table.ts by npm run marked.
const rowsSaid = (n: number): string => `${n} ${n === 1 ? 'ŕóŵ' : 'ŕóŵš'}`;
const eveningsSaid = (n: number): string => `${n} ${n === 1 ? 'éṽéñíñĝ' : 'éṽéñíñĝš'}`;

/** The log as a table, out and in. */
export const logTable = {
  logTable: {
    title: 'Ţĥé ļóĝ áš á ţáƀļé',
    back: 'ƒáúļţ ƀóóķ',
    out: 'Óúţ',
    outSays:
      'Á ŕóŵ ƒóŕ éáçĥ þáŕţ óƒ áñ éṽéñíñĝ, áţĥļéţé áñđ ƒáúļţ, áš šþŕéáđšĥééţš áñđ ţĥé çóɱɱáñđ ļíñé ŕéáđ íţ. Ñáɱéš ĝó ŵíţĥ íţ: ĝíṽé íţ óñļý ţó ţĥóšé ŵĥóɱ ýóúŕ çļúƀ áđɱíţš.',
    whose: 'óƒ',
    everybody: 'éṽéŕýƀóđý',
    from: 'ƒŕóɱ',
    to: 'úþ ţó',
    asCsv: 'šáṽé áš ÇŠṼ',
    asJson: 'šáṽé áš ĴŠÓÑ',
    fetching: (n: number, of: number): string => `ƒéţçĥíñĝ ${n} óƒ ${of} …`,
    nothing: 'Ñóţĥíñĝ ŵáš ŵáţçĥéđ íñ ţĥíš ţíɱé: ţĥéŕé íš ñó ţáƀļé.',
    saved: (n: number): string => `${rowsSaid(n)} šáṽéđ.`,
    file: 'ļóĝ',
    in: 'Íñ',
    inSays:
      'Á ţáƀļé ŵíţĥ á ƒíŕšţ ŕóŵ óƒ ñáɱéš: đáý, ƒáúļţ, áţţéɱþţš áñđ ƒáúļţý áţ ļéášţ; áţĥļéţé, ļéƒţ, ŕíĝĥţ, ñóţéđ, šţáĝé áñđ óţĥéŕš ŵĥéŕé ýóú ĥáṽé ţĥéɱ. Íţ ƀéçóɱéš ŕúñš ţĥáţ šáý ñó ɱóŕé ţĥáñ íţ đóéš, áñđ ñóţĥíñĝ íš áđđéđ ƀéƒóŕé ýóú ĥáṽé šééñ ŵĥáţ.',
    choose: 'çĥóóšé á ƒíļé',
    whoseRows: 'ŵĥóšé, ŵĥéŕé ñó ñáɱé íš ĝíṽéñ',
    byName: 'ƀý ñáɱé óñļý',
    paste: 'óŕ þášţé íţ ĥéŕé',
    example: 'đáý, áţĥļéţé, ƒáúļţ, áţţéɱþţš, ƒáúļţý',
    pasted: 'Ƒŕóɱ á ţáƀļé',
    missing: (columns: string): string => `Ţĥéŕé íš ñó çóļúɱñ ${columns}: ñóţĥíñĝ ŵáš ŕéáđ.`,
    unknown: (columns: string): string => `Çóļúɱñš ţĥáţ ɱéáñ ñóţĥíñĝ ĥéŕé áŕé ļéƒţ óúţ: ${columns}.`,
    lines: (taken: number, refused: number): string =>
      refused === 0 ? `${rowsSaid(taken)} ŕéáđ` : `${rowsSaid(taken)} ŕéáđ, ${refused} ŕéƒúšéđ`,
    lineTable: 'Ŵĥáţ éáçĥ ļíñé ƀéçóɱéš',
    lineHeads: ['ļíñé', 'éṽéñíñĝ', 'áţĥļéţé', 'ƒáúļţ', 'šééñ', 'ƀéçóɱéš'],
    counts: (faulty: number, attempts: number): string => `${faulty} óƒ ${attempts}`,
    taken: 'á ŕóŵ',
    refusedSays: (why: string): string => `ŕéƒúšéđ: ${why}`,
    more: (n: number): string => `… áñđ ${n} ɱóŕé.`,
    evenings: 'Ŵĥáţ éáçĥ éṽéñíñĝ áđđš',
    eveningHeads: ['éṽéñíñĝ', 'áţĥļéţéš', 'áţţéɱþţš', 'ƀéçóɱéš'],
    sending: (n: number, of: number): string => `þáŕţ ${n} óƒ ${of} …`,
    isNew: 'ñéŵ',
    isThere: 'ţĥéŕé áļŕéáđý: áđđš ñóţĥíñĝ',
    beside: (n: number): string => `ñéŵ, ƀéšíđé ${n} ${n === 1 ? 'ŕúñ' : 'ŕúñš'} óƒ ţĥáţ đáý: ƀé šúŕé íţ íš ñóţ ţĥé šáɱé ţŵíçé`,
    add: (n: number): string => `áđđ ${eveningsSaid(n)}`,
    addRest: (n: number): string => (n === 1 ? 'Ţĥé ŕóŵ ţĥáţ íš ŕéƒúšéđ šţáýš óúţ.' : `Ţĥé ${n} ŕóŵš ţĥáţ áŕé ŕéƒúšéđ šţáý óúţ.`),
    added: (n: number): string => `${eveningsSaid(n)} áđđéđ. Éáçĥ íš á ŕúñ áɱóñĝ áļļ ŕúñš, áñđ çáñ ƀé ţáķéñ ƀáçķ ţĥéŕé ŕóŵ ƀý ŕóŵ.`,
    tooLarge: 'Ţĥáţ ƒíļé íš ļáŕĝéŕ ţĥáñ 8 ḾƁ: á çļúƀ ƒíļé ĝóéš íñ óñ ţĥé çļúƀ’š þáĝé. Ñóţĥíñĝ ŵáš ŕéáđ.',
    tooMuchADay: 'Óñé đáý ĥáš ɱóŕé ţĥáñ 2,000 ŕóŵš, óŕ ţĥáñ 60 éṽéñíñĝš: šþļíţ íţ. Ñóţĥíñĝ ŵáš áđđéđ.',
  },
};
