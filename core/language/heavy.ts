import { NOTATION_LIMITS } from './limits.js';

const many = (n: number, one: (i: number) => string, by = ', '): string => Array.from({ length: n }, (_, i) => one(i)).join(by);
const filled = (one: string): string => one.repeat(Math.ceil(NOTATION_LIMITS.characters / one.length));

/** Lines that are short to type and long to follow, by kind, each as long as is read at most. */
const KINDS: Readonly<Record<string, string>> = {
  'steps too long, again and again': '(shuffle right 10 m 1000) 50',
  'one step of a minute': '(shuffle right 10 m in 60 s 1000) 50',
  'brackets in brackets': '((split 1000) 1000) 1000',
  'brackets with calls': '((call, split | call, hold 1 s | call) 1000) 50',
  'brackets with nothing but calls': '((call, call, call |) 1000) 50',
  'parts of parts': `a = (split), ${many(9, (i) => `${'bcdefghij'[i]} = (${'abcdefghi'[i]} 10)`)}, j`,
  'partners that stand': many(450, () => 'partner at 2 m ahead doing (advance 40 cm)'),
  'partners that go': `${many(200, () => 'partner at 2 m ahead doing (shuffle right 1 cm 1000)')}, (shuffle right 10 cm 1000) 2`,
  'partners in the way': `${many(20, () => 'partner at 30 cm ahead doing (shuffle right 10 cm 1000)')}, (shuffle right 10 cm 1000) 2`,
  'cones and lunges': `${many(300, (i) => `cone at ${i} cm right 60 cm ahead`)}, (lunge ahead 60 cm, recover back) 1000`,
  'cones on one spot': `${many(300, () => 'cone at 60 cm ahead')}, (lunge ahead 60 cm, recover back) 1000`,
  'walls and lunges': `${many(400, (i) => `wall at ${i} cm ahead`)}, (lunge ahead 60 cm, recover back) 1000`,
  hits: many(3000, () => 'hit'),
  'hits on one step': `(split${' + hit'.repeat(3000)}) 1000`,
  'a ball twenty times a second': `${many(800, () => 'ball hit every 0.05 s')}, (hold 60 s, split) 1000`,
  'events in brackets': '(((ball hit) 1000) 1000) 1000',
  'steps to places': 'cone “a” at 10 m ahead, (shuffle to cone “a” 9, shuffle home 9) 1000',
  turns: '(orbit right 60°, pivot left foot right 65°) 1000',
  'different steps': many(1200, (i) => `shuffle right ${i % 90} cm`),
  'words nobody knows': filled('a,'),
  'open brackets': filled('('),
  'deep brackets': `${'('.repeat(5000)}split${')'.repeat(5000)}`,
  branches: filled('|'),
  'meant findings': many(1500, () => '! crossed'),
  definitions: many(1000, (i) => `p${i.toString(26).replace(/\d/g, (d) => 'qrstuvwxyz'[Number(d)] ?? '')} = (split)`),
};

/** The same kinds, none longer than so many characters. */
export const heavyLines = (characters: number = NOTATION_LIMITS.characters): (readonly [string, string])[] =>
  Object.entries(KINDS).map(([kind, line]) => [kind, line.slice(0, characters)]);
