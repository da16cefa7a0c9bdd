import { inject } from '@angular/core';
import { PlanChange } from '@hopsk/contract/run';
import { planAt } from '@hopsk/core/log/clock';
import { restChanged, roundAgain } from '@hopsk/core/plan/on-the-spot';
import type { PlanChange as Change } from '@hopsk/core/plan/replan';
import { isSession, stretchesOfPlan, type RunPlan, type SessionPlan } from '@hopsk/core/plan/run-plan';
import { rearranged, toCome, type Entry } from '@hopsk/core/plan/to-come';
import { words } from '@hopsk/words/words';
import { RunDesk } from '../../data/desk';
import type { RunTaps } from './run-taps';

/** What a coach makes otherwise of a plan while it is run. To be made where things can be injected. */
export class RunReplan {
  private readonly desk = inject(RunDesk);
  private readonly text = words.run;

  constructor(private readonly taps: RunTaps) {}

  /** What comes now instead of all that was to come; what had begun meanwhile goes on, and does not come again. */
  goesOnWith(plan: SessionPlan, entries: readonly Entry[], asked: number): Promise<void> {
    return this.to(this.text.toComeKept, (now, t) => {
      if (now !== plan) return this.text.toComeOther;
      const [then, on] = [toCome(plan, asked).now, toCome(plan, t).now];
      const still = on?.first === then?.first ? entries : entries.filter(({ first, of }) => of !== undefined || first !== on?.first);
      return rearranged(plan, t, still);
    });
  }

  /** On to the exercise that comes next. */
  async skipStage(): Promise<void> {
    await this.desk.decide(({ plan, clock }) => {
      const next = isSession(plan) ? toCome(plan, planAt(clock, this.desk.time.now())).next[0] : undefined;
      const to = next && stretchesOfPlan(plan)[next.first]?.start;
      return to === undefined ? null : { kind: 'skip', to };
    });
  }

  /** What is on and is no work takes so many seconds more, or fewer. */
  restBy(seconds: number): Promise<void> {
    return this.to(this.text.restChanged(seconds), (plan, t) => restChanged(plan, t, seconds));
  }

  /** The round that is on, or whose rest is on, is done once more. */
  roundAgain(): Promise<void> {
    return this.to(this.text.roundAgainKept, roundAgain);
  }

  /** The plan is another from here on; said when that is kept, and otherwise why not. Nothing, where nothing follows. */
  async to(done: string, follows: (plan: RunPlan, t: number) => Change | string | null): Promise<void> {
    let said: string | null = null;
    const changed = await this.desk.decide((log) => {
      const change = follows(log.plan, planAt(log.clock, this.desk.time.now()));
      if (change === null) return null;
      if (typeof change === 'string') said = change;
      else if (PlanChange.safeParse(change).success) return { kind: 'plan', change };
      else said = this.text.toComeLong;
      return null;
    });
    if (changed.length > 0) said = done;
    if (said !== null) this.taps.say(said);
  }
}
