// Made from ../en/findings.ts by npm run marked.
import type { FindingCode } from '@hopsk/core/judge/finding';
import type { FindingMessages } from '@hopsk/core/judge/messages';
import type { Says } from '../say.js';
import { areas } from './areas.js';
import { long, ms, percent } from './numbers.js';

const SIDES = { left: 'ļéƒţ', right: 'ŕíĝĥţ' };
const DONE = { begin: 'ƀéĝíñ', end: 'éñđ' };

const whatCounted: Readonly<Record<FindingMessages['too-many']['counted'], string>> = {
  moves: 'ɱóṽéš: íţ ŵáš ƒóļļóŵéđ úþ ţó ţĥéŕé',
  brackets: 'ƀŕáçķéţš óþéñéđ: íţ ŵáš ƒóļļóŵéđ úþ ţó ţĥéŕé',
  things: 'ţĥíñĝš óñ ţĥé ƒļóóŕ: ţĥé óţĥéŕš ŵéŕé ļéƒţ óúţ',
  partners: 'þáŕţñéŕš ŵíţĥ šţéþš óƒ ţĥéíŕ óŵñ: ţĥé óţĥéŕš šţáñđ šţíļļ',
  hits: 'ĥíţš: ţĥéý ŵéŕé çóúñţéđ úþ ţó ţĥéŕé',
  events: 'éṽéñţš: ţĥéý ŵéŕé ƒóļļóŵéđ úþ ţó ţĥéŕé',
  findings: 'ƒíñđíñĝš: ţĥéšé áŕé ţĥé ĝŕáṽéšţ',
};

