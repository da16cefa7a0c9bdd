import { said } from '../said.js';
import { beyond, count, numberOf, parted, rangeText, secondsOf, secondsText, split, type Clause } from './dose-words.js';
import {
  doseBy,
  exactly,
  LONGEST_REST,
  OPEN_LEAST,
  pyramid,
  DOSE_LIMITS,
  type Alternation,
  type Chime,
  type Range,
  type Rest,
  type Sides,
  type Dose,
  type Work,
} from './dose.js';
import type { DoseMessage, DoseMessages } from './messages.js';

/** What is wrong with a piece of a dose, where, and the nearest thing that works. */
export type DoseError = DoseMessage & {
  readonly from: number;
  readonly to: number;
  readonly instead: string | null;
};

/** A dose as it was read; null where not even its work could be. */
export interface ReadDose {
  readonly dose: Dose | null;
  readonly errors: readonly DoseError[];
}

const TIME = String.raw`\d+:\d\d|\d+(?:[.,]\d+)?(?:\s*(?:[–-]|to)\s*\d+(?:[.,]\d+)?)?\s*(?:s|sec|seconds?|min|minutes?|h)\b`;
const UNIT = String.raw`(?:reps?|repetitions?|times|balls?|feeds?|steps?|singles?)`;
const WHOLE = String.raw`-?\d+(?:\s*(?:[–-]|to)\s*\d+)?`;
const SIDES = /\b(?:(each)|both)\s+(sides?|leads?|legs?|ways?)(\s+in\s+all)?$/i;
const SETS_OF = new RegExp(String.raw`^(${WHOLE})\s+sets?\s+of\s+`, 'i');
const TIMES_ = new RegExp(String.raw`^(${WHOLE})\s*(?:[x×*]|rounds?\s+of)\s*`, 'i');

/**
 * Reads a dose as a coach says it: '4 sets of 2 × 8', '6 × 45 s, rest 20 s', '30–60 s', 'until comfortable', '10 each side',
 * 'pyramid 5', '2 min, every 20 s (lunge ahead, recover back) at cycle end'. Clauses are parted by commas. Never throws;
 * what cannot be read is said with its place, everything else is kept.
 * @example readDose('3 × 8, rest 20 s').dose.rest // 20
 */
export function readDose(text: string): ReadDose {
  const errors: DoseError[] = [];
  if (text.length > DOSE_LIMITS.characters)
    return {
      dose: null,
      errors: [
        { ...said<DoseMessages, 'too-long'>('too-long', { most: DOSE_LIMITS.characters }), from: 0, to: text.length, instead: null },
      ],
    };
  const [head, ...rest] = split(text);
  if (!head || head.text === '') {
    return { dose: null, errors: [{ code: 'empty', values: {}, from: 0, to: text.length, instead: '3 × 30 s' }] };
  }
  let dose = headOf(head, errors);
  for (const clause of rest) dose = withClause(dose, clause, errors);
  return { dose, errors };
}

function say<Code extends keyof DoseMessages>(
  errors: DoseError[],
  { from, text }: Clause,
  code: Code,
  values: DoseMessages[Code],
  instead: string | null = null,
): null {
  errors.push({ ...said<DoseMessages, Code>(code, values), from, to: from + text.length, instead });
  return null;
}

/** The first clause: sets, rounds, work and sides. */
function headOf(clause: Clause, errors: DoseError[]): Dose | null {
  let rest = clause.text;
  const sidesSaid = SIDES.exec(rest.trimEnd());
  const sides: Sides | null = sidesSaid
    ? { of: /lead/i.test(sidesSaid[2] ?? '') ? 'lead' : 'side', share: sidesSaid[1] ? 'each' : sidesSaid[3] ? 'all' : null }
    : null;
  if (sidesSaid) rest = rest.slice(0, sidesSaid.index).trim().replace(/,$/, '').trimEnd();
  const factors: Range[] = [];
  const setsOf = SETS_OF.exec(rest);
  if (setsOf) {
    factors.push(countOf(clause, setsOf[1] ?? '', DOSE_LIMITS.sets, 'sets', errors));
    rest = rest.slice(setsOf[0].length);
  }
  for (let found = TIMES_.exec(rest); found && factors.length < 2; found = TIMES_.exec(rest)) {
    factors.push(countOf(clause, found[1] ?? '', DOSE_LIMITS.rounds, 'rounds', errors));
    rest = rest.slice(found[0].length);
  }
  const work = workOf({ ...clause, text: rest.trim() }, clause, errors);
  if (work === null) return null;
  const [first, second] = factors;
  const sets = setsOf || second ? (first ?? exactly(1)) : exactly(1);
  const rounds = second ?? (setsOf ? exactly(1) : (first ?? exactly(1)));
  return doseBy(work, { sides, sets, rounds });
}

function countOf(clause: Clause, typed: string, most: number, what: string, errors: DoseError[]): Range {
  const range = count(typed);
  const wrong = beyond(range, most);
  if (wrong === null) return range;
  say(errors, clause, wrong.why, { said: `${typed.trim()} ${what}`, most }, `${rangeText(wrong.instead)} ${what}`);
  return wrong.instead;
}

