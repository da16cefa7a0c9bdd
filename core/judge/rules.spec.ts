import { FAULTS } from '../catalogue/faults.js';
import type { Performer } from '../motion/simulation.js';
import { performer } from '../testing/performers.js';
import { FINDINGS, type FindingCode } from './finding.js';
import { heldOn, TOPICS, type SchoolChoices, type TopicName } from './schools.js';
import { study } from './study.js';

const square = performer(1.7);
const guard = performer(1.75, 'mixed-45', 'left');
const codes = (text: string, who: Performer, pattern: SchoolChoices = {}, shouldClose = false): FindingCode[] =>
  study(text, who, shouldClose, { schools: { pattern } }).findings.map((finding) => finding.code);

/** A rule, a text that breaks it and one that keeps it (rules of the trade: common practice, no source). */
const RULES: readonly (readonly [FindingCode, string, string, Performer, SchoolChoices?])[] = [
  ['split-late', 'split + ball hit 60 ms before landing', 'split + ball hit 40 ms before landing', square],
  ['split-early', 'split + ball hit 90 ms after landing', 'split + ball hit 60 ms after landing', square],
  ['split-late', 'split + ball hit 30 ms before landing', 'split + ball hit on landing', square, { 'split-timing': 'before' }],
  [
    'split-early',
    'split + ball released 90 ms after landing',
    'split + ball hit 90 ms after landing',
    square,
    { 'split-timing': 'release' },
  ],
  ['no-split', 'ball hit at 2 s, hold 3 s', 'hold 2 s, split + ball hit on landing', square],
  ['split-waits', 'split, hold 0.3 s, shuffle right 30 cm', 'split, hold 0.15 s, shuffle right 30 cm', square],
  ['strike-late', 'lunge ahead + hit 90 ms after landing', 'lunge ahead + hit 50 ms after landing', guard, { 'strike-window': 'together' }],
  [
    'strike-late',
    'lunge ahead + hit 90 ms after landing',
    'lunge ahead + hit 100 ms before landing',
    guard,
    { 'strike-window': 'hand-first' },
  ],
  ['crossed', 'crossover right 90 cm', 'shuffle right 60 cm', square, { crossing: 'never' }],
  ['crossed', 'crossover right 90 cm', 'cross behind right 90 cm', square, { crossing: 'behind' }],
  [
    'no-approach',
    'split, lunge back right 80 cm',
    'split, shuffle back right 30 cm, lunge back right 80 cm',
    square,
    { 'no-approach': 'on' },
  ],
  ['retreats-on', 'retreat 20 cm, retreat 20 cm', 'retreat 20 cm + "jab" on landing, retreat 20 cm', guard, { 'retreats-on': 'on' }],
  ['split-frame', 'split, shuffle right', 'split, shuffle right, split', square, { 'split-frame': 'on' }],
  [
    'loaded-first',
    'weight shift right foot, shuffle right 30 cm',
    'weight shift left foot, shuffle right 30 cm',
    square,
    { 'loaded-first': 'on' },
  ],
  ['back-step-loaded', 'weight shift lead foot, back step', 'weight shift rear foot, back step', guard],
  ['unset-strike', 'advance 20 cm + hit 300 ms before landing', 'advance 20 cm + hit on landing', guard, { 'unset-strike': 'on' }],
  ['block-turns', 'block jump right 30 cm, pivot lead foot right 40°', 'block jump right 30 cm, advance 20 cm', guard],
  [
    'set-up-uncrossed',
    'run right 60 cm, run right 60 cm + hit on landing, shuffle left 30 cm',
    'run right 60 cm, run right 60 cm + hit on landing, crossover left 60 cm, crossover left 60 cm',
    square,
    { 'set-up-uncrossed': 'on' },
  ],
  [
    'side-jump-unfinished',
    'side jump right 60 cm, hold 1 s',
    'side jump right 60 cm, shuffle left 20 cm',
    square,
    { 'side-jump-unfinished': 'on' },
  ],
  ['quarter-opposed', 'partner at 2 m ahead, quarter right', 'partner at 2 m ahead, step-out quarter right', guard],
  [
    'wrong-leg',
    'shuffle right 30 cm + hit on landing',
    'shuffle right 30 cm left foot first + hit on landing',
    square,
    { 'wrong-leg': 'on' },
  ],
  ['way-back-misfit', '"clear", chassé left 40 cm, split', '"clear", chassé left 40 cm 2, split', square, { 'way-back': 'place' }],
  ['way-back-misfit', '"smash", chassé left 40 cm 2, split', '"smash", chassé left 40 cm, split', square, { 'way-back': 'time' }],
  [
    'way-back-first',
    'shuffle right 90 cm, lunge right, recover back, shuffle left 90 cm',
    'shuffle right 90 cm, lunge right, recover back, crossover left 90 cm',
    square,
    { 'way-back-step': 'crossover' },
  ],
  [
    'call-early',
    'call at 0 s, shuffle right 50 cm, lunge right, call at 0.9 s, recover back',
    'shuffle right 50 cm, shuffle left 50 cm, call',
    square,
  ],
  ['through-thing', 'bag at 25 cm right 60 cm ahead, lunge ahead 70 cm', 'bag at 25 cm right 1 m ahead, lunge to bag', square],
  ['through-thing', 'wall at 50 cm ahead, lunge ahead 50 cm', 'wall at 2 m ahead, lunge ahead 50 cm', square],
  [
    'too-close',
    'partner at 2 m ahead doing (advance 60 cm 3)\nhold 3 s',
    'partner at 2 m ahead doing (advance 60 cm 3)\nretreat 60 cm 3',
    guard,
  ],
  [
    'too-far',
    'partner at 1 m ahead doing (retreat 40 cm 3)\nhold 3 s',
    'partner at 1 m ahead doing (retreat 40 cm 3)\nadvance 40 cm 3',
    guard,
  ],
  ['turned-away', 'partner at 1 m ahead, pivot lead foot right 90°', 'partner at 1 m ahead, pivot lead foot right 30°', guard],
  ['on-the-line', 'partner at 3 m ahead, cut right 10 cm', 'partner at 1 m ahead, cut right 90 cm', guard],
];

