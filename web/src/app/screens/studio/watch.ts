import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import type { Vec } from '@hopsk/core/body/vec';
import type { Study } from '@hopsk/core/judge/study';
import { words } from '@hopsk/words/words';
import { Icon } from '../../ui/icon';
import { Floor } from '../../drawing/floor';
import { Gap } from '../../drawing/gap';
import { Lanes } from '../../drawing/lanes';
import type { Player } from '../../parts/player';
import { Choice } from '../../ui/choice';
import { namedOptions, orNone } from '../../ui/options';
import { Slider } from '../../ui/slider';
import type { Studied } from './studied';

const SPEEDS = [0.25, 0.5, 1, 1.5, 2] as const;

/** The feet on the floor and on the clock, played, stopped and gone through. */
@Component({
  selector: 'hop-watch',
  imports: [Choice, Floor, Gap, Lanes, MatButton, Icon, MatIconButton, Slider],
  templateUrl: './watch.html',
  styleUrl: './watch.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Watch {
  readonly studied = input.required<Studied>();
  readonly study = input.required<Study>();
  readonly player = input.required<Player>();
  /** The move that is under way. */
  readonly lit = input.required<number | null>();
  readonly staggered = input.required<boolean>();
  readonly units = input.required<'cm' | 'ft-in'>();
  /** A print was carried to another place. */
  readonly dragged = output<{ move: number; foot: Side; to: Vec }>();
  /** Whether somebody stands opposite. */
  protected readonly opposed = computed(() => this.study().simulation.things.some(({ thing }) => thing === 'partner'));
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly only = signal<Side | null>(null);
  protected readonly speeds = SPEEDS.map((value) => ({ value, label: `× ${value}` }));
  protected readonly hands = orNone(words.steps.asTheyAre, namedOptions<Side>(['right', 'left'], words.steps.hands));
  protected readonly leads = orNone(words.steps.asTheyAre, namedOptions(SIDES, words.steps.leads));
  protected readonly feet = orNone(words.steps.bothFeet, namedOptions(SIDES, { left: words.steps.onlyLeft, right: words.steps.onlyRight }));

  protected nextBeat(): void {
    this.player().seek(this.studied().contactAfter(this.player().t()));
  }
}