/** What a finding means, whatever its numbers. */
const means: Readonly<Record<FindingCode, string>> = {
  crossed: 'ţĥé ƒééţ çŕóšš',
  touching: 'ţĥé ƒééţ ţóúçĥ',
  passed: 'ţĥé ƒóóţ ţĥáţ ļéáđš ƒáļļš ƀéĥíñđ',
  narrow: 'ţĥé ƀášé íš ñáŕŕóŵéŕ ţĥáñ ţĥé šçĥóóļ šţáñđš',
  wide: 'ţĥé ƀášé éñđš ŵíđéŕ óŕ ļóñĝéŕ ţĥáñ ţĥé šçĥóóļ šţáñđš',
  'not-closed': 'íţ đóéš ñóţ çóɱé ƀáçķ ţó ŵĥéŕé íţ ƀéĝáñ',
  'lead-changed': 'íţ éñđš ŵíţĥ ţĥé óţĥéŕ ƒóóţ ļéáđíñĝ',
  stride: 'á šţéþ ƀéýóñđ ţĥé áţĥļéţé’š ŕáñĝé',
  'nothing-to-recover': 'á ŕéçóṽéŕý ŵíţĥóúţ á ŕéáçĥ',
  'too-many': 'ɱóŕé ţĥáñ íš ƒóļļóŵéđ',
  refused: 'á ɱóṽé ţĥáţ çáññóţ ƀé đóñé ƒŕóɱ ţĥéŕé',
  'short-pass': 'á þáššíñĝ šţéþ ţĥáţ đóéš ñóţ ĝéţ þášţ',
  'no-such-thing': 'áñ áíɱ ţĥáţ đóéš ñóţ šţáñđ óñ ţĥé ƒļóóŕ',
  'no-side': 'ƀóţĥ šíđéš óƒ šţéþš ŵíţĥóúţ á šíđé',
  'nobody-there': 'á đíšţáñçé ķéþţ ţó ñóƀóđý',
  'both-follow': 'ţŵó ŵĥó ķééþ ţĥéíŕ đíšţáñçé ţó éáçĥ óţĥéŕ',
  'names-a-foot': 'á ƒóóţ ñáɱéđ ļéƒţ óŕ ŕíĝĥţ, ƒóŕ ƀóţĥ šíđéš',
  'strike-early': 'á šţŕíķé ƀéƒóŕé ţĥé ŵíñđóŵ óƒ íţš ļáñđíñĝ',
  'strike-late': 'á šţŕíķé áƒţéŕ ţĥé ŵíñđóŵ óƒ íţš ļáñđíñĝ',
  short: 'á ƀášé ţĥáţ íš ţóó šĥóŕţ',
  'strike-off': 'á šţŕóķé ļóñĝ ƀéƒóŕé óŕ áƒţéŕ íţš šţéþ',
  'way-back-stops': 'á šţóþ óñ ţĥé ŵáý ƀáçķ',
  'split-away': 'á šþļíţ ţĥáţ óþéñš áŵáý ƒŕóɱ ţĥé šţéþ',
  'counter-steps-in': 'á šţéþ íñ óñ ţĥé çóúñţéŕ',
  'wrong-foot': 'ţĥé ŵŕóñĝ ƒóóţ ƒíŕšţ',
  'no-split': 'á ƀáļļ ŵíţĥóúţ á šþļíţ',
  'split-early': 'á šþļíţ ţĥáţ ļáñđš ƀéƒóŕé íţš ŵíñđóŵ',
  'split-late': 'á šþļíţ ţĥáţ ļáñđš áƒţéŕ íţš ŵíñđóŵ',
  'split-waits': 'á þáúšé ƀéţŵééñ á šþļíţ áñđ ţĥé ƒíŕšţ šţéþ',
  'square-to-net': 'á ĵúɱþ ƀáçķ ţĥáţ ļáñđš ŵíţĥ ţĥé ŕéáŕ ƒóóţ šɋúáŕé ţó ţĥé ñéţ',
  'wrong-leg': 'ţĥé íñšíđé ƒóóţ šéţš ļášţ ƀéƒóŕé á šţŕóķé',
  'out-of-area': 'á ƒóóţ óúţšíđé ţĥé ƒļóóŕ',
  'low-ceiling': 'á ĵúɱþ úñđéŕ á çéíļíñĝ ţĥáţ íš ţóó ļóŵ',
  'through-thing': 'á ƒóóţ ţĥŕóúĝĥ šóɱéţĥíñĝ ţĥáţ šţáñđš ţĥéŕé',
  'too-close': 'çļóšéŕ ţó ţĥé þáŕţñéŕ ţĥáñ ţĥé ļéášţ đíšţáñçé',
  'too-far': 'ƒúŕţĥéŕ ƒŕóɱ ţĥé þáŕţñéŕ ţĥáñ ţĥé ɱóšţ',
  'turned-away': 'ŵíţĥíñ ţĥé þáŕţñéŕ’š ŕéáçĥ ŵĥíļé ţúŕñéđ áŵáý',
  'on-the-line': 'á ŵáý óúţ ţĥáţ éñđš óñ ţĥé óþþóñéñţ’š ļíñé',
  'call-early': 'á çáļļ ƀéƒóŕé ţĥé ŵáý ƀáçķ íš đóñé',
  'no-approach': 'á ļúñĝé ţó ţĥé ƀáçķ ŵíţĥóúţ á šţéþ ƀéƒóŕé íţ',
  'retreats-on': 'ɱóŕé ţĥáñ óñé ŕéţŕéáţ ŵíţĥóúţ á šţŕíķé óŕ á ŵáý óúţ',
  'way-back-misfit': 'á ŵáý ƀáçķ ţĥáţ đóéš ñóţ ƒíţ ţĥé šĥóţ',
  'way-back-first': 'á ŵáý ƀáçķ ţĥáţ ƀéĝíñš ŵíţĥ ţĥé óţĥéŕ ķíñđ óƒ šţéþ',
  'split-frame': 'á šéɋúéñçé ţĥáţ đóéš ñóţ ƀéĝíñ áñđ éñđ ŵíţĥ á šþļíţ',
  'loaded-first': 'ţĥé ƒóóţ ţĥáţ çáŕŕíéš ţĥé ŵéíĝĥţ ļéáṽéš ƒíŕšţ',
  'back-step-loaded': 'á ƀáçķ šţéþ óƒƒ á ļóáđéđ ļéáđ ƒóóţ',
  'unset-strike': 'á šţŕíķé ŵĥíļé ţĥé ļéáđ ƒóóţ íš ñóţ šéţ',
  'not-in-guard': 'á ĵúɱþ áĥéáđ ţĥáţ đóéš ñóţ ļáñđ íñ ĝúáŕđ ƀéƒóŕé ţĥé ļúñĝé',
  'block-turns': 'á ƀļóçķ ĵúɱþ ţĥáţ ţúŕñš',
  'set-up-uncrossed': 'á ŕúññíñĝ šéţ-úþ ŵíţĥóúţ íţš ţŵó çŕóššóṽéŕš',
  'side-jump-unfinished': 'á šíđé ĵúɱþ ŵíţĥóúţ íţš óñé šɱáļļ šţéþ',
  'slip-side': 'á ţúŕñ ţó ţĥé óţĥéŕ šíđé ţĥáñ ţĥé šļíþ',
  'one-tempo': 'á ļúñĝé ñó ɋúíçķéŕ ţĥáñ ŵĥáţ çóɱéš ƀéƒóŕé íţ',
  'one-crossover': 'óñé çŕóššóṽéŕ ŵĥéŕé ţŵó çóɱé ƀáçķ',
  'leave-line': 'šţŕáíĝĥţ ƀáçķ óúţ óƒ áñ áţţáçķ',
  'scissor-sideways': 'á šçíššóŕ óúţ óƒ á ŕúñ ţó ţĥé šíđé',
  'quarter-opposed': 'á ɋúáŕţéŕ óñ ţĥé ļéáđ ƒóóţ ŵíţĥ áñ óþþóñéñţ íñ ƒŕóñţ',
  'did-not-occur': 'áñ íñţéñđéđ ƒíñđíñĝ ţĥáţ đóéš ñóţ óççúŕ',
};

