import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogRef, MAT_DIALOG_DATA } from '@angular/material/dialog';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';
import { secondsOf, toCome, type Block } from '@hopsk/core/plan/to-come';
import { words } from '@hopsk/words/words';

/** A plan, and the second of it that the clock is at. */
export interface Coming {
  readonly plan: SessionPlan;
  readonly t: number;
}

/** What is still to come of a session: in another order, without some, what is on once more. Closes with what comes then. */
@Component({
  selector: 'hop-to-come',
  imports: [MatButton],
  template: `
    <div class="head">
      <h2>{{ text.toComeTitle }}</h2>
      <button type="button" class="plain close" [attr.aria-label]="common.close" (click)="self.close(null)">×</button>
    </div>
    @if (now; as one) {
      <p class="row">
        <span
          >{{ text.toComeNow }} <bdi>{{ nameOf(one) }}</bdi></span
        >
        <button mat-stroked-button (click)="put(one)">{{ text.onceMore }}</button>
      </p>
    }
    <div class="lists">
      <ol>
        @for (one of list(); track $index) {
          <li>
            <span class="what"
              ><bdi>{{ nameOf(one) }}</bdi> <span class="muted num">{{ lasts(one) }}</span></span
            >
            @if (!$first) {
              <button mat-stroked-button class="up" [attr.aria-label]="text.earlierOf(nameOf(one))" (click)="up($index)">↑</button>
            }
            <button mat-stroked-button [attr.aria-label]="text.leaveOutOf(nameOf(one))" (click)="leaveOut($index)">
              {{ text.leaveOut }}
            </button>
          </li>
        } @empty {
          <li>{{ text.toComeNone }}</li>
        }
      </ol>
      @if (out().length > 0) {
        <h3>{{ text.leftOut }}</h3>
        <ul>
          @for (one of out(); track $index) {
            <li>
              <bdi>{{ nameOf(one) }}</bdi>
              <button mat-stroked-button [attr.aria-label]="text.takeInOf(nameOf(one))" (click)="put(one)">{{ text.takeIn }}</button>
            </li>
          }
        </ul>
      }
    </div>
    <p class="row whole">
      <span class="muted num">{{ text.toComeTakes(takes()) }}</span>
      <button mat-flat-button [disabled]="now === null && list().length === 0" (click)="self.close(list())">{{ text.toComeKeep }}</button>
    </p>
  `,
  styleUrl: './picker.scss',
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      height: 100%;
      padding: 8px 16px;
    }
    .lists {
      flex: 1;
      min-height: 0;
      overflow-y: auto;
    }
    .row {
      display: flex;
      align-items: center;
      justify-content: space-between;
      gap: 12px;
    }
    .what {
      flex: 1;
      display: flex;
      flex-wrap: wrap;
      gap: 0 10px;
    }
    .up {
      min-width: 48px;
      padding: 0;
      font-size: 20px;
    }
    .whole {
      margin: 0;
      padding: 10px 0 0;
    }
    button {
      min-height: 48px;
      white-space: nowrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToCome {
  protected readonly self = inject<MatDialogRef<ToCome, readonly Block[] | null>>(MatDialogRef);
  private readonly of = inject<Coming>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  private readonly blocks = toCome(this.of.plan, this.of.t);
  protected readonly now = this.blocks.now;
  protected readonly list = signal<readonly Block[]>(this.blocks.next);
  protected readonly out = computed(() => this.blocks.next.filter((one) => !this.list().includes(one)));
  protected readonly takes = computed(() => {
    const ends = this.now === null ? 0 : (this.of.plan.phases[this.now.last]?.end ?? 0) - Math.max(0, this.of.t);
    return clockText(this.list().reduce((sum, one) => sum + secondsOf(this.of.plan, one), ends));
  });
  protected readonly nameOf = ({ exercise }: Block): string => this.of.plan.exercises[exercise]?.name ?? '';
  protected readonly lasts = (one: Block): string => clockText(secondsOf(this.of.plan, one));

  /** What is on comes next; what was left out comes last. */
  protected put(one: Block): void {
    this.list.update((list) => (one === this.now ? [one, ...list] : [...list, one]));
  }

  protected up(at: number): void {
    this.list.update((list) => list.map((one, i) => (i === at - 1 ? list[at] : i === at ? list[at - 1] : one) ?? one));
  }

  protected leaveOut(at: number): void {
    this.list.update((list) => list.filter((_, i) => i !== at));
  }
}
