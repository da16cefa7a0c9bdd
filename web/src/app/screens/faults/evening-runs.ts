import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { RunsBehind, type BookAsked } from '@hopsk/contract/book';
import type { BookSession } from '@hopsk/core/evidence/book';
import { words } from '@hopsk/words/words';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';
import { Choice } from '../../ui/choice';
import { isPart } from './open-book';
import { RunList } from './run-list';

/** What stands behind one evening of a fault: each of its runs, and from there each single tap, to be corrected. */
@Component({
  selector: 'hop-evening-runs',
  imports: [Choice, RunList],
  template: `
    <h3>{{ text.behind }}</h3>
    <hop-choice class="inline" [label]="text.evening" [options]="options()" [value]="chosen()" (taken)="chosen.set($event)" />
    @if (trouble(); as t) {
      <p class="said wrong" role="alert">{{ t.message }}</p>
    } @else if (runs(); as runs) {
      <hop-run-list [athlete]="athlete()" [fault]="fault()" [runs]="runs" />
    } @else {
      <p role="status">{{ common.loading }}</p>
    }
  `,
  styles: `
    h3 {
      margin-top: 16px;
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
  /** As the book is read. */
  readonly asked = input.required<BookAsked>();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  protected readonly text = words.book;
  protected readonly common = words.common;
  private readonly days = computed(() => [...new Set(this.sessions().map(({ day }) => day))].reverse());
  protected readonly options = computed(() => this.days().map((value) => ({ value, label: value })));
  protected readonly chosen = linkedSignal(() => this.days().find((day) => day === this.day()) ?? this.days()[0] ?? '');
  protected readonly runs = signal<RunsBehind | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);

  constructor() {
    effect(() => {
      const asked = [this.athlete(), this.fault(), this.chosen(), this.asked()] as const;
      untracked(() => this.load(...asked));
    });
  }

  private load(athlete: string, fault: string, day: string, asked: BookAsked): void {
    this.runs.set(null);
    this.trouble.set(null);
    if (day === '') return;
    void this.question.ask(
      () =>
        this.lastSeen.ask(
          isPart(asked) ? null : `runs-${day}-${fault}-${athlete}`,
          RunsBehind,
          this.api.runsOf(athlete, fault, { ...asked, day }),
        ),
      ({ value }) => this.runs.set(value),
      (error) => this.trouble.set(troubleOf(error)),
    );
  }
}
