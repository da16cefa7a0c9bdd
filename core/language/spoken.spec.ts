import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { ENGLISH } from './english.js';
import { lexiconOf } from './lexicon.js';
import { mirrorText } from './mirror.js';
import { keepsNamedFoot } from './operations.js';
import { parse } from './parse.js';
import { understand } from './plain.js';
import { printPattern } from './print.js';

/** The plain form of a line, and what is marked or asked in it. */
const plain = (line: string): string => printPattern(parse(line)).replaceAll('\n', ', ');
const marked = (line: string): string[] =>
  parse(line).errors.map(
    ({ from, to, code, readings }) => `${code} ‘${line.slice(from, to)}’${readings.map((one) => ` ${one};`).join('')}`,
  );

/** What coaches say, and the plain form of it: read without a question. */
const READ: Readonly<Record<string, string>> = {
  // Directions, before the move and behind it.
  'shuffle forward 30 cm': 'shuffle ahead 30 cm',
  'lunge forwards': 'lunge ahead',
  'half step fwd': 'half step ahead',
  'shuffle in front 40 cm': 'shuffle ahead 40 cm',
  'shuffle backwards small': 'shuffle back small',
  'jump behind 20 centimetres': 'jump back 20 cm',
  'crossover to the left': 'crossover left',
  'lunge ahead and left 60 cm': 'lunge ahead left 60 cm',
  'half step in': 'half step ahead',
  'shuffle out': 'shuffle back',
  'right crossover 60 cm': 'crossover right 60 cm',
  'forward lunge': 'lunge ahead',
  'lunge forward-left 70cm': 'lunge ahead left 70 cm',
  '-30° shuffle': 'shuffle 30° left',
  // Feet.
  'lunge R foot': 'lunge right foot',
  'lunge RF ahead': 'lunge ahead right foot',
  'lunge with the left leg': 'lunge left foot',
  'left foot lunge': 'lunge left foot',
  'lunge front foot': 'lunge lead foot',
  'pivot on the back foot left 45°': 'pivot left 45° rear foot',
  'lunge racket foot ahead 80 cm': 'lunge ahead 80 cm playing foot',
  'retreat rear foot 2 in then lead foot 4 in': 'retreat 2 in then 4 in rear foot',
  // Sizes, degrees, counts, times.
  'advance 6"': 'advance 6 in',
  'advance 1\'2"': 'advance 14 in',
  'advance 1,5 m': 'advance 1.5 m',
  'retreat 2 in 4 in': 'retreat 2 in then 4 in',
  '40 cm lunge ahead': 'lunge ahead 40 cm',
  'big lunge': 'lunge big',
  'advance 1.5x': 'advance 1.5×',
  'pivot left 90': 'pivot left 90°',
  'hold 250 ms, pause 1500 ms': 'hold 0.25 s, hold 1.5 s',
  'turn 180, turn around, backpedal 3 m, sprint 3 m': 'face right 180°, face right 180°, run back 3 m, run 3 m',
  'hold for 2 seconds, advance by 10 cm': 'hold 2 s, advance 10 cm',
  'long lunge, tiny step left, ready position': 'lunge big, shuffle left small, square up',
  'pivot left 3': 'pivot left 90° 3 times',
  'turn left 45 degrees': 'face left 45°',
  'advance x3': 'advance 3 times',
  '3x advance': 'advance 3 times',
  'advance 3x': 'advance 3 times',
  'x3 (split, advance)': '(split, advance) 3 times',
  'three times (split, advance)': '(split, advance) 3 times',
  '(split, advance) 3x': '(split, advance) 3 times',
  'two steps forward': 'shuffle ahead 2 times',
  'advance a couple': 'advance 2 times',
  'advance once': 'advance',
  'lunge in one second': 'lunge in 1 s',
  'fast lunge ahead': 'lunge ahead quick',
  'slowly shuffle left': 'shuffle left slow',
  // Moves.
  'split-step, small splits, big split': 'split, split several, split high hop',
  'step left, side step right, slide back, box step ahead': 'shuffle left, shuffle right, shuffle back, shuffle ahead',
  'skip left 50 cm, hop': 'gallop left 50 cm, jump',
  'cross-over right, cross step left, cross over right': 'crossover right, crossover left, crossover right',
  'quarter turn left, half turn right, about turn': 'quarter left 90°, face right 180°, face right 180°',
  'circle left 30°': 'orbit left 30°',
  'load right foot, weight on left foot': 'weight shift right foot, weight shift left foot',
  'switch stance, switch feet': 'switch, switch',
  'balestra, flèche, en garde': 'jump ahead, running attack, square up',
  'pause 2 seconds, hold two sec, wait 1 s': 'hold 2 s, hold 2 s, hold 1 s',
  'lunges right 2': 'lunge right 2 times',
  'SPLIT Step': 'split',
  // Hands.
  'jab-cross, hook': '"jab", "cross", "hook"',
  'jab-cross 3x': '("jab", "cross") 3 times',
  'lunge + cut': 'lunge + "cut" on landing',
  'shuffle right + one-two': 'shuffle right + "one-two" on landing',
  'cross right, cut right, drop left': 'crossover right, cut right, drop step left 45°',
  // One foot, both together, and how it is landed.
  'step left foot ahead 30 cm': 'single step ahead 30 cm left foot',
  'step back with the rear foot': 'single step back rear foot',
  'step right left foot first': 'shuffle right left foot',
  'hop on the right foot x3': 'one-foot hop right foot 3 times',
  'right foot hop': 'one-foot hop right foot',
  // Corners and strokes with their side, steps that are counted, another step behind ‘then’.
  'run to the rear forehand corner, chassé front right corner': 'run to rear corner playing side, chassé to front corner right',
  'lunge to backhand side net corner, run back left corner': 'lunge to front corner other side, run to rear corner left',
  'run 3 steps left, two steps forward, shuffle five steps back': 'run left 3 times, shuffle ahead 2 times, shuffle back 5 times',
  'forehand drive, lunge + backhand volley, loop': '"forehand drive", lunge + "backhand volley" on landing, "loop"',
  'small split then big split, advance then quick lunge': 'split several, split high hop, advance, lunge quick',
  'advance slow then quick, advance 20 cm then 10 cm': 'advance slow then quick, advance 20 cm then 10 cm',
  'hop, hops': 'jump, jump',
  'appel, stamp with the right foot': 'stamp, stamp right foot',
  'feet together, open up': 'feet together, feet apart',
  'chassé right 60 cm turning left 45': 'chassé right 60 cm turning left 45°',
  'shuffle left turning right 45° 10°': 'shuffle 10° left turning right 45°',
  'run back 3 m turning left': 'run back 3 m turning left 45°',
  'turning left 90': 'face left 90°',
  'lunge ahead toe out': 'lunge ahead toe 20° out',
  'lunge ahead toes inward 10°, lunge toe 10° in': 'lunge ahead toe 10° inward, lunge toe 10° inward',
  'net at 2 m, lunge right toe to the net': 'net at 2 m ahead, lunge right toe to net',
  'lunge ahead weight on the back foot': 'lunge ahead loading rear foot',
  'lunge ahead, weight on the back foot': 'lunge ahead, weight shift rear foot',
  'shuffle left + hit on first landing': 'shuffle left + hit on first landing',
  // Sides by stroke and by lead, strikes with a side, feints that go somewhere, what happens behind a step.
  'chassé to the forehand side 60 cm': 'chassé playing side 60 cm',
  'backhand side lunge, crossover to the backhand': 'lunge other side, crossover other side',
  'pivot to the rear side 45°, lunge ahead forehand side': 'pivot 45° rear side, lunge ahead playing side',
  'left hook, right cross, kick left, kick right leg': '"left hook", "right cross", "left kick", "right kick"',
  'slip left, lunge + left hook': '"left slip", lunge + "left hook" on landing',
  'double jab, triple hop': '"jab" 2 times, jump 3 times',
  'feint left, feint, jab-cross': 'half step left + "feint" on start, "feint", "jab", "cross"',
  'split when the opponent hits, chassé left': 'ball hit, split, chassé left',
  'wait for call, split on the hit': 'call, ball hit, split',
  'side shuffle left, push step right, step and drag forward': 'shuffle left, shuffle right, shuffle ahead',
  'lateral lunge right, reverse lunge, step through': 'lunge right, lunge back, pass',
  // Places that floors have by themselves.
  'chassé to the rear corner, playing side': 'chassé to rear corner playing side',
  'run to the front corner backhand side, run to the back corner left': 'run to front corner other side, run to rear corner left',
  "run to own side's middle, run to the service line": 'run to own middle, run to service line',
  'shuffle to the fence, run to the centre of the ring': 'shuffle to fence, run to ring centre',
  // Directions of the hall.
  'face right, shuffle right 40 cm on the floor': 'face right 90°, shuffle right 40 cm on the floor',
  'on the floor, shuffle right, run back 2 m': 'shuffle right on the floor, run back 2 m on the floor',
  // Alternatives with names.
  '(right: shuffle right, lunge | left: shuffle left) 4': '(right: shuffle right, lunge | left: shuffle left) 4 times',
  'split, (short ball: lunge ahead | B2 : run back 2 m)': 'split, (short ball: lunge ahead | B2: run back 2 m)',
  // What happens, and where to.
  'when ball hit, split': 'ball hit, split',
  'split, on the hit, opponent hits, at contact': 'split, ball hit, ball hit, ball hit',
  'ball thrown, on the release': 'ball released, ball released',
  'run back to the middle, run to base': 'run to home, run to home',
  'cone A at 1 m right 2 m ahead, lunge to cone A': 'cone "A" at 1 m right 2 m ahead, lunge to cone "A"',
  'partner at 1.2 m': 'partner at 1.2 m ahead',
  // Where it stays, how fast, which foot is freed, which way a toe points.
  'hop in place 5': 'jump 5 times',
  'split on the spot': 'split',
  'shuffle right double time': 'shuffle right quick',
  'double-time retreat': 'retreat quick',
  'unweight the lead foot': 'weight shift rear foot',
  'unweight right foot': 'weight shift left foot',
  'lunge ahead toes in 10°': 'lunge ahead toe 10° inward',
  'sidestep left': 'shuffle left',
  'with the right foot lunge ahead': 'lunge ahead right foot',
  'on the left foot pivot right 45°': 'pivot right 45° left foot',
  // What a hand does in a step.
  'advance with a jab': 'advance + "jab" on landing',
  'retreat with a left hook 40 ms after landing': 'retreat + "left hook" 40 ms after landing',
  'lunge with the left foot with a hit': 'lunge left foot + hit on landing',
  // What happens, and what is done then.
  'on the hit split, shuffle left': 'ball hit, split, shuffle left',
  'at contact step left': 'ball hit, shuffle left',
  'hit, then split, then run left': 'hit, split, run left',
  // From step to step.
  'advance and retreat': 'advance, retreat',
  'split, then shuffle right and lunge ahead': 'split, shuffle right, lunge ahead',
  'advance -> retreat / split → lunge': 'advance, retreat, split, lunge',
  'Split. Shuffle left. Lunge ahead.': 'split, shuffle left, lunge ahead',
  'advance 20 cm slow then quick, advance then 20 cm': 'advance 20 cm slow then quick, advance then 20 cm',
  'side step and turn left': 'side step and turn left',
};

