import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { BookChoices, type BookAsked } from '@hopsk/contract/book';
import { words } from '@hopsk/words/words';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { orNone } from '../../ui/options';
import { days, orNothing } from '../../ui/reads';
import { isPart } from './open-book';

/** Of what alone a book is read: some days, one thing that was done, one kind of stage, what one coach watched, where it was looked at. */
@Component({
  selector: 'hop-book-filter',
  imports: [Box, Choice, MatButton],
  template: `
    @if (open() || some()) {
      <search>
        <hop-box [label]="text.from" [reads]="day" [value]="asked().from ?? null" (taken)="put({ from: $event ?? undefined })" />
        <hop-box [label]="text.to" [reads]="day" [value]="asked().to ?? null" (taken)="put({ to: $event ?? undefined })" />
        @if (choices(); as c) {
          <hop-choice [label]="text.done" [options]="done()" [value]="asked().done ?? null" (taken)="put({ done: $event ?? undefined })" />
          <hop-choice [label]="text.kind" [options]="kinds()" [value]="asked().kind ?? null" (taken)="put({ kind: $event ?? undefined })" />
          <hop-choice
            [label]="text.coach"
            [options]="coaches()"
            [value]="asked().coach ?? null"
            (taken)="put({ coach: $event ?? undefined })"
          />
          <hop-choice
            [label]="text.source"
            [options]="sources()"
            [value]="asked().source ?? null"
            (taken)="put({ source: $event ?? undefined })"
          />
        }
        <button mat-stroked-button type="button" (click)="everything()">{{ text.everything }}</button>
      </search>
      @if (some()) {
        <p class="said note" role="status">{{ text.partSays }}</p>
      }
    } @else {
      <button mat-button type="button" (click)="open.set(true)">{{ text.part }}</button>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    search {
      display: flex;
      flex-wrap: wrap;
      gap: 10px;
      align-items: flex-end;
      --field: 170px;
    }
    hop-box,
    hop-choice {
      width: 170px;
    }
    p {
      margin: 8px 0 2px;
    }
    @media (max-width: 600px) {
      hop-box,
      hop-choice {
        width: calc(50% - 5px);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BookFilter {
  readonly athlete = input.required<string>();
  readonly asked = input.required<BookAsked>();
  readonly changed = output<BookAsked>();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  protected readonly text = words.bookFilter;
  protected readonly day = orNothing(days);
  protected readonly open = signal(false);
  protected readonly some = computed(() => isPart(this.asked()));
  protected readonly choices = signal<BookChoices | null>(null);
  protected readonly done = computed(() =>
    orNone(
      this.text.all,
      (this.choices()?.done ?? []).map((value) => ({ value, label: value })),
    ),
  );
  protected readonly kinds = computed(() =>
    orNone(
      this.text.all,
      (this.choices()?.kinds ?? []).map((value) => ({ value, label: words.build.kinds[value] })),
    ),
  );
  protected readonly coaches = computed(() =>
    orNone(
      this.text.all,
      (this.choices()?.coaches ?? []).map(({ id, name }) => ({ value: id, label: name })),
    ),
  );
  protected readonly sources = computed(() =>
    orNone(
      this.text.all,
      (this.choices()?.sources ?? []).map((value) => ({ value, label: words.splits.sources[value] })),
    ),
  );

  constructor() {
    effect(() => {
      const [athlete, open] = [this.athlete(), this.open() || this.some()];
      if (open) untracked(() => this.load(athlete));
    });
  }

  protected put(change: { readonly [K in keyof BookAsked]?: BookAsked[K] | undefined }): void {
    const asked = Object.entries({ ...this.asked(), ...change }).filter(([, value]) => value !== undefined);
    this.changed.emit(Object.fromEntries(asked));
  }

  protected everything(): void {
    this.open.set(false);
    this.changed.emit({});
  }

  private load(athlete: string): void {
    void this.question.ask(
      () => this.lastSeen.ask(`choices-${athlete}`, BookChoices, this.api.choices(athlete)),
      ({ value }) => this.choices.set(value),
      // Without them there are the days.
      () => this.choices.set(null),
    );
  }
}
