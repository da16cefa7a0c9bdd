import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { isDose } from '@hopsk/contract/lines';
import type { Otherwise, OtherwiseNow } from '@hopsk/contract/otherwise';
import type { Definition } from '@hopsk/core/language/ast';
import { definitionsOf } from '@hopsk/core/language/own-moves';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { performance } from '../../compute/performance';
import { Studies } from '../../compute/studies';
import type { Seen } from '../../compute/study.worker';
import { OtherwiseApi } from '../../data/otherwise-api';
import { troubleOf, type Trouble } from '../../data/problem';
import { patterns, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { Thumb } from '../../drawing/thumb';
import { Head } from '../../ui/head';
import { changesOf, readToday, whereOf, type Today } from './read-today';

/** Lines that are shown at once; more when asked for. */
const AT_ONCE = 20;

/** Lines that were saved with an earlier language or engine: what they said and did, which stands, beside how they read today. */
@Component({
  selector: 'hop-otherwise',
  imports: [Head, MatButton, RouterLink, Thumb],
  templateUrl: './otherwise.html',
  styleUrl: './otherwise.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OtherwiseScreen {
  private readonly api = inject(OtherwiseApi);
  private readonly store = inject(Store);
  private readonly studies = inject(Studies);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.otherwise;
  protected readonly common = words.common;
  protected readonly lines = signal<readonly Otherwise[] | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly busy = signal(false);
  /** What came of those that were looked at. */
  protected readonly said = signal<readonly string[]>([]);
  private readonly most = signal(AT_ONCE);
  protected readonly more = computed(() => Math.max(0, (this.lines()?.length ?? 0) - this.most()));
  protected readonly pictures = signal<ReadonlyMap<string, Seen>>(new Map());
  private readonly read = new Map<string, Today & { readonly own: readonly Definition[] }>();
  private readonly own = computed(() => definitionsOf(this.club.teaching().moves));
  protected readonly rows = computed(() =>
    (this.lines() ?? []).slice(0, this.most()).map((line) => {
      const drawn = !isDose(line.part);
      const now = this.today(line, this.own());
      const link =
        line.record === 'pattern' ? ['/steps', line.recordId] : line.record === 'session' ? ['/build', line.recordId] : ['/club'];
      return {
        ...{ line, drawn, link, where: whereOf(line), changes: changesOf(line) },
        stands: { key: keyOf(line, line.stands), text: line.stands },
        now: { key: keyOf(line, line.typed), text: line.typed, ...now },
      };
    }),
  );

  constructor() {
    this.club.load();
    void this.ask();
    effect(() => {
      const rows = this.rows().filter(({ drawn }) => drawn);
      untracked(() => void this.draw(rows.flatMap(({ line, stands, now }) => [stands, now].map((one) => ({ ...one, line })))));
    });
  }

  protected async ask(): Promise<void> {
    this.trouble.set(null);
    try {
      this.lines.set(await firstValueFrom(this.api.all()));
    } catch (error) {
      this.trouble.set(troubleOf(error));
    }
  }

  protected showMore(): void {
    this.most.update((most) => most + AT_ONCE);
  }

  /** Takes today's reading, or lets stand what stands. Somebody else may have changed the line, or looked at it, in the meantime. */
  protected async settle(line: Otherwise, take: boolean): Promise<void> {
    this.busy.set(true);
    try {
      const { now } = await firstValueFrom(this.api.settle(line.id, take));
      this.said.set([this.text.settled[now](whereOf(line))]);
      this.lines.update((all) => all?.filter(({ id }) => id !== line.id) ?? null);
      if (now === 'taken') this.loadAgain(line.record);
    } catch (error) {
      this.said.set([troubleOf(error).message]);
    } finally {
      this.busy.set(false);
    }
  }

  /** The same for all that are listed, one after the other; what is settled when something goes wrong stays settled. */
  protected async settleAll(take: boolean): Promise<void> {
    this.busy.set(true);
    const came: OtherwiseNow['now'][] = [];
    try {
      for (const { id } of this.lines() ?? []) {
        came.push((await firstValueFrom(this.api.settle(id, take))).now);
        this.lines.update((all) => all?.filter((one) => one.id !== id) ?? null);
      }
      this.said.set([this.text.settledAll(came.length, came.filter((now) => now === 'changed').length)]);
      // As many are listed as anybody looks through; there may be more.
      await this.ask();
    } catch (error) {
      this.said.set([troubleOf(error).message]);
    } finally {
      this.busy.set(false);
      if (came.includes('taken')) for (const record of ['pattern', 'session', 'teaching'] as const) this.loadAgain(record);
    }
  }

  private loadAgain(record: Otherwise['record']): void {
    if (record === 'pattern') this.store.dispatch(patterns.actions.load());
    else if (record === 'session') this.store.dispatch(sessions.actions.load());
    else this.club.load();
  }

  /** How a line reads today, read once: settling one reads no other anew. */
  private today(line: Otherwise, own: readonly Definition[]): Today {
    const known = this.read.get(line.id);
    if (known?.own === own) return known;
    const now = { ...readToday(line, own), own };
    this.read.set(line.id, now);
    return now;
  }

  private readonly asked = new Set<string>();

  /** Draws what is not drawn yet, one after the other. */
  private async draw(readings: readonly { readonly key: string; readonly text: string; readonly line: Otherwise }[]): Promise<void> {
    const { stances, moves } = this.club.teaching();
    for (const { key, text, line } of readings) {
      if (this.asked.has(key)) continue;
      this.asked.add(key);
      const { performer } = performance({ ...line.for, steps: text }, null, { own: stances });
      const seen = await this.studies.ask('thumbnail', { text, performer, shouldClose: false, own: moves, area: '' }).catch(() => null);
      if (seen) this.pictures.update((known) => new Map(known).set(key, seen));
    }
  }
}

const keyOf = ({ for: { school, hand, lead } }: Otherwise, text: string): string => JSON.stringify([school, hand, lead, text]);
