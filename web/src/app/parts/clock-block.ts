import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { ClockState } from '@hopsk/core/log/clock';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { Cue, CueKind } from '@hopsk/core/plan/cue';
import { DIRECTIONS as AROUND, type Direction } from '@hopsk/core/plan/direction';
import { blocksOf } from '@hopsk/core/plan/to-come';
import type { Stretch } from '@hopsk/core/plan/stretch';
import { words } from '@hopsk/words/words';
import { emsOf } from '../ui/wide';

/** What is shown as large as fits. */
const LARGE: readonly CueKind[] = ['call', 'freeze', 'count', 'beat', 'chime', 'partner'];
/** How long what is no call stands so, seconds. */
const STANDS = 2.5;
/** A word that is shorter than this (times its height) is not larger for it: it would be higher than its place. */
const LEAST_WIDE = 0.6;
/** Words longer than this stand on a second line. */
const WIDE = 9;

/** Words in lines that are about as long. */
function inLines(said: string): string[] {
  const words = said.split(' ');
  if (said.length <= WIDE || words.length === 1) return [said];
  const half = words.findIndex((_, i) => words.slice(0, i + 1).join(' ').length >= said.length / 2);
  const first = words.slice(0, Math.min(half + 1, words.length - 1)).join(' ');
  return [first, said.slice(first.length + 1)];
}

/** The dark block on top: digits as large as fit, what is on, and the rounds to scale. */
@Component({
  selector: 'hop-clock-block',
  template: `
    <div class="top num">
      <span>{{ head() }}</span>
      @if (large()) {
        <strong>{{ digits() }}</strong>
      }
      <span>{{ left() }}</span>
    </div>
    <div class="face">
      @if (large(); as said) {
        <div class="call" [style.--ems]="said.wide" [style.--lines]="said.lines.length" [class.leads]="turn() !== null">
          @if (turn() !== null) {
            <svg viewBox="0 0 24 24" aria-hidden="true" [style.rotate.deg]="turn()"><path d="M12 1 22 12h-6v11H8V12H2z" /></svg>
          }
          <span>
            @for (line of said.lines; track $index) {
              <bdi>{{ line }}</bdi>
            }
          </span>
        </div>
      } @else {
        <div class="digits" role="timer" [attr.aria-label]="head()" [style.--glyphs]="digits().length">{{ digits() }}</div>
      }
    </div>
    <div class="name">
      <span class="on">
        @if (!show().includes(name())) {
          <bdi>{{ name() }}</bdi>
        }
        @if (show() !== '' && !large()) {
          <span class="cue">{{ show() }}</span>
        }
      </span>
      <ng-content />
    </div>
    @if (line() !== '') {
      <button type="button" class="plain line" (click)="asked.emit()">
        <span translate="no">{{ line() }}</span>
      </button>
    }
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
  /** What fell due last of the plan. */
  readonly cue = input<Cue | null>(null);
  /** Which way it leads, where it is a call. */
  readonly leads = input<Direction | null>(null);
  /** The steps of what is on. */
  readonly line = input('');
  /** The steps were pressed: how do they go? */
  readonly asked = output();
  private readonly text = words.run;
  /** What stands beside the name: calls, words of the coach, counts. */
  protected readonly show = computed(() => this.cue()?.show ?? '');
  /** How wide words are is measured once for each, and not at every tick. */
  private readonly asLarge = computed(() => {
    const lines = inLines(this.show());
    return { lines, wide: Math.max(...lines.map(emsOf), LEAST_WIDE) };
  });
  /** What is to be read from afar, while there is work: a call until the next one, another word as long as it takes to read. */
  protected readonly large = computed(() => {
    const [cue, { t, stretch, status }] = [this.cue(), this.clock()];
    if (!cue || cue.show === '' || stretch?.kind !== 'work' || status !== 'running' || !LARGE.includes(cue.kind)) return null;
    if (cue.kind !== 'call' && t - cue.at > STANDS) return null;
    return this.asLarge();
  });
  /** How far the arrow turns from ahead, degrees. */
  protected readonly turn = computed(() => {
    const leads = this.leads();
    return leads === null ? null : (AROUND.indexOf(leads) - 1) * 45;
  });
  /** Work that goes on until the coach says so counts up. */
  protected readonly digits = computed(() => {
    const { up, left } = this.clock();
    return clockText(up === null ? left : Math.floor(up));
  });
  protected readonly resting = computed(() => this.clock().stretch !== null && this.clock().stretch?.kind !== 'work');
  protected readonly left = computed(() => `${clockText(this.clock().totalLeft)} ${this.text.left}`);
  protected readonly head = computed(() => {
    const { stretch, t, status } = this.clock();
    if (status === 'ended') return this.text.over;
    if (t < 0 || !stretch) return this.text.ready;
    const place = this.place();
    const stage = place && place.of > 1 ? `${this.text.exercise} ${place.exercise} ${this.text.of} ${place.of} · ` : '';
    const waits = status === 'paused' && stretch.open && stretch.end === t;
    const what = waits ? this.text.waitsForYou : status === 'paused' ? this.text.pause : this.text.stretches[stretch.kind];
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
