import { inject, Injectable, Injector, signal } from '@angular/core';
import type { Beep } from '@hopsk/core/log/beeps';
import { heardOf, TONE_AGAIN, TONE_EDGES, TONE_LOUD, TONES, type Heard, type Saying } from '@hopsk/core/log/heard';
import type { ClipBook, RecordedSound, Spoken } from './clip-book';
import { HandOver, type Due, type Output } from './hand-over';

interface Sounding extends Due {
  readonly heard: Heard;
}

/** Plays the clock's beeps and its words on the audio clock, so that they fall on time whatever the page is doing. */
@Injectable({ providedIn: 'root' })
export class Sounds {
  private readonly injector = inject(Injector);
  /** Words as clips: fetched when something first sounds; null until they are here. */
  private clips: ClipBook | null = null;
  private recorded: readonly RecordedSound[] = [];
  private context: AudioContext | null = null;
  private loudness: GainNode | null = null;
  /** Whether it sounds: after a reload the browser wants a tap first, and a call on the phone takes the sound away. */
  readonly ready = signal(false);
  /** How loud, 0…1; at 0 nothing is heard. */
  readonly volume = signal(1);
  private readonly handed = new HandOver<Sounding, readonly AudioScheduledSourceNode[]>(this.output());

  /** To be called from a tap: browsers let sound begin only then. */
  wake(): void {
    // Where they cannot be had, the device’s own voice speaks.
    void this.fetchWords().catch(() => undefined);
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

  /** Whether words are said as clips, at their very second. */
  says(words: string): boolean {
    return this.ready() && this.spoken(words) !== null;
  }

  /** Words in somebody's own voice, which are said as clips then. */
  have(recorded: readonly RecordedSound[]): void {
    this.recorded = recorded;
    this.clips?.have(recorded);
  }

  /** Puts the coming beeps and words on the audio clock; `t` is the plan's second now. Called again it fills up what is missing, and moves what lies wrong. */
  plan(beeps: readonly Beep[], t: number, words: readonly Saying[] = []): void {
    const heard = heardOf(beeps, words, (say) => this.spoken(say) !== null);
    this.handed.plan(
      heard.map((one): Sounding => ({ at: one.at, key: 'tone' in one ? one.tone : `“${one.say}”`, heard: one })),
      t,
    );
  }

  /** Takes all that comes back: a pause, a skip, the end. What sounds already may finish, the last tone above all. */
  silence(): void {
    this.handed.takeBack();
  }

  /** A tone now, to hear how loud it is. */
  try(): void {
    if (this.context?.state === 'running') this.tones('work', this.context.currentTime + 0.02);
  }

  /** Says something now, in place of nothing. */
  hear(spoken: Spoken): void {
    if (this.context?.state === 'running') this.words(spoken, this.context.currentTime + 0.02);
  }

  /** From 0 to 1. */
  turnTo(volume: number): void {
    this.volume.set(volume);
    this.loudness?.gain.setValueAtTime(volume, this.context?.currentTime ?? 0);
  }

  private spoken(words: string): Spoken | null {
    return this.clips?.say(words) ?? null;
  }

  private async fetchWords(): Promise<void> {
    const { Clips: words } = await import('./clips');
    const clips = this.injector.get(words);
    await clips.load();
    clips.have(this.recorded);
    this.clips = clips;
  }

  private output(): Output<Sounding, readonly AudioScheduledSourceNode[]> {
    const so = this as Sounds;
    return {
      get now() {
        return so.context?.currentTime ?? 0;
      },
      get sounds() {
        return so.context?.state === 'running';
      },
      play: ({ heard }, at) => {
        if ('tone' in heard) return this.tones(heard.tone, at);
        const spoken = this.spoken(heard.say);
        return spoken ? [this.words(spoken, at)] : [];
      },
      stop: (nodes) => nodes.forEach((node) => node.stop()),
    };
  }

  private made(): AudioContext {
    const context = new AudioContext();
    this.loudness = context.createGain();
    this.loudness.gain.setValueAtTime(this.volume(), 0);
    this.loudness.connect(context.destination);
    context.onstatechange = () => {
      const sounds = context.state === 'running';
      // The audio clock stood while nothing sounded: what was on it would come late.
      if (!sounds) this.silence();
      this.ready.set(sounds);
    };
    return context;
  }

  private tones(sound: Beep['sound'], at: number): AudioScheduledSourceNode[] {
    const [context, out] = this.audio();
    const { pitch, length, times = 1 } = TONES[sound];
    return Array.from({ length: times }, (_, k) => {
      const start = at + k * TONE_AGAIN * length;
      const oscillator = context.createOscillator();
      const gain = context.createGain();
      oscillator.frequency.value = pitch;
      gain.gain.setValueAtTime(0, start);
      gain.gain.linearRampToValueAtTime(TONE_LOUD, start + TONE_EDGES.rises);
      gain.gain.setValueAtTime(TONE_LOUD, start + length - TONE_EDGES.falls);
      gain.gain.linearRampToValueAtTime(0, start + length);
      oscillator.connect(gain).connect(out);
      oscillator.start(start);
      oscillator.stop(start + length);
      return oscillator;
    });
  }

  private words({ rate, samples }: Spoken, at: number): AudioScheduledSourceNode {
    const [context, out] = this.audio();
    const buffer = context.createBuffer(1, samples.length, rate);
    buffer.copyToChannel(samples, 0);
    const source = context.createBufferSource();
    source.buffer = buffer;
    source.connect(out);
    source.start(at);
    return source;
  }

  private audio(): readonly [AudioContext, AudioNode] {
    if (!this.context || !this.loudness) throw new Error('Nothing sounds yet.');
    return [this.context, this.loudness];
  }
}