const refused = {
  'square-lead': 'Íñ á šɋúáŕé šţáñçé ţĥéŕé íš ñó óţĥéŕ ļéáđ.',
  'square-switch': 'Íñ á šɋúáŕé šţáñçé ţĥéŕé áŕé ñó ƒééţ ţó šŵíţçĥ.',
  'level-swing': 'Ţĥé ƒééţ áŕé ļéṽéļ íñ ţĥáţ đíŕéçţíóñ: ţĥéŕé íš ñóţĥíñĝ ƒóŕ á þéñđúļúɱ ţó šŵíñĝ íñţó.',
  'level-exchange': 'Ţĥé ƒééţ áŕé ļéṽéļ áñđ ţĥé ƀóđý đóéš ñóţ ţúŕñ: ţĥéŕé íš ñóţĥíñĝ ţó éẋçĥáñĝé.',
};

const window = (from: number, to: number): string => `${Math.round(from * 1000)} ţó ${Math.round(to * 1000)} ɱš`;
const side = (offset: number): string => (offset < 0 ? 'ƀéƒóŕé' : 'áƒţéŕ');

const strike: Says<FindingMessages>['strike-early'] = ({ hand, offset, from, to }) =>
  `Ţĥé ‘${hand}’ çóɱéš ${ms(offset)} ${side(offset)} ţĥé ļáñđíñĝ; ${window(from, to)} áƒţéŕ íš ţĥé úšúáļ ŵíñđóŵ.`;
const split: Says<FindingMessages>['split-early'] = ({ event, offset, from, to }) =>
  `Ţĥé šþļíţ ļáñđš ${ms(offset)} ${side(offset)} ţĥé ‘${event}’; ${window(from, to)} íš ţĥé ŵíñđóŵ.`;

