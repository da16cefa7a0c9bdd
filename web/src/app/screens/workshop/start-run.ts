import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Studies } from '../../compute/studies';
import { RunDesk } from '../../data/desk';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import type { Draft } from '../../parts/session-draft';
import { RoomForRun } from '../../parts/room-for-run';
import { Sounds } from '../../ports/sounds';
import { Ask } from '../../ui/ask';
import type { Looked } from './looked';
import { sessionBegun } from './run-it';

/** Runs a session, once it is said that open questions may stay open. To be made where things can be injected. */
export class StartRun {
  private readonly me = inject(Store).selectSignal(signInFeature.selectMe);
  private readonly club = inject(TeachingStore);
  private readonly asking = inject(Studies);
  private readonly desk = inject(RunDesk);
  private readonly sounds = inject(Sounds);
  private readonly questions = inject(Ask);
  private readonly router = inject(Router);
  private readonly room = new RoomForRun();

  /**
   * @param sessionId null where it was never saved.
   * @param leaving just before the run's page opens.
   * @returns why it cannot be run; null where it runs, or was not wanted.
   */
  async begin(draft: Draft, sessionId: string | null, looked: Looked, leaving: () => void): Promise<string | null> {
    const me = this.me();
    if (!me) return null;
    const stops = looked.look()?.problems.filter((problem) => problem.level === 'stop' || problem.level === 'asks') ?? [];
    // Sound may only begin with a tap; this is the one.
    this.sounds.wake();
    const open = { question: words.build.runOpen(stops.length), yes: words.build.run, no: words.common.notNow };
    if (stops.some((problem) => problem.level === 'asks') && !(await this.questions.sure(open))) return null;
    if (!(await this.room.made())) return null;
    const plan = await this.asking.ask('sessionPlan', looked.asked()).catch(() => null);
    const begun = plan && sessionBegun({ me, club: this.club.teaching(), draft, sessionId, plan, here: looked.here() });
    if (!begun) return words.build.cannotRun;
    if (typeof begun === 'string') return begun;
    await this.desk.begin(begun);
    leaving();
    await this.router.navigate(['/floor/run']);
    return null;
  }
}
