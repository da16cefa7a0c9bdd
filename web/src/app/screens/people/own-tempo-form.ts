import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { OwnTempo, OwnTime } from '@hopsk/contract/tempo';
import { tapped } from '@hopsk/core/evidence/tapped';
import { inARow, secondsRange, usualSeconds } from '@hopsk/core/motion/own-times';
import { TEMPO_KINDS, type TempoKind } from '@hopsk/core/motion/tempo-kinds';
import { words } from '@hopsk/words/words';
import { sourceOf } from '../../parts/own-time';
import { dayOf } from '../../parts/run-setup';
import { Box } from '../../ui/box';
import { numbers, orNothing } from '../../ui/reads';

/** More taps than these nobody makes at one go. */
const MOST_TAPS = 200;

/** What somebody takes for each kind of move: typed, or tapped to what they do again and again. */
@Component({
  selector: 'hop-own-tempo',
  imports: [Box, MatButton],
  templateUrl: './own-tempo-form.html',
  styleUrl: './own-tempo-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnTempoForm {
  readonly tempo = input.required<OwnTempo>();
  /** One time is another, or none any more. */
  readonly changed = output<{ readonly kind: TempoKind; readonly time: OwnTime | null }>();
  protected readonly text = words.tempo;
  protected readonly rows = computed(() =>
    TEMPO_KINDS.map((kind) => {
      const time = this.tempo()[kind];
      const [low, high] = secondsRange(kind);
      return {
        ...{ kind, time, name: this.text.kinds[kind], usual: this.text.usual(usualSeconds(kind)) },
        reads: orNothing(numbers({ low, high, step: 0.01, unit: 's' })),
        source: time ? sourceOf(time) : '',
        tapSays: inARow(kind) ? this.text.tapSays : this.text.tapAlone,
      };
    }),
  );
  /** The kind that is tapped just now. */
  protected readonly tapping = signal<TempoKind | null>(null);
  private readonly taps = signal<readonly number[]>([]);
  protected readonly heard = computed(() => {
    const [taps, kind] = [this.taps(), this.tapping()];
    const said = kind && tapped(taps, inARow(kind));
    if (said === null || kind === null) return { said: null, wrong: '', text: this.text.few(taps.length), leftOut: '' };
    const [low, high] = secondsRange(kind);
    const wrong = said.seconds < low || said.seconds > high ? this.text.outside(low, high) : '';
    const leftOut = said.leftOut > 0 ? this.text.leftOut(said.leftOut) : '';
    return { said, wrong, text: this.text.tapped(said.seconds, said.spread, said.n), leftOut };
  });

  protected type(kind: TempoKind, seconds: number | null): void {
    if (seconds === null) this.changed.emit({ kind, time: null });
    else this.take(kind, { seconds, spread: null, n: null, from: 'typed' });
  }

  protected begin(kind: TempoKind | null): void {
    this.tapping.set(kind);
    this.taps.set([]);
  }

  /** When the finger or the key came down, not when the page got round to it. */
  protected tap({ timeStamp }: Event): void {
    this.taps.update((taps) => [...taps, timeStamp].slice(-MOST_TAPS));
  }

  protected keep(): void {
    const [kind, { said, wrong }] = [this.tapping(), this.heard()];
    if (kind === null || said === null || wrong !== '') return;
    const [seconds, spread] = [said.seconds, said.spread].map((value) => Math.round(1000 * value) / 1000) as [number, number];
    this.take(kind, { seconds, spread, n: said.n, from: 'tapped' });
    this.begin(null);
  }

  private take(kind: TempoKind, time: Omit<OwnTime, 'day'>): void {
    this.changed.emit({ kind, time: { ...time, day: dayOf(new Date()) } });
  }
}
