import { booleanAttribute, ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { Book } from '@hopsk/contract/book';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { BookApi } from '../../data/book-api';
import { mine } from '../../data/may';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { once } from '../../ui/once';

/** What was decided, the latest first: why, what the rule said, and what came after it. */
@Component({
  selector: 'hop-decision-list',
  imports: [MatButton, RouterLink, Sent],
  template: `
    <hop-sent [of]="sending" />
    <ol>
      @for (one of rows(); track one.id) {
        <li [class.gone]="one.takenBack">
          <p>
            @if (named()) {
              <a routerLink="/faults" [queryParams]="{ athlete: athlete(), fault: one.fault }">{{ one.label }}</a>
            }
            <b>{{ text.decided[one.decided] }}</b>
            <span class="num muted"> {{ one.day }}, {{ one.who }}</span>
            @if (one.takenBack) {
              <span class="tag">{{ text.takenBack }}</span>
            }
          </p>
          @if (one.why) {
            <p dir="auto">{{ one.why }}</p>
          }
          <p class="num muted">{{ one.said }}</p>
          @if (!one.takenBack) {
            <p class="num">{{ one.came }}</p>
            @if (may('build')) {
              <button mat-stroked-button type="button" (click)="takeBack(one.id)">{{ text.takeBack }}</button>
            }
          }
        </li>
      }
    </ol>
    @if (!quiet()) {
      <p class="muted">{{ text.cameSays }}</p>
    }
  `,
  styles: `
    ol {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      padding: 8px 0 10px;
      border-bottom: 1px solid var(--rule);
    }
    li p {
      margin: 0 0 3px;
    }
    a,
    b {
      font: 600 17px var(--label);
      margin-right: 8px;
    }
    .gone b {
      text-decoration: line-through;
    }
    ol + p {
      margin-top: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DecisionList {
  readonly athlete = input.required<string>();
  readonly decisions = input.required<Book['decisions']>();
  /** Whether each says of which fault it is. */
  readonly named = input(false, { transform: booleanAttribute });
  /** What is to be thought of it is said elsewhere. */
  readonly quiet = input(false, { transform: booleanAttribute });
  /** One was taken back. */
  readonly changed = output();
  private readonly api = inject(BookApi);
  private readonly ask = inject(Ask);
  protected readonly text = words.season;
  protected readonly may = mine().may;
  protected readonly sending = new Sending();
  protected readonly rows = computed(() =>
    this.decisions().map((one) => ({
      ...one,
      label: faultLabel(one.fault),
      who: this.text.by(one.who),
      said: this.text.said(one.rule, one.said),
      came: this.text.came(one.came),
    })),
  );

  protected readonly takeBack = once(async (id: string) => {
    if (!(await this.ask.sure({ question: this.text.takeBackSays, yes: this.text.takeBack, no: words.common.notNow }))) return;
    await this.sending.send(async () => {
      await firstValueFrom(this.api.takeBack(this.athlete(), id));
      this.changed.emit();
      return '';
    });
  });
}
