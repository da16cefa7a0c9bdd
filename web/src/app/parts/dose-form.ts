import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import { ROUNDS_LIMITS, type Rounds } from '@hopsk/core/language/rounds';
import { clockText } from '@hopsk/core/plan/clock-text';
import { totalsOfRounds, openInRounds } from '@hopsk/core/plan/rounds';
import { words } from '@hopsk/words/words';
import { Box } from '../ui/box';
import { Either } from '../ui/either';
import { namedOptions } from '../ui/options';
import { needed, numbers, orNothing, type Reads } from '../ui/reads';

type Field = 'work' | 'rounds' | 'sets' | 'rest' | 'setRest';

/** Rounds as numbers to type: work, rounds, sets and rests; a rest left empty is not decided, and asked for. */
@Component({
  selector: 'hop-dose-form',
  imports: [Box, Either],
  templateUrl: './dose-form.html',
  styleUrl: './dose-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DoseForm {
  readonly dose = model.required<Rounds>();
  /** Seconds of one repetition; without a pattern there is none, and work is by time. */
  readonly repSeconds = input<number | null>(null);
  protected readonly text = words.dose;
  protected readonly modes = namedOptions<Rounds['mode']>(['seconds', 'reps'], words.dose);
  protected readonly totals = computed(() => totalsOfRounds(this.dose(), this.repSeconds()));
  protected readonly open = computed(() => openInRounds(this.dose(), this.repSeconds()));
  protected readonly clock = clockText;
  protected readonly fields = computed(() => {
    const dose = this.dose();
    const open = this.open();
    const rest = orNothing(numbers({ low: 0, high: ROUNDS_LIMITS.rest, step: 5, unit: this.text.s }));
    const work =
      dose.mode === 'seconds'
        ? numbers({ low: 1, high: ROUNDS_LIMITS.seconds, step: 5, unit: this.text.s })
        : numbers({ low: 1, high: ROUNDS_LIMITS.reps, whole: true });
    const fields: readonly {
      readonly key: Field;
      readonly label: string;
      readonly reads: Reads<number | null>;
      readonly asked?: boolean;
    }[] = [
      { key: 'rounds', label: this.text.rounds, reads: needed(numbers({ low: 1, high: ROUNDS_LIMITS.rounds, whole: true })) },
      { key: 'work', label: dose.mode === 'seconds' ? `${this.text.work}, ${this.text.s}` : this.text.reps, reads: needed(work) },
      { key: 'rest', label: `${this.text.rest}, ${this.text.s}`, reads: rest, asked: open.includes('rest') },
      { key: 'sets', label: this.text.sets, reads: needed(numbers({ low: 1, high: ROUNDS_LIMITS.sets, whole: true })) },
      { key: 'setRest', label: `${this.text.setRest}, ${this.text.s}`, reads: rest, asked: open.includes('set-rest') },
    ];
    return fields.filter(({ key }) => (key !== 'rest' || dose.rounds > 1) && (key !== 'setRest' || dose.sets > 1));
  });

  protected mode(mode: Rounds['mode']): void {
    this.dose.update((dose) => ({ ...dose, mode, work: mode === dose.mode ? dose.work : mode === 'reps' ? 8 : 30 }));
  }

  /** An emptied rest is undecided again. */
  protected type(field: Field, value: number | null): void {
    this.dose.update((dose) => ({ ...dose, [field]: value }));
  }
}
