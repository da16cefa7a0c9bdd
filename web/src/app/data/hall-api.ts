import { Injectable } from '@angular/core';
import { HallHeard, HallRun, RunCode, type HallSaid } from '@hopsk/contract/hall';
import { EventsPage } from '@hopsk/contract/run';
import { within } from './later';
import { Requests } from './requests';

/** A hall screen that is not answered for so long (ms) goes on by itself, and asks again. */
const LONGEST = 10_000;

/** What a hall screen asks, and the code that lets it in. */
@Injectable({ providedIn: 'root' })
export class HallApi extends Requests {
  code = (runId: string) => this.post(`/runs/${runId}/code`, {}, RunCode);
  enter = (code: string) => this.post('/hall', { code }, HallRun);
  run = () => this.get('/hall', HallRun).pipe(within(LONGEST));
  said = (said: HallSaid) => this.post('/hall/said', said, HallHeard).pipe(within(LONGEST));
  eventsAfter = (after: number) => this.get(`/hall/events?after=${after}`, EventsPage).pipe(within(LONGEST));
}
