// Made from ../en/hall.ts by npm run marked.
/** What a screen in the hall says. */
export const hall = {
  hall: {
    title: 'Ĥáļļ šçŕééñ',
    says: 'Ţĥíš šçŕééñ šĥóŵš á ŕúñ ţĥáţ íš úñđéŕ ŵáý ţó éṽéŕýƀóđý íñ ţĥé ĥáļļ. Íţš çóđé šţáñđš óñ ţĥé þĥóñé ţĥáţ ŕúñš íţ, úñđéŕ ‘who …’.',
    code: 'ţĥé ŕúñ’š çóđé',
    show: 'šĥóŵ íţ',
    over: 'Íţ íš óṽéŕ',
    again: 'áñóţĥéŕ çóđé',
    then: 'ţĥéñ:',
    waits: 'ñéẋţ ţúŕñ:',
    wrong: 'Á çóđé ĥáš éíĝĥţ ļéţţéŕš áñđ đíĝíţš, áš ţĥé þĥóñé šĥóŵš íţ.',
    ownPhone: 'Ţĥíš íš ţĥé þĥóñé óƒ óñé ŵĥó ţáķéš þáŕţ:',
    phones: { light: 'á ļíĝĥţ', counter: 'á çóúñţéŕ' },
    nobodys: 'Ášķ ţĥé çóáçĥ ţó šáý ŵĥóšé íţ íš.',
    waitsForCall: 'ŵáíţ ƒóŕ ţĥé çáļļ',
    touched: (ms: number): string => `${ms} ɱš`,
    oneMore: 'óñé ɱóŕé',
    notSent: (n: number): string => `${n} ķéþţ ĥéŕé, ñóţ šéñţ ýéţ`,
    forAll: 'á šçŕééñ ƒóŕ áļļ',
    away: 'Ñó ñéţŵóŕķ: íţ ĝóéš óñ ƀý íţšéļƒ.',
  },
};
