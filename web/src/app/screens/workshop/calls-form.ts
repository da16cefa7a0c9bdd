import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { alternative, CALL_LIMITS, sharesOfCalls, type Alternative } from '@hopsk/core/plan/calls/calls';
import type { Foreseen } from '@hopsk/core/plan/calls/foresee';
import type { Hindrance } from '@hopsk/core/plan/calls/messages';
import { scenarioCalls, type Playbook } from '@hopsk/core/plan/playbook';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Studies } from '../../compute/studies';
import { oneLine, type DraftStage } from '../../parts/session-draft';
import type { SessionLook, StageLook } from '../../compute/session';

type Calls = NonNullable<DraftStage['calls']>;

/** What is called, how often, how far apart; how well it can be guessed, and what one drawn list holds. */
@Component({
  selector: 'hop-calls-form',
  imports: [MatButton],
  templateUrl: './calls-form.html',
  styleUrl: './stage-detail.scss',
  styles: `
    :host {
      padding: 0;
    }
    input.weight {
      width: 64px;
    }
    td input,
    td select {
      font: 500 15px var(--text);
      padding: 5px 7px;
      border: 1px solid var(--edge);
      border-radius: 6px;
      background: var(--raised);
      color: inherit;
      width: 100%;
    }
    td {
      padding: 3px 6px 3px 0 !important;
      white-space: nowrap;
    }
    table {
      min-width: 760px;
    }
    td:nth-child(2) {
      width: 30%;
    }
    td select {
      min-width: 84px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CallsForm {
  readonly calls = input.required<Calls>();
  readonly look = input.required<StageLook['calls']>();
  readonly lists = input.required<SessionLook['lists']>();
  readonly playbooks = input.required<readonly Playbook[]>();
  readonly changed = output<Calls>();
  private readonly asking = inject(Studies);
  protected readonly text = words.build;
  protected readonly kinds = ['move', 'feint', 'stay'] as const;
  protected readonly hindered = (name: string, why: Hindrance): string => words.plan.calls.hindered({ name, why });
  protected readonly common = words.common;
  protected readonly most = CALL_LIMITS.alternatives;
  protected readonly foreseen = signal<Foreseen | null>(null);
  private asked = 0;
  protected readonly shares = computed(() => sharesOfCalls(this.calls()).map((share) => Math.round(share * 100)));
  /** The calls of all rounds, as they are drawn now. */
  protected readonly drawn = computed(() => {
    const lists = this.lists();
    const counts = this.calls().alternatives.map((_, i) => lists.reduce((sum, { list }) => sum + (list.counts[i] ?? 0), 0));
    return {
      counts: this.calls()
        .alternatives.map((one, i) => `${one.name} ${counts[i] ?? 0}`)
        .join(', '),
      longest: Math.max(0, ...lists.map(({ list }) => list.longestRun)),
      problems: [...new Set(lists.flatMap(({ list }) => list.problems.map((problem) => say(words.plan.calls, problem))))],
      place: lists.at(-1)?.list.calls.at(-1)?.place ?? null,
    };
  });

  constructor() {
    effect(() => {
      const calls = this.calls();
      untracked(() => void this.guess(calls));
    });
  }

  protected change(change: Partial<Calls>): void {
    this.changed.emit({ ...this.calls(), ...change });
  }

  protected alter(at: number, change: Partial<Alternative>): void {
    this.change({ alternatives: this.calls().alternatives.map((one, i) => (i === at ? { ...one, ...change } : one)) });
  }

  protected add(): void {
    const { alternatives } = this.calls();
    const last = alternatives.at(-1);
    this.change({ alternatives: [...alternatives, alternative(`${this.text.call} ${alternatives.length + 1}`, last?.steps ?? '')] });
  }

  protected drop(at: number): void {
    this.change({ alternatives: this.calls().alternatives.filter((_, i) => i !== at) });
  }

  protected fromPlaybook(code: string): void {
    const book = this.playbooks().find((one) => one.code === code);
    if (book) this.change({ alternatives: scenarioCalls(book).slice(0, CALL_LIMITS.alternatives) });
  }

  protected every(low: string, high: string): void {
    const [a, b] = [Number(low), Number(high === '' ? low : high)];
    const wrong = low === '' || !Number.isFinite(a) || !Number.isFinite(b);
    const within = (n: number): number => Math.min(CALL_LIMITS.interval, Math.max(0.2, n));
    this.change({ interval: wrong ? null : { low: within(Math.min(a, b)), high: within(Math.max(a, b)) } });
  }

  protected whole(key: 'longestRun' | 'reaction' | 'freezes', value: string, low: number, high: number): void {
    const n = Number(value);
    if (value !== '' && Number.isFinite(n)) this.change({ [key]: Math.min(high, Math.max(low, key === 'longestRun' ? Math.round(n) : n)) });
  }

  protected weak(side: string): void {
    this.change({ weakSide: side === 'left' || side === 'right' ? { side, factor: this.calls().weakSide?.factor ?? 2 } : null });
  }

  protected factor(value: string): void {
    const { weakSide } = this.calls();
    const n = Number(value);
    if (weakSide && Number.isFinite(n)) this.change({ weakSide: { ...weakSide, factor: Math.min(CALL_LIMITS.factor, Math.max(1, n)) } });
  }

  protected readonly oneLine = oneLine;

  protected weigh(at: number, value: string): void {
    const weight = Number(value);
    if (value !== '' && Number.isFinite(weight)) this.alter(at, { weight: Math.min(CALL_LIMITS.weight, Math.max(0, weight)) });
  }

  /** A hundred thousand draws take a moment: asked for in the worker, the latest question counts. */
  private async guess(calls: Calls): Promise<void> {
    const asked = ++this.asked;
    const foreseen = await this.asking.ask('foreseen', calls).catch(() => null);
    if (asked === this.asked) this.foreseen.set(foreseen);
  }
}
