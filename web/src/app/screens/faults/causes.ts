import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { CauseMap } from '@hopsk/contract/cause-map';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import Papa from 'papaparse';
import { picked } from '../../data/picked';
import { people } from '../../data/records';
import { CauseChart } from '../../drawing/cause-chart';
import { fileName, saveFile } from '../../drawing/export';
import { SaveDrawing } from '../../drawing/save-drawing';
import { Table } from '../../ui/table';
import { AthleteHead } from './athlete-head';
import { drawnOf, linkRows, saidOf } from './cause-said';
import { OpenBook } from './open-book';

const NONE: CauseMap = { nodes: [], links: [], others: [] };

/** What can cause what among the faults of an athlete: the catalogue's links, laid over what comes together in the log. */
@Component({
  selector: 'hop-causes',
  imports: [AthleteHead, CauseChart, MatButton, RouterLink, SaveDrawing, Table],
  templateUrl: './causes.html',
  styleUrl: './both.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CausesScreen {
  readonly athlete = input<string>();
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly opened = new OpenBook();
  protected readonly text = words.causes;
  protected readonly common = words.common;
  protected readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  protected readonly book = this.opened.book;
  private readonly map = computed(() => this.book()?.causes ?? NONE);
  protected readonly drawn = computed(() => drawnOf(this.map()));
  protected readonly said = computed(() => saidOf(this.map()));
  protected readonly rows = computed(() => linkRows(this.map()));
  protected readonly seen = computed(() => this.drawn().nodes.filter((node) => node.as !== 'quiet'));
  protected readonly says = computed(() => this.text.drawn(this.drawn().arrows.length, this.drawn().nodes.length));

  constructor() {
    effect(() => {
      const id = this.who()?.id;
      if (id !== undefined) untracked(() => this.opened.load(id));
    });
    // Of a long history each answer counts some more runs.
    let [of, left] = ['', Infinity];
    effect(() => {
      const book = this.book();
      if (!book || this.opened.seenAt()) return;
      const before = of === book.athleteId ? left : Infinity;
      [of, left] = [book.athleteId, book.uncounted];
      if (left > 0 && left < before) untracked(() => this.opened.again(book.athleteId));
    });
  }

  protected saveTable(): void {
    saveFile(Papa.unparse([[...this.text.heads], ...this.rows()], { escapeFormulae: true }), fileName(this.named(), 'csv'));
  }

  protected readonly named = (): string => `${this.text.title} ${this.book()?.to ?? ''}`;
}
