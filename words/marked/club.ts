// Made from ../en/club.ts by npm run marked.
/** How many of a club file were new, and how many were here before. */
interface Taken {
  readonly added: number;
  readonly known: number;
}
const taken = ({ added, known }: Taken): string => `${added} áđđéđ, ${known} ĥéŕé áļŕéáđý`;

/** The club page. */
export const club = {
  club: {
    schools: 'Ŵĥéŕé šçĥóóļš đíƒƒéŕ',
    schoolsSays:
      'Ŵĥáţ ţĥíš çļúƀ ĥóļđš. Á þáţţéŕñ óŕ áñ áţĥļéţé ɱáý ĥóļđ óţĥéŕŵíšé; ţĥé ñéáŕéšţ ŵíñš. Áļļ đéƒáúļţš áŕé çóɱɱóñ þŕáçţíçé, ñó šóúŕçé.',
    usual: 'úšúáļ',
    stances: 'Šţáñçéš óƒ ţĥíš çļúƀ',
    moves: 'Ḿóṽéš óƒ ţĥíš çļúƀ',
    noMoves: 'Ñóñé ýéţ: íñ ţĥé šţúđíó, úñđéŕ ‘more’, á ļíñé çáñ ƀé ķéþţ áš á ɱóṽé.',
    noStances: 'Ñóñé ýéţ: ɱéášúŕé óñé óñ ţĥé šţáñçé þáĝé áñđ ķééþ íţ.',
    forget: 'ƒóŕĝéţ',
    title: 'Çļúƀ',
    coaches: 'Çóáçĥéš',
    addCoach: 'áđđ á çóáçĥ',
    settings: 'Ýóúŕ šéţţíñĝš',
    units: 'ļéñĝţĥš íñ',
    tapDelay: 'ţáþ đéļáý',
    tapDelaySays: 'Šéçóñđš ƀéţŵééñ ŵĥáţ ýóú šéé áñđ ýóúŕ ţáþ.',
    password: 'Þáššŵóŕđ',
    old: 'óļđ þáššŵóŕđ',
    new: 'ñéŵ þáššŵóŕđ',
    changePassword: 'çĥáñĝé þáššŵóŕđ',
    changed: 'Þáššŵóŕđ çĥáñĝéđ; óţĥéŕ đéṽíçéš áŕé šíĝñéđ óúţ.',
    file: 'Çļúƀ ƒíļé',
    fileSays: 'Éṽéŕýţĥíñĝ óƒ ţĥé çļúƀ íñ óñé óþéñ ƒíļé: þéóþļé, þáţţéŕñš, ŕúñš ŵíţĥ ţĥéíŕ ļóĝš.',
    export: 'šáṽé ţĥé ƒíļé',
    import: 'ŕéáđ á ƒíļé',
    imported: ({ athletes, patterns, progressions, runs }: Readonly<Record<'athletes' | 'patterns' | 'progressions' | 'runs', Taken>>) =>
      `Ŕéáđ: áţĥļéţéš ${taken(athletes)}; þáţţéŕñš ${taken(patterns)}; šéššíóñš ${taken(progressions)}; ŕúñš ${taken(runs)}.`,
    notJson: 'íš ñóţ á çļúƀ ƒíļé. Ñóţĥíñĝ ŵáš çĥáñĝéđ.',
    phone: 'Þĥóñéš áñđ ţĥé ĥáļļ šçŕééñ',
    phoneOff:
      'Óñļý ţĥíš ɱáçĥíñé çáñ óþéñ Ĥóþšķ ñóŵ. Šţáŕţ íţ ŵíţĥ ‘npm start -- --lan’ ţó ļéţ þĥóñéš óñ ţĥé šáɱé ñéţŵóŕķ ŕéáçĥ íţ óṽéŕ ĤŢŢÞŠ.',
    phoneOn:
      'Óþéñ óñé óƒ ţĥéšé óñ ţĥé þĥóñé, óŕ þóíñţ íţš çáɱéŕá áţ ţĥé çóđé. Ţĥé ƒíŕšţ ţíɱé ţĥé þĥóñé ášķš áƀóúţ ţĥé çéŕţíƒíçáţé; đóçš/þĥóñé.ɱđ šáýš ĥóŵ ţó ţŕúšţ íţ.',
    phoneNoTls: 'Ţĥíš šéŕṽéŕ šþéáķš þļáíñ ĤŢŢÞ: þĥóñéš ŵíļļ ñóţ šţáŕţ ŵíţĥóúţ á ñéţŵóŕķ áñđ ţĥéíŕ šçŕééñ ɱáý ĝó đáŕķ.',
    staySigned: 'šţáý šíĝñéđ íñ',
    signOutUnsent: 'Šóɱé ţáþš áŕé ñóţ šéñţ ýéţ. Ţĥéý šţáý óñ ţĥíš đéṽíçé áñđ áŕé šéñţ ŵĥéñ ýóú šíĝñ íñ áĝáíñ. Šíĝñ óúţ?',
    unitsCm: 'çéñţíɱéţŕéš',
    unitsFt: 'ƒééţ áñđ íñçĥéš',
  },
};
