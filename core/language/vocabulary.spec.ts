import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import type { Item, Parsed } from './ast.js';
import { ENGLISH } from './english.js';
import { mirrorText } from './mirror.js';
import { operate } from './operations.js';
import { parse } from './parse.js';
import { print, printPattern } from './print.js';
import type { Vocabulary } from './vocabulary.js';

/** English with two letters before each word: words that nobody could have written into the reader. */
const strange = (phrase: string): string =>
  phrase
    .split(' ')
    .map((word) => `qu${word}`)
    .join(' ');

const translated = <Sayings extends Readonly<Record<string, readonly string[]>>>(sayings: Sayings): Sayings =>
  Object.fromEntries(Object.entries(sayings).map(([meaning, words]) => [meaning, words.map(strange)])) as unknown as Sayings;

const renamed = <Meaning>(phrases: Readonly<Record<string, Meaning>>): Record<string, Meaning> =>
  Object.fromEntries(Object.entries(phrases).map(([phrase, meaning]) => [strange(phrase), meaning]));

const MADE_UP: Vocabulary = {
  moves: translated(ENGLISH.moves),
  events: translated(ENGLISH.events),
  things: translated(ENGLISH.things),
  spots: translated(ENGLISH.spots),
  feet: translated(ENGLISH.feet),
  directions: translated(ENGLISH.directions),
  sizes: translated(ENGLISH.sizes),
  tempos: translated(ENGLISH.tempos),
  styles: translated(ENGLISH.styles),
  units: translated(ENGLISH.units),
  keys: translated(ENGLISH.keys),
  feetAlone: translated(ENGLISH.feetAlone),
  strikes: ENGLISH.strikes.map(strange),
  feints: ENGLISH.feints.map(strange),
  evasions: ENGLISH.evasions.map(strange),
  eithers: renamed(ENGLISH.eithers),
  composed: renamed(ENGLISH.composed),
  asked: Object.fromEntries(
    Object.entries(ENGLISH.asked).map(([phrase, readings]) => [strange(phrase), readings.map((one) => strange(one).replace(',', ''))]),
  ),
  numbers: ENGLISH.numbers.map(strange),
  multiples: renamed(ENGLISH.multiples),
  and: ENGLISH.and.map(strange),
  fillers: ENGLISH.fillers.map(strange),
  inPlace: ENGLISH.inPlace.map(strange),
  articles: ENGLISH.articles.map(strange),
  measured: ENGLISH.measured.map(strange),
  byFoot: renamed(ENGLISH.byFoot),
  toes: translated(ENGLISH.toes),
  loosely: renamed(ENGLISH.loosely),
  beatOf: strange(ENGLISH.beatOf),
  flatTempo: strange(ENGLISH.flatTempo),
  engine: strange(ENGLISH.engine),
};

/** What was read, without the places. */
const meaning = (read: unknown): unknown =>
  JSON.parse(JSON.stringify(read, (key, value: unknown) => (['span', 'from', 'to', 'column'].includes(key) ? undefined : value)));

const inBoth = (items: readonly Item[]): [Parsed, Parsed] => [parse(print(items)), parse(print(items, MADE_UP), [], MADE_UP)];

