import { inject, Injectable, signal } from '@angular/core';
import type { PhaseSet } from '@hopsk/core/film/phases';
import * as z from 'zod/mini';
import { DeviceStore } from '../../data/device-store';

const Kept = z.partialRecord(z.enum(['racket', 'combat']), z.array(z.string().check(z.maxLength(40))).check(z.maxLength(12)));

/** The phases that whoever is signed in here goes through, by kind of sport, as they changed them last. */
@Injectable({ providedIn: 'root' })
export class OwnPhases {
  private readonly device = inject(DeviceStore);
  private readonly kept = signal<z.infer<typeof Kept>>({});

  of(set: PhaseSet): readonly string[] | undefined {
    return this.kept()[set];
  }

  async load(): Promise<void> {
    this.kept.set(Kept.safeParse(await this.device.recall('film phases')).data ?? {});
  }

  async keep(set: PhaseSet, names: readonly string[]): Promise<void> {
    this.kept.update((all) => ({ ...all, [set]: [...names] }));
    await this.device.keep('film phases', this.kept());
  }
}
