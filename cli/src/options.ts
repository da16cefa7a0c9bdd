import { parseArgs } from 'node:util';
import { bodyOf } from '@hopsk/core/body/body';
import type { Side } from '@hopsk/core/body/foot';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import type { Placing } from '@hopsk/core/judge/area';
import { placingFrom } from '@hopsk/core/judge/area-text';
import { TOPICS, type SchoolChoices, type TopicName } from '@hopsk/core/judge/schools';
import { readSchools } from '@hopsk/core/judge/schools-text';
import type { Performer } from '@hopsk/core/motion/simulation';
import { secondsRange, type OwnTimes } from '@hopsk/core/motion/own-times';
import { TEMPO_KINDS, type TempoKind } from '@hopsk/core/motion/tempo-kinds';
import { NO_ERRORS, type StepErrors } from '@hopsk/core/motion/step-errors';
import * as z from 'zod';

/** What was typed cannot be done: said with its place, exit code 2. */
export class BadInput extends Error {}

export const HELP = `hopsk COMMAND [FILE] [options]      a file of patterns, or standard input

  simulate         where the feet go, and what the pattern takes
  check            what goes wrong; exit 1 on findings at or above --level
  mirror           the text for the other side: --operation "mirror all" | "other hand" | "other lead" | "other side"
  format           the text in its plain form
  read             how a line is read: the plain form, what is marked and what is asked; exit 1 where something is; --dose: a dose
  fit              largest scale and repetitions on --area
  steps-to-reach   --distance M --least M --most M [--in-reach M] [--first left|right] [--last left|right] [--gather]
  compare          two patterns of a file, or FILE and OTHER FILE
  expand           stages from a pattern: --kinds LIST --chain forward|backward|whole-part-whole --playbook CODE --opposed fed|partner
                   --rest S --set-rest S --change S --cautions "left knee; ankle" --no-other-lead
  grid             variants: --axes "lead; count=1,2,3; exit=cut: cut right 30 cm | …" --each N --skill AXIS --a-round N --sessions N
  dose             totals, problems and timeline of a session file: --minutes N --athletes N [--csv]
  calls            fair calls: FILE of patterns or --alternatives "left, right" --weights 2,1 --number N --longest-run N
                   --interval 3-4 --reaction S --area …
  rates            a log as a table: how often, how sure, what recurs, where it shows
  decide           a log as a table: what the rule of thumb and a running test say of each fault: --since DAY
  film             marks and points of a clip as a table: times, places and steps with what the film leaves open
  next             a log as a table: what to fix first and its remedy: --focus "split-late, tall"

  --pattern NAME        which pattern of the file (the first without it)
  --height M --hip M --shoulder M --leg M --foot M --under-16
  --stance CODE --lead left|right --hand left|right --side other
  --area CODE | "room 3.2 × 4 m"   --start RIGHT,AHEAD   --facing DEGREES
  --repeats N           do it N times; drift after one and N
  --times "gather=0.5,lunge=0.7"    seconds that they take for moves, measured: ${TEMPO_KINDS.slice(0, 6).join(', ')} …
  --errors "second-foot=5,turn=10,swing=5,ahead=1.1,back=0.8,slower=left:1.3,split-late=120,no-split,land-late=100,toe=20,
         wrong-first,step-more,homeward=0.7"
                        what goes wrong each time: cm, degrees, factors, milliseconds; check looks at the line done so
  --sport NAME          whose usual schools hold (the pattern's own)
  --schools "crossing never, retreats-on on"    what is held where schools differ
  --choices 0,1,…  --seed N         branches of alternatives
  --level note|beware|stop          of check (beware)
  --json                what docs/cli.md describes

Exit 0: fine · 1: findings at or above the level · 2: bad input`;

const TOPIC_NAMES = Object.keys(TOPICS) as TopicName[];
const number = (low: number, high: number) =>
  z.coerce.number(`is not a number`).min(low, `is less than ${low}`).max(high, `is more than ${high}`);
const whole = (low: number, high: number) => number(low, high).pipe(z.int('is not a whole number'));
const side = z.enum(['left', 'right'], 'is left or right');
const list = z
  .string()
  .regex(/^\d+(,\d+)*$/, 'is a list such as 0,1,1')
  .transform((text) => text.split(',').map(Number));

