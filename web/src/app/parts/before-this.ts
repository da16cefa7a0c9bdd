import { effect, inject, signal, untracked } from '@angular/core';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow } from '@hopsk/contract/run';
import type { Rounds } from '@hopsk/core/language/rounds';
import { isSession, type RunPlan, type SessionPlan } from '@hopsk/core/plan/run-plan';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../data/api';
import { RunDesk } from '../data/desk';
import { mine } from '../data/may';
import { troubleOf } from '../data/problem';
import { signInFeature } from '../data/sign-in';
import { LastOnDevice, type LastTime } from './last-time';
import { OPEN_DOSE } from './open-dose';

/** The dose of rounds, by time, so that it can be used without their pattern. */
function byTime({ dose, rep }: Exclude<RunPlan, SessionPlan>): Rounds {
  return { ...dose, mode: 'seconds', work: dose.mode === 'seconds' ? dose.work : Math.round(dose.work * (rep?.seconds ?? 3)) };
}

/** Runs as many as the page lists. */
const RECENT = 12;
/** Of so many runs it is asked whether they were rounds: what a table or a film told of an evening has no dose. */
const ASKED = 5;

/** What was run before: whether a run is still open here, what was used last, and the club's latest runs. To be made where things can be injected. */
export class BeforeThis {
  private readonly api = inject(Api);
  private readonly lastHere = new LastOnDevice();
  private readonly desk = inject(RunDesk);
  private readonly me = inject(Store).selectSignal(signInFeature.selectMe);
  /** A run that was begun on this device and not ended; null: none, undefined: not known yet. */
  readonly here = signal<string | null | undefined>(undefined);
  /** Whether whoever is signed in reads what was run before. */
  readonly runs = mine().may('runs');
  readonly recent = signal<readonly RunRow[]>([]);
  readonly trouble = signal('');
  /** Whether it is known what was used last: until then nothing is offered, so that nothing jumps under a thumb. */
  readonly looked = signal(false);
  readonly last = signal<LastTime | null>(null);

  constructor() {
    effect(() => {
      const club = this.me()?.club.id;
      if (club !== undefined) untracked(() => void this.look(club));
    });
  }

  /** What is used now, for the next time. */
  async keep(dose: Rounds, here: readonly Athlete[]): Promise<void> {
    await this.lastHere.keep({ dose, here: here.map((athlete) => athlete.id) });
  }

  private async look(clubId: string): Promise<void> {
    const kept = await this.lastHere.recall();
    if (kept) {
      this.last.set(kept);
      this.looked.set(true);
    }
    const open = await this.desk.openHere(clubId).catch(() => null);
    this.here.set(open?.head.id ?? null);
    if (!this.runs) {
      this.looked.set(true);
      return;
    }
    try {
      const rows = await firstValueFrom(this.api.runs());
      this.recent.set(rows.slice(0, RECENT));
      // On a new device the club's latest run says who was there, and the latest rounds what they were made of: a session has no dose of its own.
      if (!kept) {
        const latest = await this.latestInHall(rows);
        if (this.last() === null) this.last.set(latest);
      }
    } catch (error) {
      this.trouble.set(troubleOf(error).message);
    }
    this.looked.set(true);
  }

  /** Who was there last, and the dose of the latest rounds; null where nothing was run. What a table or a film told is passed over. */
  private async latestInHall(rows: readonly RunRow[]): Promise<LastTime | null> {
    let [here, asked]: [readonly string[] | null, number] = [null, 0];
    for (const { id, sessionId, athletes } of rows) {
      if (sessionId !== null) here ??= athletes;
      else if (asked++ === ASKED) break;
      else {
        const { plan } = (await firstValueFrom(this.api.run(id))).run;
        if (!isSession(plan)) return { dose: byTime(plan), here: [...(here ?? athletes)] };
      }
    }
    return here && { dose: OPEN_DOSE, here: [...here] };
  }
}