/** What is asked or marked, with what may be meant; what could be read is kept. */
const ASKED: readonly (readonly [line: string, kept: string, marks: readonly string[]])[] = [
  ['pivot left 12', 'pivot left 90°', ['bare-number ‘12’ 12°; 12 times;']],
  ['shuffle right 40', 'shuffle right', ['bare-number ‘40’ 40 cm; 40 times;']],
  ['hold 2', 'hold', ['bare-number ‘2’ 2 s; 2 times;']],
  ['(split, advance) 3x10', '(split, advance) 3 times', ['two-counts ‘3x10’ 30 times;']],
  ['advance 3x10', 'advance 3 times', ['two-counts ‘3x10’ 30 times;']],
  ['3 advance 2', 'advance 3 times', ['two-counts ‘3 advance 2’ advance 6 times;']],
  ['3 (split, advance) 2', '(split, advance) 3 times', ['two-counts ‘3 (split, advance) 2’ (split, advance) 6 times;']],
  // Moves with nothing between them, and a time without a unit.
  ['advance lunge recover', '', ['two-moves ‘advance lunge recover’ advance, lunge, recover;']],
  ['advance quick lunge, split', 'split', ['two-moves ‘advance quick lunge’ advance quick, lunge; advance, quick lunge;']],
  ['(balestra lunge) 3', '', ['two-moves ‘balestra lunge’ balestra, lunge;']],
  ['lunge hit', '', ['two-moves ‘lunge hit’ lunge + hit; lunge, hit;']],
  ['split, lunge in one', 'split, lunge', ['bare-number ‘in one’ in 1 s; in 1 beat;']],
  ['advance in 2, split', 'advance, split', ['bare-number ‘in 2’ in 2 s; in 2 beats;']],
  ['cone "A" at 1 m right, run to cone "A" on the floor', 'cone "A" at 1 m right, run to cone "A"', ['takes-no-more ‘run’']],
  ['lunge toe 10 in, split', 'lunge 10 in, split', ['not-understood-in ‘toe’']],
  ['grapevine right', '', ['asked ‘grapevine right’ crossover right, cross behind right; cross behind right; crossover right;']],
  [
    'grapevine right 5',
    '',
    // Each of them a step: five take turns.
    ['asked ‘grapevine right 5’ (crossover right, cross behind right) 2, crossover right; cross behind right 5; crossover right 5;'],
  ],
  ['lunge ahead 40 cm 80 cm', 'lunge ahead 40 cm', ['two-sizes ‘lunge’']],
  ['lunge left foot right foot', 'lunge left foot', ['two-feet ‘lunge’']],
  ['advance slow quick', 'advance slow', ['said-twice ‘quick’']],
  ['southpaw, split', 'split', ['asked ‘southpaw’ other lead; switch;']],
  ['go home', '', ['asked ‘go home’ run home; shuffle home; recover back;']],
  ['shuffle left turning 45', 'shuffle left', ['turning-side ‘shuffle’']],
  ['pivot left turning right 10°', 'pivot left 90°', ['takes-no-more ‘pivot’']],
  ['(a: split | A: lunge)', '(a: split | A: lunge)', ['name-taken ‘A:’']],
  ['partner doing (x: advance)', 'partner doing (advance)', ['takes-no-name ‘x:’']],
  ['lunge ahead toe', 'lunge ahead', ['not-understood-in ‘toe’']],
  ['drop', '"drop"', ['strike ‘drop’ "drop"; drop step left; drop step right;']],
  ['slip ahead', '"slip"', ['takes-no-way ‘slip’']],
  [
    'run to the rear corner',
    'run to rear corner',
    ['corner-side ‘run to the rear corner’ run to the rear corner playing side; run to the rear corner other side;'],
  ],
  ["home to own side's middle", '', ["asked ‘home to own side's middle’ run to own side's middle; shuffle to own side's middle;"]],
  ['pivot left on the floor', 'pivot left 90°', ['takes-no-more ‘pivot’']],
  ['lunge toe 20° 30° out', 'lunge toe 20° out', ['said-twice ‘30°’']],
  ['lunge toe out inward', 'lunge toe 20° out', ['said-twice ‘inward’']],
  ['"jab" left', '"jab"', ['takes-no-way ‘"jab"’']],
  ['left foot forward', '', ['asked ‘left foot forward’ single step left foot forward; lunge left foot forward;']],
  ['back to centre', '', ['asked ‘back to centre’ run home; shuffle home; recover back;']],
  ['advance playing side', 'advance', ['takes-no-way ‘advance’']],
  ['shuffle backhand side left', 'shuffle other side', ['takes-no-way ‘shuffle’']],
  ['pivot ahead left', 'pivot left 90°', ['takes-side ‘pivot’']],
  ['shuffle', '', ['needs-way ‘shuffle’']],
  ['pivot 90', '', ['needs-turn ‘pivot 90’']],
  ['go left 40 cm', '', ['asked ‘go left 40 cm’ shuffle left 40 cm; run left 40 cm;']],
  ['shuffle left 2 m and right 2 m', 'shuffle left 2 m', ['asked ‘right 2 m’ shuffle right 2 m; run right 2 m;']],
  ['forward two, split', 'split', ['asked ‘forward two’ shuffle forward two; run forward two;']],
  ['unweight, split', 'split', ['asked ‘unweight’ preload hop; split;']],
  ['run in place', 'run', ['not-understood-in ‘in place’']],
  ['jump ahead in place', 'jump ahead', ['not-understood-in ‘in place’']],
  ['left left right', '', ['no-beginning ‘left left right’']],
  ['step out right', 'shuffle right', ['asked ‘out right’ right; back right;']],
  ['run to cone A then cone B', 'run to cone "A"', ['asked ‘cone B’ shuffle to cone B; run to cone B;']],
  ['chassé back to the rear wall', 'chassé back to wall', ['not-understood-in ‘to the rear’']],
  // Nothing goes to the right because nobody understood where to.
  ['shuffle rihgt 40 cm', '', ['needs-way ‘shuffle rihgt 40 cm’', 'not-understood-in ‘rihgt’']],
  ['advance banana', 'advance', ['not-understood-in ‘banana’']],
  ['lunge "deep"', 'lunge', ['takes-no-name ‘lunge’']],
  ['advance then', 'advance', []],
  ['lunge short', 'lunge', ['not-understood-in ‘short’']],
];

