import { inject, signal } from '@angular/core';
import type { ImportNow } from '@hopsk/contract/club-lines';
import { Store } from '@ngrx/store';
import { firstValueFrom, mergeMap, of, Subject, takeUntil, type Observable } from 'rxjs';
import { ClubFileApi } from '../../data/club-file-api';
import { later } from '../../data/later';
import { mine } from '../../data/may';
import { isAway } from '../../data/problem';
import { loadAll } from '../../data/records';
import type { Sending } from '../../parts/sending';

/** From one look at how a file stands to the next (ms). */
const LOOKS = 400;

/** A club file on its way in: sent, looked through, and added when the coach says so. To be made where things can be injected. */
export class Incoming {
  private readonly api = inject(ClubFileApi);
  private readonly store = inject(Store);
  private readonly role = mine().role;
  /** How it stands on the server; null: none is on its way. */
  readonly now = signal<ImportNow | null>(null);
  /** Whether its bytes are still being sent. */
  readonly coming = signal(false);
  private readonly left = new Subject<void>();

  constructor(private readonly sending: Sending) {}

  send(file: File): Promise<void> {
    return this.sending.send(async () => {
      this.now.set(null);
      this.coming.set(true);
      const sent = firstValueFrom(this.api.send(file).pipe(takeUntil(this.left)), { defaultValue: null });
      this.now.set(await sent.finally(() => this.coming.set(false)));
      await this.settled();
      return '';
    });
  }

  /** A sealed one; with another passphrase it stays sealed. */
  open(passphrase: string): Promise<void> {
    return this.goOn((id) => this.api.open(id, passphrase));
  }

  async add(): Promise<void> {
    await this.goOn(this.api.add);
    if (this.now()?.state === 'added') for (const load of loadAll(this.role())) this.store.dispatch(load);
  }

  private goOn(ask: (id: string) => Observable<ImportNow>): Promise<void> {
    return this.sending.send(async () => {
      const id = this.now()?.id;
      if (id === undefined) return '';
      this.now.set(await firstValueFrom(ask(id)));
      await this.settled();
      return '';
    });
  }

  /** Takes it back: what was not added whole is not added. */
  async cancel(): Promise<void> {
    const id = this.now()?.id;
    this.left.next();
    this.now.set(null);
    if (id !== undefined) await firstValueFrom(this.api.cancel(id)).catch(() => undefined);
  }

  /** Looks how it stands until nothing is under way with it, or it was taken back. */
  private async settled(): Promise<void> {
    for (let now = this.now(); now !== null && (now.state === 'reading' || now.state === 'adding'); now = this.now()) {
      const seen = await firstValueFrom(of(now.id).pipe(later(LOOKS), mergeMap(this.api.now))).catch((error: unknown) => {
        // The server goes on with it while the network is away; what it does not know any more is over.
        if (isAway(error)) return now;
        this.now.set(null);
        throw error;
      });
      if (this.now()?.id === seen.id) this.now.set(seen);
    }
  }
}
