import { inject } from '@angular/core';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { RunDesk } from '../data/desk';
import { signInFeature } from '../data/sign-in';
import { Together } from '../data/together';
import { Ask } from '../ui/ask';

/** One run is open on a device: before another begins, the coach says what becomes of the first. To be made where things can be injected. */
export class RoomForRun {
  private readonly desk = inject(RunDesk);
  private readonly together = inject(Together);
  private readonly questions = inject(Ask);
  private readonly me = inject(Store).selectSignal(signInFeature.selectMe);

  /** Whether another may begin: nothing is open here, or what is was ended, or left to those who are in it. */
  async made(): Promise<boolean> {
    const club = this.me()?.club.id;
    const open = club === undefined ? null : await this.desk.openHere(club);
    if (club === undefined || open === null) return true;
    const { openHere, openYes: yes } = words.floor;
    if (!(await this.questions.sure({ question: openHere(open.head.name), yes, no: words.common.notNow }))) return false;
    await this.desk.recover(club);
    await this.desk.lead();
    if (this.desk.atHand.others().length === 0) await this.desk.log({ kind: 'end' });
    await this.together.leave();
    return true;
  }
}
