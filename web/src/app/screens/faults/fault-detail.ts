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
import { FaultDetail, type BookAsked } from '@hopsk/contract/book';
import { TeachingStore } from '../../data/teaching';
import type { SplitBy } from '@hopsk/core/evidence/splits';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';
import { fileName, saveFile } from '../../drawing/export';
import { IntervalChart } from '../../drawing/interval-chart';
import { SaveDrawing } from '../../drawing/save-drawing';
import { Choice } from '../../ui/choice';
import { asSplit, pairsOf } from './fault-split';
import { isPart } from './open-book';
import { OpenedRuns } from './opened-runs';
import { RunList } from './run-list';

/** One fault of an athlete opened: when tired, on which side, by everything the log knows, and what comes together with it. */
@Component({
  selector: 'hop-fault-detail',
  imports: [Choice, IntervalChart, MatButton, RunList, SaveDrawing],
  templateUrl: './fault-detail.html',
  styleUrl: './fault-detail.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultDetailView {
  readonly athlete = input.required<string>();
  readonly fault = input.required<string>();
  /** As the book is read. */
  readonly asked = input.required<BookAsked>();
  /** Every run of the athlete is counted part by part now. */
  readonly counted = output();
  private readonly club = inject(TeachingStore);
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
  private readonly failed = (error: unknown): void => this.trouble.set(troubleOf(error));
  /** The value whose runs are shown, and the fault that comes together with this one. */
  protected readonly behind = new OpenedRuns(this.failed);
  protected readonly paired = new OpenedRuns(this.failed);
  protected readonly pairs = computed(() => {
    const detail = this.detail();
    return detail ? pairsOf(detail, (code) => this.club.catalogue().get(code)?.causes ?? []) : [];
  });

  constructor() {
    effect(() => {
      const [athlete, fault, asked] = [this.athlete(), this.fault(), this.asked()];
      untracked(() => {
        this.detail.set(null);
        this.paired.now.set(null);
        this.load(athlete, fault, asked);
      });
    });
    effect(() => {
      this.detail();
      this.by();
      untracked(() => this.behind.now.set(null));
    });
  }

  /** Shows the runs behind a value of the split, or puts them away. */
  protected open({ value, label }: { readonly value: string; readonly label: string }): void {
    const by = this.by();
    if (by !== null) this.behind.turn(value, label, this.api.runsOf(this.athlete(), this.fault(), { ...this.asked(), by, value }));
  }

  /** The same of a fault that comes together with this one. */
  protected openPair({ fault, label }: { readonly fault: string; readonly label: string }): void {
    this.paired.turn(fault, label, this.api.runsOf(this.athlete(), this.fault(), { with: fault }));
  }

  protected readonly named = (): string => `${faultLabel(this.fault())} ${this.text.byNames[this.by() ?? 'stage']}`;

  protected save(): void {
    const rows = (this.split()?.rows ?? []).map(({ label, cells }) => [label, ...cells]);
    saveFile(Papa.unparse([[...this.text.heads], ...rows], { escapeFormulae: true }), fileName(this.named(), 'csv'));
  }

  protected load(athlete = this.athlete(), fault = this.fault(), asked = this.asked()): void {
    this.trouble.set(null);
    void this.question.ask(
      () => this.lastSeen.ask(isPart(asked) ? null : `book-${athlete}-${fault}`, FaultDetail, this.api.detail(athlete, fault, asked)),
      ({ value, at }) => {
        const before = this.detail()?.uncounted ?? Infinity;
        this.detail.set(value);
        // Of a long history each answer counts some more runs.
        if (at === null && value.uncounted > 0 && value.uncounted < before) this.load(athlete, fault, asked);
        if (value.uncounted === 0) this.counted.emit();
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }
}
