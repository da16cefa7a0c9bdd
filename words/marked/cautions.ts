// Made from ../en/cautions.ts by npm run marked.
import type { Caution, CautionPart, Forbidden } from '@hopsk/core/body/caution';
import type { UsualCaution } from '@hopsk/core/judge/cautions';

const parts: Readonly<Record<CautionPart, string>> = {
  ankle: 'áñķļé',
  achilles: 'Áçĥíļļéš ţéñđóñ',
  shin: 'šĥíñ',
  knee: 'ķñéé',
  groin: 'ĝŕóíñ, ţĥíĝĥ',
  hip: 'ĥíþ',
  back: 'ƀáçķ',
  shoulder: 'šĥóúļđéŕ, áŕɱ',
  head: 'ĥéáđ',
  eyes: 'éýéš',
  growth: 'ĝŕóŵţĥ',
  heat: 'ĥéáţ',
  other: 'šóɱéţĥíñĝ éļšé',
};
const forbidden: Readonly<Record<Forbidden, string>> = {
  landings: 'ĵúɱþš, ĝáļļóþš áñđ óţĥéŕ ļáñđíñĝš',
  lunges: 'ļúñĝéš',
  turns: 'ţúŕñš',
  contact: 'á þáŕţñéŕ',
};
const usual: Readonly<Record<UsualCaution, string>> = {
  floor: 'Ŵáŕɱ úþ; çļéáŕ, đŕý ƒļóóŕ áŕóúñđ ţĥé þáţţéŕñ; šţóþ óñ þáíñ.',
  lunge: 'Ƒŕóñţ ķñéé óṽéŕ ţĥé ƒóóţ áñđ ŵíţĥ íţ íñ ţĥé ļúñĝé.',
  landing: 'Ļáñđíñĝš áŕé çóúñţéđ áñđ ŕáíšéđ šļóŵļý, ƒéŵéŕ ƒóŕ çĥíļđŕéñ; ŕéáŕ ļáñđíñĝ ƒóóţ á ļíţţļé óúţ, ƀóđý á ļíţţļé áĥéáđ.',
};
const sides = { left: 'ļéƒţ', right: 'ŕíĝĥţ' };

/** Standing cautions of athletes and the usual ones of a line. */
export const cautions = {
  cautions: {
    title: 'Šţáñđíñĝ çáúţíóñš',
    says: 'Ŵĥáţ íš ţíçķéđ íš ļéƒţ óúţ ŵĥéñ á šéššíóñ íš ƀúíļţ. Ţĥé ñóţé íš ƒóŕ þéóþļé: íţ íš ñéṽéŕ íñţéŕþŕéţéđ. Ñó ɱéđíçáļ áđṽíçé.',
    part: 'áƀóúţ',
    side: 'šíđé',
    noSide: 'ñó šíđé íñ þáŕţíçúļáŕ',
    forbids: 'ļéáṽé óúţ',
    landings: 'ļáñđíñĝš á šéššíóñ, áţ ɱóšţ',
    note: 'ñóţé',
    add: 'áđđ á çáúţíóñ',
    take: 'ţáķé ţĥíš çáúţíóñ óúţ',
    noteOnly: 'Á ñóţé óñļý: íţ ļéáṽéš ñóţĥíñĝ óúţ. Ţíçķ ŵĥáţ šĥóúļđ ƀé ļéƒţ óúţ.',
    inBuild: (note: string): string => `‘${note}’ íš á ñóţé óñļý: ñóţĥíñĝ ŵáš ļéƒţ óúţ ƒóŕ íţ.`,
    parts,
    forbidden,
    usual,
    sides,
    /** One caution in a line. */
    one: ({ part, side, note }: Caution): string =>
      [part === 'other' && note !== '' ? '' : `${side === null ? '' : `${sides[side]} `}${parts[part]}`, note === '' ? '' : `‘${note}’`]
        .filter((piece) => piece !== '')
        .join(': '),
  },
};
