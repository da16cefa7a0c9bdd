// Made from ../en/tempo.ts by npm run marked.
import type { TempoKind } from '@hopsk/core/motion/tempo-kinds';

const seconds = (value: number): string => `${value.toFixed(2)} š`;

/** What somebody takes for moves. */
export const tempo = {
  tempo: {
    says: 'Šéçóñđš óƒ óñé ɱóṽé áţ íţš úšúáļ šížé áñđ áñ éṽéñ ţéɱþó. Þļáýíñĝ, đóšéš áñđ çáļļš úšé ţĥéɱ; ŵĥéŕé á ƀóẋ íš éɱþţý ţĥé úšúáļ ţíɱé íš ţáķéñ.',
    usual: (value: number): string => `úšúáļļý ${seconds(value)}`,
    own: 'šéçóñđš',
    ownOf: (kind: string): string => `šéçóñđš, ${kind}`,
    tap: 'ţáþ íţ',
    tapOf: (kind: string): string => `ţáþ ${kind}`,
    tapSays: 'Ļéţ ţĥéɱ đó íţ áĝáíñ áñđ áĝáíñ, áñđ ţáþ éáçĥ ţíɱé óñé íš ƒíñíšĥéđ, ƒíṽé ţíɱéš óŕ ɱóŕé, ŵíţĥóúţ á ƀŕéáķ.',
    tapAlone: 'Ţáþ áš íţ ƀéĝíñš áñđ áš íţ éñđš, íñ ţúŕñ, ƒóúŕ óƒ ţĥéɱ óŕ ɱóŕé.',
    now: 'ţáþ ñóŵ',
    few: (taps: number): string => (taps === 1 ? 'óñé ţáþ' : `${taps} ţáþš`),
    tapped: (value: number, spread: number, n: number): string => `${seconds(value)} ± ${spread.toFixed(2)}, óƒ ${n}`,
    leftOut: (n: number): string =>
      n === 1 ? 'óñé íñţéŕṽáļ ļéƒţ óúţ, ţóó ƒáŕ ƒŕóɱ ţĥé óţĥéŕš' : `${n} íñţéŕṽáļš ļéƒţ óúţ, ţóó ƒáŕ ƒŕóɱ ţĥé óţĥéŕš`,
    outside: (low: number, high: number): string => `ƀéţŵééñ ${seconds(low)} áñđ ${seconds(high)} óñļý`,
    keep: 'ķééþ',
    again: 'áĝáíñ',
    cancel: 'çáñçéļ',
    source: {
      typed: (day: string): string => `ţýþéđ ${day}`,
      tapped: (day: string, n: number | null, spread: number | null): string =>
        `ţáþþéđ ${day}${n === null ? '' : `, óƒ ${n}`}${spread === null ? '' : `, ± ${seconds(spread)}`}`,
      film: (day: string, n: number | null, spread: number | null): string =>
        `ƒŕóɱ ƒíļɱ ${day}${n === null ? '' : `, óƒ ${n}`}${spread === null ? '' : `, ± ${seconds(spread)}`}`,
    },
    kinds: {
      gather: 'ĝáţĥéŕ (áđṽáñçé, ŕéţŕéáţ, šĥúƒƒļé)',
      halfStep: 'ĥáļƒ šţéþ',
      chasse: 'çĥáššé',
      gallop: 'ĝáļļóþ',
      pendulum: 'þéñđúļúɱ',
      pass: 'þáššíñĝ šţéþ (šĥíƒţ, ƀáçķ šţéþ)',
      cross: 'çŕóššóṽéŕ, çŕóšš ƀéĥíñđ',
      run: 'ŕúññíñĝ šţéþ',
      dropStep: 'đŕóþ šţéþ',
      quarter: 'ɋúáŕţéŕ ţúŕñ (90°)',
      turnOut: 'šţéþ-óúţ ɋúáŕţéŕ, çúţ',
      orbit: 'óŕƀíţ',
      lunge: 'ļúñĝé, ŕéáçĥíñĝ šţéþ',
      recover: 'ŕéçóṽéŕ',
      stepIn: 'šţéþ íñ',
      pullBack: 'þúļļ ƀáçķ',
      jump: 'ĵúɱþ',
      sideJump: 'šíđé ĵúɱþ',
      split: 'šþļíţ',
      bounce: 'ƀóúñçé',
      hand: 'šţŕíķé áļóñé',
    } satisfies Record<TempoKind, string>,
  },
};