const Options = z.object({
  json: z.boolean().default(false),
  help: z.boolean().default(false),
  pattern: z.string().optional(),
  height: number(0.8, 2.4).optional(),
  hip: number(0.15, 0.6).optional(),
  shoulder: number(0.18, 0.7).optional(),
  leg: number(0.35, 1.4).optional(),
  foot: number(0.12, 0.4).optional(),
  'under-16': z.boolean().default(false),
  stance: z
    .string()
    .refine((code) => schoolOf(code) !== undefined, `is no stance; known: ${SCHOOLS.map((one) => one.code).join(', ')}`)
    .optional(),
  lead: side.optional(),
  hand: side.optional(),
  side: z.enum(['other'], 'can only be other').optional(),
  area: z.string().optional(),
  start: z
    .string()
    .regex(/^-?\d+(\.\d+)?,-?\d+(\.\d+)?$/, 'is a place such as 0.5,-2')
    .optional(),
  facing: number(-360, 360).optional(),
  repeats: whole(1, 1000).optional(),
  times: z.string().max(400, 'is longer than any').optional(),
  errors: z.string().optional(),
  sport: z.string().max(60, 'is longer than any').optional(),
  schools: z.string().max(400, 'is longer than any').optional(),
  choices: list.optional(),
  seed: whole(0, 4294967295).optional(),
  level: z.enum(['note', 'beware', 'stop'], 'is note, beware or stop').default('beware'),
  operation: z
    .enum(['mirror all', 'other hand', 'other lead', 'other side'], 'is mirror all, other hand, other lead or other side')
    .default('mirror all'),
  distance: number(0, 1000).optional(),
  least: number(0.01, 100).default(0.3),
  most: number(0.01, 100).default(0.9),
  'in-reach': number(0, 100).default(0),
  first: side.optional(),
  last: side.optional(),
  gather: z.boolean().default(false),
  kinds: z.string().optional(),
  chain: z.string().default('forward'),
  playbook: z.string().optional(),
  opposed: z.enum(['fed', 'partner'], 'is fed or partner').default('fed'),
  rest: number(0, 3600).optional(),
  'set-rest': number(0, 3600).optional(),
  change: number(0, 3600).optional(),
  cautions: z.string().optional(),
  'no-other-lead': z.boolean().default(false),
  axes: z.string().optional(),
  skill: z.string().optional(),
  each: whole(1, 1000).default(3),
  'a-round': whole(1, 100).default(4),
  sessions: whole(1, 100).default(1),
  minutes: number(1, 360).optional(),
  athletes: whole(1, 40).default(1),
  csv: z.boolean().default(false),
  dose: z.boolean().default(false),
  alternatives: z.string().optional(),
  since: z.iso.date('is no day such as 2026-11-28').default('0001-01-01'),
  focus: z
    .string()
    .regex(/^[a-z0-9-]+(\s*,\s*[a-z0-9-]+)*$/, 'is a list of faults such as split-late, tall')
    .transform((text) => text.split(',').map((one) => one.trim()))
    .default([]),
  weights: z
    .string()
    .regex(/^\d+(\.\d+)?(,\d+(\.\d+)?)*$/, 'is a list such as 2,1,1')
    .optional(),
  number: whole(1, 20_000).default(20),
  'longest-run': whole(1, 20).default(3),
  reaction: number(0, 5).default(0.4),
  interval: z
    .string()
    .regex(/^\d+(\.\d+)?(-\d+(\.\d+)?)?$/, 'is seconds such as 4 or 3-4.5')
    .transform((text) => text.split('-').map(Number))
    .transform(([low = 0, high = low]) => ({ low, high }))
    .refine(({ low, high }) => low <= high, 'runs downwards')
    .optional(),
});
export type Options = z.infer<typeof Options>;

const FLAGS = ['json', 'help', 'under-16', 'gather', 'no-other-lead', 'csv', 'dose'];

/** The command, its files and options. @throws BadInput with the option and what is wrong with it. */
export function readArguments(argv: readonly string[]): { command: string; files: readonly string[]; options: Options } {
  let parsed;
  try {
    parsed = parseArgs({
      args: [...argv],
      allowPositionals: true,
      options: Object.fromEntries(
        Object.keys(Options.shape).map((name) => [name, { type: FLAGS.includes(name) ? 'boolean' : 'string' }]),
      ) as never,
    });
  } catch (error) {
    throw new BadInput((error as Error).message.replace(/\. To specify.*$/s, '.'));
  }
  const read = Options.safeParse(parsed.values);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new BadInput(`--${String(issue?.path[0])} ${issue?.message}`);
  }
  const [command = '', ...files] = parsed.positionals;
  return { command, files, options: read.data };
}