describe('a line as coaches say it', () => {
  for (const [said, form] of Object.entries(READ))
    it(`‘${said}’ is read`, () => {
      expect([plain(said), marked(said)]).toEqual([form, []]);
    });

  it('the plain form of each is read as itself', () => {
    for (const form of Object.values(READ)) expect([plain(form), marked(form)]).toEqual([form, []]);
  });

  it('turned round it means what its plain form means, turned round', () => {
    // Half a turn without a side is one to the right in either case.
    const sided = (form: string): string => form.replaceAll(/(face) (?:left|right) (180°)/g, '$1 $2');
    for (const said of Object.keys(READ))
      for (const what of ['all', 'lead', 'directions'] as const)
        expect(sided(plain(mirrorText(said, what))))
          .withContext(`${what}: ${said}`)
          .toBe(sided(plain(mirrorText(plain(said), what))));
  });

  for (const [said, kept, marks] of ASKED)
    it(`‘${said}’ is ${marks.length > 0 ? 'asked about' : 'kept'}`, () => {
      expect([plain(said), marked(said)]).toEqual([kept, [...marks]]);
    });

  it('each reading that is offered is read, in its place, without that question', () => {
    for (const [said] of ASKED)
      for (const { from, to, code, readings } of parse(said).errors)
        for (const reading of readings) {
          const now = `${said.slice(0, from)}${reading}${said.slice(to)}`;
          // None takes a step away.
          expect(parse(now).items.length).withContext(now).toBeGreaterThanOrEqual(parse(said).items.length);
          expect(parse(now).errors.map((error) => error.code))
            .withContext(now)
            .not.toContain(code);
        }
  });
});

