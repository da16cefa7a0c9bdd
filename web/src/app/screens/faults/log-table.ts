import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { DaysAsked } from '@hopsk/contract/coverage';
import type { LogRow } from '@hopsk/contract/log-table';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { BookApi } from '../../data/book-api';
import { mine } from '../../data/may';
import { people } from '../../data/records';
import { fileName, saveFile } from '../../drawing/export';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { byId, orNone } from '../../ui/options';
import { days, orNothing } from '../../ui/reads';
import { LogImportForm } from './log-import';
import { asCsv, asJson } from './log-out';

/** The log as a table: out for a spreadsheet or another program, and in from one. */
@Component({
  selector: 'hop-log-table',
  imports: [Box, Choice, Head, LogImportForm, MatButton, Sent],
  template: `
    <hop-head back="/faults" [backTo]="text.back">
      <h1>{{ text.title }}</h1>
    </hop-head>
    <div class="page">
      @if (status() === 'failed') {
        <p class="said wrong" role="alert">{{ common.away }}</p>
      } @else if (!here()) {
        <p role="status">{{ common.loading }}</p>
      } @else {
        <section>
          <h2>{{ text.out }}</h2>
          <p class="muted">{{ text.outSays }}</p>
          <div class="row">
            <hop-choice [label]="text.whose" [options]="whoses()" [value]="whose()" (taken)="whose.set($event)" />
            <hop-box [label]="text.from" [reads]="day" [value]="from()" (taken)="from.set($event)" />
            <hop-box [label]="text.to" [reads]="day" [value]="to()" (taken)="to.set($event)" />
          </div>
          <p class="row">
            <button mat-flat-button type="button" [disabled]="sending.busy()" (click)="save('csv')">{{ text.asCsv }}</button>
            <button mat-stroked-button type="button" [disabled]="sending.busy()" (click)="save('json')">{{ text.asJson }}</button>
          </p>
          @if (under()) {
            <p role="status">{{ under() }}</p>
          }
          <hop-sent [of]="sending" />
        </section>
        @if (may('build')) {
          <hop-log-import [people]="people()" />
        }
      }
    </div>
  `,
  styleUrl: './log-table.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogTableScreen {
  readonly athlete = input<string>();
  private readonly api = inject(BookApi);
  protected readonly text = words.logTable;
  protected readonly may = mine().may;
  private readonly store = inject(Store);
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly status = this.store.selectSignal(people.selectStatus);
  /** Before the people are here a press would save nobody's rows, and a pasted name would be a stranger's. */
  protected readonly here = computed(() => ['ready', 'offline'].includes(this.status()));
  protected readonly common = words.common;
  protected readonly whoses = computed(() => orNone(this.text.everybody, byId(this.people())));
  protected readonly whose = linkedSignal<string | null>(() => this.athlete() ?? null);
  protected readonly day = orNothing(days);
  protected readonly from = signal<string | null>(null);
  protected readonly to = signal<string | null>(null);
  protected readonly sending = new Sending();
  /** Whose rows are being fetched, of how many. */
  protected readonly under = signal('');

  protected readonly save = once(async (kind: 'csv' | 'json') => {
    const [from, to] = [this.from(), this.to()];
    const all = this.people().filter(({ id }) => this.whose() === null || id === this.whose());
    await this.sending.send(async () => {
      const rows: LogRow[] = [];
      for (const [i, { id }] of all.entries()) {
        this.under.set(this.text.fetching(i + 1, all.length));
        rows.push(...(await this.rowsOf(id, { ...(from && { from }), ...(to && { to }) })));
      }
      if (rows.length === 0) return this.text.nothing;
      const [who] = all;
      const name = fileName(`${this.text.file} ${all.length === 1 && who ? who.name : ''} ${rows[0]?.day ?? ''}`, kind);
      saveFile(kind === 'csv' ? asCsv(rows) : asJson(rows), name);
      return this.text.saved(rows.length);
    });
    this.under.set('');
  });

  /** Of a long history each answer has some more runs counted, and gives some of them. */
  private async rowsOf(id: string, asked: DaysAsked): Promise<readonly LogRow[]> {
    const fetched = (after: number) => firstValueFrom(this.api.rowsOf(id, asked, after));
    let answer = await fetched(0);
    for (let before = Infinity; answer.uncounted > 0 && answer.uncounted < before; answer = await fetched(0)) before = answer.uncounted;
    const rows = [...answer.rows];
    while (answer.next !== null) {
      answer = await fetched(answer.next);
      rows.push(...answer.rows);
    }
    return rows;
  }
}
