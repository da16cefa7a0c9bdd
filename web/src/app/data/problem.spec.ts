import { HttpErrorResponse } from '@angular/common/http';
import { words } from '@hopsk/words/words';
import { TimeoutError } from 'rxjs';
import { troubleOf } from './problem';

const failed = (status: number, error: unknown = null) => troubleOf(new HttpErrorResponse({ status, error }));

describe('what went wrong, in words', () => {
  it('no network and no answer are the same trouble: kept here, try again', () => {
    const away = { kind: 'offline', message: words.common.away, fields: [] } as const;
    for (const status of [0, 504]) expect(failed(status)).toEqual(away);
    // A request that was swallowed.
    expect(troubleOf(new TimeoutError())).toEqual(away);
  });

  it('says the server’s codes and fields', () => {
    const said = { error: 'bad-input', fields: [{ path: 'height', code: 'number', values: {} }] };
    expect(failed(400, said)).toEqual(
      jasmine.objectContaining({
        kind: 'bad-input',
        message: 'Nothing was saved: height is not a number.',
        fields: [{ path: 'height', name: 'height', message: 'is not a number' }],
      }),
    );
    expect(failed(409, { error: 'stale', values: { what: 'pattern' } }).message).toContain('saved this pattern in the meantime');
  });

  it('says what to do by the status', () => {
    const kinds = [401, 403, 404, 409, 413, 422, 429, 500, 503].map((status) => failed(status, { error: 'x' }).kind);
    expect(kinds).toEqual(['signed-out', 'refused', 'not-found', 'stale', 'too-large', 'refused', 'refused', 'fault', 'away']);
  });

  it('brings the record as it stands with a stale save', () => {
    expect(failed(409, { error: 'stale', values: { what: 'athlete' }, current: { version: 4 }, changed: ['sport'] })).toEqual(
      jasmine.objectContaining({ kind: 'stale', current: { version: 4 }, changed: ['sport'] }),
    );
  });

  it('does not trust an answer that is no problem of ours, nor an error that is no answer', () => {
    expect(failed(502, '<html>proxy</html>').message).toBe(words.common.away);
    expect(failed(400, 'nonsense').message).toBe(words.common.unexpected);
    expect(troubleOf(new TypeError('x'))).toEqual({ kind: 'fault', message: words.common.unexpected, fields: [] });
  });
});
