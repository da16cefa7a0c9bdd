import { Injectable } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import { PasskeyOptions } from '@hopsk/contract/passkey-options';
import { Passkeys, type SignInBy } from '@hopsk/contract/passkeys';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** One's passkeys, and in by one of them. */
@Injectable({ providedIn: 'root' })
export class PasskeysApi extends Requests {
  ask = () => this.post('/passkeys/ask', {}, PasskeyOptions);
  enter = (response: unknown) => this.post('/passkeys/enter', { response }, Me);
  own = () => this.get('/me/passkeys', Passkeys);
  begin = (password: string) => this.post('/me/passkeys/begin', { password }, PasskeyOptions);
  add = (name: string, response: unknown) => this.post('/me/passkeys', { name, response }, z.unknown());
  end = (id: string) => this.delete(`/me/passkeys/${id}`);
  signInBy = (by: SignInBy, password: string) => this.put('/me/sign-in-by', { by, password }, z.unknown());
}
