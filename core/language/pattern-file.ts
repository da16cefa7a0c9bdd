import type { Side } from '../body/foot.js';
import { schoolOf } from '../body/school.js';
import { said } from '../said.js';
import { cut } from './cut.js';
import { DOSE_LIMITS } from './dose.js';
import { FILE_LIMITS, NOTATION_LIMITS } from './limits.js';
import type { FileMessage, FileMessages } from './messages.js';
import { linesOf, oneLine } from './one-line.js';
import { STAGE_FIELDS, type StageField, type StageLineSaid } from './stage-fields.js';

/** A pattern as it stands in a text file: its steps and for whom they are written. */
export interface FiledPattern {
  readonly name: string;
  readonly steps: string;
  readonly sport: string;
  readonly school: string;
  readonly hand: Side;
  readonly lead: Side | 'none';
  readonly shouldClose: boolean;
  readonly area: string;
  readonly tags: readonly string[];
  /** What is held where schools differ, as it is typed. */
  readonly held: string;
  /** How much of it, as a coach types it; empty where nothing is said. */
  readonly dose: string;
  /** In a session: how the athlete knows when to begin, and seconds to show and explain. */
  readonly cued: string;
  readonly explain: number;
  /** In a session: what else a stage holds, line by line. */
  readonly also: readonly StageLineSaid[];
  /** Line of the file on which its steps begin, from 1. */
  readonly line: number;
}

/** What is wrong with a line of a file. */
export type FileError = FileMessage & { readonly line: number };

/** Notes what is wrong with a line. */
export type SayFile = <Code extends keyof FileMessages>(line: number, code: Code, values: FileMessages[Code]) => void;

/** Gathers what is wrong with a file. */
export const fileErrors =
  (into: FileError[]): SayFile =>
  (line, code, values) =>
    into.push({ ...said<FileMessages, typeof code>(code, values), line });

const USUAL: Omit<FiledPattern, 'line'> = {
  name: '',
  steps: '',
  sport: '',
  school: 'square-ready',
  hand: 'right',
  lead: 'none',
  shouldClose: true,
  area: '',
  tags: [],
  held: '',
  dose: '',
  cued: '',
  explain: 0,
  also: [],
};

const FIELD = /^(sport|stance|hand|lead|closes|area|tags|schools|dose|cued|explain):(.*)$/i;
const OF_STAGE = new RegExp(`^(${STAGE_FIELDS.join('|')}):(.*)$`, 'i');

/** The name in a line '== name' or '== name =='; null where the line is none. */
function nameIn(line: string): string | null {
  if (!line.startsWith('==')) return null;
  const said = line.slice(2).trim();
  return said.endsWith('==') ? said.slice(0, -2).trimEnd() : said;
}

type Draft = { -readonly [K in keyof FiledPattern]: FiledPattern[K] } & { also: StageLineSaid[] };

/**
 * Reads a file of patterns: '== name', then 'stance: …' and other fields, then the steps as they are typed. A text without a
 * '==' is one pattern without a name. What cannot be read is named by its line; everything else is kept.
 */
