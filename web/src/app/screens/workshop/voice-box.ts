import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { RECORDED_LIMITS, RECORDED_RATE } from '@hopsk/contract/recorded-words';
import { cuesOf } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import type { SessionAsk } from '../../compute/session';
import { Studies } from '../../compute/studies';
import { troubleOf } from '../../data/problem';
import { RecordedStore } from '../../data/recorded-words';
import { encoded } from '../../ports/adpcm';
import { heardAs } from '../../ports/clip-book';
import { phraseOf } from '../../ports/clip-words';
import { Clips } from '../../ports/clips';
import { record, type Recording } from '../../ports/microphone';
import { Sounds } from '../../ports/sounds';
import { once } from '../../ui/once';

/** What a session says that has no clip, and what the club has in its own voice: recorded once, kept with the club. */
@Component({
  selector: 'hop-voice-box',
  imports: [MatButton],
  template: `
    <h2 id="voice">{{ text.voiceTitle }}</h2>
    @if (under(); as now) {
      <p class="now" role="alert">
        <strong>{{ text.voiceNow(now.word) }}</strong>
        <button mat-flat-button (click)="now.recording.stop()">{{ text.voiceStop }}</button>
      </p>
    } @else if (said() !== '') {
      <p class="now" role="status">{{ said() }}</p>
    }
    @if (failed()) {
      <p class="wrong" role="alert">{{ common.stopped }}</p>
    } @else if (lacking(); as lacking) {
      <p>{{ lacking.length > 0 ? text.voiceSays : text.voiceNone }}</p>
      <ul>
        @for (word of lacking; track word) {
          <li>
            <bdi translate="no">{{ word }}</bdi>
            @if (word.length > most) {
              <span class="muted">{{ text.voiceLong(most) }}</span>
            } @else {
              <button mat-stroked-button [disabled]="under() !== null" [attr.aria-label]="text.voiceRecord(word)" (click)="say(word)">
                {{ text.voiceDo.record }}
              </button>
            }
          </li>
        }
      </ul>
    } @else {
      <p role="status">{{ common.loading }}</p>
    }
    @if (recorded.words().length > 0) {
      <h3>{{ text.voiceOurs }}</h3>
      <ul>
        @for (one of recorded.words(); track one.word) {
          <li>
            <bdi translate="no">{{ one.word }}</bdi>
            <button mat-button [attr.aria-label]="text.voiceHear(one.word)" (click)="hear(one)">{{ text.voiceDo.hear }}</button>
            <button mat-button [disabled]="under() !== null" [attr.aria-label]="text.voiceAgain(one.word)" (click)="say(one.word)">
              {{ text.voiceDo.again }}
            </button>
            <button mat-button [attr.aria-label]="text.voiceTake(one.word)" (click)="take(one.word)">{{ text.voiceDo.take }}</button>
          </li>
        }
      </ul>
    }
    <div class="keys">
      <button mat-stroked-button (click)="self.close()">{{ common.close }}</button>
    </div>
  `,
  styles: `
    :host {
      display: grid;
      gap: 12px;
      padding: 16px;
    }
    h2,
    h3,
    p {
      margin: 0;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li {
      display: flex;
      align-items: center;
      gap: 8px;
      padding: 4px 0;
      border-bottom: 1px solid var(--rule);
    }
    bdi {
      flex: 1 1 auto;
      font-weight: 700;
    }
    /* In sight wherever in a long list the press was. */
    .now {
      position: sticky;
      top: 0;
      padding: 10px 0;
      z-index: 1;
      background: var(--paper);
      border-bottom: 2px solid var(--accent);
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      justify-content: space-between;
      gap: 12px;
      font-size: 20px;
    }
    .wrong {
      color: var(--wrong);
    }
    .keys {
      display: flex;
      justify-content: flex-end;
    }
    button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class VoiceBox {
  protected readonly self = inject<MatDialogRef<VoiceBox, void>>(MatDialogRef);
  private readonly asked = inject<SessionAsk>(MAT_DIALOG_DATA);
  private readonly asking = inject(Studies);
  private readonly clips = inject(Clips);
  private readonly sounds = inject(Sounds);
  protected readonly recorded = inject(RecordedStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly most = RECORDED_LIMITS.letters;
  protected readonly failed = signal(false);
  protected readonly said = signal('');
  /** What is being recorded. */
  protected readonly under = signal<{ readonly word: string; readonly recording: Recording } | null>(null);
  /** What the session says; null until it is known. */
  private readonly says = signal<readonly string[] | null>(null);
  protected readonly lacking = computed(() => {
    const ours = new Set(this.recorded.words().map(({ word }) => word));
    const all = this.says()?.filter((say) => this.clips.lacks(say).length > 0);
    return all ? [...new Set(all.map(phraseOf))].filter((phrase) => !ours.has(phrase)).sort() : null;
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.under()?.recording.stop());
    void this.recorded.load();
    effect(() => this.clips.have(this.recorded.words()));
    Promise.all([this.asking.ask('sessionPlan', this.asked), this.clips.load()]).then(
      ([plan]) => this.says.set([...new Set(cuesOf(plan).map(({ say }) => say))]),
      () => this.failed.set(true),
    );
  }

  protected readonly say = once(async (word: string) => {
    this.sounds.wake();
    this.said.set('');
    const recording = await record(RECORDED_LIMITS.seconds, RECORDED_RATE);
    if (typeof recording === 'string') return this.said.set(this.text.voiceFailed[recording]);
    this.under.set({ word, recording });
    const heard = await recording.done;
    this.under.set(null);
    if (typeof heard === 'string') return this.said.set(this.text.voiceFailed[heard]);
    const one = { word, samples: heard.length, sound: btoa(String.fromCharCode(...encoded(heard))) };
    this.hear(one);
    await this.tried(() => this.recorded.keep(one), this.text.voiceKept(word));
  });

  protected hear(one: { readonly samples: number; readonly sound: string }): void {
    this.sounds.wake();
    this.sounds.hear({ rate: RECORDED_RATE, samples: heardAs(one) });
  }

  protected readonly take = once((word: string) => this.tried(() => this.recorded.end(word), this.text.voiceTaken(word)));

  private async tried(does: () => Promise<void>, done: string): Promise<void> {
    try {
      await does();
      this.said.set(done);
    } catch (error) {
      this.said.set(troubleOf(error).message);
    }
  }
}
