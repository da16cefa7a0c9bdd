import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { RouterLink } from '@angular/router';
import { EveningRuns } from '@hopsk/contract/book';
import type { BookSession } from '@hopsk/core/evidence/book';
import { words } from '@hopsk/words/words';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { mine } from '../../data/may';
import { troubleOf, type Trouble } from '../../data/problem';
import { Choice } from '../../ui/choice';

/** What stands behind one evening of a fault: each of its runs, and from there each single tap, to be corrected. */
@Component({
  selector: 'hop-evening-runs',
  imports: [Choice, RouterLink],
  template: `
    <h3>{{ text.behind }}</h3>
    <hop-choice class="inline" [label]="text.evening" [options]="options()" [value]="chosen()" (taken)="chosen.set($event)" />
    @if (trouble(); as t) {
      <p class="said wrong" role="alert">{{ t.message }}</p>
    } @else if (runs(); as runs) {
      <div class="scroll">
        <table class="rules num">
          <thead>
            <tr>
              @for (head of text.behindHeads; track head) {
                <th scope="col" [class.right]="!$first">{{ head }}</th>
              }
              <th></th>
            </tr>
          </thead>
          <tbody>
            @for (run of runs; track run.id) {
              <tr>
                <th scope="row">
                  <bdi>{{ run.name }}</bdi> <span class="muted">{{ run.at }}</span>
                </th>
                <td class="right">{{ run.faulty }}</td>
                <td class="right">{{ run.attempts }}</td>
                <td class="right">{{ run.again || '' }}</td>
                <td class="right">{{ run.noted || '' }}</td>
                <td class="right">
                  @if (may('runs')) {
                    <a [routerLink]="['/floor/runs', run.id]" [queryParams]="{ athlete: athlete(), fault: fault() }">{{ text.taps }}</a>
                  }
                </td>
              </tr>
            }
          </tbody>
        </table>
      </div>
    } @else {
      <p role="status">{{ common.loading }}</p>
    }
  `,
  styles: `
    h3 {
      margin-top: 16px;
    }
    .scroll {
      overflow-x: auto;
      margin-top: 6px;
    }
    th .muted {
      margin-left: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EveningRunsView {
  readonly athlete = input.required<string>();
  readonly fault = input.required<string>();
  readonly sessions = input.required<readonly BookSession[]>();
  /** The evening that is opened first; null, or none of these: the last one. */
  readonly day = input.required<string | null>();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  protected readonly text = words.book;
  protected readonly common = words.common;
  protected readonly may = mine().may;
  private readonly days = computed(() => [...new Set(this.sessions().map(({ day }) => day))].reverse());
  protected readonly options = computed(() => this.days().map((value) => ({ value, label: value })));
  protected readonly chosen = linkedSignal(() => this.days().find((day) => day === this.day()) ?? this.days()[0] ?? '');
  private readonly given = signal<EveningRuns | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly runs = computed(
    () =>
      this.given()?.map((run) => ({
        ...run,
        at: new Date(run.startedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }),
      })) ?? null,
  );

  constructor() {
    effect(() => {
      const asked = [this.athlete(), this.fault(), this.chosen()] as const;
      untracked(() => this.load(...asked));
    });
  }

  private load(athlete: string, fault: string, day: string): void {
    this.given.set(null);
    this.trouble.set(null);
    if (day === '') return;
    void this.question.ask(
      () => this.lastSeen.ask(`runs-${day}-${fault}-${athlete}`, EveningRuns, this.api.runsOf(athlete, fault, day)),
      ({ value }) => this.given.set(value),
      (error) => this.trouble.set(troubleOf(error)),
    );
  }
}
