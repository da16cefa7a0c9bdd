import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ClockState } from '@hopsk/core/log/clock';
import { clockText } from '@hopsk/core/plan/clock-text';
import { blocksOf } from '@hopsk/core/plan/to-come';
import type { Stretch } from '@hopsk/core/plan/stretch';
import { words } from '@hopsk/words/words';

/** The dark block on top: digits as large as fit, what is on, and the rounds to scale. */
@Component({
  selector: 'hop-clock-block',
  template: `
    <div class="top num">
      <span>{{ head() }}</span><span>{{ left() }}</span>
    </div>
    <div class="face">
      <div class="digits" role="timer" [attr.aria-label]="head()" [style.--glyphs]="digits().length">{{ digits() }}</div>
    </div>
    <div class="name">
      <span class="on">
        @if (!cue().includes(name())) {
          <bdi>{{ name() }}</bdi>
        }
        @if (cue() !== '') {
          <span class="cue">{{ cue() }}</span>
        }
      </span>
      <ng-content />
    </div>
    <div class="bars" aria-hidden="true">
      @for (bar of bars(); track $index) {
        <i [class]="bar.kind" [style.flex-grow]="bar.grow"><b [style.width.%]="bar.done"></b></i>
      }
    </div>
  `,
  styleUrl: './clock-block.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[class.rest]': 'resting()', '[class.still]': 'clock().status === "paused"' },
})
export class ClockBlock {
  readonly clock = input.required<ClockState>();
  readonly stretches = input.required<readonly Stretch[]>();
  readonly name = input('');
  /** In a session: which exercise of how many. */
  readonly place = input<{ readonly exercise: number; readonly of: number } | null>(null);
  /** Where groups take turns: which is at it, of how many. */
  readonly group = input<{ readonly group: number; readonly of: number } | null>(null);
  /** What the plan shows at this moment. */
  readonly cue = input('');
  private readonly text = words.run;
  protected readonly digits = computed(() => clockText(this.clock().left));
  protected readonly resting = computed(() => this.clock().stretch !== null && this.clock().stretch?.kind !== 'work');
  protected readonly left = computed(() => `${clockText(this.clock().totalLeft)} ${this.text.left}`);
  protected readonly head = computed(() => {
    const { stretch, t, status } = this.clock();
    if (status === 'ended') return this.text.over;
    if (t < 0 || !stretch) return this.text.ready;
    const place = this.place();
    const stage = place && place.of > 1 ? `${this.text.exercise} ${place.exercise} ${this.text.of} ${place.of} · ` : '';
    const what = status === 'paused' ? this.text.pause : this.text.stretches[stretch.kind];
    if (stretch.round === 0) return `${stage}${what}`;
    const work = this.mates(stretch).filter((one) => one.kind === 'work');
    const rounds = Math.max(...work.map((one) => one.round), 1);
    const sets = Math.max(...work.map((one) => one.set), 1);
    const where = `${sets > 1 ? `${this.text.set} ${stretch.set} ${this.text.of} ${sets}, ` : ''}${this.text.round} ${stretch.round} ${this.text.of} ${rounds}`;
    const group = this.group();
    const turn = group === null ? '' : ` · ${this.text.group} ${group.group} ${this.text.of} ${group.of}`;
    return `${stage}${where}${turn} · ${what}`;
  });

  /** Stretches of the same exercise: rounds and sets are counted within it. */
  private mates({ exercise }: Stretch): readonly Stretch[] {
    return this.stretches().filter((one) => one.exercise === exercise);
  }
  /** Rounds, or in a session its exercises: more bars than these nobody can tell apart. */
  private readonly drawn = computed(() => {
    if (this.place() === null) return this.stretches();
    const phases = this.stretches();
    return blocksOf({ phases }).map(({ first, last }) => ({
      kind: 'work' as const,
      start: phases[first]?.start ?? 0,
      end: phases[last]?.end ?? 0,
    }));
  });
  protected readonly bars = computed(() => {
    const { t } = this.clock();
    return this.drawn().map(({ kind, start, end }) => ({
      kind,
      grow: end - start,
      done: Math.max(0, Math.min(100, ((t - start) / (end - start)) * 100)),
    }));
  });
}
