import { randomUUID } from 'node:crypto';
import { fieldsOf } from '@hopsk/contract/problem';
import { rewordSession } from '@hopsk/contract/lines';
import { isToday } from '@hopsk/contract/read-now';
import { readBy, rewordBy, UNKNOWN } from '@hopsk/contract/reworded';
import { SESSION_FILE, SessionFile } from '@hopsk/contract/files';
import { NO_MOVES } from '@hopsk/core/language/earlier/kept';
import { SESSION_LIMITS, type Session } from '@hopsk/core/plan/session/session';
import { readSession } from '@hopsk/core/plan/session/session-file';
import { buildWords, inALine, saidFields } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import * as z from 'zod';
import { BadInput } from './options.js';

/** A session as text, or as JSON: a file of the app, or what `expand --json` prints. */
export function sessionOf({ name, text }: { readonly name: string; readonly text: string }): Session {
  if (!/^\s*\{/.test(text)) {
    const { session, errors } = readSession(text, buildWords());
    if (errors.length > 0) throw new BadInput(errors.map((error) => `${name}:${error.line}: ${say(words.files, error)}`).join('\n'));
    return session;
  }
  let content: unknown;
  try {
    content = JSON.parse(text);
  } catch {
    throw new BadInput(`${name}: ${words.common.noJson}`);
  }
  const said = Expanded.safeParse(content);
  const stages = said.data?.session.stages.map((stage) => ({ ...stage, id: randomUUID() }));
  const file = SessionFile.safeParse({
    ...{ format: SESSION_FILE, version: 1, ...(content as object) },
    session: { name: 'session', ...said.data?.session, stages },
  });
  if (!file.success)
    throw new BadInput(
      saidFields(fieldsOf(file.error, content))
        .map((one) => `${name}: ${inALine([one])}`)
        .join('\n'),
    );
  // A file of an earlier Hopsk; what `expand` prints is of today.
  const earlier = said.success && 'format' in (content as object) && !isToday(file.data);
  if (!earlier) return file.data.session;
  return rewordSession({ differences: [], ...file.data.session }, rewordBy(readBy(file.data, UNKNOWN), NO_MOVES));
}

/** As much of a session as is needed to give its stages names of their own. */
const Expanded = z.object({ session: z.looseObject({ stages: z.array(z.looseObject({})).max(SESSION_LIMITS.stages) }) });
