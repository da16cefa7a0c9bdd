// Made from ../en/topics.ts by npm run marked.
import type { TopicName } from '@hopsk/core/judge/schools';

interface Topic {
  readonly about: string;
  readonly options: Readonly<Record<string, string>>;
}

/** Where schools differ: what it is about, and what each holds. */
export const topics = {
  topics: {
    crossing: {
      about: 'çŕóššíñĝ',
      options: { never: 'Ƒééţ ñéṽéŕ çŕóšš.', behind: 'Ƒééţ çŕóšš óñļý ƀéĥíñđ.', said: 'Ƒééţ çŕóšš ŵĥéŕé ţĥé šţéþ šáýš šó.' },
    },
    'split-timing': {
      about: 'šþļíţ ţíɱíñĝ',
      options: {
        contact: 'Ţĥé šþļíţ ļáñđš áţ ţĥé óþþóñéñţ’š çóñţáçţ.',
        before: 'Ţĥé šþļíţ ļáñđš ĵúšţ ƀéƒóŕé ţĥé çóñţáçţ.',
        release: 'Ţĥé šþļíţ ļáñđš óñ ţĥé ƒééđéŕ’š ŕéļéášé.',
        off: 'Ţĥé šþļíţ íš ñóţ ţíɱéđ.',
      },
    },
    'strike-window': {
      about: 'ļáñđíñĝ áñđ ĥíţ',
      options: {
        'front-foot': 'Ţĥé ƒŕóñţ ƒóóţ óƒ á ļúñĝé ļáñđš ĵúšţ ƀéƒóŕé ţĥé ĥíţ.',
        together: 'Šţéþ áñđ šţŕíķé çóɱé ţóĝéţĥéŕ.',
        'hand-first': 'Ţĥé ĥáñđ šţáŕţš ƀéƒóŕé ţĥé ƒóóţ.',
        off: 'Ļáñđíñĝ áñđ ĥíţ áŕé ñóţ ţíɱéđ.',
      },
    },
    'rear-landing': {
      about: 'ŕéáŕ ļáñđíñĝ ƒóóţ',
      options: {
        out: 'Áƒţéŕ á ĵúɱþ áţ ţĥé ƀáçķ ţĥé ŕéáŕ ƒóóţ ļáñđš á ļíţţļé óúţ, ñéṽéŕ šɋúáŕé ţó ţĥé ñéţ.',
        ahead: 'Ţĥé ŕéáŕ ƒóóţ ļáñđš šţŕáíĝĥţ áĥéáđ ƒóŕ á ɋúíçķ þúšĥ-óúţ.',
      },
    },
    'way-back': {
      about: 'ŵáý ƀáçķ',
      options: {
        place: 'Áƒţéŕ á çļéáŕ ţŵó çĥáššéš, áƒţéŕ á đŕóþ óñé.',
        time: 'Áƒţéŕ á ƒášţéŕ šĥóţ óñé šţéþ, áƒţéŕ á šļóŵéŕ óñé ţŵó.',
        off: 'Ţĥé ŵáý ƀáçķ íš ƒŕéé.',
      },
    },
    'way-back-step': {
      about: 'ƒíŕšţ šţéþ óƒ ţĥé ŵáý ƀáçķ',
      options: { crossover: 'Ţĥé ŵáý ƀáçķ ƀéĝíñš ŵíţĥ á çŕóššóṽéŕ.', shuffle: 'Ţĥé ŵáý ƀáçķ íš šĥúƒƒļéđ.', off: 'Éíţĥéŕ šţéþ ŵíļļ đó.' },
    },
    'wrong-foot': { about: 'ƒíŕšţ ƒóóţ', options: { on: 'Ţĥé ƒóóţ ñéáŕéšţ ţó ţĥé ŵáý ĝóéš ƒíŕšţ.', off: 'Éíţĥéŕ ƒóóţ ɱáý ĝó ƒíŕšţ.' } },
    closing: {
      about: 'éñđ óƒ á ļíñé',
      options: { note: 'Á ļíñé ɱáý éñđ éļšéŵĥéŕé.', strict: 'Á ļíñé éñđš ŵĥéŕé íţ ƀéĝáñ.' },
    },
    'no-approach': {
      about: 'áþþŕóáçĥ',
      options: { on: 'Á ļúñĝé ţó ţĥé ƀáçķ ñééđš á šţéþ ƀéƒóŕé íţ.', off: 'Óñé ɱáý ļúñĝé ţó ţĥé ƀáçķ áţ óñçé.' },
    },
    'retreats-on': { about: 'ŕéţŕéáţ', options: { on: 'Óñé šţéþ ƀáçķ, ţĥéñ šţŕíķé óŕ ļéáṽé ţĥé ļíñé.', off: 'Ŕéţŕéáţ ƒŕééļý.' } },
    'split-frame': {
      about: 'šéɋúéñçé',
      options: { on: 'Á šéɋúéñçé ƀéĝíñš áñđ éñđš ŵíţĥ á šþļíţ.', off: 'Á šéɋúéñçé ƀéĝíñš áñđ éñđš áš íţ íš.' },
    },
    'loaded-first': { about: 'ŵéíĝĥţ', options: { on: 'Ţĥé ƒóóţ ţĥáţ çáŕŕíéš ţĥé ŵéíĝĥţ ļéáṽéš ļášţ.', off: 'Áñý ƒóóţ ɱáý ļéáṽé ƒíŕšţ.' } },
    'back-step-loaded': { about: 'ƀáçķ šţéþ', options: { on: 'Ñó ƀáçķ šţéþ óƒƒ á ļóáđéđ ļéáđ ƒóóţ.', off: 'Á ƀáçķ šţéþ ƒŕóɱ áñý ļóáđ.' } },
    'unset-strike': { about: 'ɱóṽé áñđ šţŕíķé', options: { on: 'Šţŕíķé ŵíţĥ ţĥé ļéáđ ƒóóţ šéţ.', off: 'Šţŕíķé ŵĥíļé ɱóṽíñĝ.' } },
    'not-in-guard': {
      about: 'ĵúɱþ áĥéáđ',
      options: { on: 'Á ĵúɱþ áĥéáđ ļáñđš íñ ĝúáŕđ ƀéƒóŕé ţĥé ļúñĝé.', off: 'Á ĵúɱþ ɱáý ŕúñ íñţó ţĥé ļúñĝé.' },
    },
    'block-turns': { about: 'ƀļóçķ ĵúɱþ', options: { on: 'Á ƀļóçķ ĵúɱþ đóéš ñóţ ţúŕñ.', off: 'Á ƀļóçķ ĵúɱþ ɱáý ţúŕñ.' } },
    'set-up-uncrossed': {
      about: 'ŕúññíñĝ šéţ-úþ',
      options: { on: 'Áƒţéŕ ţĥé šţŕóķé ţŵó çŕóššóṽéŕš ƀáçķ.', off: 'Áñý ŵáý ƀáçķ ƒŕóɱ á ŕúññíñĝ šéţ-úþ.' },
    },
    'side-jump-unfinished': {
      about: 'šíđé ĵúɱþ',
      options: { on: 'Áƒţéŕ á šíđé ĵúɱþ óñé šɱáļļ šţéþ.', off: 'Áƒţéŕ á šíđé ĵúɱþ áñý šţéþ.' },
    },
    'quarter-opposed': {
      about: 'ţúŕñš',
      options: { on: 'Ŵíţĥ áñ óþþóñéñţ íñ ƒŕóñţ šţéþ óúţ ƀéƒóŕé ţĥé ɋúáŕţéŕ.', off: 'Á ɋúáŕţéŕ óñ ţĥé ļéáđ ƒóóţ áñýŵĥéŕé.' },
    },
    'wrong-leg': {
      about: 'šţŕóķé šţáñçé',
      options: { on: 'Ţĥé óúţšíđé ƒóóţ šéţš ļášţ ƀéƒóŕé ţĥé šţŕóķé.', off: 'Éíţĥéŕ ƒóóţ ɱáý šéţ ļášţ.' },
    },
  } satisfies Readonly<Record<TopicName, Topic>> as Readonly<Record<TopicName, Topic>>,
};
