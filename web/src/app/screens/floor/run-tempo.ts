import { inject } from '@angular/core';
import { inTempo, isCounted } from '@hopsk/core/plan/in-tempo';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import { RunDesk } from '../../data/desk';
import type { RunNow } from '../../parts/run-now';
import { Dialogs } from '../../ui/dialogs';
import { TEMPO_BOX } from './run-dialogs';
import type { RunReplan } from './run-replan';
import type { TempoOf, TempoSet } from './tempo-box';

/** A tempo that the coach taps while something is worked at. To be made where things can be injected. */
export class RunTempo {
  private readonly dialogs = inject(Dialogs);
  private readonly desk = inject(RunDesk);

  constructor(
    private readonly at: RunNow,
    private readonly replan: RunReplan,
  ) {}

  async ask(): Promise<void> {
    const [plan, work] = [this.desk.fold()?.log.plan, this.at.tempo()];
    if (!plan || !work) return;
    const repeats = work.done.length > 0;
    const counted = stretchesOfPlan(plan).some((one) => one.exercise === work.exercise && one.kind === 'work' && isCounted(plan, one));
    const data: TempoOf = { repeats, keeps: counted ? 'repetitions' : 'time' };
    const set = await this.dialogs.show<TempoSet>(TEMPO_BOX, { labelledBy: 'tempo', data });
    if (!set) return;
    // The page's own time goes on as the run's does, while the clock runs.
    const ago = set.tap === null || this.at.status() !== 'running' ? 0 : (performance.now() - set.tap) / 1000;
    const { beat, beats } = set.tempo;
    await this.replan.to(words.run.tempoKept(beat * Math.max(1, beats.length)), (now, t) => inTempo(now, t, t - ago, set.tempo));
  }
}
