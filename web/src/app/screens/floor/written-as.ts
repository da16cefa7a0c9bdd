import { inject } from '@angular/core';
import type { DoneAs } from '@hopsk/core/plan/run-plan';
import { Store } from '@ngrx/store';
import { performance } from '../../compute/performance';
import { patterns, people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import type { RunNow } from '../../parts/run-now';

/** How the steps of a run are written that its plan does not say it of. To be made where things can be injected. */
export class WrittenAs {
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly sessions = this.store.selectSignal(sessions.selectHere);

  /** Of a plan of an earlier program, and of rounds of one pattern: as whom they were planned for does them. */
  as(at: RunNow): DoneAs {
    const { sessionId = null, patternId = null, athletes = [] } = at.head() ?? {};
    const stage = this.sessions()
      .find(({ id }) => id === sessionId)
      ?.stages.find(({ id }) => id === at.exercise()?.stage);
    const line = stage ?? this.patterns().find(({ id }) => id === patternId);
    if (!line) return { school: '', hand: 'right', lead: 'none' };
    const planned = this.people().find(({ id }) => id === athletes[0]) ?? null;
    const { playing, lead } = performance(line, planned, { own: this.club.stances() }).performer;
    return { school: line.school, hand: playing, lead: lead ?? 'none' };
  }
}
