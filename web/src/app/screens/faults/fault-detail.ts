import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { FaultDetail } from '@hopsk/contract/book';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import type { SplitBy } from '@hopsk/core/evidence/splits';
import { words } from '@hopsk/words/words';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';
import { Choice } from '../../ui/choice';
import { Table } from '../../ui/table';
import { asSplit, pairsOf } from './fault-split';

const catalogue = faultsByCode();

/** One fault of an athlete opened: when tired, on which side, by everything the log knows, and what comes together with it. */
@Component({
  selector: 'hop-fault-detail',
  imports: [Choice, MatButton, Table],
  templateUrl: './fault-detail.html',
  styleUrl: './fault-detail.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultDetailView {
  readonly athlete = input.required<string>();
  readonly fault = input.required<string>();
  /** Every run of the athlete is counted part by part now. */
  readonly counted = output();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  protected readonly text = words.splits;
  protected readonly common = words.common;
  protected readonly detail = signal<FaultDetail | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly tired = computed(() => {
    const of = this.detail()?.splits;
    const { late, later, leftLate, rightLate } = this.text;
    const said = [
      ...(of?.third ? [late(of.third)] : []),
      ...(of?.left ? [leftLate(of.left)] : []),
      ...(of?.right ? [rightLate(of.right)] : []),
      ...(of?.round ? [later(of.round)] : []),
    ];
    return said.length > 0 ? said : [this.text.noTired];
  });
  protected readonly sides = computed(() => {
    const sides = this.detail()?.splits.sides;
    return sides ? this.text.sides(sides) : this.text.noSides;
  });
  protected readonly options = computed(() =>
    (this.detail()?.splits.by ?? []).map(({ by }) => ({ value: by, label: this.text.byNames[by] })),
  );
  /** What it is split by stays chosen from one fault to the next, where that one has it too. */
  protected readonly by = linkedSignal<readonly { value: SplitBy }[], SplitBy | null>({
    source: () => this.options(),
    computation: (options, before) => options.find(({ value }) => value === before?.value)?.value ?? options[0]?.value ?? null,
  });
  protected readonly split = computed(() => {
    const split = this.detail()?.splits.by.find(({ by }) => by === this.by());
    return split ? asSplit(split) : null;
  });
  protected readonly pairs = computed(() => {
    const detail = this.detail();
    return detail ? pairsOf(detail, (code) => catalogue.get(code)?.causes ?? []) : [];
  });

  constructor() {
    effect(() => {
      const [athlete, fault] = [this.athlete(), this.fault()];
      untracked(() => {
        this.detail.set(null);
        this.load(athlete, fault);
      });
    });
  }

  protected load(athlete = this.athlete(), fault = this.fault()): void {
    this.trouble.set(null);
    void this.question.ask(
      () => this.lastSeen.ask(`book-${athlete}-${fault}`, FaultDetail, this.api.detail(athlete, fault)),
      ({ value, at }) => {
        const before = this.detail()?.uncounted ?? Infinity;
        this.detail.set(value);
        // Of a long history each answer counts some more runs.
        if (at === null && value.uncounted > 0 && value.uncounted < before) this.load(athlete, fault);
        if (value.uncounted === 0) this.counted.emit();
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }
}
