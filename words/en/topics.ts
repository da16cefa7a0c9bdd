import type { TopicName } from '@hopsk/core/judge/schools';

interface Topic {
  readonly about: string;
  readonly options: Readonly<Record<string, string>>;
}

/** Where schools differ: what it is about, and what each holds. */
export const topics = {
  topics: {
    crossing: {
      about: 'crossing',
      options: { never: 'Feet never cross.', behind: 'Feet cross only behind.', said: 'Feet cross where the step says so.' },
    },
    'split-timing': {
      about: 'split timing',
      options: {
        contact: 'The split lands at the opponent’s contact.',
        before: 'The split lands just before the contact.',
        release: 'The split lands on the feeder’s release.',
        off: 'The split is not timed.',
      },
    },
    'strike-window': {
      about: 'landing and hit',
      options: {
        'front-foot': 'The front foot of a lunge lands just before the hit.',
        together: 'Step and strike come together.',
        'hand-first': 'The hand starts before the foot.',
        off: 'Landing and hit are not timed.',
      },
    },
    'rear-landing': {
      about: 'rear landing foot',
      options: {
        out: 'After a jump at the back the rear foot lands a little out, never square to the net.',
        ahead: 'The rear foot lands straight ahead for a quick push-out.',
      },
    },
    'way-back': {
      about: 'way back',
      options: {
        place: 'After a clear two chassés, after a drop one.',
        time: 'After a faster shot one step, after a slower one two.',
        off: 'The way back is free.',
      },
    },
    'way-back-step': {
      about: 'first step of the way back',
      options: { crossover: 'The way back begins with a crossover.', shuffle: 'The way back is shuffled.', off: 'Either step will do.' },
    },
    'wrong-foot': { about: 'first foot', options: { on: 'The foot nearest to the way goes first.', off: 'Either foot may go first.' } },
    closing: {
      about: 'end of a line',
      options: { note: 'A line may end elsewhere.', strict: 'A line ends where it began.' },
    },
    'no-approach': {
      about: 'approach',
      options: { on: 'A lunge to the back needs a step before it.', off: 'One may lunge to the back at once.' },
    },
    'retreats-on': { about: 'retreat', options: { on: 'One step back, then strike or leave the line.', off: 'Retreat freely.' } },
    'split-frame': {
      about: 'sequence',
      options: { on: 'A sequence begins and ends with a split.', off: 'A sequence begins and ends as it is.' },
    },
    'loaded-first': { about: 'weight', options: { on: 'The foot that carries the weight leaves last.', off: 'Any foot may leave first.' } },
    'back-step-loaded': { about: 'back step', options: { on: 'No back step off a loaded lead foot.', off: 'A back step from any load.' } },
    'unset-strike': { about: 'move and strike', options: { on: 'Strike with the lead foot set.', off: 'Strike while moving.' } },
    'not-in-guard': {
      about: 'jump ahead',
      options: { on: 'A jump ahead lands in guard before the lunge.', off: 'A jump may run into the lunge.' },
    },
    'block-turns': { about: 'block jump', options: { on: 'A block jump does not turn.', off: 'A block jump may turn.' } },
    'set-up-uncrossed': {
      about: 'running set-up',
      options: { on: 'After the stroke two crossovers back.', off: 'Any way back from a running set-up.' },
    },
    'side-jump-unfinished': {
      about: 'side jump',
      options: { on: 'After a side jump one small step.', off: 'After a side jump any step.' },
    },
    'slip-side': {
      about: 'turns after a slip',
      options: { on: 'Turn to the side of the slip.', off: 'Turn to either side after a slip.' },
    },
    'one-tempo': {
      about: 'tempo of a lunge',
      options: { on: 'Slow steps, then a quick lunge.', off: 'Any tempo before a lunge.' },
    },
    'one-crossover': {
      about: 'crossovers back',
      options: { on: 'After a stroke two crossovers back.', off: 'As many crossovers as are needed.' },
    },
    'leave-line': {
      about: 'leaving',
      options: { on: 'Out of an attack leave the opponent’s line.', off: 'Out of an attack any way.' },
    },
    'scissor-sideways': {
      about: 'scissor jump',
      options: { on: 'No scissor out of a run to the side.', off: 'A scissor out of any run.' },
    },
    'quarter-opposed': {
      about: 'turns',
      options: { on: 'With an opponent in front step out before the quarter.', off: 'A quarter on the lead foot anywhere.' },
    },
    'wrong-leg': {
      about: 'stroke stance',
      options: { on: 'The outside foot sets last before the stroke.', off: 'Either foot may set last.' },
    },
  } satisfies Readonly<Record<TopicName, Topic>> as Readonly<Record<TopicName, Topic>>,
};
