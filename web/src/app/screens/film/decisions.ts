import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LOOKING_LIMITS, RIGHTS, type Decision } from '@hopsk/contract/film-work';
import { words } from '@hopsk/words/words';
import { TeachingStore } from '../../data/teaching';
import { booksOf } from '../../parts/sources';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Either } from '../../ui/either';
import { byCode, namedOptions } from '../../ui/options';
import { texts } from '../../ui/reads';
import { FilmDesk } from './desk';

/** Decisions that a clip shows: what was there, what was chosen, what else could have been, and whether it was right. */
@Component({
  selector: 'hop-film-decisions',
  imports: [Box, Choice, Either, MatButton],
  template: `
    <h2>{{ text.decisionsTitle }}</h2>
    @for (one of rows(); track $index) {
      <div class="decision">
        <p>
          <button type="button" class="plain num go" (click)="desk.frame.set(one.decision.frame)">
            {{ text.frameShort(one.decision.frame) }}
          </button>
          <button type="button" class="plain go" [attr.aria-label]="text.drop(text.decisionN($index + 1))" (click)="drop($index)">×</button>
        </p>
        <div class="row">
          <hop-choice
            [label]="text.book"
            [options]="books()"
            [value]="one.decision.book"
            (taken)="change($index, { book: $event, situation: '' })"
          />
          @if (one.situations.length > 1) {
            <hop-choice
              [label]="text.situation"
              [options]="one.situations"
              [value]="one.decision.situation"
              (taken)="change($index, { situation: $event })"
            />
          } @else {
            <hop-box
              [label]="text.situation"
              [reads]="reads.situation"
              [value]="one.decision.situation"
              (taken)="change($index, { situation: $event })"
            />
          }
        </div>
        @if (one.answers) {
          <p class="muted">{{ text.answersThere(one.answers) }}</p>
        }
        <hop-box [label]="text.chosen" [reads]="reads.chosen" [value]="one.decision.chosen" (taken)="change($index, { chosen: $event })" />
        <hop-box [label]="text.whatElse" [reads]="reads.else" [value]="one.decision.else" (taken)="change($index, { else: $event })" />
        <hop-either [label]="text.wasRight" [options]="rights" [value]="one.decision.right" (taken)="change($index, { right: $event })" />
      </div>
    }
    @if (rows().length < most) {
      <button mat-button (click)="add()">{{ text.addDecision }}</button>
    }
  `,
  styles: `
    .decision {
      border-bottom: 1px solid var(--rule);
      padding-bottom: 10px;
    }
    p {
      margin: 4px 0;
    }
    .go {
      min-height: 48px;
      min-width: 48px;
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmDecisions {
  private readonly club = inject(TeachingStore);
  protected readonly desk = inject(FilmDesk);
  protected readonly text = words.film.decision;
  protected readonly most = LOOKING_LIMITS.decisions;
  protected readonly rights = namedOptions(RIGHTS, words.film.decision.rights);
  protected readonly reads = { situation: texts(80), chosen: texts(120), else: texts(200) };
  private readonly all = computed(() => booksOf(this.club.teaching()));
  protected readonly books = computed(() => [{ value: '', label: this.text.noBook }, ...byCode(this.all())]);
  protected readonly rows = computed(() =>
    this.desk.work().decisions.map((decision) => {
      const situations = this.all().find(({ code }) => code === decision.book)?.situations ?? [];
      const answers = situations.find(({ situation }) => situation === decision.situation)?.answers ?? [];
      return {
        decision,
        situations: [
          { value: '', label: this.text.chooseSituation },
          ...situations.map(({ situation: value }) => ({ value, label: value })),
        ],
        answers: answers.map(({ technique }) => technique).join(', '),
      };
    }),
  );

  protected add(): void {
    const book = this.desk.work().decisions.at(-1)?.book ?? '';
    const one: Decision = { frame: this.desk.frame(), book, situation: '', chosen: '', else: '', right: 'open' };
    this.desk.put({ decisions: [...this.desk.work().decisions, one] });
  }

  protected change(i: number, change: Partial<Decision>): void {
    this.desk.put({ decisions: this.desk.work().decisions.map((one, k) => (k === i ? { ...one, ...change } : one)) });
  }

  protected drop(i: number): void {
    this.desk.put({ decisions: this.desk.work().decisions.filter((_, k) => k !== i) });
  }
}