export function readPatternFile(text: string): { readonly patterns: readonly FiledPattern[]; readonly errors: readonly FileError[] } {
  const errors: FileError[] = [];
  const say = fileErrors(errors);
  if (text.length > FILE_LIMITS.characters) {
    say(1, 'too-long', { most: FILE_LIMITS.characters });
    return { patterns: [], errors };
  }
  const patterns: Draft[] = [];
  let open: Draft | null = null;
  let inSteps = false;
  const begin = (name: string, line: number): Draft => {
    const draft: Draft = { ...USUAL, also: [], name, line: line + 1 };
    patterns.push(draft);
    inSteps = false;
    return draft;
  };
  text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .forEach((content, i) => {
      const name = nameIn(content);
      if (name !== null) {
        if (name === '') say(i + 1, 'no-name', {});
        if (name.length > FILE_LIMITS.name) say(i + 1, 'name-cut', { most: FILE_LIMITS.name });
        open = begin(cut(name || 'unnamed', FILE_LIMITS.name), i + 1);
        return;
      }
      const ofStage = inSteps ? null : OF_STAGE.exec(content);
      if (ofStage) {
        open ??= begin('', i);
        const field = (ofStage[1] ?? '').toLowerCase() as StageField;
        open.also.push({ field, value: (ofStage[2] ?? '').trim(), line: i + 1 });
        return;
      }
      const field = inSteps ? null : FIELD.exec(content);
      if (field) {
        open ??= begin('', i);
        const wrong = setField(open, (field[1] ?? '').toLowerCase(), (field[2] ?? '').trim());
        if (wrong !== null) errors.push({ ...wrong, line: i + 1 });
        return;
      }
      if (open === null && content.trim() === '') return;
      open ??= begin('', i);
      if (!inSteps && content.trim() === '') return;
      if (!inSteps) open.line = i + 1;
      inSteps = true;
      open.steps += `${open.steps === '' ? '' : '\n'}${content}`;
    });
  // Comments at the head of a file are about the file.
  if (patterns.length > 1 && patterns[0]?.name === '' && patterns[0].steps.split('\n').every((line) => /^\s*(#|$)/.test(line)))
    patterns.shift();
  const kept = patterns.slice(0, FILE_LIMITS.patterns);
  if (patterns.length > kept.length) say(1, 'too-many', { most: FILE_LIMITS.patterns });
  for (const pattern of kept) {
    pattern.steps = pattern.steps.trimEnd();
    const staggered = schoolOf(pattern.school)?.staggered ?? false;
    if (staggered && pattern.lead === 'none') pattern.lead = 'left';
    if (!staggered) pattern.lead = 'none';
    if (pattern.steps.length > NOTATION_LIMITS.characters) {
      say(pattern.line, 'steps-long', { name: pattern.name, most: NOTATION_LIMITS.characters });
    }
  }
  return { patterns: kept.filter((pattern) => pattern.steps.length <= NOTATION_LIMITS.characters), errors };
}

/** Longest time to explain, seconds. */
const LONGEST_EXPLAIN = 1800;

/** Sets one field; what is wrong where its value is none. */
function setField(draft: Draft, name: string, value: string): FileMessage | null {
  const typed = value.toLowerCase();
  switch (name) {
    case 'sport':
      draft.sport = cut(value, 40);
      return null;
    case 'area':
      draft.area = cut(value, 80);
      return null;
    case 'schools':
      draft.held = cut(value, FILE_LIMITS.held);
      return null;
    case 'dose':
      draft.dose = cut(value, DOSE_LIMITS.characters);
      return null;
    case 'cued':
      draft.cued = cut(typed, 24);
      return null;
    case 'explain': {
      const seconds = Number(/^(\d+)\s*s?$/.exec(typed)?.[1] ?? NaN);
      if (!(seconds <= LONGEST_EXPLAIN)) return { code: 'explain', values: { said: value, most: LONGEST_EXPLAIN } };
      draft.explain = seconds;
      return null;
    }
    case 'tags':
      draft.tags = [
        ...new Set(
          value
            .split(',')
            .map((tag) => cut(tag.trim(), 24))
            .filter((tag) => tag !== ''),
        ),
      ].slice(0, FILE_LIMITS.tags);
      return null;
    case 'stance':
      if (!schoolOf(typed)) return { code: 'stance', values: { said: value } };
      draft.school = typed;
      return null;
    case 'hand':
      if (typed !== 'left' && typed !== 'right') return { code: 'hand', values: {} };
      draft.hand = typed;
      return null;
    case 'lead':
      if (typed !== 'left' && typed !== 'right' && typed !== 'none') return { code: 'lead', values: {} };
      draft.lead = typed;
      return null;
    default:
      if (typed !== 'yes' && typed !== 'no') return { code: 'closes', values: {} };
      draft.shouldClose = typed === 'yes';
      return null;
  }
}

/** Fields that only a pattern with a dose has. */
type DoseField = 'dose' | 'cued' | 'explain' | 'also' | 'held';

/** A line of steps that would begin something else in a file is set in: a blank means nothing among steps. */
const asSteps = (line: string): string => (nameIn(line) !== null || FIELD.test(line) || OF_STAGE.test(line) ? ` ${line}` : line);

/** Writes patterns so that reading gives them again: as many as there were, whatever is in them. */
export function writePatternFile(
  patterns: readonly (Omit<FiledPattern, 'line' | DoseField> &
    Partial<Pick<FiledPattern, Exclude<DoseField, 'also'>>> & {
      readonly also?: readonly Omit<StageLineSaid, 'line'>[];
    })[],
): string {
  return patterns
    .map((one) =>
      [
        `== ${oneLine(one.name)}`,
        ...(one.sport === '' ? [] : [`sport: ${oneLine(one.sport)}`]),
        `stance: ${one.school}`,
        `hand: ${one.hand}`,
        ...(one.lead === 'none' ? [] : [`lead: ${one.lead}`]),
        `closes: ${one.shouldClose ? 'yes' : 'no'}`,
        ...(one.area === '' ? [] : [`area: ${oneLine(one.area)}`]),
        ...(one.tags.length === 0 ? [] : [`tags: ${oneLine(one.tags.join(', '))}`]),
        ...(one.held ? [`schools: ${oneLine(one.held)}`] : []),
        ...(one.dose ? [`dose: ${oneLine(one.dose, ', ')}`] : []),
        ...(one.cued ? [`cued: ${oneLine(one.cued)}`] : []),
        ...(one.explain ? [`explain: ${one.explain} s`] : []),
        ...(one.also ?? []).map(({ field, value }) => `${field}: ${value}`),
        '',
        linesOf(one.steps).map(asSteps).join('\n'),
        '',
      ].join('\n'),
    )
    .join('\n');
}
