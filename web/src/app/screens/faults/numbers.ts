import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { BOOK_RULES, crossedIn, DECIDED_BY, type BookRules } from '@hopsk/core/evidence/book-rules';
import { words } from '@hopsk/words/words';
import { mine } from '../../data/may';
import { same } from '../../data/same';
import { TeachingStore } from '../../data/teaching';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { namedOptions } from '../../ui/options';
import { Whole } from '../../ui/whole';
import { flatOf, GROUPS, readsOf, rulesOf, type FlatNumbers, type NumberName } from './flat-numbers';

/** The numbers by which the club reads its fault books: ours, or its own. */
@Component({
  selector: 'hop-numbers',
  imports: [Box, Choice, Head, MatButton, Sent, Whole],
  template: `
    <hop-head back="/faults" [backTo]="text.back">
      <h1>{{ text.title }}</h1>
    </hop-head>
    <div class="page">
      <p>{{ text.says }}</p>
      @if (ready()) {
        <p class="muted" role="status">{{ ours() ? text.ours : text.own }}</p>
        <form (hopWhole)="save(rules())">
          @for (group of groups; track group.name) {
            <fieldset>
              <legend>{{ group.label }}</legend>
              <p class="muted">{{ group.says }}</p>
              <div class="row">
                @for (box of group.boxes; track box.name) {
                  <hop-box
                    [label]="box.label"
                    [reads]="box.reads"
                    [off]="!may('teach')"
                    [value]="flat()[box.name]"
                    (taken)="put(box.name, $event)"
                  />
                }
              </div>
            </fieldset>
          }
          <hop-choice [label]="text.by" [options]="by" [value]="flat().by" (taken)="choose($event)" />
          @for (one of crossed(); track one) {
            <p class="said wrong" role="alert">{{ text.crossed[one] }}</p>
          }
          @if (may('teach')) {
            <p class="row">
              <button mat-flat-button [disabled]="sending.busy() || crossed().length > 0">{{ text.save }}</button>
              @if (!ours()) {
                <button mat-stroked-button type="button" [disabled]="sending.busy()" (click)="save(null)">{{ text.asOurs }}</button>
              }
            </p>
          } @else {
            <p class="muted">{{ text.mayNot }}</p>
          }
        </form>
        <hop-sent [of]="sending" />
      } @else {
        <p role="status">{{ common.loading }}</p>
      }
    </div>
  `,
  styleUrl: './numbers.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NumbersScreen {
  private readonly club = inject(TeachingStore);
  protected readonly text = words.ownNumbers;
  protected readonly common = words.common;
  protected readonly may = mine().may;
  protected readonly ready = this.club.ready;
  protected readonly sending = new Sending();
  protected readonly by = namedOptions(DECIDED_BY, words.season.rules);
  protected readonly groups = (['recurs', 'thumb', 'running', 'time'] as const).map((name) => ({
    ...{ name, label: this.text.groups[name], says: this.text.groupSays[name] },
    boxes: GROUPS[name].map((box) => ({ name: box, label: this.text.boxes[box], reads: readsOf(box) })),
  }));
  /** What stands, until something is typed over it. */
  protected readonly flat = linkedSignal<FlatNumbers>(() => flatOf(this.club.teaching().numbers ?? BOOK_RULES));
  protected readonly rules = computed(() => rulesOf(this.flat()));
  protected readonly ours = computed(() => this.club.teaching().numbers === null);
  protected readonly crossed = computed(() => crossedIn(this.rules()));

  constructor() {
    this.club.load();
  }

  protected put(name: NumberName, value: number): void {
    this.flat.update((now) => ({ ...now, [name]: value }));
  }

  protected choose(by: BookRules['by']): void {
    this.flat.update((now) => ({ ...now, by }));
  }

  /** Null, or what are ours: ours again, whatever they will be. */
  protected readonly save = once(async (rules: BookRules | null) => {
    const numbers = rules === null || same(rules, BOOK_RULES) ? null : rules;
    await this.sending.send(async () => (await this.club.save({ numbers })) ?? this.text.saved);
  });
}
