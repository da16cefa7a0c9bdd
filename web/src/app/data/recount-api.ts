import { Injectable } from '@angular/core';
import { RecountLeft, RecountPage, Recounted } from '@hopsk/contract/recount';
import { Requests } from './requests';

/** Runs that are counted otherwise than they would be now. Apart from the other requests, so that its shapes come with the page that asks. */
@Injectable({ providedIn: 'root' })
export class RecountApi extends Requests {
  left = () => this.get('/recount/left', RecountLeft);
  seen = (after?: string) => this.get(`/recount${after === undefined ? '' : `?after=${after}`}`, RecountPage);
  anew = (runs: readonly string[]) => this.post('/recount', { runs }, Recounted);
}
