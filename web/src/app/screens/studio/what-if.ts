import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatCheckbox } from '@angular/material/checkbox';
import type { Athlete } from '@hopsk/contract/people';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import type { Performer } from '@hopsk/core/motion/simulation';
import { errorsFrom, NO_ERRORS, type StepErrors } from '@hopsk/core/motion/step-errors';
import type { WhatIfOptions } from '@hopsk/core/search/what-if';
import { lengthText } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Thumb } from '../../drawing/thumb';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import type { Ask, WhatIfSeen } from '../../compute/study.worker';
import { Slider } from '../../ui/slider';

/** An error that is made or not. */
type Whether = 'noSplit' | 'wrongFirst' | 'stepMore';
const WHETHER: readonly Whether[] = ['noSplit', 'wrongFirst', 'stepMore'];

/** One error that can be set, and how far. */
interface Setting {
  readonly key: Exclude<keyof StepErrors, 'slower' | Whether> | 'slowLeft' | 'slowRight';
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly none: number;
}

const SLIDERS: readonly Setting[] = [
  { key: 'secondFoot', least: -0.15, most: 0.15, step: 0.01, none: 0 },
  { key: 'turnShort', least: -45, most: 45, step: 5, none: 0 },
  { key: 'swingShort', least: -45, most: 45, step: 5, none: 0 },
  { key: 'ahead', least: 0.7, most: 1.3, step: 0.05, none: 1 },
  { key: 'back', least: 0.7, most: 1.3, step: 0.05, none: 1 },
  { key: 'splitLate', least: 0, most: 0.3, step: 0.02, none: 0 },
  { key: 'landLate', least: 0, most: 0.3, step: 0.02, none: 0 },
  { key: 'toeOut', least: -30, most: 60, step: 5, none: 0 },
  { key: 'homeward', least: 0.4, most: 1, step: 0.05, none: 1 },
  { key: 'slowLeft', least: 1, most: 2, step: 0.1, none: 1 },
  { key: 'slowRight', least: 1, most: 2, step: 0.1, none: 1 },
];

/** So many kinds of findings are said. */
const MOST_SAID = 6;

/** The same error on every step: where does it lead, and when is the stance lost? */
@Component({
  selector: 'hop-what-if',
  imports: [MatCheckbox, Slider, Thumb],
  templateUrl: './what-if.html',
  styleUrl: './what-if.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhatIfPanel {
  readonly steps = input.required<string>();
  readonly performer = input.required<Performer>();
  readonly athlete = input<Athlete | null>(null);
  readonly own = input<readonly OwnMove[]>([]);
  /** By what the line is judged. */
  readonly judged = input<WhatIfOptions>({});
  readonly units = input<'cm' | 'ft-in'>('cm');
  private readonly asking = inject(Studies);
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly whether = WHETHER;
  protected readonly sliders = SLIDERS.map((one) => ({ ...one, said: (value: number) => this.inWords(one, value) }));
  protected readonly errors = signal<StepErrors>(NO_ERRORS);
  protected readonly repetitions = signal(10);
  protected readonly seen = signal<WhatIfSeen | null>(null);
  private readonly question = new Latest();
  protected readonly busy = this.question.open;
  protected readonly failed = signal(false);
  protected readonly sentences = computed(() => {
    const seen = this.seen();
    if (!seen) return [];
    const { after, lostAfter, closesAfter, repetitions } = seen;
    const length = (metres: number): string => lengthText(Math.abs(metres), this.units());
    const where = [
      Math.abs(after.right) > 0.005 ? `${length(after.right)} ${after.right > 0 ? this.common.right : this.common.left}` : '',
      Math.abs(after.ahead) > 0.005 ? `${length(after.ahead)} ${after.ahead > 0 ? this.common.ahead : this.common.back}` : '',
      Math.abs(after.turned) > 0.5
        ? `${Math.round(Math.abs(after.turned))}° ${after.turned > 0 ? this.common.right : this.common.left}`
        : '',
    ].filter((part) => part !== '');
    return [
      `${this.text.afterN(repetitions)} ${where.join(', ') || this.text.sameSpot}`,
      lostAfter === null ? this.text.stanceHolds(repetitions) : this.text.stanceLost(lostAfter),
      closesAfter === null ? this.text.neverCloses(repetitions) : this.text.closesAfter(closesAfter),
    ];
  });

  /** What would be found with these errors and not without them: each once, the gravest first. */
  protected readonly found = computed(() => {
    const findings = this.seen()?.findings ?? [];
    const grave = { stop: 0, beware: 1, note: 2 };
    const said = findings
      .toSorted((a, b) => grave[a.level] - grave[b.level])
      .filter((one, i, all) => all.findIndex(({ code }) => code === one.code) === i);
    return said.slice(0, MOST_SAID).map((one) => ({ level: one.level, says: say(words.findings, one) }));
  });

  constructor() {
    effect(() => {
      const ask = {
        text: this.steps(),
        performer: this.performer(),
        errors: this.errors(),
        repetitions: this.repetitions(),
        own: this.own(),
        judged: this.judged(),
      };
      untracked(() => void this.ask(ask));
    });
  }

  protected valueOf({ key }: Setting): number {
    const { slower, ...errors } = this.errors();
    if (key === 'slowLeft') return slower?.side === 'left' ? slower.factor : 1;
    if (key === 'slowRight') return slower?.side === 'right' ? slower.factor : 1;
    return errors[key];
  }

  private inWords(slider: Setting, value: number): string {
    if (value === slider.none) return this.text.noError;
    if (slider.key === 'secondFoot') return `${value > 0 ? '+' : '−'}${lengthText(Math.abs(value), this.units())}`;
    if (slider.key === 'splitLate' || slider.key === 'landLate') return `+${Math.round(1000 * value)} ms`;
    if (slider.key === 'toeOut') return `${value}°`;
    if (slider.key === 'turnShort' || slider.key === 'swingShort')
      return `${Math.abs(value)}° ${value > 0 ? this.text.short : this.text.far}`;
    return `× ${value.toFixed(2)}`;
  }

  protected set({ key }: Setting, value: number): void {
    this.errors.update((errors) => {
      if (key === 'slowLeft' || key === 'slowRight') {
        const side = key === 'slowLeft' ? 'left' : 'right';
        return { ...errors, slower: value === 1 ? null : { side, factor: value } };
      }
      return { ...errors, [key]: value };
    });
  }

  protected setWhether(key: Whether, made: boolean): void {
    this.errors.update((errors) => ({ ...errors, [key]: made }));
  }

  /** From what this athlete is known for. */
  protected preset(): void {
    this.errors.set(errorsFrom(this.athlete()?.bias ?? []));
  }

  protected clear(): void {
    this.errors.set(NO_ERRORS);
  }

  private ask(ask: Ask<'whatIf'>): void {
    void this.question.ask(
      () => this.asking.ask('whatIf', ask),
      (seen) => {
        this.failed.set(false);
        this.seen.set(seen);
      },
      () => this.failed.set(true),
    );
  }
}
