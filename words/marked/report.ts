// Made from ../en/report.ts by npm run marked.
/** A report for an athlete or a parent: plain words, one page. */
export const report = {
  report: {
    title: 'Ŕéþóŕţ',
    of: 'óƒ',
    back: 'ƒáúļţ ƀóóķ',
    print: 'þŕíñţ',
    for: (name: string): string => `Ƒóŕ ${name}`,
    time: (evenings: number, from: string, to: string): string =>
      evenings === 1 ? `Óñé éṽéñíñĝ, ${from}` : `${evenings} éṽéñíñĝš, ${from} ţó ${to}`,
    holds: 'Ŵĥáţ ĥóļđš',
    nothingHolds: 'Ţóó éáŕļý ţó šáý ŵĥáţ ĥóļđš: íţ ĥáš ţó ƀé ŵáţçĥéđ ƒóŕ šóɱé éṽéñíñĝš.',
    work: 'Ŵĥáţ ţó ŵóŕķ óñ',
    nothingToDo: 'Ñóţĥíñĝ šţáñđš óúţ áţ ţĥé ɱóɱéñţ.',
    praise: (times: number): string =>
      times === 1 ? 'Óñçé ţĥé çóáçĥ ñóţéđ: ţĥáţ ŵáš ŕíĝĥţ.' : `${times} ţíɱéš ţĥé çóáçĥ ñóţéđ: ţĥáţ ŵáš ŕíĝĥţ.`,
    /** How often, of ten tries. */
    often: (ofTen: number): string =>
      ofTen === 0 ? 'ĥáŕđļý éṽéŕ ļáţéļý' : ofTen >= 10 ? 'ñéáŕļý éṽéŕý ţíɱé ļáţéļý' : `áƀóúţ ${ofTen} óƒ 10 ţŕíéš ļáţéļý`,
    better: (before: number, now: number): string =>
      `ļéšš óƒţéñ ţĥáñ ƀéƒóŕé: áƀóúţ ${before} óƒ 10 ţŕíéš ţĥéñ, ${now === 0 ? 'ĥáŕđļý áñý' : now} ñóŵ`,
    gone: 'ñóţ šééñ áñý ɱóŕé',
    rare: 'ĥáŕđļý éṽéŕ šééñ',
    think: 'ţĥíñķ óƒ',
    home: 'áţ ĥóɱé',
    hurts: 'Ĝó šļóŵļý ĥéŕé áñđ šţóþ íƒ íţ ĥúŕţš: ţĥíš óñé çáñ ĥúŕţ.',
    stance: (name: string): string => `Ýóúŕ šţáñçé: ${name}`,
    pattern: 'Óñé ţĥíñĝ ţó þŕáçţíšé',
    choose: 'ŵíţĥ ţĥé þáţţéŕñ',
    word: 'á ŵóŕđ ƒŕóɱ ţĥé çóáçĥ',
    careful: 'Þŕáçţíšé óñ á çļéáŕ, đŕý ƒļóóŕ íñ šĥóéš ţĥáţ ĥóļđ. Ŵĥáţéṽéŕ ĥúŕţš íš ļéƒţ óúţ, áñđ šáíđ áţ ţĥé ñéẋţ ţŕáíñíñĝ.',
    none: 'Ñóţĥíñĝ ţó ŕéþóŕţ ýéţ',
    noneSays: 'Ŵĥáţ ŵáš ŵáţçĥéđ óñ ţĥé ƒļóóŕ íš ţóļđ ĥéŕé.',
    sure: 'Çóúñţéđ óñ ţĥé ƒļóóŕ ƀý ţĥé çóáçĥ, óñ ţĥé éṽéñíñĝš ñáɱéđ áƀóṽé: ŵĥáţ ŵáš ñóţ ŵáţçĥéđ íš ñóţ ţóļđ.',
  },
};