describe('findings by rule', () => {
  for (const [code, breaks, keeps, who, schools] of RULES) {
    it(`${code}: ‘${breaks.replace(/\n/g, ' ')}’, not ‘${keeps.replace(/\n/g, ' ')}’`, () => {
      expect(codes(breaks, who, schools)).toContain(code);
      expect(codes(keeps, who, schools)).not.toContain(code);
    });
  }

  it('one that is a fault is one of the catalogue', () => {
    const known = new Set(FAULTS.map((fault) => fault.code));
    for (const [code, fault] of Object.entries(FINDINGS)) if (fault !== null) expect(known).withContext(code).toContain(fault);
  });
});

describe('schools', () => {
  it('the rear foot after a jump at the back: out, or straight ahead for a quick push-out; each says so', () => {
    const pointing = { ...guard, school: { ...guard.school, toes: { lead: 15, rear: 5 } } };
    const found = study('block jump back 40 cm', pointing, false, { schools: { club: { 'rear-landing': 'out' } } }).findings;
    expect(found.map((one) => [one.code, one.held?.by])).toEqual([['square-to-net', 'club']]);
    expect(codes('block jump back 40 cm', pointing, { 'rear-landing': 'ahead' })).toEqual([]);
  });

  it('where two contradict each other the nearest wins, and both are given', () => {
    const { option, held } = heldOn('crossing', {
      pattern: { crossing: 'behind' },
      athlete: { crossing: 'never' },
      club: { crossing: 'said' },
    });
    expect(option).toBe('behind');
    expect([held.by, held.option]).toEqual(['pattern', 'behind']);
    expect(held.against).toEqual([
      { by: 'athlete', option: 'never' },
      { by: 'club', option: 'said' },
    ]);
    expect(heldOn('crossing', {}).held.by).toBe('usual');
  });

  it('an option that nobody knows is as none', () => {
    expect(heldOn('crossing', { club: { crossing: 'sideways' as never } }).option).toBe('said');
  });

  it('every topic has a usual option among its own', () => {
    for (const topic of Object.keys(TOPICS) as TopicName[])
      expect(TOPICS[topic].options as readonly string[]).toContain(TOPICS[topic].usual);
  });
});

describe('intended findings', () => {
  it('are shown and not counted; one that does not occur says so, one that is none too', () => {
    const found = study('intended crossed narrow wobbly wrong-foot\nshuffle right 80 cm left foot first', square, false).findings;
    expect(found.map((one) => [one.code, one.intended])).toEqual([
      ['wrong-foot', true],
      ['crossed', true],
      ['did-not-occur', false],
      ['did-not-occur', false],
    ]);
    expect(found.slice(2).map((one) => one.values as unknown)).toEqual([
      { intended: 'narrow', known: true },
      { intended: 'wobbly', known: false },
    ]);
  });
});

describe('the way back', () => {
  it('a lead that has changed is named besides where one ended', () => {
    expect(codes('shift, back step', guard, {}, true)).toEqual([]);
    expect(codes('shift', guard, {}, true)).toEqual(['lead-changed', 'not-closed']);
  });
});
