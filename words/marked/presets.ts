// Made from ../en/presets.ts by npm run marked.
/** Rounds and breaks of published rules, by code. */
export const presets: { readonly formats: Readonly<Record<string, string>>; readonly breaks: Readonly<Record<string, string>> } = {
  formats: {
    'boxing-elite': 'ƀóẋíñĝ, éļíţé',
    'boxing-championship': 'ƀóẋíñĝ, çĥáɱþíóñšĥíþ',
    'mixed-rules': 'ɱíẋéđ ŕúļéš',
    'mixed-rules-title': 'ɱíẋéđ ŕúļéš, ţíţļé',
    kickboxing: 'ķíçķƀóẋíñĝ',
    taekwondo: 'ţáéķŵóñđó',
    'karate-seniors': 'ķáŕáţé, šéñíóŕš',
    'fencing-direct-bout': 'ƒéñçíñĝ, đíŕéçţ ƀóúţ',
    'fencing-pool': 'ƒéñçíñĝ, þóóļ',
  },
  breaks: {
    'tennis-between-points': 'ţéññíš, ƀéţŵééñ þóíñţš',
    'tennis-change-of-ends': 'ţéññíš, çĥáñĝé óƒ éñđš',
    'tennis-between-sets': 'ţéññíš, ƀéţŵééñ šéţš',
    'badminton-at-eleven': 'ƀáđɱíñţóñ, áţ éļéṽéñ',
    'badminton-between-games': 'ƀáđɱíñţóñ, ƀéţŵééñ ĝáɱéš',
  },
};
