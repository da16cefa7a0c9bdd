// Made from ../en/film.ts by npm run marked.
import type { NoCalibration } from '@hopsk/core/film/calibration';
import type { Drawn } from '@hopsk/core/film/drawn-names';
import type { Told } from '@hopsk/core/film/difference';
import type { MarkKind } from '@hopsk/core/film/marks';
import type { TimeName } from '@hopsk/core/film/times';

/** Why a file is no clip; of what is not shown, in what it is written. */
const unread: Readonly<
  Record<'no-film' | 'torn' | 'no-picture' | 'cannot-decode' | 'transparent' | 'no-frames', (codec: string) => string>
> = {
  'no-film': () => 'Ţĥáţ ƒíļé íš ñó ƒíļɱ ţĥáţ çáñ ƀé ŕéáđ ĥéŕé: ḾÞ4, ḾÓṼ áñđ ŴéƀḾ çáñ.',
  torn: () => 'Ţĥáţ ƒíļé ƀŕéáķš óƒƒ ƀéƒóŕé íţš þíçţúŕéš: çóþý íţ ƒŕóɱ ţĥé þĥóñé óñçé ɱóŕé.',
  'no-picture': () => 'Ţĥéŕé íš ñó þíçţúŕé íñ ţĥáţ ƒíļé, óñļý šóúñđ.',
  'cannot-decode': (codec) =>
    codec === 'hevc'
      ? 'Ţĥíš ƀŕóŵšéŕ çáññóţ šĥóŵ ţĥáţ ƒíļɱ (ĤÉṼÇ). Šéţ ţĥé þĥóñé’š çáɱéŕá ţó ţĥé ɱóšţ çóɱþáţíƀļé ƒóŕɱáţ (Ĥ.264), óŕ çóñṽéŕţ ţĥé çļíþ.'
      : `Ţĥíš ƀŕóŵšéŕ çáññóţ šĥóŵ ţĥáţ ƒíļɱ${codec === '' ? '' : ` (${codec})`}.`,
  transparent: () => 'Ţĥáţ ƒíļɱ íš ɱáđé ţó ļíé óṽéŕ áñóţĥéŕ, ŵíţĥ þáŕţš ţĥáţ šĥóŵ ţĥŕóúĝĥ: ƒíļɱš óƒ á çáɱéŕá çáñ ƀé ŕéáđ ĥéŕé.',
  'no-frames': () => 'Ţĥáţ ƒíļɱ ĥáš ñó ţŵó ƒŕáɱéš: ñóţĥíñĝ ļíéš ƀéţŵééñ ţĥéɱ.',
};

