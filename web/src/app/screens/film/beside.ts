import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { within } from '@hopsk/core/film/difference';
import { words } from '@hopsk/words/words';
import { Clips } from '../../data/clips';
import { Choice } from '../../ui/choice';
import { orNone } from '../../ui/options';
import { Table } from '../../ui/table';
import { BesideDesk, MOST_BESIDE } from './beside-desk';
import { FilmSport } from './film-sport';
import { FilmLots } from './lots';
import { FilmDesk } from './desk';

const ms = (seconds: number): number => Math.round(seconds * 1000);

/** Which attempts lie beside each other, at which mark they are joined, and how their times differ. */
@Component({
  selector: 'hop-film-beside',
  imports: [Choice, FilmLots, Table],
  template: `
    <h2>{{ text.besideTitle }}</h2>
    @if (beside.said()) {
      <p class="said beware" role="alert">{{ beside.said() }}</p>
    }
    @if (beside.columns().length < most && more().length > 1) {
      <hop-choice [label]="text.putBeside" [options]="more()" [value]="null" (taken)="add($event)" />
    }
    @if (clips().length > 1) {
      <hop-choice [label]="text.otherClip" [options]="clips()" [value]="null" (taken)="fetch($event)" />
      <p class="muted">{{ text.otherClipSays }}</p>
    }
    @if (beside.columns().length < 2) {
      <p class="muted" role="status">{{ text.besideFirst }}</p>
    } @else if (beside.joint(); as joint) {
      <hop-choice [label]="text.joinedAt" [options]="joints()" [value]="joint" (taken)="beside.joint.set($event)" />
      @if (rows().length > 0) {
        <hop-table [label]="text.besideTitle" [heads]="heads()" [rows]="rows()" />
        <p class="muted">{{ text.besideSays }}</p>
      }
    } @else {
      <p class="said beware" role="status">{{ text.noSharedMark }}</p>
    }
    <hop-film-lots />
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmBeside {
  private readonly desk = inject(FilmDesk);
  private readonly kept = inject(Clips);
  private readonly sport = inject(FilmSport);
  protected readonly beside = inject(BesideDesk);
  protected readonly text = words.film;
  protected readonly most = MOST_BESIDE;
  protected readonly more = computed(() => {
    const there = new Set(this.beside.columns().map(({ key }) => key));
    return orNone(
      this.text.chooseAttempt,
      this.beside.choices().filter(({ value }) => !there.has(value)),
    );
  });
  /** Clips of the same athlete first. */
  protected readonly clips = computed(() => {
    const { athlete } = this.desk.work();
    const rank = (who: string | null): number => (who !== null && who === athlete ? 0 : 1);
    const others = this.beside.kept().filter(({ id }) => id !== this.desk.keptAs);
    return orNone(
      this.text.chooseClip,
      [...others].sort((a, b) => rank(a.athlete) - rank(b.athlete)).map((clip) => ({ value: clip.id, label: clip.name })),
    );
  });
  protected readonly joints = computed(() => this.beside.marks().map((value) => ({ value, label: this.sport.label(value) })));
  protected readonly heads = computed(() => ['', ...this.beside.columns().map(({ name }) => name)]);
  protected readonly rows = computed(() =>
    this.beside.times().map(({ time, each }) => [
      this.text.times[time],
      ...each.map((one) => {
        if (!one) return '–';
        const took = this.text.took(ms(one.took.seconds), ms(within(one.took)));
        if (!one.longer) return took;
        return `${took}; ${one.longer.told ? this.text.longerBy(ms(one.longer.by)) : this.text.notTold}`;
      }),
    ]),
  );

  constructor() {
    void this.kept.load();
    this.beside.begin();
  }

  protected add(key: string | null): void {
    if (key !== null) void this.beside.add(key);
  }

  protected fetch(id: string | null): void {
    const clip = this.beside.kept().find((one) => one.id === id);
    if (clip) void this.beside.fetch(clip);
  }
}
