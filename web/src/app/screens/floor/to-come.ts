import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogRef, MAT_DIALOG_DATA } from '@angular/material/dialog';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';
import { secondsOf, toCome, type Entry } from '@hopsk/core/plan/to-come';
import { words } from '@hopsk/words/words';
import type { Offer, PutIn } from '../../parts/put-in';
import { PutInBox } from './put-in-box';

/** A plan, the second of it that the clock is at, and what can be put in. */
export interface Coming {
  readonly plan: SessionPlan;
  readonly t: number;
  readonly offers: readonly Offer[];
  /** The stage that an exercise was planned as, where it is still known. */
  readonly offerOf: (stage: string) => Offer | null;
  readonly makes: PutIn;
}

/** What comes then; or what is on is skipped. */
export type Came = readonly Entry[] | 'skip';

/**
 * What is still to come of a session: in another order, with another dose, without some, with others, what is on once more. Closes with
 * what comes then.
 */
@Component({
  selector: 'hop-to-come',
  imports: [MatButton, PutInBox],
  templateUrl: './to-come.html',
  styleUrls: ['./picker.scss', './to-come.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToCome {
  protected readonly self = inject<MatDialogRef<ToCome, Came | null>>(MatDialogRef);
  protected readonly of = inject<Coming>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  private readonly blocks = toCome(this.of.plan, this.of.t);
  protected readonly now: Entry | null = this.blocks.now;
  protected readonly list = signal<readonly Entry[]>(this.blocks.next);
  /** Which of them is to have another dose, and whether another is put in. */
  protected readonly dosing = signal<Entry | null>(null);
  protected readonly adding = signal(false);
  /** Those that come with another dose. */
  private readonly replaced = new Set<Entry>();
  protected readonly out = computed(() => this.blocks.next.filter((one) => !this.list().includes(one) && !this.replaced.has(one)));
  protected readonly takes = computed(() => {
    const ends = this.now === null ? 0 : (this.of.plan.phases[this.now.last]?.end ?? 0) - Math.max(0, this.of.t);
    return clockText(this.list().reduce((sum, one) => sum + secondsOf(this.planOf(one), one), ends));
  });
  protected readonly nameOf = (one: Entry): string => this.exerciseOf(one)?.name ?? '';
  protected readonly lasts = (one: Entry): string => clockText(secondsOf(this.planOf(one), one));
  protected readonly offerOf = (one: Entry): Offer | null => this.of.offerOf(this.exerciseOf(one)?.stage ?? '');

  private readonly planOf = ({ of }: Entry): SessionPlan => of ?? this.of.plan;
  private readonly exerciseOf = (one: Entry) => this.planOf(one).exercises[one.exercise];

  /** What is on comes next; what was left out comes last. */
  protected put(one: Entry): void {
    this.list.update((list) => (one === this.now ? [one, ...list] : [...list, one]));
  }

  /** What was made of another stage comes next, of the same with another dose in its place. */
  protected made(entry: Entry, instead: Entry | null): void {
    if (instead) this.replaced.add(instead);
    this.list.update((list) => (instead ? list.map((one) => (one === instead ? entry : one)) : [entry, ...list]));
    this.dosing.set(null);
    this.adding.set(false);
  }

  protected up(at: number): void {
    this.list.update((list) => list.map((one, i) => (i === at - 1 ? list[at] : i === at ? list[at - 1] : one) ?? one));
  }

  protected leaveOut(at: number): void {
    this.list.update((list) => list.filter((_, i) => i !== at));
  }
}
