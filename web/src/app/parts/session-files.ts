import { fieldsOf, type FieldProblem } from '@hopsk/contract/problem';
import { isToday, READ_NOW } from '@hopsk/contract/read-now';
import { SESSION_FILE, SessionFile } from '@hopsk/contract/files';
import { SessionDraft } from '@hopsk/contract/session-draft';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { readSession, writeSession } from '@hopsk/core/plan/session/session-file';
import { CUE_COLUMNS, cueRows } from '@hopsk/core/plan/session/timeline';
import type { PlannedCue } from '@hopsk/core/plan/cue';
import { buildWords, inALine, saidFields } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import { newId } from '../data/ids';
import { EMPTY, sessionOf, shortened, type Draft } from './session-draft';

/** What a file gave, and what of it could not be read: a place and a sentence each. */
export interface ReadDraft {
  readonly draft: Draft | null;
  readonly wrong: readonly string[];
}

/** Everything of a session but whom it is for: a file may leave the club, names may not. */
export function asJson({
  athletes: _athletes,
  differences: _differences,
  template: _template,
  offered: _offered,
  ...session
}: Draft): string {
  return JSON.stringify({ format: SESSION_FILE, version: 1, ...READ_NOW, session } satisfies SessionFile, null, 2);
}

/** Patterns with doses, as they are typed. */
export const asText = (draft: Draft): string => writeSession(sessionOf(draft));

/** The timeline as a table, one row a cue. */
export const asCsv = (cues: readonly PlannedCue[], draft: Draft): string =>
  Papa.unparse({ fields: [...CUE_COLUMNS], data: cueRows({ cues }, draft.stages) });

/** Reads either kind of session file; never throws. */
export async function readFile(text: string, name: string): Promise<ReadDraft> {
  if (!/^\s*\{/.test(text)) return fromText(text, name);
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    return { draft: null, wrong: [words.common.noJson] };
  }
  const file = SessionFile.safeParse(content);
  if (!file.success) return { draft: null, wrong: inLines(fieldsOf(file.error, content)) };
  const draft = { ...EMPTY, ...file.data.session };
  if (isToday(file.data)) return { draft, wrong: [] };
  const { sessionAsItWas } = await import('./earlier-lines');
  const { record, said } = sessionAsItWas(draft, file.data);
  return { draft: record, wrong: said };
}

const inLines = (fields: readonly FieldProblem[]): string[] => saidFields(fields).map((one) => inALine([one]));

function fromText(text: string, name: string): ReadDraft {
  const { session, errors } = readSession(text, buildWords());
  const wrong = errors.map((error) => words.common.atLine(error.line, say(words.files, error)));
  const most = SESSION_LIMITS.stages;
  if (session.stages.length > most) wrong.push(words.build.tooManyStages(session.stages.length, most));
  if (session.stages.length === 0) return { draft: null, wrong: wrong.length > 0 ? wrong : [words.build.noStageInFile] };
  const draft = SessionDraft.safeParse({
    ...EMPTY,
    ...session,
    name,
    stages: session.stages.slice(0, most).map((stage) => ({ ...shortened(stage), id: newId() })),
  });
  if (draft.success) return { draft: draft.data, wrong };
  return { draft: null, wrong: [...wrong, ...inLines(fieldsOf(draft.error, session))] };
}
