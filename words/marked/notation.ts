// Made from ../en/notation.ts by npm run marked.
import type { FileMessages, NotationMessages } from '@hopsk/core/language/messages';
import type { Says } from '../say.js';

/** What is wrong with a line of steps, or with a line of a text file. Words in ‘…’ are the notation's own. */
export const notation = {
  notation: {
    'too-long': ({ most, length }) =>
      `Á þáţţéŕñ ĥóļđš áţ ɱóšţ ${most} çĥáŕáçţéŕš; ţĥíš óñé ĥáš ${length}. Ñóţĥíñĝ ŵáš ŕéáđ; ţĥé ţéẋţ íš ķéþţ.`,
    'bracket-closes-nothing': () => 'Ţĥíš ƀŕáçķéţ çļóšéš ñóţĥíñĝ; íţ ŵáš ļéƒţ óúţ.',
    'bracket-open': () => 'Ţĥíš ƀŕáçķéţ íš ñóţ çļóšéđ; íţ ŵáš ŕéáđ úþ ţó ţĥé éñđ.',
    'bracket-empty': () => 'Ţĥíš ƀŕáçķéţ ĥóļđš ñó šţéþ.',
    'bracket-deep': ({ most }) => `Ɓŕáçķéţš ĝó áţ ɱóšţ ${most} đééþ; ţĥíš óñé ŵáš ļéƒţ óúţ.`,
    'not-understood': ({ word }) => `‘${word}’ íš ñóţ úñđéŕšţóóđ ĥéŕé; íţ ŵáš ļéƒţ óúţ.`,
    'not-understood-in': ({ word, head }) => `‘${word}’ íš ñóţ úñđéŕšţóóđ íñ ‘${head}’; íţ ŵáš ļéƒţ óúţ.`,
    'no-beginning': ({ word }) => `‘${word}’ đóéš ñóţ ƀéĝíñ á šţéþ; ţĥíš šţéþ ŵáš ļéƒţ óúţ.`,
    'name-taken': ({ word }) => `‘${word}’ áļŕéáđý ĥáš á ɱéáñíñĝ; ţĥé ƒíŕšţ óñé çóúñţš.`,
    'count-alone': () => 'Á šţéþ šĥóúļđ ƒóļļóŵ ţĥé çóúñţ.',
    count: ({ said, most }) =>
      `Á çóúñţ íš á ŵĥóļé ñúɱƀéŕ ƒŕóɱ 1 ţó ${most}; ‘${said}’ ŵáš ŕéáđ áš 1. Á šížé ñééđš á úñíţ, šúçĥ áš ‘${said} cm’.`,
    beat: ({ least, most }) => `Á ƀéáţ ļášţš ƀéţŵééñ ${least} áñđ ${most} š, šúçĥ áš ‘beat of 0.6 s’; íţ šţáýéđ áš íţ ŵáš.`,
    'named-size': () => 'Á ñáɱéđ þáŕţ ţáķéš á šížé áš á ɱúļţíþļé, šúçĥ áš ‘1.2×’; íţš óŵñ šížéš ŵéŕé ķéþţ.',
    'only-partner': () => 'Óñļý á þáŕţñéŕ đóéš šţéþš; ţĥéý ŵéŕé ļéƒţ óúţ.',
    'takes-no-size': ({ word }) => `‘${word}’ ţáķéš ñó šížé; íţ ŵáš ļéƒţ óúţ.`,
    'takes-no-foot': ({ word }) => `‘${word}’ ţáķéš ñó ƒóóţ; íţ ŵáš ļéƒţ óúţ.`,
    'no-second-foot': () => 'Óñļý á ĝáţĥéŕ ĥáš á šéçóñđ ƒóóţ ŵíţĥ íţš óŵñ šížé; íţ ŵáš ļéƒţ óúţ.',
    'no-own-time': () => 'Á ţíɱé óƒ íţš óŵñ ƀéļóñĝš ţó áñ éṽéñţ, šúçĥ áš ‘ball hit at 2 s’; íţ ŵáš ļéƒţ óúţ.',
    opposite: ({ one, two }) => `‘${one}’ áñđ ‘${two}’ áŕé óþþóšíţé đíŕéçţíóñš; ‘${one}’ ŵáš ţáķéñ.`,
    'fixed-way': ({ word, way, other }) => `‘${word}’ ĝóéš ‘${way}’; ƒóŕ áñóţĥéŕ đíŕéçţíóñ ŵŕíţé ‘${other}’.`,
    'recover-way': () => 'Óñé ŕéçóṽéŕš ‘ahead’ óŕ ‘back’; ‘back’ ŵáš ţáķéñ.',
    'needs-way': ({ word }) => `‘${word}’ ñééđš á đíŕéçţíóñ; ‘right’ ŵáš ţáķéñ.`,
    'needs-turn': ({ word }) => `‘${word}’ ñééđš á đíŕéçţíóñ; ţĥíš šţéþ ŵáš ļéƒţ óúţ.`,
    'turns-far': ({ word, most, degrees }) => `‘${word}’ ţúŕñš áţ ɱóšţ ${most}°; ${degrees}° ŵáš ļéƒţ óúţ.`,
    angle: () => 'Áñ áñĝļé ñééđš á ñúɱƀéŕ, šúçĥ áš ‘90°’; íţ ŵáš ļéƒţ óúţ.',
    each: () => '‘each’ ĝóéš ŵíţĥ ‘side’ óŕ ‘lead’; ‘lead’ ŵáš ţáķéñ.',
    'names-foot': ({ word }) => `‘${word}’ ñáɱéš á ƒóóţ: ŵŕíţé ‘${word} foot’.`,
    'size-large': ({ said, most }) => `‘${said}’ íš ɱóŕé ţĥáñ áñýƀóđý šţéþš: áţ ɱóšţ ${most} ɱ; ţĥé úšúáļ šížé ŵáš ţáķéñ.`,
    'size-none': ({ said }) => `‘${said}’ íš ñó šížé; ţĥé úšúáļ šížé ŵáš ţáķéñ.`,
    time: ({ most }) => `Á ţíɱé ļíéš ƀéţŵééñ 0 áñđ ${most} š; íţ ŵáš ļéƒţ óúţ.`,
    'hold-time': ({ most }) => `Á ĥóļđ ļášţš úþ ţó ${most} š; 1 š ŵáš ţáķéñ.`,
    'step-time': ({ least, most }) => `Á šţéþ ţáķéš ƀéţŵééñ ${least} áñđ ${most} š; ţĥé úšúáļ ţíɱé ŵáš ţáķéñ.`,
    'after-plus': () => 'Áƒţéŕ ‘+’ çóɱéš á ĥíţ, á šţŕíķé íñ ɋúóţéš óŕ áñ éṽéñţ.',
    'hit-time': () => 'Á ţíɱé ƀéšíđé á ĥíţ ñééđš á ñúɱƀéŕ, šúçĥ áš ‘80 ms’; íţ ŵáš ţíéđ ţó íţš šţéþ.',
    'hit-alone': () => 'Ḿíļļíšéçóñđš ƀéļóñĝ ţó á ĥíţ: ‘+ hit 80 ms after landing’.',
    'hit-far': ({ most }) => `Á ĥíţ ļíéš áţ ɱóšţ ${most} š ƒŕóɱ íţš šţéþ; íţ ŵáš ţíéđ ţó ţĥé ļáñđíñĝ.`,
    'hit-tie': () => 'Á ĥíţ íš ţíéđ ţó ţĥé ‘start’ óŕ ţĥé ‘landing’ óƒ íţš šţéþ.',
  } satisfies Says<NotationMessages> as Says<NotationMessages>,
  files: {
    'too-long': ({ most }) => `Á ƒíļé ĥóļđš áţ ɱóšţ ${most} çĥáŕáçţéŕš; ñóţĥíñĝ ŵáš ŕéáđ.`,
    'no-name': () => 'Á þáţţéŕñ ñééđš á ñáɱé áƒţéŕ ‘==’; íţ ŵáš çáļļéđ ‘unnamed’.',
    'name-cut': ({ most }) => `Á ñáɱé ĥáš áţ ɱóšţ ${most} çĥáŕáçţéŕš; íţ ŵáš çúţ.`,
    'too-many': ({ most }) => `Á ƒíļé ĥóļđš áţ ɱóšţ ${most} þáţţéŕñš; ţĥé ŕéšţ ŵáš ļéƒţ óúţ.`,
    'steps-long': ({ name, most }) => `‘${name}’ íš ļóñĝéŕ ţĥáñ ${most} çĥáŕáçţéŕš; íţ ŵáš ļéƒţ óúţ.`,
    explain: ({ said, most }) => `‘${said}’ íš ñó ţíɱé ţó éẋþļáíñ: ŵŕíţé šéçóñđš úþ ţó ${most}; ñóñé ŵáš ţáķéñ.`,
    stance: ({ said }) => `‘${said}’ íš ñó šţáñçé; ‘square-ready’ ŵáš ţáķéñ.`,
    hand: () => 'Á ĥáñđ íš ‘left’ óŕ ‘right’; ‘right’ ŵáš ţáķéñ.',
    lead: () => 'Á ļéáđ íš ‘left’, ‘right’ óŕ ‘none’; ‘none’ ŵáš ţáķéñ.',
    closes: () => '‘closes’ íš ‘yes’ óŕ ‘no’; ‘yes’ ŵáš ţáķéñ.',
    setting: ({ said, wanted }) => {
      const is = {
        time: 'ñó ţíɱé',
        water: 'ñó þáúšé ţó đŕíñķ: ŵŕíţé ‘60 s every 15 min’',
        minutes: 'ñó ñúɱƀéŕ óƒ ɱíñúţéš',
        number: 'ñó ŵĥóļé ñúɱƀéŕ',
      };
      return `‘${said}’ íš ${is[wanted]}; íţ ŵáš ļéƒţ óþéñ.`;
    },
    cued: ({ said, known }) => `‘${said}’ íš ñó ŵáý óƒ çúéíñĝ (‘${known.join('’, ‘')}’); ‘self’ ŵáš ţáķéñ.`,
  } satisfies Says<FileMessages> as Says<FileMessages>,
};
