import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { sumsOfWeeks, WEEK_LIMITS, weeksOf } from '@hopsk/core/plan/session/weeks';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { days, numbers, texts, times } from '../../ui/reads';
import { fileName, saveFile } from '../../drawing/export';
import { dayOf } from '../../parts/run-setup';
import { calendarFile, isZone } from './calendar';
import type { DraftStage } from '../../parts/session-draft';

/** Sessions over weeks: how many, on which days, how they rise; saved as a file for any calendar. */
@Component({
  selector: 'hop-calendar-form',
  imports: [Box, MatButton],
  templateUrl: './calendar-form.html',
  styleUrl: './stage-detail.scss',
  styles: `
    :host {
      padding: 0;
    }
    section {
      margin: 0;
      padding: 12px 20px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CalendarForm {
  readonly id = input.required<string>();
  readonly name = input.required<string>();
  readonly seconds = input.required<number>();
  readonly stages = input.required<readonly DraftStage[]>();
  readonly closed = output();
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly reads = {
    day: days,
    time: times,
    zone: texts(60),
    aWeek: numbers({ low: 1, high: WEEK_LIMITS.sessions, whole: true }),
    weeks: numbers({ low: 1, high: WEEK_LIMITS.weeks, whole: true }),
    rise: numbers({ low: 0, high: WEEK_LIMITS.rise, unit: '%' }),
  };
  protected readonly from = signal(dayOf(new Date()));
  protected readonly time = signal('18:00');
  protected readonly zone = signal(Intl.DateTimeFormat().resolvedOptions().timeZone);
  protected readonly weeks = signal(4);
  protected readonly aWeek = signal(2);
  protected readonly rise = signal(5);
  protected readonly restDays = signal<readonly number[]>([7]);
  private readonly plan = computed(() => ({
    from: this.from(),
    weeks: this.weeks(),
    sessionsAWeek: this.aWeek(),
    restDays: this.restDays(),
    minutes: Math.max(1, Math.ceil(this.seconds() / 60)),
    risePercent: this.rise(),
  }));
  private readonly dates = computed(() => weeksOf(this.plan()));
  protected readonly weeksSay = computed(() =>
    sumsOfWeeks(this.dates())
      .map(({ week, sessions, minutes }) => this.text.weekSum(week, sessions, minutes))
      .join(' · '),
  );
  /** Why there is nothing to save, if so. */
  protected readonly hindrance = computed(() => {
    if (!isZone(this.zone())) return this.text.noZone;
    return this.dates().length === 0 ? this.text.noDays : '';
  });

  protected toggle(day: number): void {
    const days = this.restDays();
    this.restDays.set(days.includes(day) ? days.filter((one) => one !== day) : [...days, day]);
  }

  protected save(): void {
    const says = this.stages()
      .map((stage, i) => `${i + 1}. ${stage.name}: ${stage.dose}`)
      .join('\n');
    const file = calendarFile({
      ...this.plan(),
      name: this.name() || this.text.title,
      time: this.time(),
      zone: this.zone(),
      says,
      id: this.id(),
    });
    saveFile(new Blob([file], { type: 'text/calendar' }), fileName(this.name(), 'ics'));
    this.closed.emit();
  }
}
