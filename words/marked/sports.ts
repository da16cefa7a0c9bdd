// Made from ../en/sports.ts by npm run marked.
import type { Sport } from '@hopsk/core/language/sport-words';

/** Sports as the catalogue and the starters name them; one that people typed is theirs. */
export const sports = {
  sports: {
    'any racket sport': 'áñý ŕáçķéţ šþóŕţ',
    badminton: 'ƀáđɱíñţóñ',
    boxing: 'ƀóẋíñĝ',
    fencing: 'ƒéñçíñĝ',
    karate: 'ķáŕáţé',
    kickboxing: 'ķíçķƀóẋíñĝ',
    'mixed rules': 'ɱíẋéđ ŕúļéš',
    padel: 'þáđéļ',
    pickleball: 'þíçķļéƀáļļ',
    savate: 'šáṽáţé',
    squash: 'šɋúášĥ',
    'table tennis': 'ţáƀļé ţéññíš',
    taekwondo: 'ţáéķŵóñđó',
    tennis: 'ţéññíš',
    'two-handed blade': 'ţŵó-ĥáñđéđ ƀļáđé',
  } satisfies Readonly<Record<Sport, string>> as Readonly<Record<string, string>>,
};
