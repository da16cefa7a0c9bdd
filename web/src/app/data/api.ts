import { Injectable } from '@angular/core';
import { Latest } from '@hopsk/contract/list';
import { READ_NOW } from '@hopsk/contract/read-now';
import { EventsPage, EventsStored, RunOpen, RunRow, RunWhole, type RunEvent, type RunHead, type RunsAsked } from '@hopsk/contract/run';
import { StageRecord } from '@hopsk/contract/session';
import { Teaching } from '@hopsk/contract/teaching';
import * as z from 'zod/mini';
import { within } from './later';
import { Requests } from './requests';

/** A request of the log that is not answered for so long (ms) was swallowed: it is sent again. */
const LONGEST = 30_000;

/** Every request about what a club has: records, runs. */
@Injectable({ providedIn: 'root' })
export class Api extends Requests {
  /** When each record of a list was saved last. */
  latest = (path: string) => this.get(`/${path}/latest`, Latest);
  /** Some records of a list, as many as may be asked for at once. */
  some = <T extends z.ZodMiniType>(path: string, ids: readonly string[], list: T) => this.get(`/${path}?ids=${ids.join()}`, list);
  saveRecord = <T extends z.ZodMiniType>(path: string, record: { readonly id: string }, shape: T) =>
    this.put(`/${path}/${record.id}`, record, shape);
  archiveRecord = <T extends z.ZodMiniType>(path: string, id: string, archived: boolean, shape: T) =>
    this.post(`/${path}/${id}/${archived ? 'archive' : 'restore'}`, {}, shape);

  /** Of one session, or of all. */
  stageRecords = (athleteId: string, sessionId?: string) =>
    this.get(`/stage-records?athlete=${athleteId}${sessionId ? `&session=${sessionId}` : ''}`, z.array(StageRecord));

  teaching = () => this.get('/teaching', Teaching);
  saveTeaching = (teaching: Teaching) => this.put('/teaching', { ...teaching, ...READ_NOW }, Teaching);

  runs = () => this.get('/runs', z.array(RunRow));
  runsOf = (asked: Partial<RunsAsked>) => {
    const said = Object.entries(asked).map(([key, value]) => [key, String(value)] as [string, string]);
    return this.get(`/runs?${new URLSearchParams(said).toString()}`, z.array(RunRow));
  };
  run = (id: string) => this.get(`/runs/${id}`, RunWhole);
  putRun = (head: RunHead) => this.put(`/runs/${head.id}`, head, z.unknown()).pipe(within(LONGEST));
  /** `m`: the run's time as they are sent; null where it is not known. */
  sendEvents = (runId: string, events: readonly RunEvent[], m: number | null = null) =>
    this.post(`/runs/${runId}/events`, { events, m }, EventsStored).pipe(within(LONGEST));
  eventsAfter = (runId: string, after: number) => this.get(`/runs/${runId}/events?after=${after}`, EventsPage).pipe(within(LONGEST));
  openRuns = () => this.get('/runs/open', z.array(RunOpen));
  renameRun = (id: string, body: { name: string; patternId: string | null; version: number }) =>
    this.put(`/runs/${id}/name`, body, RunWhole);
}
