import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import { oneLine } from '@hopsk/core/language/one-line';
import { alternative, CALL_LIMITS, sharesOfCalls, type Alternative } from '@hopsk/core/plan/calls/calls';
import type { Foreseen } from '@hopsk/core/plan/calls/foresee';
import type { Hindrance } from '@hopsk/core/plan/calls/messages';
import { scenarioCalls, type Playbook } from '@hopsk/core/plan/playbook';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { LineBox } from '../../parts/line-box';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { namedOptions, type Option } from '../../ui/options';
import { numbers, orNothing, texts } from '../../ui/reads';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import type { DraftStage } from '../../parts/session-draft';
import type { SessionLook, StageLook } from '../../compute/session';

type Calls = NonNullable<DraftStage['calls']>;

/** What is called, how often, how far apart; how well it can be guessed, and what one drawn list holds. */
@Component({
  selector: 'hop-calls-form',
  imports: [Box, Choice, LineBox, MatButton],
  templateUrl: './calls-form.html',
  styleUrl: './stage-detail.scss',
  styles: `
    :host {
      padding: 0;
    }
    td.weight {
      width: 72px;
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
    td hop-choice {
      min-width: 92px;
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
  protected readonly kinds = namedOptions(['move', 'feint', 'stay'], words.build.moveKinds);
  protected readonly sides: readonly Option<Side | null>[] = [{ value: null, label: '–' }, ...namedOptions(SIDES, words.common.sides)];
  protected readonly weakSides: readonly Option<Side | null>[] = [
    { value: null, label: words.common.none },
    ...namedOptions(SIDES, words.common.sides),
  ];
  protected readonly books = computed(() => this.playbooks().map(({ code, name }) => ({ value: code, label: name })));
  protected readonly reads = {
    name: texts(60, 1),
    expects: texts(200),
    weight: numbers({ low: 0, high: CALL_LIMITS.weight, step: 0.5 }),
    run: numbers({ low: 1, high: CALL_LIMITS.run, whole: true }),
    interval: orNothing(numbers({ low: 0.2, high: CALL_LIMITS.interval, step: 0.1, unit: 's' })),
    reaction: numbers({ low: 0, high: 5, step: 0.1, unit: 's' }),
    factor: numbers({ low: 1, high: CALL_LIMITS.factor, step: 0.5 }),
    freezes: numbers({ low: 0, high: 100, unit: '%', scale: 100 }),
  };
  protected readonly hindered = (name: string, why: Hindrance): string => words.plan.calls.hindered({ name, why });
  protected readonly common = words.common;
  protected readonly most = CALL_LIMITS.alternatives;
  protected readonly foreseen = signal<Foreseen | null>(null);
  private readonly question = new Latest();
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
      untracked(() => this.guess(calls));
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

  /** From so many to so many seconds; nothing from nothing: as soon as the one before can be done. */
  protected every(low: number | null, high: number | null): void {
    const other = high ?? low;
    this.change({ interval: low === null || other === null ? null : { low: Math.min(low, other), high: Math.max(low, other) } });
  }

  protected weak(side: Side | null): void {
    this.change({ weakSide: side && { side, factor: this.calls().weakSide?.factor ?? 2 } });
  }

  protected readonly oneLine = oneLine;

  /** A hundred thousand draws take a moment: they are asked for in the worker. */
  private guess(calls: Calls): void {
    void this.question.ask(
      () => this.asking.ask('foreseen', calls),
      (foreseen) => this.foreseen.set(foreseen),
      () => this.foreseen.set(null),
    );
  }
}
