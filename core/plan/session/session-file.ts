import { CUEINGS, type Cueing } from '../exercise.js';
import { bodyOf } from '../../body/body.js';
import { schoolOf, SCHOOLS } from '../../body/school.js';
import { readWith } from '../../judge/study.js';
import { fileErrors, readPatternFile, writePatternFile, type FileError } from '../../language/pattern-file.js';
import { readHead, writeHead } from '../../language/session-head.js';
import type { BuildWords } from '../build/built.js';
import { exposed, watchList } from '../build/watch-list.js';
import type { Session } from './session.js';
import { stageOf } from './stage.js';
import { stageFields, stageOfFields } from './stage-text.js';

/** A session as a text: patterns with doses, and before the first of them what holds for all of them. */
export interface ReadSession {
  readonly session: Session;
  readonly errors: readonly FileError[];
}

/**
 * Reads a session: 'change: 20 s', 'water: 60 s every 15 min', 'minutes: 40', 'floor: squash' before the first '== name'; then
 * patterns, each with its 'dose: …', and if wanted 'cued: …', 'explain: 30 s' and all else that a stage holds. What cannot be read is
 * named by its line.
 * @param words of the one who reads: the cue of the fault that is watched first becomes the stage's own.
 */
export function readSession(file: string, { cue }: Pick<BuildWords, 'cue'>): ReadSession {
  const { head, patterns: text, errors: said } = readHead(file);
  const errors: FileError[] = [...said];
  const say = fileErrors(errors);
  const { patterns, errors: more } = readPatternFile(text);
  const stages = patterns.map((filed, i) => {
    const cueing = (CUEINGS as readonly string[]).includes(filed.cued) ? (filed.cued as Cueing) : 'self';
    if (filed.cued !== '' && cueing !== filed.cued) say(filed.line, 'cued', { said: filed.cued, known: CUEINGS });
    if (filed.held !== '') say(filed.line, 'pattern-only', {});
    const school = schoolOf(filed.school) ?? SCHOOLS[0];
    const performer = { body: bodyOf({}), school, lead: filed.lead === 'none' ? null : filed.lead, playing: filed.hand };
    const seen = watchList(exposed(readWith(filed.steps), performer, cueing, filed.sport));
    const { steps, hand, lead, shouldClose } = filed;
    const line = { steps, school: filed.school, hand, lead, shouldClose };
    const cues = seen.watch.slice(0, 1).map(cue);
    const said = stageOfFields(filed.also, say);
    return stageOf(`stage-${i + 1}`, filed.name || `stage ${i + 1}`, line, {
      dose: filed.dose,
      explain: filed.explain,
      cueing,
      ...seen,
      cues,
      ...said,
    });
  });
  const { change, water, rest, setRest, ...session } = head;
  const settings = { change, water, rest, setRest };
  return { session: { ...session, settings, stages }, errors: [...errors, ...more].sort((a, b) => a.line - b.line) };
}

/** Writes a session as text: all of it but which version of which pattern a stage was taken from, and remarks in what partners, calls and stations do. */
export function writeSession({ stages, settings, ...session }: Session): string {
  const patterns = stages.map((stage) => ({ ...stage, sport: '', area: '', tags: [], cued: stage.cueing, also: stageFields(stage) }));
  return `${writeHead({ ...session, ...settings })}\n\n${writePatternFile(patterns)}`;
}
