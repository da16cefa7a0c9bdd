import { HttpErrorResponse } from '@angular/common/http';
import { Problem, type ProblemMessage } from '@hopsk/contract/problem';
import { fieldName, inALine, saidFields, type SaidField } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { TimeoutError } from 'rxjs';

/** What went wrong, for a screen to show: a kind to act on, a sentence, and the fields it is about. */
export interface Trouble {
  readonly kind: 'offline' | 'signed-out' | 'bad-input' | 'stale' | 'not-found' | 'away' | 'too-large' | 'refused' | 'fault';
  readonly message: string;
  readonly fields: readonly SaidField[];
  /** As the server gave it, where that is understood. */
  readonly problem?: Problem;
  readonly current?: unknown;
  readonly changed?: readonly string[];
}

/** What the server says, with the first fields that it is about. A code of a newer server is no answer we understand. */
export function messageOf({ error, values, fields }: Problem): string {
  if (!(error in words.problems)) return words.common.unexpected;
  const message = say(words.problems, { code: error, values } as ProblemMessage);
  return error === 'bad-input' && fields.length > 0 ? words.common.nothingSaved(inALine(saidFields(fields.slice(0, 3)))) : message;
}

/** What went wrong on this device, said as it is to be read. */
export class SaidHere extends Error {}

/** Whether the server, or its database, was not to be reached: what this device keeps is all there is. */
export const isAway = (error: unknown): boolean => ['offline', 'away'].includes(troubleOf(error).kind);

/** Reads any failed request as trouble with a sentence. */
export function troubleOf(error: unknown): Trouble {
  if (error instanceof SaidHere) return { kind: 'refused', message: error.message, fields: [] };
  if (error instanceof TimeoutError) return { kind: 'offline', message: words.common.away, fields: [] };
  if (!(error instanceof HttpErrorResponse)) return { kind: 'fault', message: words.common.unexpected, fields: [] };
  if (error.status === 0 || error.status === 504) return { kind: 'offline', message: words.common.away, fields: [] };
  const said = Problem.safeParse(error.error);
  const message = said.success ? messageOf(said.data) : error.status >= 500 ? words.common.away : words.common.unexpected;
  const fields = said.success ? saidFields(said.data.fields) : [];
  const kind =
    error.status === 401
      ? 'signed-out'
      : error.status === 409
        ? 'stale'
        : error.status === 404
          ? 'not-found'
          : error.status === 503 || error.status === 507
            ? 'away'
            : error.status >= 500
              ? 'fault'
              : error.status === 400
                ? 'bad-input'
                : error.status === 413
                  ? 'too-large'
                  : 'refused';
  return {
    kind,
    message,
    fields,
    ...(said.success ? { problem: said.data, current: said.data.current, changed: said.data.changed?.map(fieldName) } : {}),
  };
}
