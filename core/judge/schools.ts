/** Something on which schools differ: what each holds, and what is taken where nobody has chosen (common practice, no source). */
interface Topic {
  readonly options: readonly string[];
  readonly usual: string;
}

const rule = (usual: 'on' | 'off') => ({ options: ['on', 'off'], usual }) as const;

export const TOPICS = {
  crossing: { options: ['never', 'behind', 'said'], usual: 'said' },
  'split-timing': { options: ['contact', 'before', 'release', 'off'], usual: 'contact' },
  'strike-window': { options: ['front-foot', 'together', 'hand-first', 'off'], usual: 'front-foot' },
  'rear-landing': { options: ['out', 'ahead'], usual: 'out' },
  'way-back': { options: ['place', 'time', 'off'], usual: 'off' },
  'way-back-step': { options: ['crossover', 'shuffle', 'off'], usual: 'off' },
  'no-approach': rule('off'),
  'retreats-on': rule('off'),
  'split-frame': rule('off'),
  'loaded-first': rule('off'),
  'back-step-loaded': rule('on'),
  'unset-strike': rule('off'),
  'not-in-guard': rule('on'),
  'block-turns': rule('on'),
  'set-up-uncrossed': rule('off'),
  'side-jump-unfinished': rule('off'),
  'quarter-opposed': rule('on'),
  'slip-side': rule('on'),
  'one-tempo': rule('off'),
  'one-crossover': rule('off'),
  'leave-line': rule('off'),
  'scissor-sideways': rule('on'),
  'wrong-leg': rule('off'),
  'wrong-foot': rule('on'),
  closing: { options: ['note', 'strict'], usual: 'note' },
} as const satisfies Readonly<Record<string, Topic>>;

export type TopicName = keyof typeof TOPICS;
export type OptionOf<T extends TopicName> = (typeof TOPICS)[T]['options'][number];
export type SchoolChoices = { readonly [T in TopicName]?: OptionOf<T> };

/** Who may choose; the nearest wins. What is usual in a sport or a stance (`preset`) holds where nobody chose. */
const HOLDERS = ['pattern', 'athlete', 'club', 'preset'] as const;
type Holder = (typeof HOLDERS)[number];
export type HeldChoices = { readonly [H in Holder]?: SchoolChoices };

/** What counts on a topic, who says so ('usual': nobody chose), and who holds otherwise. */
export interface Held {
  readonly topic: TopicName;
  readonly by: Holder | 'usual';
  readonly option: string;
  readonly against: readonly { readonly by: Holder; readonly option: string }[];
}

/** The option that counts, and whoever contradicts it. */
export function heldOn<T extends TopicName>(topic: T, choices: HeldChoices): { readonly option: OptionOf<T>; readonly held: Held } {
  const { options, usual } = TOPICS[topic] as Topic;
  const chosen = HOLDERS.flatMap((by) => {
    const option = choices[by]?.[topic];
    return option !== undefined && options.includes(option) ? [{ by, option }] : [];
  });
  const option = chosen[0]?.option ?? usual;
  // What a sport does elsewhere contradicts nobody.
  const against = chosen.filter((other) => other.option !== option && other.by !== 'preset');
  return { option: option as OptionOf<T>, held: { topic, by: chosen[0]?.by ?? 'usual', option, against } };
}
