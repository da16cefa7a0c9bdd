import { Injectable } from '@angular/core';
import { Door, Me } from '@hopsk/contract/club';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** The door, and the coach who came in. Apart from the rest: the door fetches no more than this. */
@Injectable({ providedIn: 'root' })
export class AccountApi extends Requests {
  door = () => this.get('/door', Door);
  me = () => this.get('/me', Me);
  signIn = (body: { email: string; password: string }) => this.post('/sign-in', body, Me);
  setUp = (body: { club: string; name: string; email: string; password: string }) => this.post('/setup', body, Me);
  demo = () => this.post('/demo', {}, Me);
  signOut = () => this.post('/sign-out', {}, z.unknown());
}
