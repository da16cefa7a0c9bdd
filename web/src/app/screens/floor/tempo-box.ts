import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { tapped } from '@hopsk/core/evidence/tapped';
import { BEAT_SECONDS, TEMPO_KEEPS, TEMPO_SAYS, TEMPO_TONES, type InTempo } from '@hopsk/core/plan/in-tempo';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { Either } from '../../ui/either';
import { namedOptions } from '../../ui/options';
import { asTyped, numbers } from '../../ui/reads';

/** What a tempo is set for. */
export interface TempoOf {
  /** Whether there are repetitions, which can stay as many; otherwise only the time can. */
  readonly repeats: boolean;
  readonly keeps: InTempo['keeps'];
}

/** A tempo, and when its last tap was (ms of the page); null: it was typed. */
export interface TempoSet {
  readonly tempo: InTempo;
  readonly tap: number | null;
}

/** Four taps are three intervals. */
const INTERVALS = 3;
/** A break longer than this (ms) begins anew. */
const ANEW = BEAT_SECONDS[1] * 1000;
/** More taps than these nobody needs. */
const MOST_TAPS = 16;
/** Words in a row, and characters of them. */
const [MOST_WORDS, MOST_TYPED] = [12, 200] as const;

const listed = (typed: string): string[] =>
  typed
    .split(/[,;]/)
    .map((word) => word.trim())
    .filter((word) => word !== '')
    .slice(0, MOST_WORDS);

/** A tempo is tapped, or typed, and what is heard in it is chosen. */
@Component({
  selector: 'hop-tempo-box',
  imports: [Box, Either, MatButton],
  template: `
    <h2 id="tempo">{{ text.tempo }}</h2>
    <button
      type="button"
      class="plain pad"
      data-many
      (pointerdown)="tap($event)"
      (keydown.enter)="tap($event)"
      (keydown.space)="tap($event)"
    >
      <strong>{{ text.tempoTap }}</strong>
      <span class="num" role="status">{{ heard() }}</span>
    </button>
    <hop-box [label]="text.tempoBeat" [reads]="reads" [value]="beat() ?? 0" (taken)="type($event)" />
    <hop-box [label]="text.tempoBeats" [hint]="text.tempoBeatsHint" [reads]="words" [value]="beats()" live (taken)="beats.set($event)" />
    @if (named().length === 0) {
      <div>
        <span class="label" aria-hidden="true">{{ text.tempoSays }}</span><hop-either
          [label]="text.tempoSays"
          [options]="says"
          [value]="say()"
          (taken)="say.set($event)"
        />
      </div>
      @if (say() === 'words') {
        <hop-box
          [label]="text.tempoWords"
          [hint]="text.tempoWordsHint"
          [reads]="words"
          [value]="inTurn()"
          live
          (taken)="inTurn.set($event)"
        />
      }
    }
    <div>
      <span class="label" aria-hidden="true">{{ text.tempoTones }}</span><hop-either
        [label]="text.tempoTones"
        [options]="tones"
        [value]="tone()"
        (taken)="tone.set($event)"
      />
    </div>
    @if (of.repeats) {
      <div>
        <span class="label" aria-hidden="true">{{ text.tempoKeeps }}</span><hop-either
          [label]="text.tempoKeeps"
          [options]="keeps"
          [value]="keep()"
          (taken)="keep.set($event)"
        />
      </div>
    }
    <div class="keys">
      <button mat-button (click)="self.close(null)">{{ common.notNow }}</button>
      <button mat-flat-button [disabled]="beat() === null || silent()" (click)="set()">{{ text.toComeKeep }}</button>
    </div>
  `,
  styles: `
    :host {
      display: grid;
      gap: 14px;
      padding: 16px;
    }
    h2 {
      margin: 0;
    }
    .pad {
      display: grid;
      gap: 4px;
      place-content: center;
      justify-items: center;
      min-height: 128px;
      border: 2px solid var(--ink);
      border-radius: 12px;
      font: 600 22px var(--label);
      touch-action: manipulation;
      user-select: none;
    }
    .pad:active {
      background: var(--ink);
      color: var(--ground);
    }
    .label {
      display: block;
      margin-bottom: 4px;
      font: 500 15px var(--label);
    }
    .keys {
      display: flex;
      flex-wrap: wrap;
      justify-content: flex-end;
      gap: 8px;
    }
    .keys button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TempoBox {
  protected readonly self = inject<MatDialogRef<TempoBox, TempoSet | null>>(MatDialogRef);
  protected readonly of = inject<TempoOf>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly reads = numbers({ low: BEAT_SECONDS[0], high: BEAT_SECONDS[1], step: 0.05, unit: 's' });
  protected readonly words = asTyped(MOST_TYPED);
  protected readonly says = namedOptions(TEMPO_SAYS, words.run.tempoSay);
  protected readonly tones = namedOptions(TEMPO_TONES, words.run.tempoTone);
  protected readonly keeps = namedOptions(TEMPO_KEEPS, words.run.tempoKeep);
  protected readonly beats = signal('');
  protected readonly inTurn = signal('');
  protected readonly say = signal<InTempo['says']>('numbers');
  protected readonly tone = signal<InTempo['tones']>('one');
  protected readonly keep = signal<InTempo['keeps']>(this.of.keeps);
  protected readonly named = computed(() => listed(this.beats()));
  /** Words are to be said, and none were typed. */
  protected readonly silent = computed(() => this.named().length === 0 && this.say() === 'words' && listed(this.inTurn()).length === 0);
  private readonly taps = signal<readonly number[]>([]);
  private readonly typed = signal<number | null>(null);
  private readonly bySteps = computed(() => tapped(this.taps(), true, INTERVALS));
  /** Seconds of a beat; null: not yet known, or nobody goes so fast or so slowly. */
  protected readonly beat = computed(() => {
    const seconds = this.typed() ?? this.bySteps()?.seconds ?? 0;
    return seconds >= BEAT_SECONDS[0] && seconds <= BEAT_SECONDS[1] ? Math.round(seconds * 1000) / 1000 : null;
  });
  protected readonly heard = computed(() => {
    const beat = this.beat();
    return beat === null ? this.text.tempoFew(this.taps().length) : this.text.tempoIs(beat, Math.round(60 / beat));
  });

  /** When the finger or the key came down, not when the page got round to it. */
  protected tap(event: Event): void {
    event.preventDefault();
    if (event instanceof KeyboardEvent && event.repeat) return;
    this.typed.set(null);
    this.taps.update((taps) => [...(event.timeStamp - (taps.at(-1) ?? 0) > ANEW ? [] : taps), event.timeStamp].slice(-MOST_TAPS));
  }

  protected type(seconds: number): void {
    this.typed.set(seconds);
    this.taps.set([]);
  }

  protected set(): void {
    const beat = this.beat();
    if (beat === null) return;
    const tempo = { beat, beats: this.named(), says: this.say(), words: listed(this.inTurn()), tones: this.tone(), keeps: this.keep() };
    this.self.close({ tempo: this.of.repeats ? tempo : { ...tempo, keeps: 'time' }, tap: this.taps().at(-1) ?? null });
  }
}
