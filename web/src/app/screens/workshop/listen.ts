import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { clockText } from '@hopsk/core/plan/clock-text';
import { words } from '@hopsk/words/words';
import { Icon } from '../../ui/icon';
import type { SessionLook } from '../../compute/session';
import { Choice } from '../../ui/choice';
import type { Listening } from './listening';

/** Playing faster than at its own speed, nothing is said. */
const SPEEDS = [1, 4, 16] as const;

/** Plays a session: the moment, its cue, and how the whole stands against the time there is. */
@Component({
  selector: 'hop-listen',
  imports: [Choice, Icon, MatIconButton],
  template: `
    <button mat-icon-button (click)="player().toggle()" [attr.aria-label]="player().playing() ? text.pause : text.listen">
      <hop-icon [name]="player().playing() ? 'pause' : 'play'" />
    </button>
    <hop-choice
      class="inline"
      quiet
      [label]="text.speed"
      [options]="speeds"
      [value]="player().speed()"
      (taken)="player().speed.set($event)"
    />
    <span class="num moment">{{ clock(player().t()) }}</span>
    <span class="cue">{{ cue()?.show }}</span>
    <span class="num push total" [attr.aria-busy]="looking()" [class.over]="over() > 0"
      >{{ look().atLeast ? text.atLeast : '' }} {{ clock(look().total) }}
      @if (available(); as there) {
        <span class="muted">{{ over() > 0 ? text.tooMuch(clock(over())) : text.left(clock(there - look().total)) }}</span>
      }
    </span>
  `,
  styleUrl: './listen.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Listen {
  readonly player = input.required<Listening>();
  readonly look = input.required<SessionLook>();
  /** Whether a newer look is on its way. */
  readonly looking = input.required<boolean>();
  /** Seconds there are; null: not said. */
  readonly available = input.required<number | null>();
  protected readonly text = words.build;
  protected readonly clock = clockText;
  protected readonly speeds = SPEEDS.map((value) => ({ value, label: `× ${value}` }));
  /** The cue under the playhead. */
  protected readonly cue = computed(() => {
    const t = this.player().t();
    return this.look().cues.findLast((cue) => cue.at <= t + 1e-6) ?? null;
  });
  /** Seconds that it is too long; half a second is none. */
  protected readonly over = computed(() => {
    const over = this.look().total - (this.available() ?? Infinity);
    return over > 0.5 ? over : 0;
  });
}
