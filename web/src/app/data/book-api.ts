import { Injectable } from '@angular/core';
import { Book, EveningRuns, FaultDecisions, FaultDetail } from '@hopsk/contract/book';
import { Decision, type DecisionSave } from '@hopsk/contract/decisions';
import { GroupBook } from '@hopsk/contract/group-book';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** The fault book. Apart from the other requests, so that its shape is fetched with the page that shows it. */
@Injectable({ providedIn: 'root' })
export class BookApi extends Requests {
  of = (athleteId: string) => this.get(`/athletes/${athleteId}/book`, Book);
  group = (since: string) => this.get(`/book?since=${since}`, GroupBook);
  runsOf = (athleteId: string, fault: string, day: string) => this.get(`/athletes/${athleteId}/book/${fault}/runs?day=${day}`, EveningRuns);
  decisionsOf = (fault: string) => this.get(`/decisions/${fault}`, FaultDecisions);
  decide = (athleteId: string, id: string, of: DecisionSave) => this.put(`/athletes/${athleteId}/decisions/${id}`, of, Decision);
  takeBack = (athleteId: string, id: string) => this.post(`/athletes/${athleteId}/decisions/${id}/take-back`, {}, z.unknown());
  detail = (athleteId: string, fault: string) => this.get(`/athletes/${athleteId}/book/${fault}`, FaultDetail);
}
