// Made from ../en/enter.ts by npm run marked.
/** The door, and where a link leads. */
export const enter = {
  enter: {
    title: 'Šíĝñ íñ',
    email: 'é-ɱáíļ áđđŕéšš',
    password: 'þáššŵóŕđ',
    signIn: 'šíĝñ íñ',
    demo: 'éñţéŕ ţĥé đéɱó çļúƀ',
    demoSays: 'Áñ íñṽéñţéđ çļúƀ ŵíţĥ ţĥŕéé ɱóñţĥš óƒ ŕúñš. Çĥáñĝé ŵĥáţ ýóú ļíķé.',
    setupTitle: 'Ţĥé ƒíŕšţ çóáçĥ',
    setupSays: 'Ţĥíš šéŕṽéŕ íš éɱþţý. Ḿáķé ýóúŕ çļúƀ áñđ íţš ƒíŕšţ çóáçĥ; óţĥéŕš áŕé áđđéđ ļáţéŕ.',
    club: 'çļúƀ',
    coach: 'ýóúŕ ñáɱé',
    setUp: 'ɱáķé ţĥé çļúƀ',
    passwordHint: 'áţ ļéášţ 10 çĥáŕáçţéŕš, áñđ ñóñé ţĥáţ ɱáñý þéóþļé çĥóóšé: šóɱé ŵóŕđš óƒ ýóúŕ óŵñ áŕé ƀéšţ',
    welcome: (name: string, club: string): string => `${name}, ŵéļçóɱé ţó ${club}`,
    newPassword: (name: string, club: string): string => `${name}, á ñéŵ þáššŵóŕđ ƒóŕ ${club}`,
    welcomeSays: 'Çĥóóšé ýóúŕ þáššŵóŕđ. Ƒŕóɱ ţĥéñ óñ ýóú šíĝñ íñ ŵíţĥ íţ áñđ',
    waiting: (taps: number): string =>
      `${taps === 1 ? 'Óñé ţáþ ŵáíţš' : `${taps} ţáþš ŵáíţ`} óñ ţĥíš đéṽíçé. Ţĥéý áŕé šéñţ ŵĥéñ ŵĥóéṽéŕ ɱáđé ţĥéɱ šíĝñš íñ ĥéŕé.`,
    goIn: 'çĥóóšé íţ áñđ ĝó íñ',
    toDoor: 'ţó ţĥé đóóŕ',
    about: 'Ƒóóţŵóŕķ đŕíļļš, ŕóúñđš áñđ á ƒáúļţ ļóĝ ƒóŕ çóáçĥéš óñ ţĥéíŕ ƒééţ.',
  },
};
