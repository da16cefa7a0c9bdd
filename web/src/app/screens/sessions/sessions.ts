import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import { cut } from '@hopsk/core/language/cut';
import type { Session } from '@hopsk/contract/session';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { people, sessions } from '../../data/records';
import { once } from '../../ui/once';
import { copyOf, draftOf, type Draft } from '../../parts/session-draft';
import { readFile } from '../../parts/session-files';
import { OtherwiseNote } from '../../parts/otherwise-note';
import { Box } from '../../ui/box';
import { FileBox } from '../../ui/file-box';
import { Head } from '../../ui/head';
import { days, orNothing } from '../../ui/reads';
import { found, listed, type Wanted } from './listed';

/** Sessions that are shown at once. */
const PAGE = 40;
/** So few are seen at a look: nobody looks for them by day. */
const FEW = 12;

/** What the club has planned, what was saved last first: sessions and templates, and where a new one begins. */
@Component({
  selector: 'hop-sessions',
  imports: [Box, FileBox, Head, MatButton, MatCheckbox, OtherwiseNote, RouterLink],
  templateUrl: './sessions.html',
  styleUrl: './sessions.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sessions {
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly router = inject(Router);
  protected readonly text = words.build;
  protected readonly units = words.units;
  protected readonly common = words.common;
  protected readonly find = signal('');
  protected readonly said = signal<readonly string[]>([]);
  protected readonly status = this.store.selectSignal(sessions.selectStatus);
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly all = this.store.selectSignal(sessions.selectAll);
  protected readonly away = signal(false);
  protected readonly reads = { day: orNothing(days) };
  protected readonly from = signal<string | null>(null);
  protected readonly to = signal<string | null>(null);
  protected readonly byDay = computed(() => this.all().length > FEW);
  private readonly wanted = computed<Wanted>(() => ({
    words: this.find().trim().toLocaleLowerCase(),
    from: this.from(),
    to: this.to(),
    away: this.away(),
  }));
  private readonly listed = computed(() => listed(this.all(), (id) => this.people()[id]?.name ?? '–'));
  protected readonly rows = computed(() => found(this.listed(), this.wanted()));
  /** Another question begins at its first page. */
  private readonly most = linkedSignal({ source: this.wanted, computation: () => PAGE });
  protected readonly shown = computed(() => this.rows().slice(0, this.most()));
  protected readonly asked = computed(() => this.find() !== '' || this.away() || this.from() !== null || this.to() !== null);

  protected older(): void {
    this.most.update((most) => most + PAGE);
  }

  protected load(): void {
    this.store.dispatch(sessions.actions.load());
  }

  protected restore(id: string): void {
    this.store.dispatch(sessions.actions.archive({ id, archived: false }));
  }

  /** A session from a template: a copy that shares nothing with it. */
  protected fromTemplate(template: Session): Promise<unknown> {
    return this.begin(copyOf(draftOf(template), template.name, false));
  }

  protected async import(file: File): Promise<void> {
    const { draft, wrong } = await readFile(await file.text(), cut(file.name.replace(/\.[^.]*$/, ''), 80) || this.text.title);
    if (!draft) return this.said.set([this.text.importNothing, ...wrong.slice(0, 20)]);
    await this.begin(copyOf(draft, draft.name, false), wrong.slice(0, 20));
  }

  private readonly begin = once((draft: Draft, wrong: readonly string[] = []) => this.open(draft, wrong));

  private async open(draft: Draft, wrong: readonly string[]): Promise<void> {
    const id = newId();
    await this.device.keep(`build:${id}`, { base: 0, draft });
    await this.router.navigate(['/build', id], { state: { said: wrong } });
  }
}