function workOf(clause: Clause, whole: Clause, errors: DoseError[]): Work | null {
  const { text } = clause;
  const open = new RegExp(`^(?:at least (${TIME})\\s+)?until (?:comfortable|easy|confident)$`, 'i').exec(text);
  if (open) return { by: 'open', least: open[1] ? (secondsOf(open[1])?.low ?? OPEN_LEAST) : OPEN_LEAST };
  const climb = /^(ladder|pyramid)\s(.*)$/is.exec(text);
  const numbers = climb?.[2]?.split(/[-–]/).map((one) => one.trim()) ?? [];
  if (climb && numbers.every((one) => /^\d+$/.test(one))) return ladderOf(climb[1] ?? '', numbers.map(Number), clause, errors);
  const within = new RegExp(`^(${WHOLE})(?:\\s*${UNIT})?\\s+in\\s+(${TIME})$`, 'i').exec(text);
  if (within) {
    const seconds = secondsOf(within[2] ?? '');
    return {
      by: 'count',
      count: countOf(clause, within[1] ?? '', DOSE_LIMITS.count, 'repetitions', errors),
      of: 1,
      within: seconds?.low ?? null,
    };
  }
  if (new RegExp(`^-?(?:${TIME})$`, 'i').test(text)) return timeOf(clause, errors);
  const counted = new RegExp(`^(${WHOLE})\\s*(${UNIT}|doubles?|triples?|calls?)?$`, 'i').exec(text);
  if (counted) {
    const unit = (counted[2] ?? '').toLowerCase();
    const range = countOf(clause, counted[1] ?? '', DOSE_LIMITS.count, unit || 'repetitions', errors);
    if (unit.startsWith('call')) return { by: 'calls', count: range };
    return { by: 'count', count: range, of: unit.startsWith('double') ? 2 : unit.startsWith('triple') ? 3 : 1, within: null };
  }
  return say(errors, whole, 'no-dose', { said: whole.text }, '3 × 30 s');
}

function timeOf(clause: Clause, errors: DoseError[]): Work | null {
  const range = secondsOf(clause.text);
  if (range === null) return say(errors, clause, 'no-time', { said: clause.text }, '30 s');
  const wrong = beyond(range, DOSE_LIMITS.seconds);
  if (wrong) say(errors, clause, wrong.why, { said: clause.text, most: DOSE_LIMITS.seconds }, `${rangeText(wrong.instead)} s`);
  return { by: 'time', seconds: wrong?.instead ?? range };
}

function ladderOf(kind: string, typed: readonly number[], clause: Clause, errors: DoseError[]): Work {
  const top = Math.min(20, Math.max(1, typed[0] ?? 1));
  const counts = /pyramid/i.test(kind) && typed.length === 1 ? pyramid(top) : typed;
  const kept = counts.filter((n) => n >= 1 && n <= DOSE_LIMITS.count).slice(0, DOSE_LIMITS.ladder);
  if (kept.length < counts.length || (typed[0] ?? 0) > 20) say(errors, clause, 'ladder', { said: clause.text, most: DOSE_LIMITS.count });
  return { by: 'ladder', counts: kept.length > 0 ? kept : [1] };
}

const CHIME = new RegExp(`^every\\s+(${TIME})\\s*\\((.*)\\)\\s*(?:(at once|at cycle end)\\s*)?(and on the bell)?$`, 'is');

/** One of the later clauses. */
function withClause(dose: Dose | null, clause: Clause, errors: DoseError[]): Dose | null {
  if (dose === null) return null;
  const { text } = clause;
  const rest = /^(?:(set)\s+rest|rest\s+(between\s+sets)|between\s+(sets)|rest(?:\s+between\s+rounds)?)\s+(\S.*)$/is.exec(text);
  if (rest) {
    const value = restOf(rest[4] ?? '', clause, errors);
    return rest[1] || rest[2] || rest[3] ? { ...dose, setRest: value } : { ...dose, rest: value };
  }
  if (/^no rest$/i.test(text)) return { ...dose, rest: 0, setRest: dose.setRest ?? 0 };
  const ratio = /^work\s*:\s*rest\s+(\d+(?:\.\d+)?)\s*:\s*(\d+(?:\.\d+)?)$/i.exec(text);
  if (ratio && Number(ratio[1]) > 0) return { ...dose, rest: { times: Number(ratio[2]) / Number(ratio[1]) } };
  const turns = /^alternating\s/i.test(text) ? parted(text.slice('alternating'.length), /\sand\s/i) : null;
  if (turns) return { ...dose, alternate: { a: turns[0], b: turns[1] } satisfies Alternation };
  if (/^count(?:s|ing)? (?:aloud|spoken)$/i.test(text)) return { ...dose, speaks: 'counts' };
  if (/^beats (?:aloud|spoken)$/i.test(text)) return { ...dose, speaks: 'beats' };
  if (/^challenge$/i.test(text)) return { ...dose, challenge: true };
  const chime = CHIME.exec(text);
  if (chime) {
    const every = secondsOf(chime[1] ?? '')?.low ?? 0;
    if (every < 1) {
      say(errors, clause, 'chime', {}, 'every 20 s (…)');
      return dose;
    }
    const one: Chime = {
      every,
      does: (chime[2] ?? '').trim(),
      when: /at cycle end/i.test(chime[3] ?? '') ? 'at cycle end' : 'at once',
      onBell: chime[4] !== undefined,
    };
    return { ...dose, chimes: [...dose.chimes, one].slice(0, DOSE_LIMITS.chimes) };
  }
  say(errors, clause, 'not-understood', { said: text }, 'rest 30 s');
  return dose;
}

