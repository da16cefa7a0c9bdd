/** Something on which schools differ: what each holds, and what is taken where nobody has chosen (common practice, no source). */
interface Topic {
  readonly about: string;
  readonly options: Readonly<Record<string, string>>;
  readonly usual: string;
}

const rule = (about: string, on: string, off: string, usual: 'on' | 'off') => ({ about, options: { on, off }, usual }) as const;

export const TOPICS = {
  crossing: {
    about: 'crossing',
    options: {
      never: 'Feet never cross.',
      behind: 'Feet cross only behind.',
      said: 'Feet cross where the step says so.',
    },
    usual: 'said',
  },
  'split-timing': {
    about: 'split timing',
    options: {
      contact: 'The split lands at the opponent’s contact.',
      before: 'The split lands just before the contact.',
      release: 'The split lands on the feeder’s release.',
      off: 'The split is not timed.',
    },
    usual: 'contact',
  },
  'strike-window': {
    about: 'landing and hit',
    options: {
      'front-foot': 'The front foot of a lunge lands just before the hit.',
      together: 'Step and strike come together.',
      'hand-first': 'The hand starts before the foot.',
      off: 'Landing and hit are not timed.',
    },
    usual: 'front-foot',
  },
  'rear-landing': {
    about: 'rear landing foot',
    options: {
      out: 'After a jump at the back the rear foot lands a little out, never square to the net.',
      ahead: 'The rear foot lands straight ahead for a quick push-out.',
    },
    usual: 'out',
  },
  'way-back': {
    about: 'way back',
    options: {
      place: 'After a clear two chassés, after a drop one.',
      time: 'After a faster shot one step, after a slower one two.',
      off: 'The way back is free.',
    },
    usual: 'off',
  },
  'way-back-step': {
    about: 'first step of the way back',
    options: { crossover: 'The way back begins with a crossover.', shuffle: 'The way back is shuffled.', off: 'Either step will do.' },
    usual: 'off',
  },
  'no-approach': rule('approach', 'A lunge to the back needs a step before it.', 'One may lunge to the back at once.', 'off'),
  'retreats-on': rule('retreat', 'One step back, then strike or leave the line.', 'Retreat freely.', 'off'),
  'split-frame': rule('sequence', 'A sequence begins and ends with a split.', 'A sequence begins and ends as it is.', 'off'),
  'loaded-first': rule('weight', 'The foot that carries the weight leaves last.', 'Any foot may leave first.', 'off'),
  'back-step-loaded': rule('back step', 'No back step off a loaded lead foot.', 'A back step from any load.', 'on'),
  'unset-strike': rule('move and strike', 'Strike with the lead foot set.', 'Strike while moving.', 'off'),
  'not-in-guard': rule('jump ahead', 'A jump ahead lands in guard before the lunge.', 'A jump may run into the lunge.', 'on'),
  'block-turns': rule('block jump', 'A block jump does not turn.', 'A block jump may turn.', 'on'),
  'set-up-uncrossed': rule('running set-up', 'After the stroke two crossovers back.', 'Any way back from a running set-up.', 'off'),
  'side-jump-unfinished': rule('side jump', 'After a side jump one small step.', 'After a side jump any step.', 'off'),
  'quarter-opposed': rule('turns', 'With an opponent in front step out before the quarter.', 'A quarter on the lead foot anywhere.', 'on'),
  'wrong-leg': rule('stroke stance', 'The outside foot sets last before the stroke.', 'Either foot may set last.', 'off'),
} as const satisfies Readonly<Record<string, Topic>>;

export type TopicName = keyof typeof TOPICS;
export type OptionOf<T extends TopicName> = keyof (typeof TOPICS)[T]['options'] & string;
export type SchoolChoices = { readonly [T in TopicName]?: OptionOf<T> };

/** Who may choose; the nearest wins. */
const HOLDERS = ['pattern', 'athlete', 'club'] as const;
type Holder = (typeof HOLDERS)[number];
export type HeldChoices = { readonly [H in Holder]?: SchoolChoices };

/** What counts on a topic, who says so ('usual': nobody chose), and who holds otherwise. */
export interface Held {
  readonly topic: TopicName;
  readonly by: Holder | 'usual';
  readonly says: string;
  readonly against: readonly { readonly by: Holder; readonly says: string }[];
}

/** The option that counts, with both sentences where holders contradict each other. */
export function heldOn<T extends TopicName>(topic: T, choices: HeldChoices): { readonly option: OptionOf<T>; readonly held: Held } {
  const { options, usual } = TOPICS[topic] as Topic;
  const said = HOLDERS.flatMap((by) => {
    const option = choices[by]?.[topic];
    return option !== undefined && option in options ? [{ by, option }] : [];
  });
  const option = said[0]?.option ?? usual;
  const against = said.filter((other) => other.option !== option).map(({ by, option: other }) => ({ by, says: options[other] as string }));
  return { option: option as OptionOf<T>, held: { topic, by: said[0]?.by ?? 'usual', says: options[option] as string, against } };
}
