import { rooms as en } from './en/rooms.js';
import { rooms as marked } from './marked/rooms.js';
import { speak } from './words.js';

export type Room = keyof typeof en;

/** Languages by their tag. The marked one is for tests: the tag is the one that the Unicode locale data keeps for such. */
const LANGUAGES: Readonly<Record<string, typeof en>> = { en, 'en-XA': marked };

/** The first of these tags that is spoken here, as it is or without its country; else English. */
export function languageOf(asked: readonly string[]): string {
  for (const tag of asked) for (const one of [tag, tag.split('-')[0] ?? tag]) if (one in LANGUAGES) return one;
  return 'en';
}

/** Fetches rooms of a language and speaks them from now on. */
export async function fetchWords(language: string, asked: readonly Room[]): Promise<void> {
  const rooms = LANGUAGES[language] ?? en;
  await Promise.all(asked.map(async (room) => speak(await rooms[room]())));
}
