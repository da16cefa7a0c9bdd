// Made from ../en/doses.ts by npm run marked.
import type { DoseMessages } from '@hopsk/core/language/messages';
import type { Says } from '../say.js';

/** What is wrong with a dose. Words in ‘…’ are as typed. */
export const doses = {
  doses: {
    empty: () => 'Á đóšé šáýš ĥóŵ ɱúçĥ: šéçóñđš, ŕéþéţíţíóñš, çáļļš, óŕ ‘until comfortable’.',
    downwards: ({ said }) => `‘${said}’: ţĥé ŕáñĝé ŕúñš đóŵñŵáŕđš.`,
    'under-one': ({ said }) => `‘${said}’: ļéšš ţĥáñ óñé íš ñó đóšé.`,
    'too-much': ({ said, most }) => `‘${said}’: ɱóŕé ţĥáñ ${most} íš á šļíþ.`,
    'no-dose': ({ said }) => `‘${said}’ íš ñó đóšé: ŵŕíţé šéçóñđš, ŕéþéţíţíóñš, çáļļš, óŕ ‘until comfortable’.`,
    ladder: ({ said, most }) => `‘${said}’: çóúñţš ŕúñ ƒŕóɱ 1 ţó ${most}; ţĥé óţĥéŕš ŵéŕé ļéƒţ óúţ.`,
    chime: () => 'Á çĥíɱé çóɱéš éṽéŕý šéçóñđ áţ ɱóšţ; ţĥíš óñé ŵáš ļéƒţ óúţ.',
    'too-long': ({ most }) => `Á đóšé ĥáš ${most} çĥáŕáçţéŕš áţ ɱóšţ; íţ ŵáš ñóţ ŕéáđ.`,
    'not-understood': ({ said }) => `‘${said}’ íš ñóţ úñđéŕšţóóđ íñ á đóšé; íţ ŵáš ļéƒţ óúţ.`,
    'not-whole': ({ said }) => `‘${said}’ íš çóúñţéđ, áñđ çóúñţš áŕé ŵĥóļé.`,
    'said-twice': ({ said }) => `‘${said}’: šóɱéţĥíñĝ ļíķé íţ ŵáš šáíđ ƀéƒóŕé, ŵĥíçĥ çóúñţš; ţĥíš ŵáš ļéƒţ óúţ.`,
    either: ({ said }) => `‘${said}’: ŵĥíçĥ óƒ ţĥéɱ?`,
    'bare-pair': ({ said }) => `‘${said}’: ɱíñúţéš óŕ šéçóñđš?`,
    'decimal-comma': ({ said }) => `‘${said}’: óñé ñúɱƀéŕ, óŕ ţŵó?`,
    'in-a-row': ({ said }) =>
      `‘${said}’: á đóšé çóúñţš ŕéþéţíţíóñš. Šó ɱáñý ŵíţĥóúţ á ƒáúļţ ŕúññíñĝ áŕé á ŕúļé ƒóŕ ɱóṽíñĝ óñ, ŵĥíçĥ šţáñđš ŵíţĥ ţĥé šţáĝé.`,
    'uneven-sides': ({ said }) => `‘${said}’: ƀóţĥ šíđéš ĝéţ áš ɱúçĥ. Ĥóŵ ɱúçĥ éáçĥ?`,
    'chime-what': ({ said }) => `‘${said}’: ŵĥáţ íš đóñé ţĥéñ? Šúçĥ áš: ‘every 20 s (lunge ahead)’.`,
    'rest-no-time': ({ said }) => `‘${said}’ íš ñó ţíɱé; ţĥé ŕéšţ šţáýš úñđéçíđéđ.`,
    'rest-negative': () => 'Á ŕéšţ çáññóţ ƀé ļéšš ţĥáñ ñóţĥíñĝ; íţ šţáýš úñđéçíđéđ.',
    'rest-long': () => 'Á ŕéšţ íš ļóñĝéŕ ţĥáñ á đáý; íţ šţáýš úñđéçíđéđ.',
  } satisfies Says<DoseMessages> as Says<DoseMessages>,
};
