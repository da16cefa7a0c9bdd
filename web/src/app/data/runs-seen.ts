import { inject, Injectable } from '@angular/core';
import type { RunWhole } from '@hopsk/contract/run';
import type { RunEvent } from '@hopsk/core/log/event';
import { firstValueFrom } from 'rxjs';
import { Api } from './api';
import { DeviceStore, type KeptRun } from './device-store';
import { Outbox } from './outbox';
import { isAway } from './problem';

/** Runs to be gone through afterwards: the server's, and without a network those that this device keeps. */
@Injectable({ providedIn: 'root' })
export class RunsSeen {
  private readonly api = inject(Api);
  private readonly device = inject(DeviceStore);
  private readonly outbox = inject(Outbox);

  /** A run with its log, and with what this device has not sent of it yet. Throws what the server said where the device has none of it. */
  async whole(id: string): Promise<RunWhole> {
    const kept = await this.kept(id);
    try {
      const whole = await firstValueFrom(this.api.run(id));
      return kept === null ? whole : { ...whole, events: together(whole.events, kept.events) };
    } catch (error) {
      if (kept === null || !isAway(error)) throw error;
      return {
        run: { ...kept.run.head, version: 0 },
        events: kept.events,
        unread: 0,
        arrival: kept.run.arrival,
        now: null,
        before: [],
        who: {},
      };
    }
  }

  /** Adds an event afterwards: kept here where the run is, and sent when it can be; otherwise sent at once. Gives the run as it is then. */
  async add(whole: RunWhole, event: RunEvent): Promise<RunWhole> {
    const { id } = whole.run;
    const kept = await this.kept(id);
    if (kept === null) {
      await firstValueFrom(this.api.sendEvents(id, [event]));
      return this.whole(id);
    }
    await this.device.putEvents([{ runId: id, clubId: kept.run.clubId, event, sent: 0 }]);
    await this.outbox.send();
    return { ...whole, events: [...whole.events, event] };
  }

  private async kept(id: string): Promise<{ readonly run: KeptRun; readonly events: RunEvent[] } | null> {
    const run = (await this.device.runs()).find(({ head }) => head.id === id);
    return run ? { run, events: (await this.device.eventsOf(id)).map(({ event }) => event) } : null;
  }
}

const together = (a: readonly RunEvent[], b: readonly RunEvent[]): RunEvent[] => [
  ...new Map([...a, ...b].map((event) => [event.id, event])).values(),
];
