import { secondsSaid } from './dose-text.js';
import type { FileMessages } from './messages.js';
import { fileErrors, type FileError } from './pattern-file.js';

/** What a session's text settles before its first pattern. Seconds and minutes; null: not said. */
export interface SessionHead {
  readonly change: number | null;
  readonly rest: number | null;
  readonly setRest: number | null;
  readonly water: { readonly every: number; readonly seconds: number } | null;
  readonly minutes: number | null;
  readonly area: string;
  readonly equipment: number | null;
  readonly seed: number;
}

export const OPEN_HEAD: SessionHead = {
  change: null,
  rest: null,
  setRest: null,
  water: null,
  minutes: null,
  area: '',
  equipment: null,
  seed: 1,
};

type Wanted = FileMessages['setting']['wanted'];
/** What a line settles, or what it should have been. */
type Settled = Partial<SessionHead> | Wanted;

const seconds = (value: string, settled: (seconds: number) => Partial<SessionHead>): Settled => {
  const time = secondsSaid(value);
  return time === null ? 'time' : settled(time);
};
const whole = (value: string, wanted: Wanted, settled: (n: number) => Partial<SessionHead>): Settled =>
  /^\d+$/.test(value) ? settled(Number(value)) : wanted;

/** Each line that a head may have, by its word. */
const LINES: Readonly<Record<string, (value: string) => Settled>> = {
  change: (value) => seconds(value, (change) => ({ change })),
  rest: (value) => seconds(value, (rest) => ({ rest })),
  'set rest': (value) => seconds(value, (setRest) => ({ setRest })),
  water: (value) => {
    const [seconds = null, every = null] = value.split(/\severy\s/i).map(secondsSaid);
    return seconds !== null && every !== null ? { water: { seconds, every } } : 'water';
  },
  minutes: (value) => whole(value, 'minutes', (minutes) => ({ minutes })),
  equipment: (value) => whole(value, 'number', (equipment) => ({ equipment })),
  seed: (value) => whole(value, 'number', (seed) => ({ seed })),
  floor: (area) => ({ area }),
};
const LINE = new RegExp(`^(${Object.keys(LINES).join('|')}):(.*)$`, 'i');

/**
 * Reads the lines before the first '== name'. A setting that cannot be read stays as it was, and is named by its line.
 * @returns the head, and the text without it, every line in its place.
 * @example readHead('rest: 20 s\n== Drill\nsplit').head.rest // 20
 */
export function readHead(text: string): { readonly head: SessionHead; readonly patterns: string; readonly errors: readonly FileError[] } {
  const errors: FileError[] = [];
  const say = fileErrors(errors);
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/);
  const first = lines.findIndex((line) => line.startsWith('=='));
  let head = OPEN_HEAD;
  const patterns = lines.map((line, i) => {
    const [, name = '', value = ''] = (first < 0 || i < first ? LINE.exec(line) : null) ?? [];
    const settled = LINES[name.toLowerCase()]?.(value.trim());
    if (settled === undefined) return line;
    if (typeof settled === 'string') say(i + 1, 'setting', { said: value.trim(), wanted: settled });
    else head = { ...head, ...settled };
    // Lines keep their numbers for what is said of the others.
    return '#';
  });
  return { head, patterns: patterns.join('\n'), errors };
}

/** Writes a head as `readHead` reads it; what is not decided is left out. */
export function writeHead({ change, water, rest, setRest, minutes, area, equipment, seed }: SessionHead): string {
  return [
    ...(change === null ? [] : [`change: ${change} s`]),
    ...(water ? [`water: ${water.seconds} s every ${water.every} s`] : []),
    ...(rest === null ? [] : [`rest: ${rest} s`]),
    ...(setRest === null ? [] : [`set rest: ${setRest} s`]),
    ...(minutes === null ? [] : [`minutes: ${minutes}`]),
    ...(area === '' ? [] : [`floor: ${area}`]),
    ...(equipment === null ? [] : [`equipment: ${equipment}`]),
    `seed: ${seed}`,
  ].join('\n');
}
