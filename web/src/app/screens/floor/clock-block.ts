import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { ClockState } from '@hopsk/core/log/clock';
import { clockText, type Phase } from '@hopsk/core/plan/phases';
import type { SessionPhase } from '@hopsk/core/plan/run-plan';
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
      @if (!cue().includes(name())) {
        <bdi>{{ name() }}</bdi>
      }
      @if (cue() !== '') {
        <span class="cue">{{ cue() }}</span>
      }
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
  readonly phases = input.required<readonly Phase[]>();
  readonly name = input('');
  /** In a session: which exercise of how many. */
  readonly place = input<{ readonly exercise: number; readonly of: number } | null>(null);
  /** What the plan shows at this moment. */
  readonly cue = input('');
  private readonly text = words.run;
  protected readonly digits = computed(() => clockText(this.clock().left));
  protected readonly resting = computed(() => this.clock().phase !== null && this.clock().phase?.kind !== 'work');
  protected readonly left = computed(() => `${clockText(this.clock().totalLeft)} ${this.text.left}`);
  protected readonly head = computed(() => {
    const { phase, t, status } = this.clock();
    if (status === 'ended') return this.text.over;
    if (t < 0 || !phase) return this.text.ready;
    const place = this.place();
    const stage = place && place.of > 1 ? `${this.text.exercise} ${place.exercise} ${this.text.of} ${place.of} · ` : '';
    const what = status === 'paused' ? this.text.pause : this.text.phases[phase.kind];
    if (phase.round === 0) return `${stage}${what}`;
    const work = this.mates(phase).filter((one) => one.kind === 'work');
    const rounds = Math.max(...work.map((one) => one.round), 1);
    const sets = Math.max(...work.map((one) => one.set), 1);
    const where = `${sets > 1 ? `${this.text.set} ${phase.set} ${this.text.of} ${sets}, ` : ''}${this.text.round} ${phase.round} ${this.text.of} ${rounds}`;
    return `${stage}${where} · ${what}`;
  });

  /** Stretches of the same exercise: rounds and sets are counted within it. */
  private mates(phase: Phase): readonly Phase[] {
    const exercise = (one: Phase): number => (one as Partial<SessionPhase>).exercise ?? 0;
    return this.phases().filter((one) => exercise(one) === exercise(phase));
  }
  /** Rounds, or in a session its exercises: more bars than these nobody can tell apart. */
  private readonly stretches = computed(() => {
    if (this.place() === null) return this.phases();
    const exercises = new Map<number, Pick<Phase, 'kind' | 'start' | 'end'>>();
    for (const phase of this.phases() as readonly SessionPhase[]) {
      const { start } = exercises.get(phase.exercise) ?? phase;
      exercises.set(phase.exercise, { kind: 'work', start, end: phase.end });
    }
    return [...exercises.values()];
  });
  protected readonly bars = computed(() => {
    const { t } = this.clock();
    return this.stretches().map(({ kind, start, end }) => ({
      kind,
      grow: end - start,
      done: Math.max(0, Math.min(100, ((t - start) / (end - start)) * 100)),
    }));
  });
}