/** A line for each part of the grammar, in English and as `strange` has it. */
const LINES: readonly (readonly [string, string])[] = [
  ['split low hop, lunge ahead right 90 cm lead foot first', 'qusplit qulow quhop, qulunge quahead quright 90 qucm qulead qufoot qufirst'],
  ['beat of 0.4 s, advance then 20 cm 2 beats', 'qubeat quof 0.4 qus, quadvance quthen 20 qucm 2 qubeats'],
  ['shuffle right 2 ft 3 inches slow then quick', 'qushuffle quright 2 quft 3 quinches quslow quthen ququick'],
  ['hold 1 s, bounce twice, 3 x bounce, pivot right 90 deg', 'quhold 1 qus, qubounce qutwice, 3 qux qubounce, qupivot quright 90 qudeg'],
  [
    'chasse left small each side, pass big step each lead mirrored',
    'quchasse quleft qusmall queach quside, qupass qubig qustep queach qulead qumirrored',
  ],
  [
    'cone "A" at 1 m right 2 m ahead, run to cone "A" short 30 cm, run home',
    'qucone "A" quat 1 qum quright 2 qum quahead, qurun quto qucone "A" qushort 30 qucm, qurun quhome',
  ],
  [
    'opponent doing (advance, retreat), ball hit at 2 s every 3 s',
    'quopponent qudoing (quadvance, quretreat), quball quhit quat 2 qus quevery 3 qus',
  ],
  [
    'lunge + hit 80 ms before landing + guard check on start + "jab"',
    'qulunge + quhit 80 qums qubefore qulanding + quguard qucheck quon qustart + "jab"',
  ],
  [
    'intended no-split, corner = (run left in 1 s | run right), corner 3 times',
    'quintended no-split, corner = (qurun quleft quin 1 qus | qurun quright), corner 3 qutimes',
  ],
];

describe('the words of a line are an argument', () => {
  it('each part of the grammar is read alike in either words, to the last error', () => {
    for (const [english, strangely] of LINES) {
      const read = parse(english);
      expect(read.errors).withContext(english).toEqual([]);
      expect(meaning(parse(strangely, [], MADE_UP)))
        .withContext(english)
        .toEqual(meaning(read));
      expect(meaning(parse(printPattern(read, MADE_UP), [], MADE_UP)))
        .withContext(english)
        .toEqual(meaning(read));
    }
  });

  it('any items print in other words, and are read again as what they were', () => {
    holds(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 4 }), (items) => {
        const [english, strangely] = inBoth(items);
        expect(strangely.errors).toEqual([]);
        expect(meaning(strangely)).toEqual(meaning(english));
      }),
    );
  });

  it('any items have their other side in other words too', () => {
    holds(
      fc.property(anyItem, fc.constantFrom('all' as const, 'directions' as const), (item, what) => {
        const [english, strangely] = [print([item]), print([item], MADE_UP)];
        const mirrored = mirrorText(strangely, what, MADE_UP);
        expect(meaning(parse(mirrored, [], MADE_UP))).toEqual(meaning(parse(mirrorText(english, what))));
        expect(mirrorText(mirrored, what, MADE_UP)).toBe(strangely);
      }),
    );
    const written = { text: 'qulunge quleft qufoot', hand: 'right', lead: null, area: '' } as const;
    expect(operate('other hand', written, MADE_UP).text).toBe('qulunge quright qufoot');
  });

  it('words of another vocabulary are no words, and what is expected is said in its own', () => {
    const read = parse('shuffle qulef', [], MADE_UP);
    expect(read.items).toEqual([]);
    expect(read.errors[0]).toEqual(jasmine.objectContaining({ code: 'no-beginning', nearest: 'qushuffle' }));
    const wrong = parse('qushuffle qulef', [], MADE_UP).errors.find(({ code }) => code === 'not-understood-in');
    expect(wrong).toEqual(
      jasmine.objectContaining({ code: 'not-understood-in', nearest: 'quleft', values: { word: 'qulef', head: 'qushuffle' } }),
    );
    for (const { expected } of parse('qupivot, qulunge quahead quback, + , qurecover quleft, qushuffle', [], MADE_UP).errors)
      for (const word of expected)
        expect(word.replace(/[\d°]+|qu[\p{L}-]+|"jab"|[ +]/gu, ''))
          .withContext(word)
          .toBe('');
  });

  it('several words of one side have several words of the other', () => {
    const twofold: Vocabulary = {
      ...ENGLISH,
      directions: { ...ENGLISH.directions, left: ['left', 'port'], right: ['right', 'starboard'] },
    };
    expect(mirrorText('shuffle port, run right', 'all', twofold)).toBe('shuffle starboard, run left');
  });
});
