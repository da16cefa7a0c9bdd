import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ROUNDS_LIMITS, type Rounds } from '@hopsk/core/language/rounds';
import { clockText } from '@hopsk/core/plan/clock-text';
import { totalsOfRounds, openInRounds } from '@hopsk/core/plan/rounds';
import { words } from '@hopsk/words/words';

type Field = 'work' | 'rounds' | 'sets' | 'rest' | 'setRest';

/** Rounds as numbers to type: work, rounds, sets and rests; a rest left empty is not decided, and asked for. */
@Component({
  selector: 'hop-dose-form',
  imports: [MatButtonToggleModule],
  templateUrl: './dose-form.html',
  styleUrl: './dose-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DoseForm {
  readonly dose = model.required<Rounds>();
  /** Seconds of one repetition; without a pattern there is none, and work is by time. */
  readonly repSeconds = input<number | null>(null);
  protected readonly text = words.dose;
  protected readonly totals = computed(() => totalsOfRounds(this.dose(), this.repSeconds()));
  protected readonly open = computed(() => openInRounds(this.dose(), this.repSeconds()));
  protected readonly clock = clockText;
  protected readonly fields = computed(() => {
    const dose = this.dose();
    const most = ROUNDS_LIMITS;
    return [
      {
        key: 'work' as const,
        label: dose.mode === 'seconds' ? `${this.text.work}, ${this.text.s}` : this.text.reps,
        low: 1,
        high: dose.mode === 'seconds' ? most.seconds : most.reps,
        asked: false,
      },
      { key: 'rounds' as const, label: this.text.rounds, low: 1, high: most.rounds, asked: false },
      {
        key: 'rest' as const,
        label: `${this.text.rest}, ${this.text.s}`,
        low: 0,
        high: most.rest,
        asked: this.open().includes('rest'),
        hidden: dose.rounds < 2,
      },
      { key: 'sets' as const, label: this.text.sets, low: 1, high: most.sets, asked: false },
      {
        key: 'setRest' as const,
        label: `${this.text.setRest}, ${this.text.s}`,
        low: 0,
        high: most.rest,
        asked: this.open().includes('set-rest'),
        hidden: dose.sets < 2,
      },
    ].filter((field) => !('hidden' in field && field.hidden));
  });

  protected mode(mode: Rounds['mode']): void {
    this.dose.update((dose) => ({ ...dose, mode, work: mode === dose.mode ? dose.work : mode === 'reps' ? 8 : 30 }));
  }

  /** Takes a number within its limits; an emptied rest is openInRounds again, anything else impossible leaves what was. */
  protected type(field: Field, low: number, high: number, target: EventTarget | null): void {
    const box = target as HTMLInputElement;
    const value = Number(box.value);
    const whole = field !== 'rest' && field !== 'setRest' && (field !== 'work' || this.dose().mode === 'reps');
    const undecidedNow = box.value.trim() === '' && (field === 'rest' || field === 'setRest');
    const fits = box.value.trim() !== '' && Number.isFinite(value) && value >= low && value <= high && (!whole || Number.isInteger(value));
    box.setCustomValidity(fits || undecidedNow ? '' : `${low}–${high}`);
    box.reportValidity();
    if (fits || undecidedNow) this.dose.update((dose) => ({ ...dose, [field]: undecidedNow ? null : value }));
  }
}
