import { DestroyRef, effect, inject, untracked, type Signal } from '@angular/core';
import { beepsOf } from '@hopsk/core/log/beeps';
import type { SessionLook } from '../../compute/session';
import { due } from '../../parts/cues';
import { Player } from '../../parts/player';
import { Sounds } from '../../ports/sounds';
import { Speech } from '../../ports/speech';

/** A session played through: a moment to be moved, and what is said and sounded while it plays at its own speed. */
export class Listening extends Player {
  private readonly sounds = inject(Sounds);
  private readonly speech = inject(Speech);
  private heard = 0;

  constructor(
    private readonly look: Signal<SessionLook | null>,
    total: Signal<number>,
  ) {
    super(total);
    effect(() => {
      const t = this.t();
      untracked(() => this.hear(t));
    });
    inject(DestroyRef).onDestroy(() => this.hush());
  }

  override toggle(): void {
    // Sound may only begin with a press; this is the one.
    this.sounds.wake();
    this.heard = this.t();
    super.toggle();
    if (!this.playing()) this.hush();
  }

  override seek(t: number): void {
    this.sounds.silence();
    this.heard = t;
    super.seek(t);
  }

  private hear(t: number): void {
    const look = this.look();
    const before = this.heard;
    this.heard = t;
    if (!look || !this.playing() || this.speed() !== 1) return;
    this.sounds.plan(beepsOf(look.stretches), t, look.cues);
    for (const cue of due(look.cues, before, t)) if (!this.sounds.says(cue.say)) this.speech.say(cue.say);
  }

  private hush(): void {
    this.sounds.silence();
    this.speech.hush();
  }
}
