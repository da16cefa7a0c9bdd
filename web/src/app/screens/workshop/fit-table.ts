import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import type { FitAsk, FitWhy } from '@hopsk/core/plan/session/messages';
import type { WorkTotals } from '@hopsk/core/plan/session/totals';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { Draft } from '../../parts/session-draft';
import type { SessionLook } from '../../compute/session';

/** A stage without the change-over before it, as fitting counts it. */
const alone = (sums: WorkTotals | undefined): number => (sums ? sums.total - sums.change - sums.water : 0);

/** What fitting to the time would change: before, after, and why, stage by stage. Nothing changes until it is taken. */
@Component({
  selector: 'hop-fit-table',
  imports: [MatButton],
  template: `
    <section class="said note">
      @if (fitted().asks.length > 0) {
        <h2>{{ text.decideFirst }}</h2>
        <ul>
          @for (ask of fitted().asks; track $index) {
            <li class="beware">{{ asked(ask) }}</li>
          }
        </ul>
        <p class="row">
          <label>{{ text.rest }} <input #rest type="number" min="0" max="3600" /></label>
          <label>{{ text.setRest }} <input #setRest type="number" min="0" max="3600" /></label>
          <label>{{ text.change }} <input #change type="number" min="0" max="3600" /></label>
          <button mat-flat-button (click)="decided.emit({ rest: rest.value, setRest: setRest.value, change: change.value })">
            {{ text.decideAll }}
          </button>
        </p>
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
    input {
      width: 74px;
      font: 600 15px var(--label);
      padding: 5px 8px;
      border: 1px solid var(--edge);
      border-radius: 6px;
      background: var(--raised);
      color: inherit;
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
  /** Answers for all stages that ask, as typed; empty: still not decided. */
  readonly decided = output<{ readonly rest: string; readonly setRest: string; readonly change: string }>();
  readonly left = output();
  protected readonly text = words.build;
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
}
