import { inject, Injectable, Injector, signal } from '@angular/core';
import type { Beep } from '@hopsk/core/log/beeps';
import type { Clips, Spoken } from './clips';
import { HandOver, type Due, type Output } from './hand-over';

/** How each sounds: a pitch (Hz), a length (s), and how often one after the other; alike are none, so that a hall knows them apart. */
const TONES: Readonly<Record<Beep['sound'], { readonly pitch: number; readonly length: number; readonly times?: number }>> = {
  tick: { pitch: 660, length: 0.09 },
  ten: { pitch: 740, length: 0.12, times: 2 },
  work: { pitch: 990, length: 0.5 },
  rest: { pitch: 495, length: 0.5 },
  end: { pitch: 880, length: 1 },
  chime: { pitch: 1320, length: 0.2 },
  call: { pitch: 1170, length: 0.12 },
  beat: { pitch: 440, length: 0.06 },
};
/** What sounds only where there is no word for it. */
const INSTEAD: readonly Beep['sound'][] = ['call', 'beat'];
/** From the beginning of one of several to that of the next, times its length. */
const AGAIN = 1.7;
/** So loud a tone is beside words, which are as loud as can be. */
const LOUD = 0.5;

/** Words at a second of the plan. */
export interface Saying {
  readonly at: number;
  readonly say: string;
}

interface Heard extends Due {
  readonly beep: Beep['sound'] | null;
  readonly spoken: Spoken | null;
}

/** Plays the clock's beeps and its words on the audio clock, so that they fall on time whatever the page is doing. */
@Injectable({ providedIn: 'root' })
export class Sounds {
  private readonly injector = inject(Injector);
  /** Words as clips: fetched when something first sounds; null until they are here. */
  private clips: Clips | null = null;
  private context: AudioContext | null = null;
  private loudness: GainNode | null = null;
  /** Whether it sounds: after a reload the browser wants a tap first, and a call on the phone takes the sound away. */
  readonly ready = signal(false);
  /** How loud, 0…1; at 0 nothing is heard. */
  readonly volume = signal(1);
  private readonly handed = new HandOver<Heard, readonly AudioScheduledSourceNode[]>(this.output());

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

  /** Puts the coming beeps and words on the audio clock; `t` is the plan's second now. Called again it fills up what is missing, and moves what lies wrong. */
  plan(beeps: readonly Beep[], t: number, words: readonly Saying[] = []): void {
    const tones = new Map(beeps.map(({ at, sound }) => [at, sound]));
    const said = words.flatMap(({ at, say }): Heard[] => {
      const spoken = say === '' ? null : this.spoken(say);
      const tone = tones.get(at);
      // A call and a beat are their word; another tone is heard first.
      const later = tone === undefined || INSTEAD.includes(tone) ? 0 : TONES[tone].length;
      if (spoken && later === 0) tones.delete(at);
      return spoken ? [{ at: at + later, key: `“${say}”`, beep: null, spoken }] : [];
    });
    const heard = beeps.filter(({ at, sound }) => !INSTEAD.includes(sound) || tones.get(at) === sound);
    this.handed.plan([...heard.map(({ at, sound }): Heard => ({ at, key: sound, beep: sound, spoken: null })), ...said], t);
  }

  /** Takes all that comes back: a pause, a skip, the end. What sounds already may finish, the last tone above all. */
  silence(): void {
    this.handed.takeBack();
  }

  /** A tone now, to hear how loud it is. */
  try(): void {
    if (this.context?.state === 'running') this.tones('work', this.context.currentTime + 0.02);
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
    this.clips = clips;
  }

  private output(): Output<Heard, readonly AudioScheduledSourceNode[]> {
    const so = this as Sounds;
    return {
      get now() {
        return so.context?.currentTime ?? 0;
      },
      get sounds() {
        return so.context?.state === 'running';
      },
      play: ({ beep, spoken }, at) => (beep ? this.tones(beep, at) : spoken ? [this.words(spoken, at)] : []),
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
      const start = at + k * AGAIN * length;
      const oscillator = context.createOscillator();
      const gain = context.createGain();
      oscillator.frequency.value = pitch;
      gain.gain.setValueAtTime(0.0001, start);
      gain.gain.exponentialRampToValueAtTime(LOUD, start + 0.01);
      gain.gain.setValueAtTime(LOUD, start + length - 0.04);
      gain.gain.exponentialRampToValueAtTime(0.0001, start + length);
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
