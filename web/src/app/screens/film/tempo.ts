import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Athlete } from '@hopsk/contract/people';
import type { TimeName } from '@hopsk/core/film/times';
import { secondsRange } from '@hopsk/core/motion/own-times';
import { TEMPO_KINDS, type TempoKind } from '@hopsk/core/motion/tempo-kinds';
import { words } from '@hopsk/words/words';
import { people } from '../../data/records';
import { Choice } from '../../ui/choice';
import { orNone } from '../../ui/options';
import { FilmTimings } from './film-times';

/** Of which kind of move a time usually is. */
const USUAL: Readonly<Partial<Record<TimeName, TempoKind>>> = { step: 'lunge', 'way-back': 'recover' };

/** A measured time as an athlete's own for moves of a kind. */
@Component({
  selector: 'hop-film-tempo',
  imports: [Choice, MatButton],
  template: `
    <h3>{{ text.tempoTitle }}</h3>
    <p class="muted">{{ text.tempoSays }}</p>
    <div class="row">
      <hop-choice [label]="text.whichTime" [options]="times()" [value]="time()" (taken)="time.set($event)" />
      <hop-choice [label]="text.kindOfMove" [options]="kinds" [value]="kind()" (taken)="kind.set($event)" />
      <button mat-stroked-button [disabled]="!chosen() || !kind()" (click)="take()">{{ text.takeTempo }}</button>
    </div>
    @if (said()) {
      <p role="status">{{ said() }}</p>
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmTempo {
  readonly who = input.required<Athlete>();
  readonly day = input.required<string>();
  private readonly store = inject(Store);
  private readonly timings = inject(FilmTimings);
  protected readonly text = words.film;
  protected readonly time = signal<TimeName | null>(null);
  protected readonly kind = linkedSignal((): TempoKind | null => USUAL[this.time() ?? 'split'] ?? null);
  /** Said of one choice alone: a save of the athlete leaves it. */
  private readonly choice = computed(() => `${this.who().id} ${this.time()} ${this.kind()}`);
  protected readonly said = linkedSignal({ source: this.choice, computation: () => '' });
  protected readonly times = computed(() =>
    orNone(
      this.text.chooseTime,
      this.timings
        .times()
        .over.map(({ time, mean, n }) => ({ value: time, label: this.text.timeOf(this.text.times[time], Math.round(mean * 1000), n) })),
    ),
  );
  protected readonly kinds = orNone<TempoKind>(
    words.film.chooseKind,
    TEMPO_KINDS.map((value) => ({ value, label: words.tempo.kinds[value] })),
  );
  protected readonly chosen = computed(() => this.timings.times().over.find(({ time }) => time === this.time()) ?? null);

  protected take(): void {
    const [over, kind, who] = [this.chosen(), this.kind(), this.who()];
    if (!over || !kind) return;
    const [low, high] = secondsRange(kind);
    if (over.mean < low || over.mean > high) return this.said.set(this.text.noTempo(low.toFixed(2), high.toFixed(2)));
    const seconds = Math.round(over.mean * 1000) / 1000;
    const spread = over.sd === null ? null : Math.round(over.sd * 1000) / 1000;
    const tempo = { ...who.tempo, [kind]: { seconds, spread, n: over.n, from: 'film' as const, day: this.day() } };
    this.store.dispatch(people.actions.save({ ...who, tempo }));
    this.said.set(this.text.tookTempo(words.tempo.kinds[kind], seconds.toFixed(2), who.name));
  }
}
