import { Injectable } from '@angular/core';
import { Otherwise, OtherwiseNow } from '@hopsk/contract/otherwise';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** Lines that were saved with an earlier language and read otherwise today. */
@Injectable({ providedIn: 'root' })
export class OtherwiseApi extends Requests {
  all = () => this.get('/read-otherwise', z.array(Otherwise));
  settle = (id: string, take: boolean) => this.post(`/read-otherwise/${id}`, { take }, OtherwiseNow);
}
