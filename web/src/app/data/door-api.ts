import { Injectable } from '@angular/core';
import { Door, Me } from '@hopsk/contract/club';
import { PasskeyNext } from '@hopsk/contract/passkey-options';
import * as z from 'zod/mini';
import { Requests } from './requests';

const MeOrNext = z.union([Me, PasskeyNext]);

/** The door, and in by it. */
@Injectable({ providedIn: 'root' })
export class DoorApi extends Requests {
  door = () => this.get('/door', Door);
  signIn = (body: { email: string; password: string }) => this.post('/sign-in', body, MeOrNext);
  setUp = (body: { club: string; name: string; email: string; password: string }) => this.post('/setup', body, Me);
  demo = () => this.post('/demo', {}, Me);
}
