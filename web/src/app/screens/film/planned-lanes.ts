import { computed, inject, Injectable, linkedSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Side } from '@hopsk/core/body/foot';
import type { LaneBlock } from '@hopsk/core/view/lanes';
import type { Against } from '../../compute/against';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { FilmDesk } from './desk';

/** The lanes of the pattern that is laid over the film, in the film's time: where its contacts and those that were tapped go together best. */
@Injectable()
export class PlannedLanes {
  private readonly desk = inject(FilmDesk);
  private readonly store = inject(Store);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly people = this.store.selectSignal(people.selectHere);
  /** Which pattern it is, and as who does it: chosen once a clip, whatever else is done at the desk meanwhile. */
  readonly pattern = picked(this.patterns, () => (this.desk.clip(), undefined), 'none');
  readonly person = picked(this.people, () => (this.desk.clip(), undefined), 'none');
  readonly against = linkedSignal<unknown, Against | null>({ source: this.desk.clip, computation: () => null });
  readonly lanes = computed((): Readonly<Record<Side, readonly LaneBlock[]>> | null => {
    const [seen, frames] = [this.against(), this.desk.frames()];
    if (!seen || seen.beside.length === 0) return null;
    // Feet that it begins with were there before.
    const steps = seen.beside.filter(({ planned }) => planned.move >= 0);
    const off = steps.map(({ stood, planned }) => (frames[stood.frame] ?? 0) - planned.down).sort((a, b) => a - b);
    const by = off[Math.floor(off.length / 2)] ?? 0;
    const moved = (blocks: readonly LaneBlock[]): LaneBlock[] => blocks.map((one) => ({ ...one, from: one.from + by, to: one.to + by }));
    return { left: moved(seen.lanes.left), right: moved(seen.lanes.right) };
  });
}
