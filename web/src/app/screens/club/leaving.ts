import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom, type Observable } from 'rxjs';
import { DeviceStore } from '../../data/device-store';
import { setSignOutDue } from '../../data/due';
import { Outbox } from '../../data/outbox';
import { isAway } from '../../data/problem';
import { signInActions } from '../../data/sign-in';

/** The ways out of a club's pages: copies of people leave this device, what waits for whoever leaves is sealed to them. To be made where things can be injected. */
export class Leaving {
  private readonly device = inject(DeviceStore);
  private readonly outbox = inject(Outbox);
  private readonly store = inject(Store);
  private readonly router = inject(Router);

  /**
   * What would be lost with it, said before the question; nothing where nothing would.
   * @param back whether whoever leaves can come in again, and what waits be sent.
   */
  async lost(back: boolean): Promise<string[]> {
    const { unsentStays, unsentLost, typedStays, typedLost } = words.club;
    const typed = await this.device.drafts().catch(() => 0);
    const unsent = this.outbox.state().waiting > 0 ? [back ? unsentStays : unsentLost] : [];
    return [...unsent, ...(typed > 0 ? [back ? typedStays(typed) : typedLost(typed)] : [])];
  }

  /**
   * Asks the server for it, and is out when it is done.
   * @param back whether whoever leaves can come in again: then it can be asked later too, they are out here at once all the same, and
   *   what is typed waits for them.
   */
  async by(asked: Observable<unknown>, back = false): Promise<string> {
    try {
      await firstValueFrom(asked);
    } catch (error) {
      if (!back || !isAway(error)) throw error;
      setSignOutDue(true);
    }
    if (!back) await this.device.forgetDrafts();
    this.store.dispatch(signInActions.left());
    await this.router.navigate(['/enter']);
    return '';
  }
}
