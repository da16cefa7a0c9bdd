import { STAGE_KINDS, type StageKind } from '@hopsk/core/plan/exercise';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { PlannedStretch } from '@hopsk/core/plan/stretch';
import { words } from '@hopsk/words/words';
import { Slider } from '../../ui/slider';

/** Marks on the scale are so many minutes apart, the smallest that leaves at most this many. */
const STEPS = [1, 2, 5, 10, 20, 30, 60] as const;
const MARKS = 9;

/** The whole session to the scale of time: a stretch a piece, deeper in colour the nearer to free work. */
@Component({
  selector: 'hop-time-bar',
  imports: [Slider],
  template: `
    <div class="numbers num" aria-hidden="true">
      @for (one of stages(); track one.at) {
        <span [style.left.%]="one.from" [style.width.%]="one.width" [class.on]="one.at === lit()"
          ><b [class.wide]="one.at > 8">{{ one.at + 1 }}</b></span
        >
      }
    </div>
    <div class="track" (click)="press($event)" aria-hidden="true">
      @for (one of pieces(); track $index) {
        <i [class]="one.kind" [style.left.%]="one.from" [style.width.%]="one.width" [style.--deep]="one.deep"></i>
      }
      @if (there() !== null) {
        <b class="there" [style.left.%]="there()"></b>
      }
      <b class="now" [style.left.%]="(t() / span()) * 100"></b>
    </div>
    <div class="scale num" aria-hidden="true">
      @for (mark of marks(); track mark) {
        <span [style.left.%]="((mark * 60) / span()) * 100" [class.last]="mark * 60 > span() * 0.93">{{ mark }} {{ minutes }}</span>
      }
    </div>
    <hop-slider
      [style.width.%]="(total() / span()) * 100"
      [label]="text.moment"
      [high]="total()"
      [step]="0.5"
      [value]="t()"
      [said]="clock"
      (taken)="seek.emit($event)"
    />
  `,
  styleUrl: './time-bar.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeBar {
  readonly stretches = input.required<readonly PlannedStretch[]>();
  readonly kinds = input.required<readonly StageKind[]>();
  /** Seconds: of the session, and those there are. */
  readonly total = input.required<number>();
  readonly available = input<number | null>(null);
  readonly t = input(0);
  readonly seek = output<number>();
  protected readonly text = words.build;
  protected readonly minutes = words.units.min;
  protected readonly clock = clockText;
  protected readonly span = computed(() => Math.max(60, this.total(), this.available() ?? 0));
  protected readonly there = computed(() => {
    const available = this.available();
    return available === null ? null : (available / this.span()) * 100;
  });
  protected readonly lit = computed(() => this.stretches().find((stretch) => this.t() < stretch.end)?.exercise ?? -1);
  protected readonly pieces = computed(() =>
    this.stretches().map((stretch) => ({
      kind: stretch.open ? `${stretch.kind} open` : stretch.kind,
      from: (stretch.start / this.span()) * 100,
      width: ((stretch.end - stretch.start) / this.span()) * 100,
      deep: (STAGE_KINDS.indexOf(this.kinds()[stretch.exercise] ?? 'whole') + 6) / (STAGE_KINDS.length + 5),
    })),
  );
  protected readonly stages = computed(() => {
    const ends = new Map<number, { at: number; start: number; end: number }>();
    for (const { exercise: at, start, end } of this.stretches()) ends.set(at, { at, start: ends.get(at)?.start ?? start, end });
    return [...ends.values()].map(({ at, start, end }) => ({
      at,
      from: (start / this.span()) * 100,
      width: ((end - start) / this.span()) * 100,
    }));
  });
  protected readonly marks = computed(() => {
    const minutes = this.span() / 60;
    const step = STEPS.find((one) => minutes / one <= MARKS) ?? 60;
    return Array.from({ length: Math.floor(minutes / step) + 1 }, (_, i) => i * step);
  });

  protected press(event: MouseEvent): void {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    this.seek.emit(Math.min(this.total(), ((event.clientX - box.left) / box.width) * this.span()));
  }
}
