import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { clockText, type ClockState, type Phase } from '@hopsk/core';
import { TEXT } from '../text/en';

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
      <bdi>{{ name() }}</bdi>
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
  private readonly text = TEXT.run;
  protected readonly digits = computed(() => clockText(this.clock().left));
  protected readonly resting = computed(() => this.clock().phase !== null && this.clock().phase?.kind !== 'work');
  protected readonly left = computed(() => `${clockText(this.clock().totalLeft)} ${this.text.left}`);
  protected readonly head = computed(() => {
    const { phase, t, status } = this.clock();
    if (status === 'ended') return this.text.over;
    if (t < 0 || !phase) return this.text.ready;
    const work = this.phases().filter((one) => one.kind === 'work');
    const rounds = Math.max(...work.map((one) => one.round), 1);
    const sets = Math.max(...work.map((one) => one.set), 1);
    const where = `${sets > 1 ? `${this.text.set} ${phase.set} ${this.text.of} ${sets}, ` : ''}${this.text.round} ${phase.round} ${this.text.of} ${rounds}`;
    const what = phase.kind === 'work' ? this.text.work : phase.kind === 'rest' ? this.text.rest : this.text.setRest;
    return `${where} · ${status === 'paused' ? this.text.pause : what}`;
  });
  protected readonly bars = computed(() => {
    const { t } = this.clock();
    return this.phases().map((phase) => ({
      kind: phase.kind,
      grow: phase.end - phase.start,
      done: Math.max(0, Math.min(100, ((t - phase.start) / (phase.end - phase.start)) * 100)),
    }));
  });
}
