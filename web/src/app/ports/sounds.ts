import { Injectable, signal } from '@angular/core';
import type { Beep } from '@hopsk/core/log/beeps';

const PITCH: Readonly<Record<Beep['sound'], number>> = { tick: 660, work: 990, rest: 495, end: 880, chime: 1320, beat: 440 };
const LENGTH: Readonly<Record<Beep['sound'], number>> = { tick: 0.09, work: 0.5, rest: 0.5, end: 1, chime: 0.2, beat: 0.06 };
/** Beeps are put on the audio clock this far ahead; a slowed timer in a hidden tab still comes round in time. */
const AHEAD = 90;
/** Further than this (s) from its moment a beep that waits is put anew: the run's time was put right, or the audio clock goes otherwise. */
const OFF = 0.05;

/** A beep on the audio clock: its second of the plan, and when that is there. */
interface Planned extends Beep {
  readonly start: number;
  readonly oscillator: OscillatorNode;
}

/** Plays the clock's beeps on the audio clock, so that they fall on time whatever the page is doing. */
@Injectable({ providedIn: 'root' })
export class Sounds {
  private context: AudioContext | null = null;
  /** Whether it sounds: after a reload the browser wants a tap first, and a call on the phone takes the sound away. */
  readonly ready = signal(false);
  private planned: Planned[] = [];

  /** To be called from a tap: browsers let sound begin only then. */
  wake(): void {
    try {
      const context = (this.context ??= this.made());
      void context.resume().then(
        () => this.ready.set(context.state === 'running'),
        () => undefined,
      );
    } catch {
      this.context = null;
    }
  }

  private made(): AudioContext {
    const context = new AudioContext();
    context.onstatechange = () => {
      const sounds = context.state === 'running';
      // The audio clock stood while nothing sounded: what was on it would come late.
      if (!sounds) this.silence();
      this.ready.set(sounds);
    };
    return context;
  }

  /** Puts the coming beeps on the audio clock; `t` is the plan's second now. Called again it fills up what is missing, and moves what lies wrong. */
  plan(beeps: readonly Beep[], t: number): void {
    const context = this.context;
    if (context?.state !== 'running') return;
    const now = context.currentTime;
    this.takeBack(({ at, start }) => start > now && Math.abs(start - now - (at - t)) > OFF);
    const known = new Set(this.planned.map((one) => `${one.at} ${one.sound}`));
    for (const beep of beeps) {
      const wait = beep.at - t;
      if (wait < 0.01 || wait > AHEAD || known.has(`${beep.at} ${beep.sound}`)) continue;
      const start = now + wait;
      const oscillator = context.createOscillator();
      const gain = context.createGain();
      oscillator.frequency.value = PITCH[beep.sound];
      gain.gain.setValueAtTime(0.0001, start);
      gain.gain.exponentialRampToValueAtTime(0.5, start + 0.01);
      gain.gain.setValueAtTime(0.5, start + LENGTH[beep.sound] - 0.04);
      gain.gain.exponentialRampToValueAtTime(0.0001, start + LENGTH[beep.sound]);
      oscillator.connect(gain).connect(context.destination);
      oscillator.start(start);
      oscillator.stop(start + LENGTH[beep.sound]);
      const entry = { at: beep.at, sound: beep.sound, start, oscillator };
      oscillator.onended = () => (this.planned = this.planned.filter((one) => one !== entry));
      this.planned.push(entry);
    }
  }

  /** Takes all coming beeps back: a pause, a skip, the end. What sounds already may finish, the last tone above all. */
  silence(): void {
    const now = this.context?.currentTime ?? 0;
    this.takeBack(({ start }) => start > now);
    this.planned = [];
  }

  private takeBack(which: (one: Planned) => boolean): void {
    for (const { oscillator } of this.planned.filter(which)) oscillator.stop();
    this.planned = this.planned.filter((one) => !which(one));
  }
}