function restOf(typed: string, clause: Clause, errors: DoseError[]): Rest {
  const times = /^(\d+(?:\.\d+)?)\s*(?:[x×]|times)(?:\s+(?:the\s+)?work)?$/i.exec(typed);
  if (times) return { times: Number(times[1]) };
  const bare = /^-?\d+(?:\.\d+)?$/.test(typed.trim()) ? exactly(numberOf(typed)) : null;
  const seconds = secondsOf(typed) ?? bare;
  if (seconds === null) return say(errors, clause, 'rest-no-time', { said: typed }, 'rest 30 s');
  if (seconds.low < 0) return say(errors, clause, 'rest-negative', {}, 'rest 30 s');
  if (Math.max(seconds.low, seconds.high) > LONGEST_REST) return say(errors, clause, 'rest-long', {}, 'rest 60 s');
  if (seconds.low > seconds.high) {
    const { high: low, low: high } = seconds;
    say(errors, clause, 'downwards', { said: typed.trim() }, `rest ${secondsText({ low, high })}`);
    return { low, high };
  }
  return seconds.low === seconds.high ? seconds.low : seconds;
}

/**
 * Writes a dose so that reading gives it again.
 * @example printDose(readDose('3×8,rest 20 s').dose) // '3 × 8, rest 20 s'
 */
export function printDose(dose: Dose): string {
  const { work, sides, sets, rounds } = dose;
  const many = (range: Range): boolean => range.low !== 1 || range.high !== 1;
  const setsText = many(sets) ? `${rangeText(sets)} sets of ` : '';
  const roundsText = many(rounds) ? `${rangeText(rounds)} × ` : '';
  const sidesText =
    sides === null
      ? ''
      : ` ${sides.share === 'each' ? 'each' : 'both'} ${sides.of}${sides.share === 'each' ? '' : 's'}${sides.share === 'all' ? ' in all' : ''}`;
  const rest = (value: Rest): string =>
    value === null
      ? ''
      : typeof value === 'number'
        ? secondsText(exactly(value))
        : 'times' in value
          ? `${value.times} × work`
          : secondsText(value);
  return [
    `${setsText}${roundsText}${workText(work)}${sidesText}`,
    dose.rest === null ? '' : `rest ${rest(dose.rest)}`,
    dose.setRest === null ? '' : `set rest ${rest(dose.setRest)}`,
    ...dose.chimes.map(
      (chime) => `every ${secondsText(exactly(chime.every))} (${chime.does}) ${chime.when}${chime.onBell ? ' and on the bell' : ''}`,
    ),
    dose.alternate ? `alternating ${dose.alternate.a} and ${dose.alternate.b}` : '',
    dose.speaks ? `${dose.speaks} aloud` : '',
    dose.challenge ? 'challenge' : '',
  ]
    .filter((part) => part !== '')
    .join(', ');
}

function workText(work: Work): string {
  switch (work.by) {
    case 'time':
      return secondsText(work.seconds);
    case 'calls':
      return `${rangeText(work.count)} calls`;
    case 'open':
      return work.least === OPEN_LEAST ? 'until comfortable' : `at least ${secondsText(exactly(work.least))} until comfortable`;
    case 'ladder':
      return work.counts.length === 1 ? `ladder ${work.counts[0] ?? 1}` : `ladder ${work.counts.join('-')}`;
    case 'count':
      return `${rangeText(work.count)}${work.of === 2 ? ' doubles' : work.of === 3 ? ' triples' : ''}${work.within === null ? '' : ` in ${secondsText(exactly(work.within))}`}`;
  }
}

/**
 * The nearest dose that can be read as a whole; null where nothing is wrong. What could be read of it is kept.
 * @example mendedDose('3 × 8, with feeling') // '3 × 8'
 */
export function mendedDose(text: string): string | null {
  const { dose, errors } = readDose(text);
  if (errors.length === 0) return null;
  if (!dose) return errors.flatMap(({ instead }) => instead ?? []).find((one) => readDose(one).errors.length === 0) ?? '3 × 30 s';
  // A rest that could not be read was left open: the nearest one takes its place.
  const rests = errors.flatMap(({ from, to, instead }) =>
    instead !== null && /rest|between sets/i.test(text.slice(from, to)) ? [instead] : [],
  );
  return [printDose(dose), ...new Set(rests)].join(', ');
}
