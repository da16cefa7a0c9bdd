import { HttpClient } from '@angular/common/http';
import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { printDose } from '@hopsk/core/language/dose-print';
import { fromRounds } from '@hopsk/core/language/rounds';
import { faultLabel, faultWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { newId } from '../../data/ids';
import { Thumb } from '../../drawing/thumb';
import { patterns } from '../../data/records';
import { Studies } from '../../compute/studies';
import type { TaughtSeen } from '../../compute/study.worker';
import type { Draft } from '../../parts/pattern-draft';
import { performance } from '../../compute/performance';
import { fromText } from '../../parts/pattern-files';
import { language } from '../../text/language';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { orNone } from '../../ui/options';

/** The starter library that ships with the program, to take patterns from. */
@Component({
  selector: 'hop-starters',
  imports: [Choice, Head, MatButton, Thumb],
  templateUrl: './starters.html',
  styleUrl: './starters.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Starters {
  private readonly store = inject(Store);
  private readonly http = inject(HttpClient);
  private readonly asking = inject(Studies);
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly state = signal<'loading' | 'ready' | 'failed'>('loading');
  protected readonly sport = signal<string | null>(null);
  private readonly drafts = signal<readonly Draft[]>([]);
  private readonly seen = signal<ReadonlyMap<string, TaughtSeen>>(new Map());
  private readonly saves = this.store.selectSignal(patterns.selectSaves);
  private readonly names = this.store.selectSignal(patterns.selectHere);
  protected readonly sportOptions = computed(() => {
    const sports = [...new Set(this.drafts().map((draft) => draft.sport))];
    return orNone(
      this.text.allSports,
      sports.map((value) => ({ value, label: value })),
    );
  });
  /** What they train, of the sport that is looked at, what most do first. */
  protected readonly trainOptions = computed(() => {
    const tags = this.ofSport().flatMap(({ tags }) => tags);
    const often = (tag: string): number => tags.filter((one) => one === tag).length;
    const all = [...new Set(tags)].sort((a, b) => often(b) - often(a) || a.localeCompare(b, language));
    return orNone(
      this.text.allTraining,
      all.map((value) => ({ value, label: `${value} (${often(value)})` })),
    );
  });
  private readonly ofSport = computed(() => this.drafts().filter((draft) => this.sport() === null || draft.sport === this.sport()));
  protected readonly trains = linkedSignal<string | null, string | null>({
    source: this.sport,
    computation: () => null,
  });
  protected readonly rows = computed(() => {
    const here = new Set(this.names().map((pattern) => pattern.name));
    const trains = this.trains();
    return this.ofSport()
      .filter(({ tags }) => trains === null || tags.includes(trains))
      .map((draft) => ({
        draft,
        dose: draft.dose ? printDose(fromRounds(draft.dose)) : '',
        seen: this.seen().get(draft.name) ?? null,
        ...this.taughtIn(this.seen().get(draft.name)),
        taken: here.has(draft.name),
      }));
  });
  protected readonly left = computed(() => this.rows().filter((row) => !row.taken).length);

  constructor() {
    void this.fetch();
  }

  /** How it is taught, in words: what is looked for and from where, what is said, how often it can show, and what is called. */
  private taughtIn(seen: TaughtSeen | undefined): { readonly watch: string; readonly cue: string; readonly calls: string } {
    const [first] = seen?.watch ?? [];
    if (!seen || first === undefined) return { watch: '', cue: '', calls: '' };
    const attempts = seen.attempts === null ? '' : ` (${this.text.attemptsAt(seen.attempts)})`;
    const faults = seen.watch.map((code) => faultLabel(code) + (code === first ? attempts : ''));
    return {
      watch: `${faults.join(', ')} · ${this.text.seenFrom[seen.view]}`,
      cue: faultWords(first)?.cue ?? '',
      calls: seen.calls.join(', '),
    };
  }

  /** The ids under which patterns were asked for: while one is on its way, a second press makes no second one. */
  private readonly asked = new Map<Draft, string>();

  protected take(draft: Draft): void {
    const id = this.asked.get(draft) ?? newId();
    if (this.saves()[id]?.state === 'saving') return;
    this.asked.set(draft, id);
    this.store.dispatch(patterns.actions.save({ ...draft, id, version: 0 }));
  }

  protected takeAll(): void {
    for (const row of this.rows()) if (!row.taken) this.take(row.draft);
  }

  protected async fetch(): Promise<void> {
    this.state.set('loading');
    try {
      const text = await firstValueFrom(this.http.get(`/starters/${language}.txt`, { responseType: 'text' }));
      this.drafts.set(fromText(text).drafts);
      this.state.set('ready');
    } catch {
      this.state.set('failed');
      return;
    }
    for (const draft of this.drafts()) {
      const { performer } = performance(draft, null);
      const seen = await this.asking
        .ask('taught', { text: draft.steps, performer, sport: draft.sport, rounds: draft.dose })
        .catch(() => null);
      if (seen) this.seen.update((known) => new Map(known).set(draft.name, seen));
    }
  }
}
