import { fetchWords, languageOf, type Room } from '@hopsk/words/languages';

/** The language of this browser, as far as it is spoken here. */
export const language = languageOf(navigator.languages);

/** Fetches what a screen says. */
export const spoken = (rooms: readonly Room[]): Promise<void> => fetchWords(language, rooms);
