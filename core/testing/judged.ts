import type { FindingCode } from '../judge/finding.js';
import type { SchoolChoices } from '../judge/schools.js';

/** A drill of a lesson, as it is typed, with the stance and what is held. */
export interface Drill {
  readonly line: string;
  readonly stance: string;
  readonly sport?: string;
  readonly schools?: SchoolChoices;
}

/** A drill with a fault in it, and the finding that must name it above note. */
export interface Faulty extends Drill {
  readonly must: FindingCode;
}

const S = 'staggered-striking';
const drill = (stance: string, line: string, more: Partial<Drill> = {}): Drill => ({ line, stance, ...more });
const faulty = (must: FindingCode, stance: string, line: string, more: Partial<Drill> = {}): Faulty => ({ line, stance, must, ...more });

/** Drills that coaches teach as they stand: nothing above a note may be said of them. */
export const CORRECT: readonly Drill[] = [
  // Turns to the rear side: the lead is dragged after.
  ...[S, 'squarer-kicking', 'mixed-45', 'two-handed-guard'].flatMap((stance) => [
    drill(stance, 'step-out quarter right'),
    drill(stance, 'step-out quarter left'),
    drill(stance, 'side step and turn right'),
    drill(stance, 'side step and turn left'),
  ]),
  drill(S, '(step-out quarter left) 4, (step-out quarter right) 4'),
  // The hand goes before the foot.
  drill('long-bladed', 'lunge + "point" on start, recover back'),
  drill('bladed-guard', 'lunge + thrust on start, recover back'),
  drill('bladed-guard', 'advance 20 cm, lunge + "point" on start, recover ahead'),
  // Load is what the last landing left.
  drill(S, 'weight shift lead foot, gallop back 20 cm, back step'),
  drill(S, 'weight shift lead foot, split, back step'),
  ...['split', 'jump', 'preload hop', 'shuffle right 40 cm'].map((landed) =>
    drill('square-ready', `weight shift left foot, ${landed}, shuffle left 40 cm`, { schools: { 'loaded-first': 'on' } }),
  ),
  // Lines that go somewhere.
  drill(S, 'advance 20 cm 5'),
  drill(S, 'advance 20 cm + jab, advance 20 cm + jab-cross, shuffle right 30 cm'),
  drill('square-ready', 'run right 60 cm 4'),
  drill('two-handed-guard', 'shift 5'),
  drill(S, 'gallop ahead 20 cm 20, gallop back 20 cm 20'),
  // Moves that open the stance until the next one.
  drill('square-ready', 'drop step right'),
  drill('wide-ready', 'drop step left'),
  drill('drop-ready', 'drop step right'),
  drill('squarer-kicking', 'drop step left'),
  drill('square-ready', 'cross behind right, lunge right 60 cm right foot, recover back'),
  drill('square-ready', 'split, cross behind left, reaching step left, pull back'),
  drill('square-ready', 'lunge ahead left 90 cm right foot, recover back'),
  drill('square-ready', 'lunge ahead right 90 cm left foot, recover back'),
  drill('square-ready', 'split right, shuffle right 40 cm'),
  drill('square-ready', 'split ahead left, shuffle left 40 cm'),
  drill('square-ready', 'step in left right foot + forehand, pull back'),
  drill('square-ready', 'run right 60 cm 2, run home 2, square up'),
  // Home by gathers from where crossing has left the feet: the nearest goes, though it has far to go.
  drill('wide-ready', 'split, drop step right, crossover back right 60 cm, hit, shuffle home 2'),
  drill('square-ready', 'split, drop step left, crossover back left 50 cm 2, hit, shuffle home 2, split'),
  drill('wide-ready', 'split, run right 60 cm 2, hit, shuffle home 3'),
  // Schools that are held.
  drill('square-ready', 'split, step in ahead right right foot + forehand, pull back', { schools: { 'wrong-leg': 'on' } }),
  drill('square-ready', 'shuffle right 60 cm, jump + forehand, shuffle left 60 cm', { schools: { 'wrong-leg': 'on' } }),
  drill('square-ready', 'run right 60 cm, run right 60 cm + forehand, jump, crossover left, crossover left', {
    schools: { 'set-up-uncrossed': 'on' },
  }),
  drill('square-ready', 'split, cross behind right, lunge back right 60 cm right foot, recover back', { schools: { 'no-approach': 'on' } }),
  drill('square-ready', 'split, shuffle back right 40 cm, square up, lunge back right 60 cm right foot', {
    schools: { 'no-approach': 'on' },
  }),
  drill(S, 'retreat 20 cm + jab, retreat 20 cm', { schools: { 'retreats-on': 'on' } }),
  drill(S, 'retreat 20 cm, "counter", shuffle right 30 cm', { sport: 'Boxing' }),
  // Strokes with their feet.
  drill(S, 'advance 20 cm + jab on start, "cross", retreat 20 cm'),
  drill('square-ready', 'step in right right foot + backhand 200 ms after landing, pull back'),
  drill('square-ready', 'hold 250 ms, split, ball hit at 0.4 s, shuffle right 40 cm, shuffle left 40 cm'),
  drill('square-ready', 'split, lunge ahead right 90 cm right foot + hit 80 ms after landing, recover back'),
  // Sides, tempi and ways that are held.
  drill(S, 'slip left, slip-side quarter left, hook'),
  drill(S, 'slip right, pivot lead foot right 45°, hook'),
  drill(S, 'slip left, hold 1 s, pivot right 45°'),
  drill('long-bladed', 'advance 20 cm slow, lunge quick, recover back', { schools: { 'one-tempo': 'on' } }),
  drill('bladed-guard', 'advance 20 cm in 0.8 s, lunge in 0.4 s, recover back', { schools: { 'one-tempo': 'on' } }),
  drill('square-ready', 'split, run right 60 cm + forehand, crossover left, crossover left, split', { schools: { 'one-crossover': 'on' } }),
  drill(S, 'advance 20 cm + jab, "cross", step-out quarter left', { schools: { 'leave-line': 'on' } }),
  drill(S, 'advance 20 cm, retreat 20 cm', { schools: { 'leave-line': 'on' } }),
  drill('square-ready', 'split, run back 60 cm 2, scissor jump left 90°'),
  drill('square-ready', 'split, drop step right, run ahead 60 cm 2, scissor jump left 90°'),
  // The stance is there again after crossing, running and feet together, and no foot goes twice.
  drill('square-ready', 'crossover left 70 cm, split, shuffle left 40 cm'),
  drill('square-ready', 'run right 60 cm 3, split, run left 60 cm 3, split'),
  drill('wide-ready', 'split, crossover right 80 cm, split, crossover left 80 cm, split'),
  drill(S, 'crossover left 60 cm, shuffle left 20 cm, crossover right 60 cm, shuffle right 20 cm'),
  drill('squarer-kicking', 'cross behind right, split, kick'),
  drill('drop-ready', 'feet together, split, shuffle right 40 cm'),
  // The foot of its side goes in a cut.
  ...['mixed-45', 'long-bladed', 'bladed-guard', S].flatMap((stance) => [
    drill(stance, 'cut right 30 cm'),
    drill(stance, 'cut left 50 cm'),
  ]),
];

