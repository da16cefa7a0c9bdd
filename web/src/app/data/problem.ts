import { HttpErrorResponse } from '@angular/common/http';
import { Problem } from '@hopsk/contract';
import { TEXT } from '../text/en';

/** What went wrong, for a screen to show: a kind to act on, a sentence, and the fields it is about. */
export interface Trouble {
  readonly kind: 'offline' | 'signed-out' | 'bad-input' | 'stale' | 'not-found' | 'away' | 'refused' | 'fault';
  readonly message: string;
  readonly fields: readonly { readonly path: string; readonly message: string }[];
  readonly current?: unknown;
  readonly changed?: readonly string[];
}

/** Reads any failed request as trouble with a sentence. */
export function troubleOf(error: unknown): Trouble {
  if (!(error instanceof HttpErrorResponse)) return { kind: 'fault', message: TEXT.common.unexpected, fields: [] };
  if (error.status === 0 || error.status === 504) return { kind: 'offline', message: TEXT.common.away, fields: [] };
  const said = Problem.safeParse(error.error);
  const message = said.success ? said.data.message : error.status >= 500 ? TEXT.common.away : TEXT.common.unexpected;
  const fields = said.success ? said.data.fields : [];
  const kind =
    error.status === 401
      ? 'signed-out'
      : error.status === 409
        ? 'stale'
        : error.status === 404
          ? 'not-found'
          : error.status === 503
            ? 'away'
            : error.status >= 500
              ? 'fault'
              : error.status === 400
                ? 'bad-input'
                : 'refused';
  return { kind, message, fields, ...(said.success ? { current: said.data.current, changed: said.data.changed } : {}) };
}
