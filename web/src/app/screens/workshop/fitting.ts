import { computed, inject, signal, type Signal } from '@angular/core';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import { words } from '@hopsk/words/words';
import { Studies } from '../../compute/studies';
import type { Draft } from '../../parts/session-draft';
import { withFit, withRests } from './edits';
import type { RestAnswers } from './fit-table';
import type { Looked } from './looked';

/** What is fitted, and who is told of it. */
export interface FittingOf {
  readonly draft: Signal<Draft>;
  readonly looked: Looked;
  readonly change: (change: Partial<Draft>) => void;
  readonly said: (sentence: string) => void;
}

/** A session fitted to the time there is: first what is undecided, then what would change, then the change. To be made where things can be injected. */
export class Fitting {
  private readonly asking = inject(Studies);
  /** What fitting would change; null while nobody asked. */
  readonly fitted = signal<FittedSession | null>(null);
  /** Seconds there are; null: not said. */
  readonly available = computed(() => {
    const { minutes } = this.of.draft();
    return minutes === null ? null : minutes * 60;
  });

  constructor(private readonly of: FittingOf) {}

  async toMinutes(): Promise<void> {
    const seconds = this.available();
    if (seconds === null) return this.of.said(words.build.noMinutes);
    this.fitted.set(await this.asking.ask('fitTime', { session: this.of.looked.asked(), seconds }).catch(() => null));
  }

  /** One answer for everything that asks; then it is fitted again. */
  async decideAll(answers: RestAnswers): Promise<void> {
    const look = this.of.looked.look();
    const problems = new Map(look?.stages.map(({ id }, i) => [id, look.problems.filter(({ stage }) => stage === i)]) ?? []);
    this.of.change(withRests(this.of.draft(), problems, answers));
    await this.toMinutes();
  }

  /** Takes what was fitted, and says what did not fit. */
  take(fitted: FittedSession): void {
    this.of.change(withFit(this.of.draft(), fitted));
    const out = fitted.stages.filter((one) => !one.kept).map((one) => one.name);
    this.of.said(out.length > 0 ? words.build.leftOut(out.join(', ')) : '');
    this.fitted.set(null);
  }
}
