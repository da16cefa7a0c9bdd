import { Injectable } from '@angular/core';
import { SealKey } from '@hopsk/contract/seal';
import { Requests } from './requests';

/** What opens what a coach left on a device. */
@Injectable({ providedIn: 'root' })
export class SealApi extends Requests {
  key = () => this.get('/me/seal', SealKey);
}