/** For whom: measured or estimated body, stance, hand and lead; the pattern's own where nothing is said. */
export function performerOf(options: Options, written: { school: string; hand: Side; lead: Side | 'none' }): Performer {
  const school = schoolOf(options.stance ?? written.school) ?? SCHOOLS[0];
  const { height, hip, shoulder, leg, foot } = options;
  const measures = { height: height ?? null, hip: hip ?? null, shoulder: shoulder ?? null, leg: leg ?? null, foot: foot ?? null };
  const lead = options.lead ?? (written.lead === 'none' ? null : written.lead);
  return {
    body: bodyOf(measures, options['under-16']),
    school,
    lead: school.staggered ? (lead ?? 'left') : null,
    playing: options.hand ?? written.hand,
    times: timesOf(options.times),
  };
}

export function placingOf(options: Options, areaOfPattern: string): Placing | null {
  const said = options.area ?? areaOfPattern;
  if (said === '') return null;
  const placing = placingFrom(said);
  if (placing === null) throw new BadInput(`--area ${said} is no floor; try squash, or "room 3.2 × 4 m"`);
  const [x, y] = options.start?.split(',').map(Number) ?? [];
  return { ...placing, ...(x !== undefined && y !== undefined && { at: { x, y } }), facing: options.facing ?? placing.facing };
}

/** Errors that are made or not. */
const WHETHER: Readonly<Record<string, 'noSplit' | 'wrongFirst' | 'stepMore'>> = {
  'no-split': 'noSplit',
  'wrong-first': 'wrongFirst',
  'step-more': 'stepMore',
};

/** Errors an athlete makes, from 'second-foot=5,turn=10'. Lengths in cm, angles in degrees, times in milliseconds. */
export function errorsOf(said: string | undefined): StepErrors {
  let errors = NO_ERRORS;
  for (const part of said?.split(',') ?? []) {
    const [name, value = ''] = part.split('=').map((text) => text.trim());
    const bad = (): BadInput =>
      new BadInput(
        `--errors ‘${part}’ is not understood; such as second-foot=5, turn=10, swing=5, ahead=1.1, back=0.8, slower=left:1.3, split-late=120, no-split, land-late=100, toe=20, wrong-first, step-more, homeward=0.7`,
      );
    const whether = name === undefined || value !== '' ? undefined : WHETHER[name];
    if (whether) {
      errors = { ...errors, [whether]: true };
      continue;
    }
    if (name === 'slower') {
      const [to, factor] = value.split(':');
      if ((to !== 'left' && to !== 'right') || !(Number(factor) > 0 && Number(factor) <= 5)) throw bad();
      errors = { ...errors, slower: { side: to, factor: Number(factor) } };
      continue;
    }
    const n = Number(value);
    if (value === '' || !Number.isFinite(n) || Math.abs(n) > (name?.endsWith('late') ? 2000 : 180)) throw bad();
    if (name === 'second-foot') errors = { ...errors, secondFoot: n / 100 };
    else if (name === 'turn') errors = { ...errors, turnShort: n };
    else if (name === 'swing') errors = { ...errors, swingShort: n };
    else if ((name === 'ahead' || name === 'back' || name === 'homeward') && n > 0.1 && n < 5) errors = { ...errors, [name]: n };
    else if (name === 'split-late') errors = { ...errors, splitLate: n / 1000 };
    else if (name === 'land-late') errors = { ...errors, landLate: n / 1000 };
    else if (name === 'toe') errors = { ...errors, toeOut: n };
    else throw bad();
  }
  return errors;
}

/** What somebody takes for moves, from 'gather=0.5, lunge=0.7'. Seconds. */
function timesOf(said: string | undefined): OwnTimes {
  const times: Partial<Record<TempoKind, number>> = {};
  for (const part of said?.split(',') ?? []) {
    const [name = '', value = ''] = part.split('=').map((text) => text.trim());
    const kind = TEMPO_KINDS.find((one) => one.toLowerCase() === name.toLowerCase());
    if (kind === undefined) throw new BadInput(`--times ‘${part}’: no such kind of move; known: ${TEMPO_KINDS.join(', ')}`);
    const [low, high] = secondsRange(kind);
    const seconds = Number(value);
    if (value === '' || !(seconds >= low && seconds <= high))
      throw new BadInput(`--times ‘${part}’: ${kind} takes from ${low.toFixed(2)} to ${high.toFixed(2)} s`);
    times[kind] = seconds;
  }
  return times;
}

/** What is held where schools differ, from 'crossing never, retreat one'. */
export function schoolsOf(said: string, from: string): SchoolChoices {
  const { choices, wrong } = readSchools(said);
  if (wrong.length > 0)
    throw new BadInput(
      `${from} ‘${wrong.join(', ')}’: no topic with such an option; known: ${TOPIC_NAMES.map((one) => `${one} ${TOPICS[one].options.join('|')}`).join(', ')}`,
    );
  return choices;
}
