import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Athlete } from '@hopsk/contract';
import type { Side } from '@hopsk/core/body/foot';
import { AREAS } from '@hopsk/core/catalogue/areas';
import { RULE_BREAKS } from '@hopsk/core/catalogue/presets';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import { areaName } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { Draft } from '../../parts/session-draft';
import type { SessionLook } from '../../compute/session';

/** What a session adds up to, what is settled once for it, and what concerns it as a whole. */
@Component({
  selector: 'hop-session-side',
  imports: [MatButton],
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
  protected readonly areaName = areaName;
  protected readonly areas = AREAS;
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

  /** An empty box: not decided. */
  protected settle(setting: 'change' | 'rest' | 'setRest', value: string): void {
    this.changed.emit({ settings: { ...this.draft().settings, [setting]: secondsFrom(value, 3600) } });
  }

  protected drink(every: string, seconds: string): void {
    const [minutes, pause] = [secondsFrom(every, 360), secondsFrom(seconds, 1800)];
    const water = minutes && pause ? { every: Math.max(60, minutes * 60), seconds: pause } : null;
    this.changed.emit({ settings: { ...this.draft().settings, water } });
  }

  protected have(value: string): void {
    const sets = secondsFrom(value, 200);
    this.changed.emit({ equipment: sets === 0 ? null : sets });
  }

  protected drawAgain(): void {
    this.changed.emit({ seed: (this.draft().seed + 1) % 4_294_967_296 });
  }

  protected readonly floors = computed(() => {
    const { area } = this.draft();
    return AREAS.some((one) => one.code === area) || area === '' ? [] : [area];
  });
}

/** A whole number between nothing and a limit; null where nothing, or nothing that can be, was typed. */
const secondsFrom = (value: string, most: number): number | null =>
  value.trim() === '' || !Number.isFinite(Number(value)) ? null : Math.round(Math.min(most, Math.max(0, Number(value))));
