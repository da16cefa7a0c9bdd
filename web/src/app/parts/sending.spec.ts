import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { firstValueFrom, throwError } from 'rxjs';
import { Sending, Sent } from './sending';

describe('something asked of the server', () => {
  async function shown(sending: Sending): Promise<(string | undefined)[]> {
    const fixture = TestBed.createComponent(Sent);
    fixture.componentRef.setInput('of', sending);
    await fixture.whenStable();
    const page = fixture.nativeElement as HTMLElement;
    return ['alert', 'status'].map((role) => page.querySelector(`[role="${role}"]`)?.textContent?.trim());
  }

  it('is under way until it is done, and says what came of it', async () => {
    const sending = new Sending();
    let done: (said: string) => void = () => undefined;
    const under = sending.send(() => new Promise<string>((go) => (done = go)));
    expect(sending.busy()).toBeTrue();
    done('saved');
    await under;
    expect([sending.busy(), ...(await shown(sending))]).toEqual([false, undefined, 'saved']);
  });

  it('says what went wrong, and of which field, until it is tried again', async () => {
    const sending = new Sending();
    const error = { error: 'bad-input', values: {}, fields: [{ path: 'name', code: 'needed', values: {} }] };
    await sending.send(() => firstValueFrom(throwError(() => new HttpErrorResponse({ status: 400, error }))));
    expect(sending.trouble()?.kind).toBe('bad-input');
    expect(sending.of('name')).not.toBe('');
    expect(sending.of('email')).toBe('');
    expect((await shown(sending))[0]).toBe(sending.trouble()?.message);
    await sending.send(() => Promise.resolve({ kind: 'away', message: 'not there', fields: [] }));
    expect([sending.of('name'), ...(await shown(sending))]).toEqual(['', 'not there', undefined]);
    await sending.send(() => Promise.resolve(''));
    expect(await shown(sending)).toEqual([undefined, undefined]);
  });
});
