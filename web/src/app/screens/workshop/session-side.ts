import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Athlete } from '@hopsk/contract/people';
import type { Side } from '@hopsk/core/body/foot';
import { RULE_BREAKS } from '@hopsk/core/catalogue/presets';
import { clockText } from '@hopsk/core/plan/clock-text';
import { SESSION_LIMITS, type SessionSettings } from '@hopsk/core/plan/session/session';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import { handsText } from '@hopsk/core/view/hands-text';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';
import { Box } from '../../ui/box';
import { areaOptions } from '../../parts/areas';
import { Choice } from '../../ui/choice';
import { days, numbers, orNothing, times } from '../../ui/reads';
import type { Draft } from '../../parts/session-draft';
import type { SessionLook } from '../../compute/session';

/** What a session adds up to, what is settled once for it, and what concerns it as a whole. */
@Component({
  selector: 'hop-session-side',
  imports: [Box, Choice, MatButton, Table],
  templateUrl: './session-side.html',
  styleUrl: './session-side.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SessionSide {
  readonly draft = input.required<Draft>();
  readonly look = input.required<SessionLook | null>();
  /** Those for whom the lines are turned round. */
  readonly turned = input.required<readonly Athlete[]>();
  readonly playing = input.required<Side>();
  readonly changed = output<Partial<Draft>>();
  protected readonly text = words.build;
  protected readonly told = (problem: PlanProblem): string => say(words.plan.problems, problem);
  protected readonly reads = {
    day: orNothing(days),
    time: orNothing(times),
    seconds: orNothing(numbers({ low: 0, high: SESSION_LIMITS.change, unit: 's', step: 5, whole: true })),
    every: orNothing(numbers({ low: 1, high: SESSION_LIMITS.minutes, unit: words.units.min })),
    pause: numbers({ low: 1, high: 1800, unit: 's', step: 5, whole: true }),
    sets: orNothing(numbers({ low: 1, high: 200, whole: true })),
  };
  protected readonly breaks = Object.entries(RULE_BREAKS).map(([code, seconds]) => ({ name: words.breaks[code] ?? code, seconds }));
  protected readonly rows = computed(() => {
    const look = this.look();
    if (!look) return [];
    const { all, most, atLeast } = look.totals;
    const pair = ({ left, right }: { left: number; right: number }): string => `${Math.round(left)} · ${Math.round(right)}`;
    const ranged = most.total > all.total + 1 ? ` – ${clockText(most.total)}` : '';
    const playing = this.playing();
    const other: Side = playing === 'left' ? 'right' : 'left';
    const { jump, hop, gallop } = all.landings;
    const hands = handsText(all.hands, (word) => `‘${word}’`);
    const rows: readonly (readonly [string, string])[] = [
      [this.text.total, `${atLeast ? `${this.text.atLeast} ` : ''}${clockText(all.total)}${ranged}`],
      [this.text.work, clockText(all.work)],
      [this.text.restAndChange, `${atLeast ? `${this.text.atLeast} ` : ''}${clockText(all.rest + all.change)}`],
      [this.text.explaining, clockText(all.explain)],
      [this.text.water, clockText(all.water)],
      [this.text.reps, String(all.reps)],
      [this.text.splits, String(Math.round(all.splits))],
      [this.text.landings, String(Math.round(jump + hop + gallop))],
      [this.text.lunges, pair(all.lunges)],
      [this.text.lungesPlaying, `${Math.round(all.lunges[playing])} · ${Math.round(all.lunges[other])}`],
      [this.text.pivots, pair(all.pivots)],
      [this.text.contacts, pair(all.contacts)],
      ...(hands === '' ? [] : [[this.text.hands, hands] as const]),
      [this.text.way, `${Math.round(all.distance)} m`],
      [this.text.floorNeeded, `${all.floor.across.toFixed(1)} × ${all.floor.along.toFixed(1)} m`],
    ];
    return rows;
  });
  protected readonly sides = computed(() => {
    const [written, other] = this.look()?.totals.all.ways ?? [0, 0];
    return { written, other, share: written + other > 0 ? (written / (written + other)) * 100 : 100 };
  });
  protected readonly problems = computed(() => (this.look()?.problems ?? []).filter((problem) => problem.stage === null));

  protected settle(change: Partial<SessionSettings>): void {
    this.changed.emit({ settings: { ...this.draft().settings, ...change } });
  }

  /** When it is done; without a day there is no time. */
  protected plan({ day, time }: { readonly day?: string | null; readonly time?: string | null }): void {
    const { when } = this.draft();
    const on = day === undefined ? (when?.day ?? null) : day;
    this.changed.emit({ when: on === null ? null : { day: on, time: time === undefined ? (when?.time ?? null) : time } });
  }

  /** Minutes between pauses to drink, and the seconds of one. */
  protected readonly every = computed(() => {
    const { water } = this.draft().settings;
    return water && water.every / 60;
  });
  protected readonly pause = computed(() => this.draft().settings.water?.seconds ?? 60);

  protected drink(minutes: number | null, seconds: number): void {
    this.settle({ water: minutes === null ? null : { every: minutes * 60, seconds } });
  }

  protected drawAgain(): void {
    this.changed.emit({ seed: (this.draft().seed + 1) % 4_294_967_296 });
  }

  protected readonly floors = computed(() => areaOptions(this.draft().area, this.text.anyFloor));
}
