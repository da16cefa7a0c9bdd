import type { RunEvent, RunHead, RunWhole } from '@hopsk/contract/run';
import { of, type Observable } from 'rxjs';

/** As much of a server as a run's log needs: what it was sent and by whom, in the order in which it came. */
export class LogServer {
  readonly log: RunEvent[] = [];
  /** What was asked for: numbers of arrival after which somebody wanted more. */
  readonly asked: number[] = [];
  /** The run's time as it was sent with each request. */
  readonly times: (number | null)[] = [];
  now: number | null = null;

  constructor(private head: RunHead | null = null) {}

  /** Written on another device. */
  from(...events: RunEvent[]): void {
    this.log.push(...events);
  }

  get whole(): RunWhole {
    return {
      run: { ...(this.head as RunHead), version: 1 },
      events: [...this.log],
      unread: 0,
      arrival: this.log.length,
      now: this.now,
      who: {},
      before: [],
    };
  }

  readonly api = {
    putRun: (head: RunHead): Observable<unknown> => of((this.head = head)),
    sendEvents: (_: string, events: readonly RunEvent[], m: number | null) => {
      const before = this.log.length;
      this.times.push(m);
      this.log.push(...events.filter((event) => !this.log.some((one) => one.id === event.id)));
      const stored: Record<string, number> = {};
      for (const { device, seq } of this.log) stored[device] = Math.max(seq, stored[device] ?? 0);
      return of({ stored, before, arrival: this.log.length, refused: [] });
    },
    eventsAfter: (_: string, after: number) => {
      this.asked.push(after);
      return of({ events: this.log.slice(after), arrival: this.log.length, more: false, now: this.now });
    },
  };
}
