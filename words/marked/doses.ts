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
    'no-time': ({ said }) => `‘${said}’ íš ñó ţíɱé.`,
    ladder: ({ said, most }) => `‘${said}’: çóúñţš ŕúñ ƒŕóɱ 1 ţó ${most}; ţĥé óţĥéŕš ŵéŕé ļéƒţ óúţ.`,
    chime: () => 'Á çĥíɱé çóɱéš éṽéŕý šéçóñđ áţ ɱóšţ; ţĥíš óñé ŵáš ļéƒţ óúţ.',
    'too-long': ({ most }) => `Á đóšé ĥáš ${most} çĥáŕáçţéŕš áţ ɱóšţ; íţ ŵáš ñóţ ŕéáđ.`,
    'not-understood': ({ said }) => `‘${said}’ íš ñóţ úñđéŕšţóóđ íñ á đóšé; íţ ŵáš ļéƒţ óúţ.`,
    'rest-no-time': ({ said }) => `‘${said}’ íš ñó ţíɱé; ţĥé ŕéšţ šţáýš úñđéçíđéđ.`,
    'rest-negative': () => 'Á ŕéšţ çáññóţ ƀé ļéšš ţĥáñ ñóţĥíñĝ; íţ šţáýš úñđéçíđéđ.',
    'rest-long': () => 'Á ŕéšţ íš ļóñĝéŕ ţĥáñ á đáý; íţ šţáýš úñđéçíđéđ.',
  } satisfies Says<DoseMessages> as Says<DoseMessages>,
};
