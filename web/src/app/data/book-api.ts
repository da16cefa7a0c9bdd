import { Injectable } from '@angular/core';
import { Book, FaultDetail } from '@hopsk/contract/book';
import { GroupBook } from '@hopsk/contract/group-book';
import { Requests } from './requests';

/** The fault book. Apart from the other requests, so that its shape is fetched with the page that shows it. */
@Injectable({ providedIn: 'root' })
export class BookApi extends Requests {
  of = (athleteId: string) => this.get(`/athletes/${athleteId}/book`, Book);
  group = (since: string) => this.get(`/book?since=${since}`, GroupBook);
  detail = (athleteId: string, fault: string) => this.get(`/athletes/${athleteId}/book/${fault}`, FaultDetail);
}
