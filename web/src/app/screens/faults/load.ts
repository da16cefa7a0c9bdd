import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { AthleteLoad } from '@hopsk/contract/load';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import Papa from 'papaparse';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { picked } from '../../data/picked';
import { troubleOf, type Trouble } from '../../data/problem';
import { people } from '../../data/records';
import { fileName, saveFile } from '../../drawing/export';
import { LoadChart } from '../../drawing/load-chart';
import { SaveDrawing } from '../../drawing/save-drawing';
import { Table } from '../../ui/table';
import { AthleteHead } from './athlete-head';
import { weekRows, worthALook } from './load-said';

/** Weeks that are drawn: half a year. */
const DRAWN = 26;

/** What the weeks of an athlete weigh: effort × minutes, how alike the days were, landings and lunges of what was done. */
@Component({
  selector: 'hop-load',
  imports: [AthleteHead, LoadChart, MatButton, RouterLink, SaveDrawing, Table],
  templateUrl: './load.html',
  styleUrl: './both.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LoadScreen {
  readonly athlete = input<string>();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly text = words.load;
  protected readonly common = words.common;
  protected readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  protected readonly load = signal<AthleteLoad | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  private readonly weeks = computed(() => this.load()?.weeks ?? []);
  protected readonly drawn = computed(() => this.weeks().slice(-DRAWN));
  protected readonly rows = computed(() => weekRows(this.weeks()));
  protected readonly look = computed(() => {
    const who = this.who();
    return who ? worthALook(this.weeks(), who) : [];
  });

  constructor() {
    effect(() => {
      const id = this.who()?.id;
      if (id !== undefined) untracked(() => this.ask(id));
    });
  }

  protected ask(id: string): void {
    if (this.load()?.athleteId !== id) this.load.set(null);
    this.trouble.set(null);
    void this.question.ask(
      () => this.lastSeen.ask(`load-${id}`, AthleteLoad, this.api.load(id)),
      ({ value, at }) => {
        const before = this.load()?.uncounted ?? Infinity;
        this.load.set(value);
        // Of a long history each answer counts some more runs.
        if (at === null && value.uncounted > 0 && value.uncounted < before) this.ask(id);
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }

  protected readonly named = (): string => `${this.text.title} ${this.weeks().at(-1)?.from ?? ''}`;

  protected save(): void {
    const table = Papa.unparse([[...this.text.heads], ...this.rows()], { escapeFormulae: true });
    saveFile(table, fileName(this.named(), 'csv'));
  }
}
