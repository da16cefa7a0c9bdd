import type { AthleteDraft } from '@hopsk/contract/people';

/** How an athlete's fault runs over the season: its rate at equal distances from the first to the last week, and on which side it shows. */
export interface Habit {
  readonly fault: string;
  readonly rates: readonly number[];
  /** Which part of it is on the left: at the beginning of a round, and at its end. */
  readonly leftShare?: readonly [number, number];
  /** How much more it shows at the end of a round than at its beginning, in logits; a little where nothing is said. */
  readonly tired?: number;
  /** Another habit of theirs, named before it, with which it shows, and how often then; its rates are those without. */
  readonly follows?: { readonly fault: string; readonly rate: number };
}

export interface Invented {
  readonly draft: AthleteDraft;
  readonly habits: readonly Habit[];
  /** Weeks before the last, from the earlier to the later, in which they were away. */
  readonly away?: readonly [number, number];
}

const base: AthleteDraft = {
  name: '',
  hand: 'right',
  lead: 'none',
  otherLead: 'none',
  height: null,
  hip: null,
  shoulder: null,
  leg: null,
  foot: null,
  stance: null,
  schools: {},
  tempo: {},
  sport: 'squash',
  school: 'square-ready',
  level: 'intermediate',
  ageGroup: 'adult',
  agreed: null,
  cautions: [],
  bias: [],
  focus: [],
};
const who = (draft: Partial<AthleteDraft>, ...habits: Habit[]): Invented => ({
  draft: { ...base, focus: habits.slice(0, 3).map((habit) => habit.fault), ...draft },
  habits,
});
const habit = (fault: string, from: number, to: number, leftShare?: number): Habit =>
  leftShare === undefined ? { fault, rates: [from, to] } : { fault, rates: [from, to], leftShare: [leftShare, leftShare] };

const karate = { sport: 'karate', school: 'mixed-45', lead: 'left', otherLead: 'drill' } as const;
const bladed = { sport: 'karate', school: 'bladed-guard', lead: 'right', otherLead: 'none' } as const;
const table = { sport: 'table tennis' } as const;

/** A dozen invented people of an old net loft above a harbour. */
export const PEOPLE: readonly Invented[] = [
  who(
    { name: 'Ines', height: 1.68, shoulder: 0.4 },
    { fault: 'split-late', rates: [0.52, 0.5, 0.5, 0.12, 0.1, 0.1, 0.1] },
    habit('no-recovery', 0.1, 0.3, 0.25),
    habit('wrong-leg', 0.3, 0.12, 0.8),
  ),
  who(
    {
      name: 'Bo',
      height: 1.83,
      level: 'advanced',
      cautions: [{ part: 'ankle', side: 'left', forbids: ['landings'], landings: 60, note: 'old sprain' }],
    },
    habit('land-early', 0.22, 0.2),
    habit('slow-first', 0.34, 0.16),
    habit('leans-back', 0.06, 0.01),
  ),
  who(
    { name: 'Teyo', hand: 'left', height: 1.76 },
    // Fresh it is the right side now and then; tired it is the left.
    { fault: 'split-late', rates: [0.3, 0.26], leftShare: [0.05, 0.95], tired: 3 },
    habit('recovery-place', 0.35, 0.2),
    habit('stance-narrow', 0.03, 0.02),
  ),
  who(
    {
      name: 'Maud',
      height: 1.61,
      ageGroup: 'veteran',
      level: 'beginner',
      cautions: [{ part: 'heat', side: null, forbids: [], landings: null, note: 'short sets' }],
    },
    habit('tall', 0.4, 0.38),
    habit('no-recovery', 0.3, 0.18),
    habit('knee-line', 0.1, 0.08),
  ),
  who(
    { ...karate, name: 'Ravi', height: 1.79, hip: 0.34, bias: ['forward longer than back'] },
    habit('follow-uneven', 0.42, 0.22),
    habit('turn-short', 0.2, 0.25),
    habit('crossed', 0.02, 0.01),
  ),
  who(
    { ...karate, name: 'Lioba', hand: 'left', lead: 'right', height: 1.7, level: 'advanced', otherLead: 'free' },
    habit('retreat-short', 0.28, 0.1),
    habit('rises', 0.18, 0.12),
    habit('tempo-flat', 0.3, 0.3),
  ),
  {
    ...who(
      { ...bladed, name: 'Kjell', height: 1.91 },
      // Nearly gone before he was away, and there again after it.
      { fault: 'long-step', rates: [0.2, 0.06, 0.04, 0.04, 0.04, 0.6, 0.6] },
      habit('tell', 0.24, 0.22),
      habit('foot-exposed', 0.12, 0.05),
    ),
    away: [6, 3],
  },
  who(
    {
      ...karate,
      name: 'Otto',
      height: 1.44,
      ageGroup: '10–12',
      agreed: '2026-01-12',
      level: 'beginner',
      cautions: [{ part: 'growth', side: null, forbids: [], landings: 40, note: 'growth spurt' }],
    },
    habit('crossed', 0.36, 0.16),
    habit('guard-drops', 0.3, 0.34),
  ),
  who(
    { ...table, name: 'Samira', height: 1.65, level: 'advanced' },
    habit('heels-down', 0.3, 0.24),
    // What looks like a slow start are her heels.
    { fault: 'slow-first', rates: [0.05], follows: { fault: 'heels-down', rate: 0.7 } },
    habit('follow-uneven', 0.26, 0.1),
  ),
  who(
    { ...table, name: 'Wen', hand: 'left', height: 1.55, ageGroup: '13–15', agreed: '2026-01-12' },
    habit('wrong-first', 0.4, 0.12, 0.7),
    habit('rises', 0.3, 0.24),
  ),
  who(
    { ...table, name: 'Pia', height: 1.32, ageGroup: 'under 10', agreed: '2026-01-19', level: 'beginner' },
    habit('short-steps', 0.44, 0.3),
    habit('waits', 0.2, 0.2),
  ),
  who({ ...table, name: 'Dario', height: 1.72 }, habit('far-leg-idle', 0.3, 0.33, 0.2), habit('split-late', 0.24, 0.1)),
];

/** Three coaches of the demo club, the first of whom owns it. */
export const COACHES = [
  { name: 'Runa', email: 'runa@netloft.test' },
  { name: 'Mateus', email: 'mateus@netloft.test' },
  { name: 'Ilse', email: 'ilse@netloft.test' },
] as const;
