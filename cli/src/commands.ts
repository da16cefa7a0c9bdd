import type { Level } from '@hopsk/core/judge/finding';
import { studyOf, type Study } from '@hopsk/core/judge/study';
import { understandDose } from '@hopsk/core/language/dose-plain';
import type { DoseError } from '@hopsk/core/language/dose-reader';
import { operate } from '@hopsk/core/language/operations';
import type { NotationError } from '@hopsk/core/language/ast';
import { parse } from '@hopsk/core/language/parse';
import { understand } from '@hopsk/core/language/plain';
import { readPatternFile, type FiledPattern } from '@hopsk/core/language/pattern-file';
import { printPattern } from '@hopsk/core/language/print';
import { compare } from '@hopsk/core/search/compare';
import { fitOnFloor } from '@hopsk/core/search/fit';
import { stepsToReach } from '@hopsk/core/search/steps-to-reach';
import { slipOf } from '@hopsk/core/motion/step-errors';
import { whatIf } from '@hopsk/core/search/what-if';
import { meantBy } from '@hopsk/core/view/readings';
import { reportOf } from '@hopsk/core/view/report';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { film } from './film.js';
import { decided, nextOf, rates } from './log.js';
import { BadInput, errorsOf, performerOf, placingOf, schoolsOf, type Options } from './options.js';
import { calls, dose, expand, grid, type Answer } from './sessions.js';
import { columns, findingLines, tableOf } from './table.js';

/** What a command prints, and how it ends. */
export interface Outcome {
  readonly text: string;
  readonly code: 0 | 1;
}

/** A file as it was read: its name for messages, and its text. */
export interface Source {
  readonly name: string;
  readonly text: string;
}

const RANK: Readonly<Record<Level, number>> = { note: 1, beware: 2, stop: 3 };

/** The pattern that is meant. @throws BadInput with file, line and column of what cannot be read. */
function patternOf(source: Source, name: string | undefined): FiledPattern {
  const { patterns, errors } = readPatternFile(source.text);
  const [first] = errors;
  if (first) throw new BadInput(`${source.name}:${first.line}: ${say(words.files, first)}`);
  const found = name === undefined ? patterns[0] : patterns.find((one) => one.name.toLowerCase() === name.toLowerCase());
  if (!found)
    throw new BadInput(
      name === undefined
        ? `${source.name} holds no pattern.`
        : `${source.name} holds no pattern ‘${name}’: ${patterns.map((one) => one.name).join(', ')}`,
    );
  return found;
}

function readSteps(source: Source, pattern: FiledPattern): ReturnType<typeof parse> {
  const parsed = parse(pattern.steps);
  if (parsed.errors.length > 0) {
    throw new BadInput(parsed.errors.map((error) => markOf(source, pattern, error)).join('\n'));
  }
  return parsed;
}

/** What cannot be read, or is asked, with its place and what may be meant. */
function markOf(source: Source, pattern: FiledPattern, error: NotationError): string {
  const meant = meantBy(error).map((one) => `‘${one}’`);
  const asks = meant.length === 0 ? '' : ` Did you mean ${meant.join(' or ')}?`;
  return `${source.name}:${pattern.line + error.line - 1}:${error.column}: ${say(words.notation, error)}${asks}`;
}

const json = (value: unknown): string => JSON.stringify(value, null, 2);

/** How a dose is read, with what is marked and asked in it. */
function readDose({ name, text: typed }: Source, options: Options): Outcome {
  const said = typed.trim();
  const { plain, errors } = understandDose(said);
  const marks = errors.map(({ from, to, code, instead, readings, ...error }) => ({
    ...{ code, column: from + 1, said: said.slice(from, to) },
    ...{ says: say(words.doses, { code, ...error } as DoseError), nearest: instead, readings },
  }));
  const lines = marks.map(({ column, says, nearest, readings }) => {
    const meant = (readings.length > 0 ? readings : [nearest ?? '']).filter((one) => one !== '').map((one) => `‘${one}’`);
    return `${name}:1:${column}: ${says}${meant.length === 0 ? '' : ` Did you mean ${meant.join(' or ')}?`}`;
  });
  const text = [plain, ...lines].filter((line) => line !== '').join('\n');
  return { text: options.json ? json({ typed: said, plain, marks }) : text, code: marks.length > 0 ? 1 : 0 };
}