describe('the plain form beside what was typed', () => {
  it('is the same where only what goes without saying differs, and another where a word was understood', () => {
    const same = [
      'split, shuffle right 40 cm,\nlunge + hit',
      'Recover back, advance 3, (split, run home) 2',
      'cut right, pivot left',
      'pivot left 90°',
    ];
    for (const line of same) expect(understand(line).same).withContext(line).toBeTrue();
    const others = [
      'slide right 40 cm',
      'pivot left 90',
      'advance 1,5 m',
      'two splits',
      'advance 6"',
      'lunge R foot',
      'lunge forward',
      'shuffle',
    ];
    for (const line of others) expect(understand(line).same).withContext(line).toBeFalse();
  });
});

describe('the other side of what is said', () => {
  it('left and right change places however they are spelled, and mean the other side', () => {
    for (const [said, other] of [
      ['lunge forward-left', 'lunge forward-right'],
      ['lunge L foot to the right', 'lunge r foot to the left'],
      ['lunge LF ahead', 'lunge rf ahead'],
      ['pivot left 22,5°', 'pivot right 22,5°'],
    ] as const) {
      expect(mirrorText(said)).toBe(other);
      expect(plain(mirrorText(said))).toBe(mirrorText(plain(said)));
    }
    expect(keepsNamedFoot('lunge RF')).toBeTrue();
  });
});

