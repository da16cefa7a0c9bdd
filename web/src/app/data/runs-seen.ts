import { inject, Injectable } from '@angular/core';
import type { RunWhole } from '@hopsk/contract/run';
import type { RunEvent } from '@hopsk/core/log/event';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from './api';
import { RunDesk } from './desk';
import { DeviceStore, type KeptRun } from './device-store';
import { Outbox } from './outbox';
import { logOf } from './folded';
import { newId } from './ids';
import { soon } from './later';
import { isAway } from './problem';
import { signInFeature } from './sign-in';

/** Runs to be gone through afterwards: the server's, and without a network those that this device keeps. */
@Injectable({ providedIn: 'root' })
export class RunsSeen {
  private readonly api = inject(Api);
  private readonly device = inject(DeviceStore);
  private readonly outbox = inject(Outbox);
  private readonly desk = inject(RunDesk);
  private readonly me = inject(Store).selectSignal(signInFeature.selectMe);

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

  /**
   * Adds an event afterwards: kept on this device first, with the run where it has none of it, and sent when it can be. Gives the run as
   * it is then.
   */
  async add(whole: RunWhole, event: RunEvent): Promise<RunWhole> {
    const { id } = whole.run;
    const { clubId } = (await this.kept(id))?.run ?? (await this.taken(whole));
    await this.device.putEvents([{ runId: id, clubId, event, sent: 0 }]);
    // Whoever looks at numbers next finds it in them; a network that does not answer keeps nobody waiting.
    await soon(this.outbox.send());
    const { who, events } = whole;
    return { ...whole, events: [...events, event], who: { ...who, [event.device]: who[event.device] ?? this.me()?.coach.name ?? '' } };
  }

  /** What a table or a film told in a run counts no more. Throws what the server said where the run is not to be had. */
  async takeBackTold(id: string): Promise<void> {
    let whole = await this.whole(id);
    const [log, device] = [logOf(whole.run, whole.events), newId()];
    const standing = log.events().filter((event) => event.kind === 'told' && log.undoOf(event) === null);
    for (const [i, { id: target }] of standing.entries()) {
      const stamp = { id: newId(), device, seq: i + 1, order: log.order + 1 + i, m: log.latest, at: Date.now() };
      whole = await this.add(whole, { ...stamp, kind: 'undo', target });
    }
  }

  /** A run of other devices is kept here too, until what is said of it is sent and half a day has gone by. */
  private async taken(whole: RunWhole): Promise<KeptRun> {
    const { version: _, ...head } = whole.run;
    const clubId = this.me()?.club.id ?? '';
    const run = await this.desk.newRun({ head, clubId, names: {}, open: 0, headSent: 1, arrival: whole.arrival });
    await this.device.putRun(run);
    await this.device.heard(whole.events.map((event) => ({ runId: head.id, clubId, event, sent: 1 })));
    return run;
  }

  private async kept(id: string): Promise<{ readonly run: KeptRun; readonly events: RunEvent[] } | null> {
    const run = (await this.device.runs()).find(({ head }) => head.id === id);
    return run ? { run, events: (await this.device.eventsOf(id)).map(({ event }) => event) } : null;
  }
}

const together = (a: readonly RunEvent[], b: readonly RunEvent[]): RunEvent[] => [
  ...new Map([...a, ...b].map((event) => [event.id, event])).values(),
];
