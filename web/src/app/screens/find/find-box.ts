import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatDialogRef } from '@angular/material/dialog';
import { Router } from '@angular/router';
import type { RunRow } from '@hopsk/contract/run';
import { faultWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Latest } from '../../compute/latest';
import { Api } from '../../data/api';
import { mine } from '../../data/may';
import { patterns, people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { matches, type Findable } from './matches';

/** Runs that are asked for at once. */
const RUNS = 6;

/** Finds people, sessions, patterns, faults and runs by a few letters, and goes there; by keys too. */
@Component({
  selector: 'hop-find-box',
  template: `
    <div class="head">
      <input
        #sought
        type="search"
        cdkFocusInitial
        role="combobox"
        aria-expanded="true"
        aria-controls="found"
        [attr.aria-activedescendant]="found().length > 0 ? 'found-' + lit() : null"
        [placeholder]="text.findSays"
        [attr.aria-label]="text.findSays"
        (input)="type(sought.value)"
        (keydown)="key($event)"
      />
      <button type="button" class="plain close" [attr.aria-label]="words.common.close" (click)="self.close()">×</button>
    </div>
    <ul id="found" role="listbox" [attr.aria-label]="text.find">
      @for (one of found(); track one.kind + one.id; let at = $index) {
        <li
          [id]="'found-' + at"
          role="option"
          [class.lit]="at === lit()"
          [attr.aria-selected]="at === lit()"
          tabindex="-1"
          (click)="go(one)"
          (keydown.enter)="go(one)"
        >
          <span class="kind">{{ text.findKinds[one.kind] }}</span>
          <strong
            ><bdi>{{ one.name }}</bdi></strong
          >
          <span class="muted">{{ one.more }}</span>
        </li>
      } @empty {
        @if (typed().trim() !== '' && !asking.open()) {
          <li class="muted" role="status">{{ text.findNone }}</li>
        }
      }
    </ul>
  `,
  styleUrl: './find-box.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FindBox {
  protected readonly self = inject<MatDialogRef<FindBox, void>>(MatDialogRef);
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly club = inject(TeachingStore);
  private readonly may = mine().may;
  protected readonly words = words;
  protected readonly text = words.common;
  protected readonly typed = signal('');
  protected readonly lit = signal(0);
  protected readonly asking = new Latest();
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly sessions = this.store.selectSignal(sessions.selectHere);
  private readonly runs = signal<readonly RunRow[]>([]);
  /** What this device knows; runs are asked for. */
  private readonly known = computed((): Findable[] => [
    ...(this.may('people')
      ? this.people().map(({ id, name, sport }): Findable => ({ kind: 'people', id, name, more: sport, to: `/people/${id}` }))
      : []),
    ...(this.may('build')
      ? this.sessions().map(({ id, name, stages }): Findable => ({
          ...{ kind: 'sessions', id, name, to: `/build/${id}` },
          more: stages.map((stage) => stage.name).join(', '),
        }))
      : []),
    ...(this.may('steps')
      ? this.patterns().map(({ id, name, steps, tags }): Findable => ({
          ...{ kind: 'patterns', id, name, to: `/steps/${id}` },
          more: [...tags, steps].join(' · '),
        }))
      : []),
    ...(this.may('faults')
      ? this.club.faults().flatMap(({ code }): Findable[] => {
          const told = faultWords(code);
          return told
            ? [{ kind: 'faults', id: code, name: told.label, more: told.says, to: '/faults/everybody', query: { fault: code } }]
            : [];
        })
      : []),
  ]);
  protected readonly found = computed(() => [
    ...matches(this.typed(), this.known()),
    ...this.runs().map(({ id, name, day }): Findable => ({ kind: 'runs', id, name, more: day, to: `/floor/runs/${id}` })),
  ]);

  constructor() {
    effect(() => {
      const find = this.typed().trim();
      untracked(() => this.askRuns(find));
    });
  }

  protected type(typed: string): void {
    this.typed.set(typed.slice(0, 80));
    this.lit.set(0);
  }

  protected key(event: KeyboardEvent): void {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    const chosen = this.found()[this.lit()];
    if (by !== 0) this.lit.update((at) => Math.max(0, Math.min(this.found().length - 1, at + by)));
    else if (event.key !== 'Enter' || !chosen) return;
    else this.go(chosen);
    event.preventDefault();
  }

  protected go({ to, query }: Findable): void {
    this.self.close();
    void this.router.navigate([to], query ? { queryParams: query } : {});
  }

  /** Without a network there are none: what the device knows is found all the same. */
  private askRuns(find: string): void {
    if (find === '' || !this.may('runs')) {
      this.runs.set([]);
      return;
    }
    void this.asking.ask(
      () => firstValueFrom(this.api.runsOf({ most: RUNS, find })),
      (rows) => this.runs.set(rows),
      () => this.runs.set([]),
    );
  }
}
