import { Injectable } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** Who is in, and out again. */
@Injectable({ providedIn: 'root' })
export class AccountApi extends Requests {
  /** Whether the server answers at all, whoever asks. */
  there = () => this.get('/door', z.unknown());
  me = () => this.get('/me', Me);
  signOut = () => this.post('/sign-out', {}, z.unknown());
}
