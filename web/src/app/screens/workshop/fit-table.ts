import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { clockText } from '@hopsk/core/plan/clock-text';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import type { FitAsk, FitWhy } from '@hopsk/core/plan/session/messages';
import type { WorkTotals } from '@hopsk/core/plan/session/totals';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { Draft } from '../../parts/session-draft';
import { Box } from '../../ui/box';
import { numbers, orNothing } from '../../ui/reads';
import { Whole } from '../../ui/whole';
import type { SessionLook } from '../../compute/session';

/** A stage without the change-over before it, as fitting counts it. */
const alone = (sums: WorkTotals | undefined): number => (sums ? sums.total - sums.change - sums.water : 0);

/** One answer for all stages that ask, seconds; null: still not decided. */
export interface RestAnswers {
  readonly rest: number | null;
  readonly setRest: number | null;
  readonly change: number | null;
}

/** What fitting to the time would change: before, after, and why, stage by stage. Nothing changes until it is taken. */
@Component({
  selector: 'hop-fit-table',
  imports: [Box, MatButton, Whole],
  template: `
    <section class="said note">
      @if (fitted().asks.length > 0) {
        <h2>{{ text.decideFirst }}</h2>
        <ul>
          @for (ask of fitted().asks; track $index) {
            <li class="beware">{{ asked(ask) }}</li>
          }
        </ul>
        <form class="row" (hopWhole)="decided.emit(answers())">
          @for (one of questions; track one) {
            <hop-box live class="beside" [label]="text[one]" [reads]="seconds" [value]="answers()[one]" (taken)="answer(one, $event)" />
          }
          <button mat-flat-button>{{ text.decideAll }}</button>
        </form>
      } @else {
        <h2>
          {{ text.fitTitle }} <span class="num">{{ clock(fitted().total) }} {{ text.of }} {{ clock(fitted().available) }}</span>
        </h2>
      }
      @if (fitted().hopeless; as hopeless) {
        <p class="wrong">{{ tooShort(hopeless, fitted().available) }}</p>
      }
      @if (rows().length > 0) {
        <div class="scroll">
          <table class="rules">
            <thead>
              <tr>
                <th>{{ text.stage }}</th>
                <th>{{ text.before }}</th>
                <th class="right"></th>
                <th>{{ text.after }}</th>
                <th class="right"></th>
                <th>{{ text.why }}</th>
              </tr>
            </thead>
            <tbody>
              @for (row of rows(); track row.id) {
                <tr [class.out]="!row.kept">
                  <td>{{ row.name }}</td>
                  <td>{{ row.before }}</td>
                  <td class="right num">{{ row.took }}</td>
                  <td>{{ row.kept ? row.dose : text.out }}</td>
                  <td class="right num">{{ row.kept ? row.takes : '' }}</td>
                  <td class="muted">{{ row.why ? why(row.why) : '' }}</td>
                </tr>
              }
            </tbody>
          </table>
        </div>
        <button mat-flat-button (click)="taken.emit()">{{ text.takeIt }}</button>
      }
      <button mat-button (click)="left.emit()">{{ text.leaveIt }}</button>
    </section>
  `,
  styles: `
    h2 {
      margin-bottom: 6px;
    }
    section {
      margin: 0;
      padding: 12px 20px;
    }
    ul {
      columns: 2;
      margin: 0 0 8px;
      padding-left: 20px;
    }
    .out td {
      text-decoration: line-through;
    }
    .out td:nth-last-child(-n + 3) {
      text-decoration: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FitTable {
  readonly fitted = input.required<FittedSession>();
  readonly draft = input.required<Draft>();
  readonly look = input.required<SessionLook | null>();
  readonly taken = output();
  readonly decided = output<RestAnswers>();
  readonly left = output();
  protected readonly text = words.build;
  protected readonly questions = ['rest', 'setRest', 'change'] as const;
  protected readonly seconds = orNothing(numbers({ low: 0, high: SESSION_LIMITS.change, unit: 's', step: 5, whole: true }));
  protected readonly answers = signal<RestAnswers>({ rest: null, setRest: null, change: null });
  protected readonly asked = (ask: FitAsk): string => say(words.plan.fitAsks, ask);
  protected readonly why = (why: FitWhy): string => say(words.plan.fitWhy, why);
  protected readonly tooShort = words.plan.hopeless;
  protected readonly clock = clockText;
  protected readonly rows = computed(() => {
    const before = new Map(
      this.draft().stages.map((stage, i) => [stage.id, { dose: stage.dose, took: alone(this.look()?.totals.stages[i]) }]),
    );
    return this.fitted().stages.map((one) => ({
      ...one,
      before: before.get(one.id)?.dose ?? '',
      took: clockText(before.get(one.id)?.took ?? 0),
      takes: clockText(one.seconds),
    }));
  });

  protected answer(of: keyof RestAnswers, seconds: number | null): void {
    this.answers.set({ ...this.answers(), [of]: seconds });
  }
}
