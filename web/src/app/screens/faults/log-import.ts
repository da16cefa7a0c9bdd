import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { KnownRow } from '@hopsk/contract/log-table';
import { faultLabel, inALine, saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { BookApi } from '../../data/book-api';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { FileBox } from '../../ui/file-box';
import { once } from '../../ui/once';
import { byId, orNone } from '../../ui/options';
import { asTyped } from '../../ui/reads';
import { Table } from '../../ui/table';
import { batchesOf, lookInto, type EveningLooked, type Line, type Person } from './log-in';

/** Lines that are shown of each: those that are refused first. */
const SHOWN = 40;

/** A table from a spreadsheet on its way in: what each line becomes or why it is refused, what each evening adds; then it is added. */
@Component({
  selector: 'hop-log-import',
  imports: [Box, Choice, FileBox, MatButton, Sent, Table],
  templateUrl: './log-import.html',
  styleUrl: './log-table.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogImportForm {
  readonly people = input.required<readonly Person[]>();
  private readonly api = inject(BookApi);
  protected readonly text = words.logTable;
  protected readonly sending = new Sending();
  /** Which part of many is on its way. */
  protected readonly under = signal('');
  protected readonly typed = signal('');
  protected readonly name = signal('');
  protected readonly whose = signal<string | null>(null);
  protected readonly whoses = computed(() => orNone(this.text.byName, byId(this.people())));
  protected readonly pasted = asTyped(4_000_000);
  protected readonly looked = computed(() => (this.typed().trim() === '' ? null : lookInto(this.typed(), this.people(), this.whose())));
  protected readonly wrong = computed(() => {
    const { whole = null, missing = [] } = this.looked() ?? {};
    if (whole) return inALine(saidFields([whole]));
    return missing.length > 0 ? this.text.missing(missing.join(', ')) : '';
  });
  protected readonly known = computed((): KnownRow[] => (this.looked()?.lines ?? []).flatMap((one) => ('known' in one ? [one.known] : [])));
  private readonly refusedLines = computed(() => (this.looked()?.lines ?? []).filter((one) => 'wrong' in one));
  protected readonly refused = computed(() => this.refusedLines().length);
  protected readonly lines = computed(() => {
    const taken = (this.looked()?.lines ?? []).filter((one) => 'known' in one);
    return [...this.refusedLines().slice(0, SHOWN), ...taken.slice(0, SHOWN)].map((one) => this.lineOf(one));
  });
  protected readonly more = computed(() => (this.looked()?.lines.length ?? 0) - this.lines().length);
  /** What the server says of each evening; null: it was not asked, or what it was asked is no more. */
  private readonly answered = signal<{ readonly rows: readonly KnownRow[]; readonly evenings: readonly EveningLooked[] } | null>(null);
  protected readonly evenings = computed(() => {
    const answered = this.answered();
    return answered?.rows === this.known() ? answered.evenings : null;
  });
  protected readonly fresh = computed(() => (this.evenings() ?? []).filter(({ is }) => is === 'new').length);
  protected readonly eveningRows = computed(() =>
    (this.evenings() ?? []).map(({ day, evening, athletes, attempts, is, others }) => [
      `${day} ${evening}`.trim(),
      String(athletes),
      String(attempts),
      is === 'there' ? this.text.isThere : others > 0 ? this.text.beside(others) : this.text.isNew,
    ]),
  );

  constructor() {
    // Asked anew with every other reading of the rows: other text, another person, or a club whose people have changed.
    effect(() => {
      if (this.known().length > 0) untracked(() => void this.send(true));
    });
  }

  protected read(typed: string): void {
    this.typed.set(typed);
    if (this.name() === '') this.name.set(this.text.pasted);
  }

  protected async open(file: File): Promise<void> {
    this.name.set(file.name.replace(/\.[^.]*$/, '').slice(0, 60) || this.text.pasted);
    if (file.size > 8_000_000) return this.sending.said.set(this.text.tooLarge);
    this.read(await file.text());
  }

  protected readonly add = once(() => this.send(false));

  /** Asks what would become of it, or adds it; sent again, what is there adds nothing. */
  private async send(look: boolean): Promise<void> {
    const rows = this.known();
    await this.sending.send(async () => {
      const batches = batchesOf(rows);
      if (batches === null) return this.text.tooMuchADay;
      const evenings: EveningLooked[] = [];
      for (const [i, batch] of batches.entries()) {
        if (batches.length > 1) this.under.set(this.text.sending(i + 1, batches.length));
        evenings.push(...(await firstValueFrom(this.api.addRows({ name: this.name(), look, rows: batch }))).evenings);
      }
      // What was asked of rows that are no more says nothing of those that are.
      if (rows === this.known())
        this.answered.set({ rows, evenings: look ? evenings : evenings.map((one) => ({ ...one, is: 'there' as const })) });
      return look ? '' : this.text.added(evenings.filter(({ is }) => is === 'new').length);
    });
    this.under.set('');
  }

  private lineOf(one: Line): string[] {
    const { row } = one;
    const who = row ? row.athlete || (this.people().find(({ id }) => id === this.whose())?.name ?? '') : '';
    const said = 'wrong' in one ? this.text.refusedSays(inALine(saidFields(one.wrong))) : this.text.taken;
    return [
      String(one.line),
      row ? `${row.day} ${row.evening}`.trim() : '',
      who,
      row ? faultLabel(row.fault) : '',
      row ? this.text.counts(row.faulty, row.attempts) : '',
      said,
    ];
  }
}