describe('a name that somebody gave', () => {
  it('keeps its meaning where it is another word for a move or a strike', () => {
    for (const name of ['slide', 'turn', 'load', 'circle', 'jab', 'southpaw', 'a', 'by']) {
      const line = `${name} = (split, advance), ${name} 2, lunge`;
      expect([plain(line), marked(line)]).toEqual([`${name} = (split, advance), ${name} 2 times, lunge`, []]);
      const own = [{ name, items: parse('split').items, span: { from: 0, to: 0 } }];
      const { items, errors } = parse(`${name} 2, lunge`, own);
      expect(items.map(({ kind }) => kind)).toEqual(['call', 'step']);
      expect(errors).toEqual([]);
    }
  });

  it('is told from what says nothing before other words', () => {
    for (const said of ['a twice', 'a slow', 'a 2', 'by twice', '2 a']) expect(marked(`a = (split), by = (split), ${said}`)).toEqual([]);
    expect(plain('a = (split), a 2')).toBe('a = (split), a 2 times');
  });

  it('is none of the words that are printed', () => {
    for (const name of ['split', 'shuffle', 'left', 'front', 'home', 'base', 'slow', 'cm', 'twice', 'one'])
      expect(marked(`${name} = (split), lunge`).length)
        .withContext(name)
        .toBeGreaterThan(0);
  });
});

