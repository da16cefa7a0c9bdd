import type { Sport } from '@hopsk/core/language/sport-words';

/** Sports as the catalogue and the starters name them; one that people typed is theirs. */
export const sports = {
  sports: {
    'any racket sport': 'any racket sport',
    badminton: 'badminton',
    boxing: 'boxing',
    fencing: 'fencing',
    karate: 'karate',
    kickboxing: 'kickboxing',
    'mixed rules': 'mixed rules',
    padel: 'padel',
    pickleball: 'pickleball',
    savate: 'savate',
    squash: 'squash',
    'table tennis': 'table tennis',
    taekwondo: 'taekwondo',
    tennis: 'tennis',
    'two-handed blade': 'two-handed blade',
  } satisfies Readonly<Record<Sport, string>> as Readonly<Record<string, string>>,
};
