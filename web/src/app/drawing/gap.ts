import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { BODY_DEPTH, exchangesOf, touchOf, type Exchange } from '@hopsk/core/judge/exchange';
import type { Study } from '@hopsk/core/judge/study';
import { lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { hostWidth } from './host-width';

const LABEL = 56;
const MARGIN = 12;
const HEIGHT = 96;
/** Moments that are drawn, at most, and how far apart they are at least, seconds. */
const MOST = 400;
const LEAST = 0.02;
/** From so many degrees on somebody stands at a flank (common practice, no source). */
const FLANK = 20;

/** The distance between two bodies over time, with how far each hand comes, and who could touch whom. */
@Component({
  selector: 'hop-gap',
  templateUrl: './gap.html',
  styleUrl: './gap.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Gap {
  readonly study = input.required<Study>();
  /** The playhead, seconds. */
  readonly t = input.required<number>();
  readonly units = input.required<'cm' | 'ft-in'>();
  protected readonly text = words.steps.two;
  protected readonly width = hostWidth();
  protected readonly height = HEIGHT;
  private readonly span = computed(() => Math.max(120, this.width() - LABEL - MARGIN));
  private readonly seconds = computed(() => this.study().totals.seconds || 1);
  private readonly all = computed(() => exchangesOf(this.study().simulation, Math.max(LEAST, this.seconds() / MOST)));
  private readonly most = computed(() => Math.max(...this.all().map(({ gap }) => gap), this.reaches().mine) * 1.15);
  private readonly reaches = computed(() => {
    const { performer, things } = this.study().simulation;
    const theirs = (things.find(({ thing }) => thing === 'partner')?.reach ?? 0) + BODY_DEPTH;
    return { mine: touchOf(performer), theirs };
  });
  protected readonly line = computed(() =>
    this.all()
      .map(({ t, gap }) => `${this.x(t).toFixed(1)},${this.y(gap).toFixed(1)}`)
      .join(' '),
  );
  protected readonly levels = computed(() => {
    const { mine, theirs } = this.reaches();
    return [
      // One above its line at the end, one beneath it at the beginning: however near they lie, both can be read.
      { who: 'mine' as const, y: this.y(mine), labelY: this.y(mine) - 4, x: LABEL + this.span() },
      { who: 'theirs' as const, y: this.y(theirs), labelY: this.y(theirs) + 13, x: LABEL },
    ];
  });
  /** Stretches in which somebody could touch the other one. */
  protected readonly touches = computed(() => {
    const found: { who: 'mine' | 'theirs' | 'both'; from: number; to: number }[] = [];
    const every = (this.all()[1]?.t ?? 0) - (this.all()[0]?.t ?? 0);
    for (const { t, reaches } of this.all()) {
      const who = reaches.mine && reaches.theirs ? 'both' : reaches.mine ? 'mine' : reaches.theirs ? 'theirs' : null;
      const last = found.at(-1);
      if (who !== null && last?.who === who && Math.abs(last.to - t) < 1e-9) last.to = t + every;
      else if (who !== null) found.push({ who, from: t, to: t + every });
    }
    return found.map(({ who, from, to }) => ({
      who,
      x: this.x(from),
      w: Math.max(1, this.x(Math.min(to, this.seconds())) - this.x(from)),
    }));
  });
  protected readonly playhead = computed(() => this.x(this.t()));
  private readonly now = computed((): Exchange | undefined => this.all().findLast(({ t }) => t <= this.t() + 1e-9));
  protected readonly says = computed(() => {
    const now = this.now();
    if (!now) return '';
    const { reaches, committed } = now;
    const who = reaches.mine && reaches.theirs ? 'both' : reaches.mine ? 'mine' : reaches.theirs ? 'theirs' : 'nobody';
    const busy = committed.mine && committed.theirs ? 'both' : committed.mine ? 'mine' : committed.theirs ? 'theirs' : 'nobody';
    const flank = Math.round(Math.abs(now.flank));
    const parts = [this.text.apart(lengthText(now.gap, this.units())), this.text.touch[who], this.text.busy[busy]];
    return [...parts, flank >= FLANK ? this.text.flank(flank) : ''].filter((part) => part !== '').join(', ');
  });

  private x(t: number): number {
    return LABEL + (t / this.seconds()) * this.span();
  }
  private y(metres: number): number {
    return HEIGHT - 14 - (metres / this.most()) * (HEIGHT - 24);
  }
}
