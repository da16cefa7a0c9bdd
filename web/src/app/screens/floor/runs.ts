import { ChangeDetectionStrategy, Component, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { RunRow } from '@hopsk/contract/run';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { Latest } from '../../compute/latest';
import { Api } from '../../data/api';
import { troubleOf } from '../../data/problem';
import { Box } from '../../ui/box';
import { Head } from '../../ui/head';
import { days, orNothing, texts } from '../../ui/reads';
import { RunRows } from '../../parts/run-rows';

/** Runs that are fetched at once. */
const PAGE = 40;

/** All runs of the club, the latest first: found by a part of their name and by day, page by page. */
@Component({
  selector: 'hop-runs',
  imports: [Box, Head, MatButton, RunRows],
  template: `
    <hop-head back="/floor" [backTo]="text.title">
      <h1>{{ text.runs }}</h1>
    </hop-head>
    <div class="page">
      <search class="row">
        <hop-box live [label]="text.findRun" [reads]="reads.find" [value]="find()" (taken)="find.set($event)" />
        <hop-box [label]="text.fromDay" [reads]="reads.day" [value]="from()" (taken)="from.set($event)" />
        <hop-box [label]="text.toDay" [reads]="reads.day" [value]="to()" (taken)="to.set($event)" />
      </search>
      @if (trouble()) {
        <p class="said wrong" role="alert">{{ trouble() }}</p>
      } @else if (rows().length === 0 && !asking.open()) {
        <p class="muted" role="status">{{ text.noneFound }}</p>
      }
      <hop-run-rows [rows]="rows()" />
      @if (more()) {
        <button mat-stroked-button [disabled]="asking.open()" (click)="older()">{{ common.older }}</button>
      }
    </div>
  `,
  styleUrl: './runs.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunsScreen {
  private readonly api = inject(Api);
  protected readonly text = words.floor;
  protected readonly common = words.common;
  protected readonly reads = { find: texts(80), day: orNothing(days) };
  protected readonly find = signal('');
  protected readonly from = signal<string | null>(null);
  protected readonly to = signal<string | null>(null);
  protected readonly rows = signal<readonly RunRow[]>([]);
  protected readonly more = signal(false);
  protected readonly trouble = signal('');
  protected readonly asking = new Latest();

  constructor() {
    effect(() => {
      const asked = this.asked();
      untracked(() => void this.fetch(asked, []));
    });
  }

  protected older(): void {
    const last = this.rows().at(-1);
    if (last) void this.fetch({ ...this.asked(), before: last.startedAt, behind: last.id }, this.rows());
  }

  private asked() {
    const [from, to] = [this.from(), this.to()];
    return { most: PAGE, find: this.find(), ...(from ? { from } : {}), ...(to ? { to } : {}) };
  }

  private fetch(asked: Parameters<Api['runsOf']>[0], before: readonly RunRow[]): Promise<void> {
    return this.asking.ask(
      () => firstValueFrom(this.api.runsOf(asked)),
      (rows) => {
        this.rows.set([...before, ...rows]);
        this.more.set(rows.length === PAGE);
        this.trouble.set('');
      },
      (error) => this.trouble.set(troubleOf(error).message),
    );
  }
}
