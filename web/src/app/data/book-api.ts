import { Injectable } from '@angular/core';
import {
  Book,
  BookChoices,
  FaultDecisions,
  FaultRemedies,
  FaultDetail,
  RunsBehind,
  type BookAsked,
  type BookRead,
  type RunsAsked,
} from '@hopsk/contract/book';
import { Decision, type DecisionSave } from '@hopsk/contract/decisions';
import { GroupBook } from '@hopsk/contract/group-book';
import { LookedAt, type DaysAsked } from '@hopsk/contract/coverage';
import { AthleteLoad } from '@hopsk/contract/load';
import { AthleteRows, LogImported, type LogImport } from '@hopsk/contract/log-table';
import * as z from 'zod/mini';
import { Requests } from './requests';

/** What is asked for, behind a path; nothing where it is nothing. */
function queryOf(asked: Readonly<Record<string, string | undefined>>): string {
  const given = Object.entries(asked).filter((one): one is [string, string] => one[1] !== undefined);
  return given.length === 0 ? '' : `?${new URLSearchParams(given)}`;
}

/** The fault book. Apart from the other requests, so that its shape is fetched with the page that shows it. */
@Injectable({ providedIn: 'root' })
export class BookApi extends Requests {
  of = (athleteId: string, asked: BookRead) => this.get(`/athletes/${athleteId}/book${queryOf(asked)}`, Book);
  choices = (athleteId: string) => this.get(`/athletes/${athleteId}/book-choices`, BookChoices);
  group = (since: string) => this.get(`/book?since=${since}`, GroupBook);
  runsOf = (athleteId: string, fault: string, asked: RunsAsked) =>
    this.get(`/athletes/${athleteId}/book/${fault}/runs${queryOf(asked)}`, RunsBehind);
  decisionsOf = (fault: string) => this.get(`/decisions/${fault}`, FaultDecisions);
  remediesOf = (fault: string) => this.get(`/remedies/${fault}`, FaultRemedies);
  decide = (athleteId: string, id: string, of: DecisionSave) => this.put(`/athletes/${athleteId}/decisions/${id}`, of, Decision);
  takeBack = (athleteId: string, id: string) => this.post(`/athletes/${athleteId}/decisions/${id}/take-back`, {}, z.unknown());
  load = (athleteId: string) => this.get(`/athletes/${athleteId}/load`, AthleteLoad);
  coverage = (athleteId: string, asked: DaysAsked) => this.get(`/athletes/${athleteId}/coverage${queryOf(asked)}`, LookedAt);
  rowsOf = (athleteId: string, asked: DaysAsked, after: number) =>
    this.get(`/athletes/${athleteId}/log${queryOf({ ...asked, after: String(after) })}`, AthleteRows);
  addRows = (rows: LogImport) => this.post('/log-rows', rows, LogImported);
  detail = (athleteId: string, fault: string, asked: BookAsked) =>
    this.get(`/athletes/${athleteId}/book/${fault}${queryOf(asked)}`, FaultDetail);
}
