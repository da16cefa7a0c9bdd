import fc from 'fast-check';
import { SPORTS, STRIKES, strikesOf } from '../language/sport-words.js';
import { presetOf } from '../judge/presets.js';
import { holds } from '../testing/holds.js';
import { heldIn } from './held.js';
import { attemptsOf, MARKS, outOfOrder } from './marks.js';
import { isFought, MANNERS, PHASES, setOf, type Manner } from './sport-set.js';

const named = fc.constantFrom(...SPORTS);

describe('what is looked at in a sport', () => {
  it('is there for every sport that the catalogue names, by how it goes in it', () => {
    const manner = (strikes: readonly string[]): Manner => {
      if (strikes.includes(STRIKES.racket[0])) return 'racket';
      return strikes.includes(STRIKES.blade[0]) ? 'blade' : 'strikes';
    };
    for (const sport of SPORTS) expect([sport, setOf(sport).sport, setOf(sport).manner]).toEqual([sport, sport, manner(strikesOf(sport))]);
    expect(new Set(SPORTS.map((sport) => setOf(sport).manner))).toEqual(new Set(MANNERS));
    expect(SPORTS.filter((sport) => isFought(setOf(sport)))).toEqual(SPORTS.filter((sport) => !strikesOf(sport).includes('smash')));
  });

  it('is found however it is typed, and in a longer name; a part of a word is no name', () => {
    const shouted = fc.tuple(
      named,
      fc.constantFrom('', ' ', 'women’s ', 'U12 '),
      fc.constantFrom('', ' ', ' (club)', ', beginners'),
      fc.boolean(),
    );
    holds(
      fc.property(shouted, ([sport, before, after, up]) => {
        const typed = `${before}${up ? sport.toUpperCase() : sport}${after}`;
        expect(setOf(typed).sport).withContext(typed).toBe(sport);
      }),
    );
    const called = ['Ping-Pong', 'épée', 'Longsword', 'beach tennis', 'table tennis', 'para-badminton'];
    expect(called.map((sport) => setOf(sport).sport).join()).toBe('table tennis,fencing,two-handed blade,tennis,table tennis,badminton');
    // Of what nobody knows everything can be marked, and nobody is taken to be fought.
    for (const sport of ['', 'judo', 'tennisy', 'foils and fun', 'constructor'])
      expect([sport, setOf(sport).manner, setOf(sport).marks, isFought(setOf(sport))]).toEqual([sport, null, MARKS, false]);
  });

  it('has marks of one attempt in their order, with a beginning and an end, and phases that are told apart', () => {
    for (const sport of [...SPORTS, '']) {
      const { marks, phases } = setOf(sport);
      expect(marks).toEqual(MARKS.filter((kind) => marks.includes(kind)));
      const attempts = attemptsOf(marks.map((kind, i) => ({ kind, frame: i + 1 })));
      expect([sport, attempts.length, outOfOrder(attempts)]).toEqual([sport, 1, []]);
      for (const needed of ['contact', 'first-step', 'left-down', 'right-down', 'own-contact', 'back-begun', 'back'] as const)
        expect(marks).withContext(sport).toContain(needed);
      expect(new Set(phases).size).withContext(sport).toBe(phases.length);
      expect(phases.length).withContext(sport).toBeGreaterThan(3);
    }
    const used = new Set(['', ...SPORTS].flatMap((sport) => setOf(sport).phases));
    expect(PHASES.filter((phase) => !used.has(phase))).toEqual([]);
  });

  it('leaves out what there is none of: a ball where one fights, a bounce of a shuttlecock', () => {
    const has = (sport: string, kind: (typeof MARKS)[number]): boolean => setOf(sport).marks.includes(kind);
    expect([has('badminton', 'bounce'), has('squash', 'bounce'), has('boxing', 'bounce')]).toEqual([false, true, false]);
    expect([has('fencing', 'strike-begun'), has('karate', 'cue'), has('tennis', 'cue')]).toEqual([true, true, false]);
    expect([has('padel', 'split-down'), has('table tennis', 'split-down'), has('savate', 'split-down')]).toEqual([true, false, false]);
  });
});

describe('by what times of a film are judged', () => {
  const window = (sport: string, stance: string, chosen: Parameters<typeof heldIn>[2] = {}): string | undefined => {
    const held = heldIn(setOf(sport), stance, chosen);
    return (held.pattern ?? held.athlete ?? held.club ?? held.preset)?.['strike-window'];
  };

  it('is what is usual in the sport, or in the stance; a strike without a lunge is held to no window that speaks of one', () => {
    expect([window('foil', ''), window('squash', 'bladed-guard'), window('karate', 'long-bladed')]).toEqual([
      'hand-first',
      'hand-first',
      'front-foot',
    ]);
    expect([window('boxing', 'staggered-striking'), window('table tennis', ''), window('tennis', '')]).toEqual(['off', 'off', undefined]);
    expect(window('boxing', '', { club: { 'strike-window': 'together' } })).toBe('together');
  });

  it('leaves every other choice as the engine has it', () => {
    for (const sport of SPORTS) {
      const { 'strike-window': _, ...others } = heldIn(setOf(sport), 'square-ready').preset ?? {};
      const { 'strike-window': __, ...usual } = presetOf({ code: 'square-ready' }, sport);
      expect(others).toEqual(usual);
    }
  });
});
