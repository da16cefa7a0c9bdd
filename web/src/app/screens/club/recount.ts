import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { isAway } from '../../data/problem';
import { people } from '../../data/records';
import { Sending, Sent } from '../../parts/sending';
import { Table } from '../../ui/table';
import { Recounting } from './recounting';

/** As many changes as are shown one by one. */
const SHOWN = 40;

/** Runs that stand by the rules of their day: what would differ by today's, and counting them anew. */
@Component({
  selector: 'hop-recount',
  imports: [MatButton, Sent, Table],
  template: `
    <section>
      <h2>{{ text.recount }}</h2>
      <p class="muted">{{ text.recountSays }}</p>
      <hop-sent [of]="sending" />
      @if (of.left(); as left) {
        @switch (of.now()) {
          @case ('looking') {
            <p role="status">
              {{ text.recountLooking(of.seen().length, left.earlier + left.merged) }}
              <progress [value]="of.seen().length / (left.earlier + left.merged)" [attr.aria-label]="text.recountLook"></progress>
            </p>
            <button mat-stroked-button (click)="of.stop()">{{ text.stop }}</button>
          }
          @case ('counting') {
            <p role="status">
              {{ text.recountCounting(of.counted(), of.seen().length) }}
              <progress [value]="of.counted() / of.seen().length" [attr.aria-label]="text.recount"></progress>
            </p>
            <button mat-stroked-button (click)="of.stop()">{{ text.stop }}</button>
          }
          @case ('looked') {
            <p role="status">{{ text.recountDiffer(of.differing(), of.seen().length) }}</p>
            @if (rows().length > 0) {
              <hop-table [label]="text.recount" [heads]="text.recountHeads" [rows]="rows()" />
            }
            @if (more() > 0) {
              <p class="muted">{{ text.recountMore(more()) }}</p>
            }
            <div class="row">
              <button mat-flat-button (click)="of.count()">{{ text.recountDo(of.seen().length) }}</button><button
                mat-stroked-button
                (click)="of.stop()"
              >
                {{ text.recountLeave }}
              </button>
            </div>
          }
          @default {
            @if (of.counted() > 0) {
              <p class="said good" role="status">{{ text.recountDone(of.counted()) }}</p>
            }
            <p>{{ text.recountLeft(left) }}</p>
            @if (left.earlier + left.merged > 0) {
              <button mat-stroked-button (click)="of.look()">{{ text.recountLook }}</button>
            }
          }
        }
      }
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Recount {
  /** It is asked again how many there are when this is another. */
  readonly after = input<unknown>(null);
  private readonly people = inject(Store).selectSignal(people.selectById);
  protected readonly text = words.club;
  protected readonly sending = new Sending();
  protected readonly of = new Recounting(this.sending);
  protected readonly more = computed(() => Math.max(0, this.of.changes().length - SHOWN));
  protected readonly rows = computed(() =>
    this.of
      .changes()
      .slice(0, SHOWN)
      .map(({ athlete, fault, runs, before, now }) => [
        `${this.people()[athlete]?.name ?? '–'}: ${faultLabel(fault)}`,
        String(runs),
        words.common.seenOf(before.faulty, before.attempts, before.noted),
        words.common.seenOf(now.faulty, now.attempts, now.noted),
      ]),
  );

  constructor() {
    effect(() => {
      this.after();
      untracked(() => this.look());
    });
  }

  private look(): void {
    void this.sending.send(async () => {
      // Without a network there is nothing to be done here.
      await this.of.load().catch((error: unknown) => {
        if (!isAway(error)) throw error;
      });
      return '';
    });
  }
}