/** Drills with the faults that coaches shout about, written into the line. */
export const FAULTY: readonly Faulty[] = [
  // The wrong foot first.
  faulty('wrong-foot', S, 'advance 20 cm rear foot first'),
  faulty('wrong-foot', S, 'retreat 20 cm lead foot first'),
  faulty('wrong-foot', S, 'shuffle right 20 cm left foot first'),
  faulty('wrong-foot', 'square-ready', 'split, shuffle right 40 cm left foot first'),
  faulty('wrong-foot', 'mixed-45', 'shuffle left 30 cm right foot first'),
  faulty('wrong-foot', 'bladed-guard', 'advance 20 cm rear foot'),
  faulty('wrong-foot', 'long-bladed', 'cut left 40 cm right foot + hit on landing, retreat 30 cm'),
  faulty('wrong-foot', S, 'cut right 40 cm left foot'),
  // The stance that shrinks along.
  faulty('short', S, 'retreat 2 in then 4 in 7'),
  faulty('short', 'bladed-guard', 'retreat 10 cm then 20 cm 3'),
  faulty('short', 'two-handed-guard', 'advance 10 cm then 20 cm 3'),
  faulty('wide', 'long-bladed', 'advance 30 cm then 10 cm'),
  // Early and late.
  faulty('split-late', 'square-ready', 'ball hit at 0.03 s, split'),
  faulty('split-early', 'square-ready', 'ball hit at 0.35 s, split'),
  faulty('strike-early', 'square-ready', 'lunge ahead right + hit 100 ms before landing, recover back'),
  faulty('strike-late', 'square-ready', 'lunge ahead right + hit 300 ms after landing, recover back'),
  faulty('strike-late', 'bladed-guard', 'lunge + "point" 100 ms after landing, recover back'),
  faulty('strike-off', 'square-ready', 'step in ahead right + forehand 150 ms before landing, pull back'),
  faulty('strike-off', 'square-ready', 'step in ahead right + forehand 600 ms after landing, pull back'),
  faulty('strike-off', S, 'retreat 20 cm + jab 800 ms after landing'),
  faulty('split-waits', 'square-ready', 'split, hold 0.4 s, shuffle right 40 cm'),
  // Landings after a flight towards the back.
  faulty('square-to-net', 'square-ready', 'split, face right 10°, run back 60 cm right foot, scissor jump'),
  faulty('square-to-net', 'square-ready', 'jump back 40 cm toe 0° out'),
  // At the back without an approach, whichever way the body has.
  faulty('no-approach', 'square-ready', 'split, lunge back right 60 cm right foot, recover back', { sport: 'Badminton' }),
  faulty('no-approach', 'square-ready', 'split, face right 120°, lunge ahead 60 cm right foot', { schools: { 'no-approach': 'on' } }),
  faulty('no-approach', 'square-ready', 'shuffle back 40 cm, split, face left 120°, lunge ahead 60 cm left foot', { sport: 'Squash' }),
  // One retreat is enough.
  ...[
    'retreat 20 cm 2',
    'retreat 20 cm, hold 0.5 s, retreat 20 cm',
    'retreat 20 cm, bounce, shuffle back 20 cm',
    'gallop back 20 cm 2',
  ].map((line) => faulty('retreats-on', S, line, { sport: 'Kickboxing' })),
  faulty('counter-steps-in', S, 'retreat 20 cm, advance 20 cm + "hook"', { sport: 'Boxing' }),
  // The wrong way, and the dead stop.
  faulty('split-away', 'square-ready', 'split right, shuffle left 40 cm'),
  faulty('split-away', 'square-ready', 'split ahead left, run back right 60 cm'),
  faulty('way-back-stops', 'square-ready', 'shuffle right 60 cm 3, shuffle left 60 cm, hold 1 s, shuffle left 60 cm 2'),
  faulty('back-step-loaded', S, 'gallop back 20 cm, weight shift lead foot, back step'),
  // Sides, tempi and ways that are held.
  faulty('slip-side', S, 'slip left, slip-side quarter right, hook'),
  faulty('slip-side', S, 'slip right, pivot lead foot left 45°'),
  faulty('slip-side', 'squarer-kicking', 'slip right, step-out quarter left'),
  faulty('one-tempo', 'long-bladed', 'advance 20 cm, lunge', { schools: { 'one-tempo': 'on' } }),
  faulty('one-tempo', 'bladed-guard', 'advance 20 cm quick, lunge', { schools: { 'one-tempo': 'on' } }),
  faulty('one-tempo', 'long-bladed', 'gallop ahead 20 cm, lunge slow', { schools: { 'one-tempo': 'on' } }),
  faulty('one-crossover', 'square-ready', 'split, run right 60 cm + forehand, crossover left, split', {
    schools: { 'one-crossover': 'on' },
  }),
  faulty('leave-line', S, 'advance 20 cm + jab, retreat 20 cm', { schools: { 'leave-line': 'on' } }),
  faulty('leave-line', S, 'advance 20 cm + jab, "cross", shuffle back 30 cm', { schools: { 'leave-line': 'on' } }),
  faulty('scissor-sideways', 'square-ready', 'split, run right 60 cm 2, scissor jump left 90°'),
  faulty('scissor-sideways', 'square-ready', 'split, crossover left 80 cm, scissor jump right 90°'),
];