/** What is held where schools differ: what is said, what the file says, what is usual in the sport. */
const judgedBy = ({ sport, held }: FiledPattern, options: Options) => ({
  sport: options.sport ?? sport,
  schools: { pattern: { ...schoolsOf(held, 'schools:'), ...schoolsOf(options.schools ?? '', '--schools') } },
});

/** @param errors that are made in it */
function studied(source: Source, pattern: FiledPattern, options: Options, errors?: string): Study {
  const performer = performerOf(options, pattern);
  const text =
    options.side === 'other'
      ? operate('other side', { text: pattern.steps, hand: pattern.hand, lead: null, area: pattern.area }).text
      : pattern.steps;
  const asked = { ...pattern, steps: text };
  const placing = placingOf(options, pattern.area);
  return studyOf(text, readSteps(source, asked), performer, pattern.shouldClose, {
    ...(options.choices && { choices: options.choices }),
    ...(options.seed !== undefined && { seed: options.seed }),
    ...(placing && { placing }),
    ...(errors !== undefined && { slip: slipOf(errorsOf(errors)) }),
    ...judgedBy(pattern, options),
  });
}

export const COMMANDS: Readonly<Record<string, (sources: readonly Source[], options: Options) => Outcome>> = {
  simulate: ([source], options) => {
    const { report } = reported(source, options);
    return { text: options.json ? json(report) : tableOf(report), code: 0 };
  },
  check: ([source], options) => {
    const { report } = reported(source, options, options.errors);
    const bad = report.findings.some((one) => !one.intended && RANK[one.level] >= RANK[options.level]);
    return { text: options.json ? json(report) : findingLines(report) || 'Nothing goes wrong here.', code: bad ? 1 : 0 };
  },
  mirror: ([source], options) => {
    const pattern = patternOf(there(source), options.pattern);
    const written = { text: pattern.steps, hand: pattern.hand, lead: pattern.lead === 'none' ? null : pattern.lead, area: pattern.area };
    const done = operate(options.operation, written);
    return { text: options.json ? json(done) : done.text, code: 0 };
  },
  format: ([source], options) => {
    const pattern = patternOf(there(source), options.pattern);
    const text = printPattern(readSteps(there(source), pattern));
    return { text: options.json ? json({ steps: text }) : text, code: 0 };
  },
  read: ([source], options) => {
    if (options.dose) return readDose(there(source), options);
    const pattern = patternOf(there(source), options.pattern);
    const { parsed, plain } = understand(pattern.steps);
    const marks = parsed.errors.map(({ from, to, line, column, code, nearest, readings, ...error }) => ({
      ...{ code, line: pattern.line + line - 1, column, said: pattern.steps.slice(from, to) },
      ...{ says: say(words.notation, { code, ...error } as NotationError), nearest, readings },
    }));
    const text = [plain, ...parsed.errors.map((error) => markOf(there(source), pattern, error))].filter((line) => line !== '').join('\n');
    return { text: options.json ? json({ typed: pattern.steps, plain, marks }) : text, code: marks.length > 0 ? 1 : 0 };
  },
  fit: ([source], options) => {
    const pattern = patternOf(there(source), options.pattern);
    const placing = placingOf(options, pattern.area);
    if (placing === null) throw new BadInput('fit needs --area, such as squash or "room 3.2 × 4 m"');
    const found = fitOnFloor(readSteps(there(source), pattern), performerOf(options, pattern), placing);
    const count = (n: number | null): string => (n === null ? `stays in all ${found.tried} that were tried` : `${n} repetitions`);
    const table = columns([
      ['one repetition', found.fits ? 'stays inside' : 'leaves the floor'],
      ['largest scale', found.scale === null ? 'none' : found.scale.toFixed(3)],
      ['as written', count(found.repetitions)],
      ['every other one to the other side', count(found.alternating)],
    ]);
    return { text: options.json ? json(found) : table, code: 0 };
  },
  'steps-to-reach': (_sources, options) => {
    if (options.distance === undefined) throw new BadInput('steps-to-reach needs --distance, metres');
    if (options.least > options.most) throw new BadInput('--least is more than --most');
    const answer = stepsToReach({
      distance: options.distance,
      step: { least: options.least, most: options.most },
      inReach: options['in-reach'],
      first: options.first ?? null,
      last: options.last ?? null,
      gather: options.gather,
    });
    const lines = [
      ...(answer.steps ?? []).map((step, i): [string, string] => [
        `${i + 1}`,
        `${step.kind}${step.foot === null ? '' : `, ${step.foot} foot`}, ${step.metres.toFixed(2)} m`,
      ]),
      ['rule', say(words.search.rules, answer.rule)] as const,
      ...answer.nearMisses.map((miss) => [`${miss.count} steps`, say(words.search.nearMisses, miss.why)] as const),
    ];
    return { text: options.json ? json(answer) : columns(lines), code: answer.steps === null ? 1 : 0 };
  },
  compare: (sources, options) => {
    const [first, second] = sources;
    const one = there(first);
    const other = second ?? one;
    const a = patternOf(one, options.pattern);
    const b = second ? patternOf(other, options.pattern) : readPatternFile(one.text).patterns.find((pattern) => pattern.name !== a.name);
    if (!b) throw new BadInput(`${one.name} holds one pattern only; name a second file.`);
    const found = compare(studied(one, a, options), studied(other, b, options));
    const value = (n: number | null): string => (n === null ? 'never' : String(Math.round(n * 1000) / 1000));
    const rows = found.lines
      .filter((line) => line.changed)
      .map(
        (line) =>
          [
            words.search.compared[line.what],
            `${value(line.a)} → ${value(line.b)} ${line.unit === 'count' || line.unit === 'share' ? '' : line.unit}`.trim(),
          ] as const,
      );
    const steps = found.steps.map((step) => `${step.side === 'a' ? '−' : '+'} ${step.text.replace(/\s+/g, ' ')}`);
    return { text: options.json ? json(found) : [columns(rows), ...steps].join('\n'), code: 0 };
  },
  expand: ([source], options) => answered(expand(readable(there(source), options), options), options),
  grid: ([source], options) => answered(grid(readable(there(source), options), options), options),
  dose: ([source], options) => answered(dose(there(source), options), options),
  calls: ([source], options) => answered(calls(source ?? null, options), options),
  rates: ([source], options) => answered(rates(there(source)), options),
  decide: ([source], options) => answered(decided(there(source), options.since), options),
  film: ([source], options) => answered(film(there(source), schoolsOf(options.schools ?? '', '--schools'), options), options),
  next: ([source], options) => answered(nextOf(there(source), options.focus), options),
};

/** The pattern that is meant, if its line can be read. */
function readable(source: Source, options: Options): FiledPattern {
  const pattern = patternOf(source, options.pattern);
  readSteps(source, pattern);
  return pattern;
}

const answered = ({ text, data, code }: Answer, options: Options): Outcome => ({ text: options.json ? json(data) : text, code });

function there(source: Source | undefined): Source {
  if (!source) throw new BadInput('A file, or a pattern on standard input, is needed.');
  return source;
}

function reported(source: Source | undefined, options: Options, errors?: string): { report: ReturnType<typeof reportOf> } {
  const from = there(source);
  const pattern = patternOf(from, options.pattern);
  const seen = studied(from, pattern, options, errors);
  const repeats =
    options.repeats === undefined && options.errors === undefined
      ? null
      : whatIf(
          readSteps(from, { ...pattern, steps: seen.text }),
          seen.simulation.performer,
          errorsOf(options.errors),
          options.repeats ?? 1,
          {
            ...judgedBy(pattern, options),
            ...(options.choices && { choices: options.choices }),
            ...(options.seed !== undefined && { seed: options.seed }),
          },
        );
  return { report: reportOf(seen, repeats) };
}
