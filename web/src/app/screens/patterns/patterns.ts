import { CdkFixedSizeVirtualScroll, CdkVirtualForOf, CdkVirtualScrollViewport } from '@angular/cdk/scrolling';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  ElementRef,
  inject,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { FAMILIES, MOVE_WORDS, ruleOf, type Family } from '@hopsk/core/language/moves';
import { clockText } from '@hopsk/core/plan/clock-text';
import { totalsOfRounds } from '@hopsk/core/plan/rounds';
import type { Pattern } from '@hopsk/contract/pattern';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { newId } from '../../data/ids';
import { saveFile } from '../../drawing/export';
import { Thumb } from '../../drawing/thumb';
import { patterns } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { Studies } from '../../compute/studies';
import type { Seen } from '../../compute/study.worker';
import { draftOf, type Draft } from '../../parts/pattern-draft';
import { performance } from '../../compute/performance';
import { asText, readPatterns } from '../../parts/pattern-files';
import { Choice } from '../../ui/choice';
import { FileBox } from '../../ui/file-box';
import { Head } from '../../ui/head';
import { OtherwiseNote } from '../../parts/otherwise-note';
import { namedOptions, orNone } from '../../ui/options';

/** A card's least width, its height with the gap below, and the width below which one column is enough; pixels. */
const CARD = { wide: 250, high: 252, alone: 720 } as const;

/** Everything that was drawn in this session, so that coming back draws nothing twice. */
const drawn = new Map<string, Seen>();

@Component({
  selector: 'hop-patterns',
  imports: [
    CdkFixedSizeVirtualScroll,
    CdkVirtualForOf,
    CdkVirtualScrollViewport,
    Choice,
    FileBox,
    Head,
    MatButton,
    OtherwiseNote,
    RouterLink,
    Thumb,
  ],
  templateUrl: './patterns.html',
  styleUrl: './patterns.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Patterns {
  private readonly store = inject(Store);
  private readonly asking = inject(Studies);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly families = orNone(words.steps.families, namedOptions(FAMILIES, words.steps.families_));
  protected readonly sportOptions = computed(() =>
    orNone(
      this.text.allSports,
      this.sports().map((value) => ({ value, label: value })),
    ),
  );
  protected readonly fresh = newId();
  protected readonly find = signal('');
  protected readonly sport = signal<string | null>(null);
  protected readonly family = signal<Family | null>(null);
  protected readonly said = signal<readonly string[]>([]);
  protected readonly status = this.store.selectSignal(patterns.selectStatus);
  private readonly all = this.store.selectSignal(patterns.selectHere);
  /** Grows with each drawing that arrives. */
  private readonly arrived = signal(0);
  private readonly width = signal(1000);
  private readonly viewport = viewChild(CdkVirtualScrollViewport, { read: ElementRef<HTMLElement> });
  protected readonly high = CARD.high;
  protected readonly columns = computed(() => (this.width() < CARD.alone ? 1 : Math.max(1, Math.floor(this.width() / CARD.wide))));
  protected readonly sports = computed(() =>
    [...new Set(this.all().map((pattern) => pattern.sport))].filter((sport) => sport !== '').sort(),
  );
  protected readonly found = computed(() => {
    const words = this.find().trim().toLocaleLowerCase().split(/\s+/);
    const family = this.family();
    return this.all().filter((pattern) => {
      if (this.sport() !== null && pattern.sport !== this.sport()) return false;
      if (family !== null && !familiesOf(pattern).has(family)) return false;
      const said = `${pattern.name} ${pattern.sport} ${pattern.tags.join(' ')} ${pattern.steps}`.toLocaleLowerCase();
      return words.every((word) => said.includes(word));
    });
  });
  /** Rows of the grid; a card looks up its own drawing, so that one that arrives does not lay out the others anew. */
  protected readonly rows = computed(() => {
    const columns = this.columns();
    const found = this.found();
    return Array.from({ length: Math.ceil(found.length / columns) }, (_, i) => found.slice(i * columns, (i + 1) * columns));
  });
  protected readonly progress = computed(() => {
    this.arrived();
    const all = this.all();
    const done = all.filter((pattern) => drawn.has(keyOf(pattern))).length;
    return done < all.length ? this.text.drawn(done, all.length) : '';
  });

  constructor() {
    this.club.load();
    effect(() => {
      // What is in sight is drawn first: the found ones before the rest.
      const found = this.found();
      const all = this.all();
      untracked(() => this.draw([...found, ...all]));
    });
    effect((cleanup) => {
      const element = this.viewport()?.nativeElement as HTMLElement | undefined;
      if (!element) return;
      const size = new ResizeObserver(([entry]) => entry && entry.contentRect.width > 0 && this.width.set(entry.contentRect.width));
      size.observe(element);
      cleanup(() => size.disconnect());
    });
    inject(DestroyRef).onDestroy(() => this.waiting.clear());
  }

  /** A row stays the same row whatever stands in it, so that nothing is drawn anew under a finger. */
  protected readonly place = (at: number): number => at;

  protected load(): void {
    this.store.dispatch(patterns.actions.load());
  }

  protected seenOf(pattern: Pattern): Seen | null {
    this.arrived();
    return drawn.get(keyOf(pattern)) ?? null;
  }

  protected together(pattern: Pattern, seen: Seen): string {
    return pattern.dose ? clockText(totalsOfRounds(pattern.dose, seen.seconds).total) : '';
  }

  /** Reads a file of patterns and adds them; what could not be read is said with its place. */
  protected async import(file: File): Promise<void> {
    const { drafts, wrong } = await readPatterns(await file.text());
    this.add(drafts);
    this.said.set([drafts.length === 0 ? this.text.importNothing : this.text.imported(drafts.length), ...wrong.slice(0, 20)]);
  }

  protected export(): void {
    saveFile(asText(this.found().map((pattern) => draftOf(pattern))), 'patterns.txt');
  }

  private add(drafts: readonly Draft[]): void {
    for (const draft of drafts) this.store.dispatch(patterns.actions.save({ ...draft, id: newId(), version: 0 }));
  }

  /** Patterns that the worker has been asked for. */
  private readonly waiting = new Set<string>();
  private frame = 0;

  private draw(patterns: readonly Pattern[]): void {
    const { stances, moves: own } = this.club.teaching();
    for (const pattern of patterns) {
      const key = keyOf(pattern);
      if (drawn.has(key) || this.waiting.has(key)) continue;
      this.waiting.add(key);
      const asked = { ...pattern, text: pattern.steps, performer: performance(pattern, null, { own: stances }).performer, own };
      void this.asking
        .ask('thumbnail', asked)
        .then((seen) => drawn.set(key, seen))
        .catch(() => undefined)
        .then(() => this.tell(key));
    }
  }

  /** Drawings arrive faster than a screen is painted: told once a frame. */
  private tell(key: string): void {
    this.waiting.delete(key);
    if (this.frame !== 0) return;
    this.frame = requestAnimationFrame(() => {
      this.frame = 0;
      this.arrived.update((n) => n + 1);
    });
  }
}

const keyOf = (pattern: Pattern): string => `${pattern.id}:${pattern.version}`;

/** Kinds of moves in a text, by its words: enough for finding, without reading it. */
function familiesOf(pattern: Pattern): Set<Family> {
  const text = pattern.steps.toLowerCase();
  return new Set(MOVE_WORDS.filter((word) => text.includes(word)).map((word) => ruleOf(word).family));
}
