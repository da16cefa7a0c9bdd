import { rooms as en } from './en/rooms.js';
import { speak } from './words.js';

export type Room = keyof typeof en;

/** Languages by their tag, each fetched when it is spoken. The marked one is for tests: the tag is the one that the Unicode locale data keeps for such. */
const LANGUAGES: Readonly<Record<string, () => Promise<typeof en>>> = {
  en: () => Promise.resolve(en),
  'en-XA': () => import('./marked/rooms.js').then(({ rooms }) => rooms),
};

/** The first of these tags that is spoken here, as it is or without its country; else English. */
export function languageOf(asked: readonly string[]): string {
  for (const tag of asked) for (const one of [tag, tag.split('-')[0] ?? tag]) if (one in LANGUAGES) return one;
  return 'en';
}

/** Fetches rooms of a language and speaks them from now on. */
export async function fetchWords(language: string, asked: readonly Room[]): Promise<void> {
  const rooms = (await LANGUAGES[language]?.()) ?? en;
  await Promise.all(asked.map(async (room) => speak(await rooms[room]())));
}
