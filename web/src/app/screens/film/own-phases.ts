import { inject, Injectable, signal } from '@angular/core';
import type { SportSet } from '@hopsk/core/film/sport-set';
import * as z from 'zod/mini';
import { DeviceStore } from '../../data/device-store';

const Kept = z.record(z.string().check(z.maxLength(40)), z.array(z.string().check(z.maxLength(40))).check(z.maxLength(12)));

/** The phases that whoever is signed in here goes through, by sport, as they changed them last. */
@Injectable({ providedIn: 'root' })
export class OwnPhases {
  private readonly device = inject(DeviceStore);
  private readonly kept = signal<z.infer<typeof Kept>>({});

  /** Those of the sport; else those that were kept when there were two kinds of it. */
  of({ sport, manner }: SportSet): readonly string[] | undefined {
    return this.kept()[sport] ?? this.kept()[manner === 'racket' ? 'racket' : 'combat'];
  }

  async load(): Promise<void> {
    this.kept.set(Kept.safeParse(await this.device.recall('film phases')).data ?? {});
  }

  async keep({ sport }: SportSet, names: readonly string[]): Promise<void> {
    this.kept.update((all) => ({ ...all, [sport]: [...names] }));
    await this.device.keep('film phases', this.kept());
  }
}
