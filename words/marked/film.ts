// Made from ../en/film.ts by npm run marked.
import type { NoCalibration } from '@hopsk/core/film/calibration';
import type { Told } from '@hopsk/core/film/difference';
import type { MarkKind } from '@hopsk/core/film/marks';
import type { TimeName } from '@hopsk/core/film/times';

/** The film desk: marks, times, feet on a floor. */
export const film = {
  film: {
    marks: {
      contact: 'óþþóñéñţ’š çóñţáçţ',
      release: 'ŕéļéášé',
      'split-up': 'šþļíţ íñ ţĥé áíŕ',
      'split-down': 'šþļíţ đóŵñ',
      'first-step': 'ƒíŕšţ šţéþ',
      'left-down': 'ļéƒţ ƒóóţ đóŵñ',
      'right-down': 'ŕíĝĥţ ƒóóţ đóŵñ',
      'own-contact': 'óŵñ çóñţáçţ',
      'back-begun': 'ŵáý ƀáçķ ƀéĝúñ',
      back: 'ƀáçķ',
    } satisfies Record<MarkKind, string>,
    times: {
      split: 'šþļíţ áĝáíñšţ ţĥé ƀáļļ',
      'in-air': 'íñ ţĥé áíŕ',
      'first-step': 'ƒíŕšţ šţéþ áƒţéŕ ţĥé šþļíţ',
      strike: 'šţŕíķé áƒţéŕ ţĥé ļáñđíñĝ',
      answer: 'áñšŵéŕ',
      'way-back': 'ŵáý ƀáçķ',
    } satisfies Record<TimeName, string>,
    told: (told: Told, rate: number | null): string => {
      if (told !== 'cannot-tell') return told;
      return rate === null ? 'ţĥíš ƒíļɱ çáññóţ ţéļļ, ñóŕ ŵóúļđ áñóţĥéŕ' : `ţĥíš ƒíļɱ çáññóţ ţéļļ; ${rate} þíçţúŕéš á šéçóñđ ŵóúļđ`;
    },
    attempt: (n: number, time: string): string => `${n} · ${time}`,
    took: (ms: number, within: number): string => `${ms} ɱš ± ${within}`,
    window: (from: number, to: number): string => `${from} … ${to} ɱš`,
    over: (n: number, mean: number, spread: number | null, within: number | null): string => {
      const many = n === 1 ? '1 áţţéɱþţ' : `${n} áţţéɱþţš`;
      return spread === null || within === null ? `${mean} ɱš, ${many}` : `${mean} ɱš ± ${within}, šþŕéáđ ${spread} ɱš, ${many}`;
    },
    all: (time: string): string => `áļļ · ${time}`,
    repeats: 'ɱáŕķéđ áĝáíñ',
    repeatsTo: (ms: number | null): string => (ms === null ? 'ñóţ ɱéášúŕéđ: á ƒŕáɱé íš ţáķéñ ƒóŕ íţ' : `ţó ± ${ms} ɱš`),
    outOfOrder: (attempt: number, first: string, then: string): string =>
      `Íñ áţţéɱþţ ${attempt} ‘${then}’ íš ɱáŕķéđ ƀéƒóŕé ‘${first}’: ļóóķ áţ ƀóţĥ áĝáíñ.`,
    foot: (side: string, frame: number): string => `${side} ƒóóţ, ƒŕáɱé ${frame}`,
    place: (right: string, ahead: string, within: number): string => `${right} ɱ ŕíĝĥţ, ${ahead} ɱ áĥéáđ, ± ${within} çɱ`,
    toe: (degrees: number, within: number): string => `ţóé ${degrees}° ± ${within}°`,
    noToe: 'ñó ţóé: ĥééļ áñđ ƀáļļ áŕé ţóó ñéáŕ éáçĥ óţĥéŕ íñ ţĥíš þíçţúŕé, óŕ óñé ŵáš ñóţ ţáþþéđ',
    step: (side: string, from: number, to: number): string => `${side} ƒóóţ, ${from} → ${to}`,
    long: (cm: number, within: number): string => `${cm} çɱ ± ${within}`,
    point: (name: string): string => `þóíñţ ‘${name}’`,
    off: (pixels: string): string => `${pixels} þẋ ƒŕóɱ ŵĥéŕé ţĥé óţĥéŕš ĥáṽé íţ`,
    unchecked: 'Ƒóúŕ þóíñţš ƒíţ ŵĥáţéṽéŕ ţĥéý áŕé: ţáþ á ƒíƒţĥ, áñđ á ŵŕóñĝ óñé íš šééñ.',
    bad: (names: readonly string[]): string =>
      names.length === 1
        ? `‘${names[0] ?? ''}’ đóéš ñóţ ĝó ŵíţĥ ţĥé óţĥéŕš: ţáþ íţ áĝáíñ, óŕ ļéáṽé íţ óúţ.`
        : `Šóɱé óƒ ţĥéšé đó ñóţ ĝó ţóĝéţĥéŕ: ‘${names.join('’, ‘')}’. Ţáþ ţĥéɱ áĝáíñ, óŕ ţáþ ɱóŕé.`,
    refused: {
      'few-points': () => 'Ƒóúŕ þóíñţš óƒ ţĥé ƒļóóŕ áŕé ñééđéđ.',
      'on-one-line': (names: string) => `Ţĥéšé ļíé óñ óñé ļíñé, áñđ ļéáṽé ţĥé ŕéšţ óþéñ: ${names}.`,
      'same-point': (names: string) => `Ţĥéšé áŕé óñé þļáçé: ${names}.`,
      'wrong-order': (names: string) => `Ƒŕóɱ áƀóṽé ñó çáɱéŕá šééš ţĥé ƒļóóŕ šó: ļóóķ áţ ţĥé óŕđéŕ óƒ ${names}.`,
    } satisfies Record<NoCalibration['code'], (names: string) => string>,
  },
};
