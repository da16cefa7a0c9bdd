import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { clockText, doseTotals, type Study } from '@hopsk/core';
import type { Pattern } from '@hopsk/contract';
import { Store } from '@ngrx/store';
import { newId } from '../device/ids';
import { Floor } from '../drawing/floor';
import { recordActions, recordsFeature } from '../state/records';
import { TEXT } from '../text/en';
import { Studies } from '../workers/studies';
import { performance } from './draft';

@Component({
  selector: 'hop-patterns',
  imports: [RouterLink, MatButton, Floor],
  templateUrl: './patterns.html',
  styleUrl: './patterns.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Patterns {
  private readonly store = inject(Store);
  private readonly asking = inject(Studies);
  protected readonly text = TEXT.steps;
  protected readonly common = TEXT.common;
  protected readonly fresh = newId();
  protected readonly find = signal('');
  protected readonly status = this.store.selectSignal(recordsFeature.selectStatus);
  private readonly all = this.store.selectSignal(recordsFeature.selectPatternsHere);
  private readonly studies = signal<ReadonlyMap<string, Study>>(new Map());
  protected readonly rows = computed(() => {
    const words = this.find().trim().toLocaleLowerCase();
    return this.all()
      .filter((pattern) => `${pattern.name} ${pattern.sport} ${pattern.steps}`.toLocaleLowerCase().includes(words))
      .map((pattern) => {
        const study = this.studies().get(keyOf(pattern)) ?? null;
        const dose = pattern.dose;
        const together = dose && study ? clockText(doseTotals(dose, study.totals.seconds).total) : '';
        return { pattern, study, together, wrong: (study?.findings.length ?? 0) + (study?.errors.length ?? 0) };
      });
  });

  constructor() {
    effect(() => void this.draw(this.all()));
  }

  protected load(): void {
    this.store.dispatch(recordActions.load({ kind: 'patterns' }));
  }

  private async draw(patterns: readonly Pattern[]): Promise<void> {
    for (const pattern of patterns) {
      if (this.studies().has(keyOf(pattern))) continue;
      const { performer } = performance(pattern, null);
      const study = await this.asking.study(pattern.steps, performer, pattern.shouldClose).catch(() => null);
      if (study) this.studies.update((known) => new Map(known).set(keyOf(pattern), study));
    }
  }
}

const keyOf = (pattern: Pattern): string => `${pattern.id}:${pattern.version}`;
