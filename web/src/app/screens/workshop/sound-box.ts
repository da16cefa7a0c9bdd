import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { LONGEST_SOUND, soundSeconds } from '@hopsk/core/log/sound-size';
import { clockText } from '@hopsk/core/plan/clock-text';
import { isSession, stretchesOfPlan, type RunPlan } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import type { SessionAsk } from '../../compute/session';
import { bytesAs, soundKinds, WAV, type SoundKind } from '../../compute/sound-kinds';
import { SoundMaking } from '../../compute/sound-making';
import { Studies } from '../../compute/studies';
import { RecordedStore } from '../../data/recorded-words';
import { fileName, saveFile } from '../../drawing/export';
import { Either } from '../../ui/either';
import { once } from '../../ui/once';

/** A session that is wanted as sound. */
export interface Sounding {
  readonly name: string;
  readonly asked: SessionAsk;
}

/** The session as a sound file: how long and how large it will be, how far it is, and what could not be said in it. */
@Component({
  selector: 'hop-sound-box',
  imports: [Either, MatButton],
  template: `
    <h2 id="sound">{{ text.soundTitle }}</h2>
    @if (refused(); as why) {
      <p class="wrong" role="alert">{{ why }}</p>
    } @else if (size(); as size) {
      <p>{{ text.soundSays(size.long) }}</p>
      <hop-either [label]="text.soundAs" [options]="size.kinds" [value]="ending()" (taken)="ending.set($event)" />
    }
    @if (making.part(); as part) {
      <progress [value]="part" max="1" [attr.aria-label]="text.soundTitle"></progress>
    }
    @if (said() !== '') {
      <p role="status">{{ said() }}</p>
    }
    <div class="keys">
      @if (making.part() !== null) {
        <button mat-stroked-button (click)="making.stop()">{{ text.soundStop }}</button>
      } @else {
        <button mat-stroked-button (click)="self.close()">{{ common.close }}</button>
        <button mat-flat-button [disabled]="refused() !== '' || size() === null" (click)="make()">{{ text.soundMake }}</button>
      }
    </div>
  `,
  styles: `
    :host {
      display: grid;
      gap: 12px;
      padding: 16px;
    }
    h2,
    p {
      margin: 0;
    }
    progress {
      width: 100%;
      height: 12px;
      accent-color: var(--accent);
    }
    .wrong {
      color: var(--wrong);
    }
    .keys {
      display: flex;
      justify-content: flex-end;
      gap: 8px;
    }
    button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SoundBox {
  protected readonly self = inject<MatDialogRef<SoundBox, void>>(MatDialogRef);
  private readonly of = inject<Sounding>(MAT_DIALOG_DATA);
  private readonly asking = inject(Studies);
  private readonly recorded = inject(RecordedStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly making = new SoundMaking();
  private readonly plan = signal<RunPlan | null>(null);
  private readonly kinds = signal<readonly SoundKind[]>([WAV]);
  protected readonly ending = signal<SoundKind['ending']>('wav');
  private readonly failed = signal(false);
  protected readonly said = signal('');
  private readonly total = computed(() => stretchesOfPlan(this.plan() ?? { dose: NO_DOSE, rep: null }).at(-1)?.end ?? 0);
  protected readonly size = computed(() =>
    this.plan()
      ? {
          long: clockText(soundSeconds(this.total())),
          kinds: this.kinds().map((kind) => ({
            value: kind.ending,
            label: this.text.soundKind(kind.ending, (bytesAs(kind, this.total()) / 1e6).toFixed(1), kind.codec !== null),
          })),
        }
      : null,
  );
  /** Why it cannot be made: nobody knows how long open work takes. */
  protected readonly refused = computed(() => {
    const plan = this.plan();
    if (this.failed()) return words.common.stopped;
    if (!plan || !isSession(plan)) return '';
    const open = [...new Set(plan.phases.filter((one) => one.open).map((one) => plan.exercises[one.exercise]?.name ?? ''))];
    if (open.length > 0) return this.text.soundOpen(...named(open));
    return this.total() > LONGEST_SOUND ? this.text.soundLong : '';
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.making.stop());
    void this.recorded.load();
    void soundKinds().then((kinds) => this.kinds.set(kinds));
    this.asking.ask('sessionPlan', this.of.asked).then(
      (plan) => this.plan.set(plan),
      () => this.failed.set(true),
    );
  }

  protected readonly make = once(async () => {
    const plan = this.plan();
    const kind = this.kinds().find(({ ending }) => ending === this.ending()) ?? WAV;
    if (!plan) return;
    this.said.set('');
    const made = await this.making.make(plan, kind, this.recorded.words());
    if (made === 'stopped') return this.said.set(this.text.soundStopped);
    if (made === 'full') return this.said.set(this.text.soundFull);
    if (made === 'fault') return this.said.set(words.common.stopped);
    saveFile(made.file, fileName(this.of.name, kind.ending));
    this.said.set(made.unsaid.length > 0 ? this.text.soundUnsaid(...named(made.unsaid)) : this.text.soundDone);
  });
}

/** More than these nobody reads. */
const MOST_NAMED = 5;
/** The first of them, and how many there are besides. */
const named = (all: readonly string[]): [string, number] => [
  all
    .slice(0, MOST_NAMED)
    .map((one) => `‘${one}’`)
    .join(', '),
  Math.max(0, all.length - MOST_NAMED),
];
const NO_DOSE = { mode: 'seconds', work: 1, rounds: 1, sets: 1, rest: null, setRest: null } as const;