describe('any words in a row', () => {
  const { moves, directions, feet, sizes, tempos, things, strikes, composed, asked, styles } = lexiconOf(ENGLISH);
  const numbers = ['2', '3 times', '40 cm', '6"', '90°', '1.5×', 'in 0.5 s', 'two', 'x3', '20', '0.4 m'];
  const parts = [
    ...directions.keys(),
    ...[...feet.keys()].map((foot) => `${foot} foot`),
    ...sizes.keys(),
    ...tempos.keys(),
    ...styles.keys(),
    ...numbers,
    ...['home', 'to base', 'rf', 'each side', 'each lead', 'mirrored', 'banana', 'then', 'with', '+ jab', 'short', 'at', 'the', 'out'],
    ...[...things.keys()].map((thing) => `to ${thing}`),
  ];
  const heads = [...moves.keys(), ...strikes.keys(), ...composed.keys(), ...asked.keys()];
  const anySaid = fc
    .tuple(
      fc.array(fc.constantFrom(...parts), { maxLength: 1 }),
      fc.constantFrom(...heads),
      fc.array(fc.constantFrom(...parts), { maxLength: 4 }),
    )
    .map(([before, head, behind]) => [...before, head, ...behind]);

  /** In place of a word that says what is so anyway. */
  const INSTEAD = ['left', 'right', '77°', '33 cm', '7 times', 'slow', 'rear foot'];

  it('each is used or marked: none can be left out, or be another, unnoticed', () => {
    /** Words that say nothing by themselves. */
    const SILENT = new Set([...ENGLISH.fillers, 'with', 'then']);
    holds(
      fc.property(anySaid, fc.nat(), (said, which) => {
        const at = which % said.length;
        const line = said.join(' ');
        const from = said.slice(0, at).join(' ').length + Number(at > 0);
        const to = from + (said[at] ?? '').length;
        const others = [said.filter((_, i) => i !== at), ...INSTEAD.map((word) => said.map((one, i) => (i === at ? word : one)))];
        // What begins no step leaves out all of it.
        const hasMark = parse(line).errors.some((error) => error.code === 'no-beginning' || (error.from < to && error.to > from));
        const read = (of: string): string => `${plain(of)} ${parse(of).errors.length}`;
        const counts = others.some((words) => read(words.join(' ')) !== read(line));
        if (!SILENT.has(said[at] ?? ''))
          expect(hasMark || counts)
            .withContext(`‘${said[at]}’ in ‘${line}’`)
            .toBeTrue();
      }),
    );
  });

  it('the plain form of what was read is read as itself, without a mark', () => {
    holds(
      fc.property(fc.array(anySaid, { minLength: 1, maxLength: 3 }), (lines) => {
        const form = plain(lines.map((said) => said.join(' ')).join(', '));
        expect([plain(form), marked(form)]).toEqual([form, []]);
      }),
    );
  });
});