/** What goes wrong before anybody moves. Words in ‘…’ are the notation's own. */
export const findings = {
  findings: {
    crossed: ({ by }) => `Ţĥé ƒééţ çŕóšš ƀý ${long(by)}.`,
    touching: () => 'Ţĥé ƒééţ ţóúçĥ.',
    passed: ({ foot, by }) => `Ţĥé ${SIDES[foot]} ƒóóţ ļéđ áñđ ƒáļļš ƀéĥíñđ ƀý ${long(by)}.`,
    narrow: ({ wide, least, underWay }) => {
      if (!underWay) return `Íţ éñđš ${long(wide)} ŵíđé; ţĥé šţáñçé ŵáñţš ${long(least)} áţ ļéášţ.`;
      const what = wide < 0 ? `Ţĥé ƒééţ çóɱé þášţ óñé ļíñé ƀý ${long(-wide)}` : `Ţĥé ƀášé ñáŕŕóŵš ţó ${long(wide)}`;
      return `${what}; úñđéŕ ŵáý ${long(least)} áþáŕţ íš ţĥé ļéášţ.`;
    },
    short: ({ long: now, least }) => `Íţ éñđš ${long(Math.max(0, now))} ļóñĝ; ţĥé šţáñçé ŵáñţš ${long(least)} áţ ļéášţ.`,
    wide: ({ by, allowed }) => `Íţ éñđš ${long(by)} ŵíđéŕ óŕ ļóñĝéŕ ţĥáñ ţĥé šţáñçé; ${long(allowed)} íš áļļóŵéđ.`,
    'not-closed': ({ right, ahead, turned }) => {
      const where = [
        Math.abs(right) > 0.005 ? `${long(Math.abs(right))} ţó ţĥé ${right > 0 ? 'ŕíĝĥţ' : 'ļéƒţ'}` : '',
        Math.abs(ahead) > 0.005 ? `${long(Math.abs(ahead))} ${ahead > 0 ? 'áĥéáđ' : 'ƀáçķ'}` : '',
        Math.abs(turned) > 0.5 ? `ţúŕñéđ ${Math.round(Math.abs(turned))}° ${turned > 0 ? 'ŕíĝĥţ' : 'ļéƒţ'}` : '',
      ].filter((part) => part !== '');
      return `Íţ đóéš ñóţ çóɱé ƀáçķ: ${where.join(', ') || 'ţĥé šţáñçé ĥáš çĥáñĝéđ'} áƒţéŕ óñé ŕéþéţíţíóñ.`;
    },
    'lead-changed': ({ leads }) => `Áţ ţĥé éñđ ${leads === null ? 'ñó ƒóóţ ļéáđš áñý ɱóŕé' : `ţĥé ${SIDES[leads]} ƒóóţ ļéáđš`}.`,
    stride: ({ of, metres, most }) =>
      of === 'step'
        ? `Á šţéþ óƒ ${long(metres)} íš ļóñĝéŕ ţĥáñ ţĥíš áţĥļéţé’š ${long(most)}.`
        : `Ţĥé ƒééţ ŵóúļđ šţáñđ ${long(metres)} áþáŕţ; ţĥíš áţĥļéţé’š ļéĝš ŕéáçĥ ${long(most)} áţ ɱóšţ.`,
    'nothing-to-recover': () => 'Ţĥéŕé íš ñó ŕéáçĥ ţó ŕéçóṽéŕ ƒŕóɱ ĥéŕé; ţĥé áţĥļéţé šţáñđš.',
    'too-many': ({ counted, most }) => `Ḿóŕé ţĥáñ ${most} ${whatCounted[counted]}.`,
    refused: ({ why }) => `${refused[why]} Ţĥé áţĥļéţé šţáñđš.`,
    'short-pass': ({ foot }) => `Ţĥé ${SIDES[foot]} ƒóóţ đóéš ñóţ ĝéţ þášţ ţĥé óţĥéŕ: ţĥé ļéáđ šţáýš áš íţ ŵáš.`,
    'no-such-thing': ({ thing }) => `Ţĥéŕé íš ñó ‘${thing}’ óñ ţĥé ƒļóóŕ; ţĥé šţéþ ŵáš đóñé ŵíţĥóúţ áñ áíɱ.`,
    'no-side': () =>
      'Ţĥéšé šţéþš ĥáṽé ñó šíđé, šó ţĥáţ ‘each side’ đóéš ţĥéɱ ţŵíçé ţĥé šáɱé ŵáý: ŵŕíţé ‘each lead’ ƒóŕ ţĥé óţĥéŕ ļéáđ, óŕ ‘twice’.',
    'nobody-there': () =>
      'Ţĥéŕé íš ñó þáŕţñéŕ ţó ķééþ á đíšţáñçé ţó; ýóú šţáñđ ƒóŕ áš ļóñĝ. Þúţ óñé ƀéƒóŕé ţĥé ļíñé: ‘partner at 1.4 m ahead doing (…)’.',
    'both-follow': () =>
      'Ţĥé þáŕţñéŕ ƒóļļóŵš ýóú, šó ýóú çáññóţ ƒóļļóŵ ţĥéɱ: ýóú šţáñđ ƒóŕ áš ļóñĝ. Ļéţ óñé óƒ ţĥé ţŵó đó šţéþš óƒ ţĥéíŕ óŵñ.',
    'names-a-foot': () =>
      'Á ƒóóţ ñáɱéđ ļéƒţ óŕ ŕíĝĥţ íš áñóţĥéŕ óñé óñ ţĥé óţĥéŕ šíđé: ŵŕíţé ‘lead’ óŕ ‘rear’, ‘near’ óŕ ‘far’. Íţ ŵáš ķéþţ áš ŵŕíţţéñ.',
    'strike-early': strike,
    'strike-late': strike,
    'strike-off': ({ hand, offset, limit }) =>
      `Ţĥé ‘${hand}’ çóɱéš ${ms(offset)} ${side(offset)} ţĥé ļáñđíñĝ; ${ms(limit)} ${side(limit)} íţ íš ţĥé ļíɱíţ.`,
    'way-back-stops': ({ seconds }) => `Ţĥé ŵáý ƀáçķ šţóþš ƒóŕ ${ms(seconds)}.`,
    'split-away': ({ off }) => `Ţĥé šþļíţ óþéñš ${Math.round(off)}° áŵáý ƒŕóɱ ţĥé šţéþ ţĥáţ ƒóļļóŵš.`,
    'counter-steps-in': ({ hand }) => `Ţĥé ‘${hand}’ ĝóéš áĥéáđ áĝáíñ áƒţéŕ ţĥé šţéþ ƀáçķ: ĥóļđ ţĥé ĝŕóúñđ.`,
    'wrong-foot': ({ foot }) => `Ţĥé ${SIDES[foot]} ƒóóţ šţáŕţš; ţĥé óñé ñéáŕéšţ ţó ţĥé ŵáý ĝóéš ƒíŕšţ.`,
    'no-split': ({ event, at }) => `Ñó šþļíţ ƒóŕ ţĥé ‘${event}’ áţ ${at.toFixed(2)} š.`,
    'split-early': split,
    'split-late': split,
    'split-waits': ({ seconds, most }) => `${ms(seconds)} þášš ƀéţŵééñ ţĥé šþļíţ áñđ ţĥé ñéẋţ šţéþ; ${ms(most)} íš ţĥé ɱóšţ.`,
    'square-to-net': ({ off, least }) => `Ţĥé ŕéáŕ ƒóóţ ļáñđš ${Math.round(off)}° ƒŕóɱ šɋúáŕé ţó ţĥé ñéţ; ${least}° óúţ íš ţĥé ļéášţ.`,
    'wrong-leg': ({ foot }) => `Ţĥé ${SIDES[foot]} ƒóóţ, ţĥé íñšíđé óñé, šéţš ļášţ ƀéƒóŕé ţĥé šţŕóķé.`,
    'out-of-area': ({ foot, by, area }) => `Ţĥé ${SIDES[foot]} ƒóóţ šţáñđš ${long(by)} óúţšíđé ţĥé ƒļóóŕ (${areas.areas[area] ?? area}).`,
    'low-ceiling': ({ by }) => `Á ĵúɱþ ĥéŕé çóɱéš ${long(by)} ţóó ñéáŕ ţó ţĥé çéíļíñĝ.`,
    'through-thing': ({ foot, by, thing }) => `Ţĥé ${SIDES[foot]} ƒóóţ ĝóéš ${long(by)} íñţó ţĥé ‘${thing}’.`,
    'too-close': ({ gap, least }) => `${long(gap)} ţó ţĥé þáŕţñéŕ; ${long(least)} íš ţĥé ļéášţ.`,
    'too-far': ({ gap, most }) => `${long(gap)} ţó ţĥé þáŕţñéŕ; ${long(most)} íš ţĥé ɱóšţ.`,
    'turned-away': ({ gap, off }) => `${long(gap)} ƒŕóɱ ţĥé þáŕţñéŕ áñđ ţúŕñéđ ${Math.round(off)}° áŵáý.`,
    'on-the-line': ({ off, out }) => `Íţ éñđš ${Math.round(off)}° óƒƒ ţĥé óþþóñéñţ’š ļíñé; ${out}° íš óúţ óƒ íţ.`,
    'call-early': ({ seconds, move, away }) => `Ţĥé çáļļ çóɱéš ${ms(seconds)} ƀéƒóŕé ‘${move}’ íš đóñé, ${long(away)} áŵáý ƒŕóɱ ţĥé šţáŕţ.`,
    'no-approach': () => 'Á ļúñĝé ţó ţĥé ƀáçķ ŵíţĥóúţ á šţéþ ƀéƒóŕé íţ.',
    'retreats-on': () => 'Á šéçóñđ šţéþ šţŕáíĝĥţ ƀáçķ ŵíţĥóúţ á šţŕíķé óŕ á ŵáý óúţ.',
    'way-back-misfit': ({ shot, asked, steps }) =>
      `Áƒţéŕ á ‘${shot}’ ${asked} ĝáţĥéŕ ${asked === 1 ? 'šţéþ çóɱéš' : 'šţéþš çóɱé'} ƀáçķ; ĥéŕé ${steps === 0 ? 'ñóñé đóéš' : `ţĥéŕé áŕé ${steps}`}.`,
    'way-back-first': ({ move, wanted }) => `Ţĥé ŵáý ƀáçķ ƀéĝíñš ŵíţĥ ‘${move}’, ñóţ ŵíţĥ ‘${wanted}’.`,
    'split-frame': ({ missing }) => `Íţ đóéš ñóţ ${missing.map((one) => DONE[one]).join(' áñđ ')} ŵíţĥ á šþļíţ.`,
    'loaded-first': ({ foot, share }) => `Ţĥé ${SIDES[foot]} ƒóóţ çáŕŕíéš ${percent(share)} áñđ ļéáṽéš ƒíŕšţ.`,
    'back-step-loaded': ({ share }) => `Ţĥé ļéáđ ƒóóţ çáŕŕíéš ${percent(share)} ŵĥéñ ţĥé ƀáçķ šţéþ ţáķéš íţ áŵáý.`,
    'unset-strike': ({ hand }) => `Ţĥé ‘${hand}’ çóɱéš ŵĥíļé ţĥé ļéáđ ƒóóţ íš úñđéŕ ŵáý.`,
    'not-in-guard': () => 'Ţĥé ĵúɱþ đóéš ñóţ ļáñđ íñ ĝúáŕđ ƀéƒóŕé ţĥé ļúñĝé.',
    'block-turns': () => 'Á ƀļóçķ ĵúɱþ ţĥáţ íš ţúŕñéđ óúţ óƒ áţ óñçé.',
    'set-up-uncrossed': () => 'Áƒţéŕ á šţŕóķé áţ á ŕúñ ţŵó çŕóššóṽéŕš çóɱé ƀáçķ.',
    'side-jump-unfinished': () => 'Áƒţéŕ á šíđé ĵúɱþ óñé šɱáļļ šţéþ íš ɱíššíñĝ.',
    'slip-side': ({ slipped }) => `Ŵĥóéṽéŕ šļíþš ţó ţĥé ${slipped} ţúŕñš ţó ţĥé ${slipped}: ţĥé óţĥéŕ ŵáý ļéáđš ƀáçķ íñţó ţĥé ñéẋţ ĥáñđ.`,
    'one-tempo': () => 'Ţĥé ļúñĝé íš ñó ɋúíçķéŕ ţĥáñ ţĥé šţéþ ƀéƒóŕé íţ: šļóŵ, ţĥéñ ɋúíçķ.',
    'one-crossover': () => 'Óñé çŕóššóṽéŕ ļéáṽéš ţĥé ŵáý ƀáçķ ĥáļƒ đóñé: ţŵó çóɱé ƀáçķ.',
    'leave-line': () => 'Šţŕáíĝĥţ ƀáçķ óúţ óƒ ţĥé áţţáçķ šţáýš óñ ţĥé óþþóñéñţ’š ļíñé: šţéþ óƒƒ íţ.',
    'scissor-sideways': () => 'Ţĥé ƀóđý šţíļļ ŕúñš ţó ţĥé šíđé áš ţĥé ļéĝš éẋçĥáñĝé: ţúŕñ ţó ţĥé ƀáçķ ƒíŕšţ.',
    'quarter-opposed': () => 'Á ɋúáŕţéŕ óñ ţĥé ļéáđ ƒóóţ ŵíţĥ áñ óþþóñéñţ íñ ƒŕóñţ: šţéþ óúţ óƒ ţĥé ļíñé ƒíŕšţ.',
    'did-not-occur': ({ intended, known }) =>
      known
        ? `‘${intended}’ íš íñţéñđéđ áñđ đóéš ñóţ óççúŕ: ${means[intended as FindingCode]}.`
        : `‘${intended}’ íš ñó ƒíñđíñĝ; ķñóŵñ óñéš áŕé ļíšţéđ íñ ţĥé ĥéļþ.`,
  } satisfies Says<FindingMessages> as Says<FindingMessages>,
  findingMeans: means,
  levels: { note: 'ñóţé', beware: 'ƀéŵáŕé', stop: 'šţóþ', asks: 'ášķš' },
};
