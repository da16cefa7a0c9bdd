import { PATTERN_FILE, PatternFile } from '@hopsk/contract/files';
import { PatternDraft } from '@hopsk/contract/pattern-draft';
import { fieldsOf } from '@hopsk/contract/problem';
import { printSchools, readSchools } from '@hopsk/core/judge/schools-text';
import { printDose } from '@hopsk/core/language/dose-print';
import { readDose } from '@hopsk/core/language/dose-text';
import { readPatternFile, writePatternFile } from '@hopsk/core/language/pattern-file';
import { isToday, READ_NOW } from '@hopsk/contract/read-now';
import { fromRounds, toRounds } from '@hopsk/core/language/rounds';
import { inALine, saidFields } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { Draft } from './pattern-draft';

/** What a file gave, and what of it could not be read: a place and a sentence each. */
export interface ReadFile {
  readonly drafts: readonly Draft[];
  readonly wrong: readonly string[];
}

/** Patterns as a text that can be typed, and as JSON with everything. */
export const asText = (drafts: readonly Draft[]): string =>
  writePatternFile(
    drafts.map((draft) => ({ ...draft, held: printSchools(draft.schools), dose: draft.dose ? printDose(fromRounds(draft.dose)) : '' })),
  );
export const asJson = (drafts: readonly Draft[]): string =>
  JSON.stringify({ format: PATTERN_FILE, version: 1, ...READ_NOW, patterns: [...drafts] } satisfies PatternFile, null, 2);

/** Reads either kind of file; never throws. */
export async function readPatterns(text: string): Promise<ReadFile> {
  if (!/^\s*\{/.test(text)) return fromText(text);
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    return { drafts: [], wrong: [words.common.noJson] };
  }
  const file = PatternFile.safeParse(content);
  if (file.success) return isToday(file.data) ? { drafts: file.data.patterns, wrong: [] } : earlier(file.data);
  return { drafts: [], wrong: saidFields(fieldsOf(file.error, content)).map((one) => inALine([one])) };
}

/** Patterns of a file of an earlier Hopsk. */
async function earlier({ patterns: drafts, ...said }: PatternFile): Promise<ReadFile> {
  const { patternAsItWas } = await import('./earlier-lines');
  const were = drafts.map((draft) => patternAsItWas(draft, said));
  return {
    drafts: were.map(({ record }) => record),
    wrong: were.flatMap((one, i) => one.said.map((one) => `${drafts[i]?.name}: ${one}`)),
  };
}

/** Reads a text in which patterns were typed; never throws. */
export function fromText(text: string): ReadFile {
  const { patterns, errors } = readPatternFile(text);
  const wrong = errors.map((error) => words.common.atLine(error.line, say(words.files, error)));
  const drafts: Draft[] = [];
  for (const { line, held, dose: said, cued: _cued, explain: _explain, also, ...filed } of patterns) {
    const fields = new Map(also.toReversed().map((one) => [one.field, one.line]));
    for (const [field, at] of fields) wrong.push(words.common.atLine(at, say(words.files, { code: 'stage-only', values: { field } })));
    const schools = readSchools(held);
    for (const one of schools.wrong) wrong.push(words.common.atLine(line, words.steps.noSchool(one)));
    const read = said === '' ? null : readDose(said);
    for (const error of read?.dose ? read.errors : []) wrong.push(words.common.atLine(line, say(words.doses, error)));
    const dose = read?.dose ? toRounds(read.dose) : null;
    if (said !== '' && !dose) wrong.push(words.common.atLine(line, words.steps.doseTooMuch(said)));
    const draft = PatternDraft.safeParse({ ...filed, name: filed.name === '' ? 'unnamed' : filed.name, dose, schools: schools.choices });
    if (draft.success) drafts.push(draft.data);
    else wrong.push(words.common.atLine(line, inALine(saidFields(fieldsOf(draft.error, filed)))));
  }
  return { drafts, wrong };
}
