import type { PatternDraft } from '@hopsk/contract/pattern-draft';
import type { Rounds } from '@hopsk/core/language/rounds';

const timed = (work: number, rounds: number, rest: number, sets = 1, setRest: number | null = null): Rounds => ({
  mode: 'seconds',
  work,
  rounds,
  sets,
  rest,
  setRest,
});
const counted = (work: number, rounds: number, rest: number | null): Rounds => ({
  mode: 'reps',
  work,
  rounds,
  sets: 1,
  rest,
  setRest: null,
});
const base = {
  hand: 'right',
  lead: 'none',
  shouldClose: true,
  school: 'square-ready',
  tags: [],
  area: '',
  schools: {},
} satisfies Partial<PatternDraft>;
const squash = { ...base, sport: 'squash' } as const;
const table = { ...base, sport: 'table tennis' } as const;
const karate = { ...base, sport: 'karate', school: 'mixed-45', lead: 'left' } as const;
const bladed = { ...base, sport: 'karate', school: 'bladed-guard', lead: 'left' } as const;

/** The demo club's own patterns. */
export const PATTERNS: readonly PatternDraft[] = [
  {
    ...squash,
    name: 'Front corner and home',
    steps: 'split, shuffle right 40 cm,\nlunge ahead right 80 cm right foot + hit 80 ms after landing,\nrecover back, shuffle left 40 cm',
    dose: timed(30, 3, 20, 2, 60),
  },
  {
    ...squash,
    name: 'Front corner, other side',
    steps: 'split, shuffle left 40 cm,\nlunge ahead left 80 cm left foot + hit 80 ms after landing,\nrecover back, shuffle right 40 cm',
    dose: timed(30, 3, 20, 2, 60),
  },
  {
    ...squash,
    name: 'Side wall and home',
    steps: 'split, shuffle right 50 cm, lunge right 70 cm right foot + hit 60 ms after landing, recover back, shuffle left 50 cm',
    dose: timed(40, 4, 20),
  },
  {
    ...squash,
    name: 'Split and first step',
    steps: '(split, shuffle right 30 cm, shuffle left 30 cm) 2, (split, shuffle left 30 cm, shuffle right 30 cm) 2',
    dose: timed(20, 6, 20),
  },
  {
    ...squash,
    name: 'Back a little, lunge, home',
    steps: 'split, retreat 45 cm, lunge 60° right 80 cm right foot + hit 80 ms after landing, recover back, advance 45 cm',
    dose: timed(40, 4, 30),
  },
  { ...karate, name: 'Two ahead, two back', steps: 'advance 25 cm 2, retreat 25 cm 2', dose: counted(10, 4, 30) },
  {
    ...karate,
    name: 'Step in with the hand',
    steps: 'advance 20 cm + "lead straight" on landing, hold 0.3 s, retreat 20 cm',
    dose: timed(30, 4, 30),
  },
  { ...karate, name: 'Four quarters on the lead', steps: '(pivot lead foot right 90°, hold 0.4 s) 4', dose: counted(4, 4, 30) },
  {
    ...karate,
    name: 'Off the line and back',
    steps: 'shuffle right 35 cm, pivot lead foot left 45°, hold 0.3 s, pivot lead foot right 45°, shuffle left 35 cm',
    dose: timed(30, 4, 30),
  },
  {
    ...bladed,
    name: 'Lunge and back to guard',
    steps: 'advance 20 cm, lunge ahead 75 cm lead foot + hit 60 ms after landing, recover back, retreat 20 cm',
    dose: counted(8, 4, 40),
  },
  {
    ...table,
    name: 'Two corners',
    steps: 'split, shuffle right 45 cm + "topspin" on landing, split, shuffle left 45 cm + "topspin" on landing',
    dose: timed(30, 5, 20),
  },
  {
    ...table,
    name: 'Short, then out',
    steps: 'split, lunge ahead right 50 cm right foot + hit 60 ms after landing, recover back, retreat 30 cm, advance 30 cm',
    dose: timed(30, 5, 20),
  },
  {
    ...table,
    name: 'Small and large',
    steps: 'split drop, shuffle left 20 cm quick, shuffle left 45 cm, hold 0.2 s, shuffle right 45 cm, shuffle right 20 cm quick',
    dose: timed(25, 6, 25),
  },
];