/** The film desk: marks, times, feet on a floor. */
export const film = {
  film: {
    title: 'Ƒíļɱ',
    open: 'óþéñ á çļíþ',
    openOther: 'óþéñ áñóţĥéŕ',
    none: 'Ñó çļíþ íš óþéñ',
    noneSays:
      'Óþéñ óñé ţĥáţ ŵáš ƒíļɱéđ ŵíţĥ á þĥóñé óŕ á çáɱéŕá: ḾÞ4, ḾÓṼ óŕ ŴéƀḾ. Íţ íš ļóóķéđ áţ ƒŕáɱé ƀý ƒŕáɱé; ŵĥáţ ýóú ɱáŕķ çóɱéš ţó ţíɱéš, ŵíţĥ ŵĥáţ ţĥé ƒíļɱ ļéáṽéš óþéñ.',
    stays:
      'Á çļíþ šţáýš óñ ţĥíš đéṽíçé. Óñé ţĥáţ íš óþéñéđ íš ñóţ çóþíéđ; óñé ţĥáţ íš ƒíļɱéđ ĥéŕé íš ķéþţ, éñçŕýþţéđ, ƒóŕ ŵĥóéṽéŕ íš šíĝñéđ íñ. Ŵĥáţ ýóú ɱáŕķ šţáýš ĥéŕé úñţíļ ýóú šíĝñ óúţ: šáṽé íţ áš á ţáƀļé.',
    filmHere: 'ƒíļɱ ŵíţĥ ţĥíš đéṽíçé',
    filmDrawn: 'ƒíļɱ ţĥé đŕáŵñ ƒíĝúŕé',
    agreeFirst: 'Ƒíļɱ óñļý ŵĥó ĥáš áĝŕééđ ţó íţ; óƒ çĥíļđŕéñ ášķ á ĝúáŕđíáñ ƒíŕšţ, áñđ ŵĥáţ ţĥé çļúƀ áñđ ţĥé ĥáļļ áļļóŵ.',
    cameraSees: 'ŵĥáţ ţĥé çáɱéŕá šééš',
    beginFilming: 'ƀéĝíñ',
    stopFilming: 'šţóþ',
    cameraOff: 'çáɱéŕá óƒƒ',
    clipName: (at: string): string => `ƒíļɱéđ ${at}`,
    nothingFilmed: 'Ñóţĥíñĝ ŵáš ƒíļɱéđ: ţĥé çáɱéŕá ĝáṽé ñó þíçţúŕé.',
    unseen: {
      refused: 'Ţĥíš þáĝé ɱáý ñóţ úšé ţĥé çáɱéŕá: áļļóŵ íţ íñ ţĥé ƀŕóŵšéŕ’š šéţţíñĝš óƒ ţĥíš þáĝé.',
      none: 'Ţĥéŕé íš ñó çáɱéŕá ţĥáţ çáñ ƀé úšéđ ĥéŕé.',
      busy: 'Áñóţĥéŕ þŕóĝŕáɱ ĥáš ţĥé çáɱéŕá: çļóšé íţ ţĥéŕé.',
      fault: 'Ţĥíš ƀŕóŵšéŕ çáññóţ ƒíļɱ: ƒíļɱ ŵíţĥ ţĥé çáɱéŕá’š óŵñ þŕóĝŕáɱ, áñđ óþéñ ţĥé çļíþ ĥéŕé.',
    },
    clipNotKept: {
      'no-room': 'Ţĥéŕé íš ñó ŕóóɱ óñ ţĥíš đéṽíçé: ţĥé çļíþ íš óþéñ ĥéŕé, áñđ ĝóñé ŵĥéñ íţ íš þúţ áŵáý.',
      'no-files': 'Ţĥíš ƀŕóŵšéŕ ķééþš ñó ƒíļéš: ţĥé çļíþ íš óþéñ ĥéŕé, áñđ ĝóñé ŵĥéñ íţ íš þúţ áŵáý.',
    },
    putAway: 'þúţ áŵáý',
    keptTitle: 'Ķéþţ óñ ţĥíš đéṽíçé',
    keptSays: (megabytes: string, days: number, who: string): string =>
      `${megabytes} ḾƁ, ${days === 0 ? 'ţóđáý' : days === 1 ? 'šíñçé ýéšţéŕđáý' : `ƒóŕ ${days} đáýš`}${who === '' ? '' : `, ${who}`}`,
    notLasting: 'Ţĥé ƀŕóŵšéŕ ɱáý ŵíþé ţĥéɱ ŵĥéñ ţĥé đéṽíçé íš šĥóŕţ óƒ ŕóóɱ.',
    stillNeeded: (days: number): string => `Ķéþţ ƒóŕ ɱóŕé ţĥáñ ${days} đáýš: íš íţ šţíļļ ñééđéđ?`,
    keepOn: 'ķééþ óñ',
    eraseClip: (name: string): string => `éŕášé ‘${name}’`,
    clipGone: (name: string): string => `‘${name}’ íš ĝóñé ƒŕóɱ ţĥíš đéṽíçé, óŕ çáññóţ ƀé ŕéáđ. Ŵĥáţ ŵáš ɱáŕķéđ íñ íţ íš šţíļļ ĥéŕé.`,
    unread,
    placeInClip: 'þļáçé íñ ţĥé çļíþ',
    frame: (n: number, last: number, seconds: string): string => `ƒŕáɱé ${n} óƒ ${last}, ${seconds} š`,
    frameShort: (n: number): string => `ƒŕáɱé ${n}`,
    noPicture: (n: number): string => `Ƒŕáɱé ${n} çáññóţ ƀé šĥóŵñ; ţĥé óţĥéŕš çáñ ƀé ļóóķéđ áţ áļļ ţĥé šáɱé.`,
    back10: '← 10',
    back1: '← 1',
    on1: '1 →',
    on10: '10 →',
    markWhat: 'ŵĥáţ íš šééñ ƒíŕšţ íñ ţĥíš ƒŕáɱé',
    firstSeen: 'Ḿáŕķ ţĥé ƒŕáɱé íñ ŵĥíçĥ šóɱéţĥíñĝ íš šééñ ƒíŕšţ.',
    keysSay: 'Ķéýš: áŕŕóŵš ĝó á ƒŕáɱé, ŵíţĥ šĥíƒţ ţéñ; ļéţţéŕš ɱáŕķ; ž ţáķéš ţĥé ļášţ ɱáŕķ ƀáçķ.',
    noneBefore: 'Ñóţĥíñĝ íš ķñóŵñ óƒ ŵĥáţ ŵáš ƀéƒóŕé ţĥé ƒíŕšţ ƒŕáɱé: ɱáŕķ ŵĥáţ íš šééñ ƒíŕšţ íñ á ļáţéŕ óñé.',
    timesTitle: 'Ţíɱéš',
    noTimes: 'Ţŵó ɱáŕķš ţĥáţ ƀéļóñĝ ţóĝéţĥéŕ çóɱé ţó á ţíɱé: ţĥé ƀáļļ áñđ ţĥé šþļíţ đóŵñ, ţĥé ļáñđíñĝ áñđ ţĥé óŵñ çóñţáçţ.',
    timeHeads: ['áţţéɱþţ', 'ţíɱé', 'ŵíñđóŵ'],
    overTitle: 'Óṽéŕ ţĥé áţţéɱþţš',
    marksTitle: 'Ḿáŕķš',
    markAt: (frame: number, at: string, half: string): string => `ƒŕáɱé ${frame}, ${at} š ± ${half} ɱš`,
    drop: (mark: string): string => `ţáķé ƀáçķ ‘${mark}’`,
    undo: 'ţáķé ţĥé ļášţ ƀáçķ',
    save: 'šáṽé áš á ţáƀļé',
    saveCues: 'šáṽé áš ŴéƀṼŢŢ',
    otherCues: (n: number): string =>
      `${n === 1 ? 'Óñé çúé óƒ ţĥáţ ƒíļé íš' : `${n} çúéš óƒ ţĥáţ ƒíļé áŕé`} ñó ɱáŕķ óƒ óúŕš, óŕ ƀéýóñđ ţĥíš çļíþ; ţĥé óţĥéŕš ŵéŕé ţáķéñ.`,
    takeMarks: 'ɱáŕķš ƒŕóɱ á ƒíļé',
    line: (n: number, wrong: string): string => `Ļíñé ${n}: ${wrong}.`,
    missing: (columns: string): string => `Ţĥé ţáƀļé ĥáš ñó çóļúɱñ ${columns}; ñóţĥíñĝ ŵáš ţáķéñ.`,
    beyond: (last: number): string =>
      `Ţĥé ţáƀļé ɱáŕķš ƒŕáɱéš ƀéýóñđ ${last}, ţĥé ļášţ óƒ ţĥíš çļíþ: íţ íš óƒ áñóţĥéŕ óñé. Ñóţĥíñĝ ŵáš ţáķéñ.`,
    notKept: 'Ţĥíš đéṽíçé çáññóţ ķééþ íţ: šáṽé ţĥé ɱáŕķš áš á ţáƀļé.',
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
      step: 'ƒíŕšţ šţéþ úñţíļ íţ íš đóŵñ',
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
    otherPicture: (width: number, height: number, own: number, ownHigh: number): string =>
      `Ţĥé ţáƀļé’š þóíñţš áŕé óƒ á þíçţúŕé óƒ ${width} × ${height}, ţĥíš çļíþ’š íš ${own} × ${ownHigh}. Ñóţĥíñĝ ŵáš ţáķéñ.`,
    doingLabel: 'ŵĥáţ íš ɱéášúŕéđ',
    doings: { times: 'ţíɱéš', floor: 'ƒļóóŕ', feet: 'ƒééţ', plan: 'áĝáíñšţ á þáţţéŕñ', athlete: 'áţĥļéţé' },
    drawnTitle: 'Óŕ ţŕý íţ ŵíţĥ á đŕáŵñ óñé',
    drawnSays: 'Á đŕáŵñ ƒíĝúŕé šþļíţš áñđ ļúñĝéš ţĥŕéé ţíɱéš óñ á ƀáđɱíñţóñ çóúŕţ; ţĥé šþļíţ çóɱéš ļáţéŕ áĝáíñšţ ţĥé ƀáļļ éáçĥ ţíɱé.',
    drawn: {
      'drawn-30': '30 þíçţúŕéš á šéçóñđ',
      'drawn-60': '60',
      'drawn-120': '120',
      'drawn-changing': 'á ŕáţé ţĥáţ çĥáñĝéš',
    } satisfies Record<Drawn, string>,
    drawnMissing: 'Ţĥé đŕáŵñ çļíþ çóúļđ ñóţ ƀé ƒéţçĥéđ: ţĥéŕé íš ñó ñéţŵóŕķ.',
    floorTitle: 'Ţĥé ƒļóóŕ áš á ŕúļéŕ',
    whichFloor: 'ƒļóóŕ íñ ţĥé þíçţúŕé',
    noFloor: 'ñóñé ýéţ',
    taped: 'á ŕéçţáñĝļé ţáþéđ íñ á ŕóóɱ',
    acrossSide: 'áçŕóšš',
    alongSide: 'áļóñĝ',
    diagonal: 'đíáĝóñáļ, íƒ ɱéášúŕéđ',
    notSquare: (cm: number): string =>
      `Ţĥé đíáĝóñáļ íš ${cm > 0 ? `${cm} çɱ ļóñĝéŕ` : `${-cm} çɱ šĥóŕţéŕ`} ţĥáñ ţĥáţ óƒ ŕíĝĥţ áñĝļéš: ţáþé íţ áñéŵ, óŕ ɱéášúŕé áĝáíñ.`,
    isSquare: 'Šíđéš áñđ đíáĝóñáļ ĝó ţóĝéţĥéŕ.',
    crossingsSay: 'þļáñ óƒ ţĥé ƒļóóŕ ŵíţĥ íţš çŕóššíñĝš',
    nearBelow:
      'Ţĥé ñéáŕ éñđ íš ƀéļóŵ: ýóúŕš. Çĥóóšé á þóíñţ ĥéŕé, ţĥéñ ţáþ íţ íñ ţĥé þíçţúŕé: ţĥé óúţéŕ çóŕñéŕ óƒ á ļíñé, ţĥé ɱíđđļé óƒ á çéñţŕé ļíñé.',
    nextPoint: 'þóíñţ ţó ţáþ',
    chooseCrossing: 'çĥóóšé á þóíñţ',
    tapIt: (name: string): string => `Ţáþ íñ ţĥé þíçţúŕé: ${name}`,
    tapFour: 'Ƒóúŕ þóíñţš ɱáķé ţĥé ƒļóóŕ á ŕúļéŕ, á ƒíƒţĥ çĥéçķš ţĥéɱ. Ƒáŕ ƒŕóɱ éáçĥ óţĥéŕ ţĥéý šáý ɱóšţ.',
    goesTogether: 'Ţĥé þóíñţš ĝó ţóĝéţĥéŕ: ļóóķ ŵĥéţĥéŕ ţĥé ļíñéš ţĥáţ áŕé đŕáŵñ ļíé óñ ţĥóšé óƒ ţĥé þíçţúŕé.',
    pointsGone: (n: number): string =>
      `${n === 1 ? 'Á þóíñţ ţĥáţ ţĥíš ƒļóóŕ đóéš ñóţ ĥáṽé ŵáš' : `${n} þóíñţš ţĥáţ ţĥíš ƒļóóŕ đóéš ñóţ ĥáṽé ŵéŕé`} ţáķéñ áŵáý: ţáķé ţĥé ļášţ ƀáçķ ţó ĥáṽé ţĥéɱ áĝáíñ.`,
    crossing: (where: string, across: string, along: string, n: number): string =>
      `${where === '' ? '' : `${where}: `}${across === along ? across : `${across}, ${along}`}${n > 1 ? ` ${n}` : ''}`,
    ends: { near: 'ñéáŕ', far: 'ƒáŕ', left: 'ļéƒţ', right: 'ŕíĝĥţ' },
    lines: {
      'end line': 'éñđ ļíñé',
      'side line': 'šíđé ļíñé',
      edge: 'çóŕñéŕ',
      'singles side line': 'šíñĝļéš šíđé ļíñé',
      'service line': 'šéŕṽíçé ļíñé',
      'centre service line': 'çéñţŕé šéŕṽíçé ļíñé',
      'short service line': 'šĥóŕţ šéŕṽíçé ļíñé',
      'doubles long service line': 'đóúƀļéš ļóñĝ šéŕṽíçé ļíñé',
      'centre line': 'çéñţŕé ļíñé',
      'short line': 'šĥóŕţ ļíñé',
      'half-court line': 'ĥáļƒ-çóúŕţ ļíñé',
      'service box': 'šéŕṽíçé ƀóẋ',
      'front wall': 'ƒŕóñţ ŵáļļ',
      'non-volley line': 'ñóñ-ṽóļļéý ļíñé',
      'on-guard line': 'óñ-ĝúáŕđ ļíñé',
      'last two metres': 'ļášţ ţŵó ɱéţŕéš',
      'table side': 'ţáƀļé šíđé',
      'table end': 'ţáƀļé éñđ',
      net: 'ñéţ',
    } as Readonly<Record<string, string>>,
    aimByKeys: 'Þíçţúŕé ţó ţáþ: áŕŕóŵš ɱóṽé ţĥé çŕóšš ƀý á þíẋéļ, ŵíţĥ šĥíƒţ ƀý ţéñ; Éñţéŕ ţáþš ţĥéŕé.',
    feetTitle: 'Ƒééţ óñ ţĥé ƒļóóŕ',
    footTapped: 'ƒóóţ ţĥáţ íš ţáþþéđ',
    whichFoot: (side: string): string => `${side} ƒóóţ`,
    heelUp: 'ĥééļ íñ ţĥé áíŕ: ţáþ ţĥé ţíþ óƒ ţĥé ţóé',
    floorFirst: 'Ţĥé ƒļóóŕ íš ñó ŕúļéŕ ýéţ: ţáþ ƒóúŕ óƒ íţš þóíñţš ƒíŕšţ.',
    tapFoot: {
      ball: (side: string): string => `Ţáþ ţĥé ƀáļļ óƒ ţĥé ${side} ƒóóţ ŵĥéŕé íţ ţóúçĥéš ţĥé ƒļóóŕ.`,
      heel: (side: string): string => `Ñóŵ ţĥé ĥééļ óƒ ţĥé ${side} ƒóóţ.`,
      tip: (side: string): string => `Ñóŵ ţĥé ţíþ óƒ ţĥé ${side} ţóé.`,
    },
    leaveToe: 'ļéáṽé ţĥé ţóé óþéñ',
    measuredFloor: 'ƒééţ ţĥáţ ŵéŕé ɱéášúŕéđ, ƒŕóɱ áƀóṽé',
    distanceTo: 'đíšţáñçé ţó',
    noLine: 'ñó ļíñé',
    fromLine: (cm: number, within: number): string => `${Math.abs(cm)} çɱ ƒŕóɱ íţ ± ${within}`,
    measuresTitle: 'Šţéþš áñđ šţáñçéš',
    stepFrom: (from: number, to: number): string => `šţéþ ${from} → ${to}`,
    stanceAt: (frame: number): string => `ƀóţĥ ƒééţ, ƒŕáɱé ${frame}`,
    stance: (wide: number, within: number, long: number, around: number): string =>
      `${wide} çɱ ± ${within} áçŕóšš, ${long} çɱ ± ${around} áļóñĝ`,
    planTitle: 'Á þáţţéŕñ ƀéšíđé ţĥé ƒíļɱ',
    whichPattern: 'þáţţéŕñ',
    noPattern: 'çĥóóšé á þáţţéŕñ',
    whoDoes: 'đóñé ƀý',
    nobody: '1.70 ɱ',
    feetFirst: 'Ţŵó ƒééţ óŕ ɱóŕé áŕé ļáíđ óṽéŕ á þáţţéŕñ: ţáþ ţĥéɱ ŵĥéŕé ţĥéý çóɱé đóŵñ, éáçĥ óñçé.',
    noFit: 'Ţĥéšé ƒééţ đó ñóţ ĝó ŵíţĥ ţĥáţ þáţţéŕñ: íţ ĥáš ƒéŵéŕ çóñţáçţš óƒ óñé ƒóóţ ţĥáñ ŵéŕé ţáþþéđ.',
    planStopped: 'Ţĥé šíɱúļáţíóñ šţóþþéđ: çĥóóšé ţĥé þáţţéŕñ óñçé ɱóŕé.',
    planSays: (cm: number): string =>
      `Ļáíđ ŵĥéŕé íţ ƒíţš ƀéšţ: ŵĥáţ íš óƒƒ íš ${cm} çɱ íñ ţĥé ɱéáñ. Ŵĥéŕé áñđ ŵĥíçĥ ŵáý ţĥé áţĥļéţé ƀéĝáñ šáýš ñóţĥíñĝ ĥéŕé.`,
    farOff: 'Ţĥáţ íš ɱúçĥ: íš íţ ţĥíš þáţţéŕñ, áñđ ŵáš éáçĥ ļáñđíñĝ ţáþþéđ?',
    planDrawing: 'þļáññéđ ƒééţ óúţļíñéđ, ɱéášúŕéđ óñéš ƒíļļéđ, ƒŕóɱ áƀóṽé',
    besideHeads: ['ƒóóţ', 'þļáçé', 'ţóé'],
    asPlanned: (within: number): string => `áš þļáññéđ, ± ${within} çɱ`,
    offBy: (right: number, ahead: number, within: number): string => {
      const way = (cm: number, less: string, more: string): string => (cm === 0 ? '' : `${Math.abs(cm)} çɱ ${cm < 0 ? less : more}`);
      return `${[way(ahead, 'šĥóŕţ', 'ƀéýóñđ'), way(right, 'ļéƒţ', 'ŕíĝĥţ')].filter((part) => part !== '').join(', ')}, ± ${within} çɱ`;
    },
    toeOff: (degrees: number): string => (degrees === 0 ? 'áš þļáññéđ' : `${Math.abs(degrees)}° ${degrees < 0 ? 'ļéƒţ' : 'ŕíĝĥţ'}`),
    asDone: 'Áš íţ ŵáš đóñé',
    leftAsPlanned: (n: number): string =>
      n === 1
        ? 'Óñé ƒóóţ ŵáš óƒƒ íñ á ɱóṽé ţĥáţ ţáķéš ñó šížé óŕ đíŕéçţíóñ: ţĥéŕé íţ íš ŵŕíţţéñ áš þļáññéđ.'
        : `${n} ƒééţ ŵéŕé óƒƒ íñ ɱóṽéš ţĥáţ ţáķé ñó šížé óŕ đíŕéçţíóñ: ţĥéŕé íţ íš ŵŕíţţéñ áš þļáññéđ.`,
    foundNothing: 'Ñóţĥíñĝ íš ƒóúñđ íñ íţ ţĥáţ ţĥé þáţţéŕñ đóéš ñóţ ɱéáñ.',
    takeAsPattern: 'ţáķé áš á þáţţéŕñ',
    filmedName: (name: string): string => `${name}, áš ƒíļɱéđ`,
    tookAs: (name: string): string => `Ţĥéŕé íš á þáţţéŕñ ‘${name}’ ñóŵ.`,
    athleteTitle: 'Ŵĥóɱ íţ šĥóŵš',
    athlete: 'áţĥļéţé',
    noAthlete: 'ñóƀóđý ýéţ',
    filmedOn: 'ƒíļɱéđ óñ',
    filmedFrom: 'ƒíļɱéđ ƒŕóɱ',
    views: { front: 'ţĥé ƒŕóñţ', side: 'ţĥé šíđé' },
    faultsTitle: 'Ƒáúļţš, áţţéɱþţ ƀý áţţéɱþţ',
    attemptsFirst: 'Ḿáŕķš ɱáķé áţţéɱþţš: ɱáŕķ ţĥé ƀáļļ, ţĥé šþļíţ, ţĥé ļáñđíñĝ óƒ éáçĥ ƒíŕšţ.',
    addFault: 'áđđ á ƒáúļţ ţĥáţ šĥóŵš ƒŕóɱ ţĥéŕé',
    chooseFault: 'çĥóóšé á ƒáúļţ',
    seenIn: (n: number, of: number): string => (of === 0 ? 'ñó áţţéɱþţ šĥóŵš íţ' : `${n} óƒ ${of}`),
    attemptShows: (n: number, fault: string): string => `áţţéɱþţ ${n} šĥóŵš ‘${fault}’`,
    byTimes: (attempts: string): string => `ƀý íţš ţíɱéš íñ ${attempts}`,
    takeByTimes: 'ţáķé ŵĥáţ ţĥé ţíɱéš šáý',
    book: 'ŵŕíţé íñţó ţĥé ƒáúļţ ƀóóķ',
    booked: (day: string): string => `Ŵŕíţţéñ íñţó ţĥé ƒáúļţ ƀóóķ ƒóŕ ${day}: ŵĥáţ íš ţíçķéđ šţáýš áš íţ íš.`,
    bookSays: 'Ƒíļɱ íš á šóúŕçé óƒ íţš óŵñ ţĥéŕé: íţš ŕáţéš áŕé ñóţ ɱíẋéđ ŵíţĥ ţĥóšé óƒ ţĥé ƒļóóŕ úñļéšš ýóú ášķ.',
    unagreed: 'Á ĝúáŕđíáñ ĥáš ţó áĝŕéé ƀéƒóŕé ƒíļɱ óƒ šóɱéƀóđý úñđéŕ 16 íš ɱéášúŕéđ ƒóŕ ţĥéíŕ ƀóóķ: ñóţé ţĥé đáý ŵíţĥ ţĥé áţĥļéţé.',
    bookRows: (clip: string): string => `Ƒíļɱ: ${clip}`,
    tempoTitle: 'Íñţó ţĥé ţéɱþó',
    tempoSays: 'Á ɱéášúŕéđ ţíɱé ƀéçóɱéš ţĥé áţĥļéţé’š óŵñ ƒóŕ ɱóṽéš óƒ á ķíñđ; þáţţéŕñš, đóšéš áñđ çáļļš úšé íţ.',
    whichTime: 'ţíɱé',
    chooseTime: 'çĥóóšé á ţíɱé',
    timeOf: (time: string, ms: number, n: number): string => `${time}: ${ms} ɱš, óƒ ${n}`,
    kindOfMove: 'ƒóŕ',
    chooseKind: 'çĥóóšé á ķíñđ óƒ ɱóṽé',
    takeTempo: 'ţáķé íñţó ţĥé ţéɱþó',
    tookTempo: (kind: string, seconds: string, who: string): string => `${kind} ţáķéš ${who} ${seconds} š ñóŵ.`,
    noTempo: (low: string, high: string): string => `Ñóƀóđý ţáķéš ļéšš ţĥáñ ${low} š óŕ ɱóŕé ţĥáñ ${high} š ƒóŕ ţĥáţ.`,
    repeats: 'ɱáŕķéđ áĝáíñ',
    repeatsTo: (ms: number | null): string => (ms === null ? 'ñóţ ɱéášúŕéđ: á ƒŕáɱé íš ţáķéñ ƒóŕ íţ' : `ţó ± ${ms} ɱš`),
    outOfOrder: (attempt: number, first: string, then: string): string =>
      `Íñ áţţéɱþţ ${attempt} ‘${then}’ íš ɱáŕķéđ ƀéƒóŕé ‘${first}’: ļóóķ áţ ƀóţĥ áĝáíñ.`,
    foot: (side: string, frame: number): string => `${side} ƒóóţ, ƒŕáɱé ${frame}`,
    place: (right: string, ahead: string, within: number): string => {
      const way = (metres: string, less: string, more: string): string =>
        metres.startsWith('-') ? `${metres.slice(1)} ɱ ${less}` : `${metres} ɱ ${more}`;
      return `${way(right, 'ļéƒţ', 'ŕíĝĥţ')}, ${way(ahead, 'ƀéĥíñđ', 'áĥéáđ')} óƒ ţĥé ɱíđđļé, ± ${within} çɱ`;
    },
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
