import { effect, inject, signal } from '@angular/core';
import { DeviceStore } from '../../data/device-store';
import { RecordedStore } from '../../data/recorded-words';
import { Sounds } from '../../ports/sounds';
import { vibrate } from '../../ports/vibration';

/** How loud the clock is. Silent, the phone shakes instead where it can. */
const LOUDNESS = ['loud', 'quiet', 'silent'] as const;
type Loudness = (typeof LOUDNESS)[number];

const VOLUME: Readonly<Record<Loudness, number>> = { loud: 1, quiet: 0.35, silent: 0 };
const KEY = 'loudness';
/** How long the phone shakes, ms. */
const SHAKES = 120;

/** How loud the clock is on this device; kept for the next run. To be made where things can be injected. */
export class RunSound {
  private readonly device = inject(DeviceStore);
  private readonly sounds = inject(Sounds);
  readonly loudness = signal<Loudness>('loud');

  constructor() {
    const recorded = inject(RecordedStore);
    void recorded.load();
    effect(() => this.sounds.have(recorded.words()));
    void this.device.recall(KEY).then((kept) => {
      const known = LOUDNESS.find((one) => one === kept);
      if (known) this.turn(known);
    });
  }

  /** Louder or softer, heard or felt at once. */
  next(): void {
    const loudness = LOUDNESS[(LOUDNESS.indexOf(this.loudness()) + 1) % LOUDNESS.length] ?? 'loud';
    this.turn(loudness);
    this.sounds.wake();
    this.sounds.try();
    this.shake();
    void this.device.keep(KEY, loudness);
  }

  /** Where nothing is to be heard the phone shakes. */
  shake(): void {
    if (this.loudness() === 'silent') vibrate(SHAKES);
  }

  private turn(loudness: Loudness): void {
    this.loudness.set(loudness);
    this.sounds.turnTo(VOLUME[loudness]);
  }
}
