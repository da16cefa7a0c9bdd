import { TOPICS, type SchoolChoices, type TopicName } from './schools.js';

/** What coaches say for a topic and its option. */
const SAID: Readonly<Record<string, readonly [TopicName, string]>> = {
  'retreat one': ['retreats-on', 'on'],
  'retreat freely': ['retreats-on', 'off'],
  'nearest first': ['wrong-foot', 'on'],
  'hand first': ['strike-window', 'hand-first'],
};

/**
 * What is held where schools differ, as it is typed: topics with an option each, parted by commas. What is none of them is given back.
 * @example readSchools('crossing never, retreat one').choices // { crossing: 'never', 'retreats-on': 'on' }
 */
export function readSchools(text: string): { readonly choices: SchoolChoices; readonly wrong: readonly string[] } {
  const choices: Record<string, string> = {};
  const wrong: string[] = [];
  for (const typed of text.split(/[,;]/)) {
    const part = typed
      .trim()
      .toLowerCase()
      .replace(/[\s=:]+/g, ' ');
    if (part === '') continue;
    const [topic, option] = (Object.hasOwn(SAID, part) ? SAID[part] : undefined) ?? (part.split(' ') as [string, string | undefined]);
    const known: readonly string[] = Object.hasOwn(TOPICS, topic) ? TOPICS[topic as TopicName].options : [];
    if (option !== undefined && known.includes(option)) choices[topic] = option;
    else wrong.push(typed.trim());
  }
  return { choices, wrong };
}

/**
 * The same as it is printed.
 * @example printSchools({ crossing: 'never' }) // 'crossing never'
 */
export const printSchools = (choices: SchoolChoices): string =>
  Object.entries(choices)
    .map(([topic, option]) => `${topic} ${option}`)
    .join(', ');
