import { inject } from '@angular/core';
import { boardFor } from '@hopsk/core/log/tiles';
import { RunDesk, type Loose } from '../../data/desk';
import type { RunNow } from '../../parts/run-now';
import type { RunToDecide } from './run-to-decide';

/**
 * What is on the board of this device: of the exercise, and behind it what whoever is watched shows or works on, as far as the line can
 * show it. To be made where things can be injected.
 */
export class RunBoard {
  private readonly desk = inject(RunDesk);

  constructor(
    private readonly at: RunNow,
    private readonly toDecide: RunToDecide,
  ) {}

  /** What changes on the board when this one is watched; nothing where it is the same. */
  watching(athlete: string | null): Loose[] {
    const faults = boardFor({
      everybodys: this.at.everybodys(),
      own: this.ownOf(athlete),
      order: this.at.athletes().flatMap(({ id }) => this.ownOf(id)),
    });
    return faults.join() === this.at.watching()?.board.join() ? [] : [{ kind: 'board', faults }];
  }

  /** The exercise is another, or a fault was tapped that had no tile: from here on it has one, where there is room. */
  async turned(): Promise<void> {
    await this.desk.log(...this.watching(this.at.watching()?.athlete ?? null));
  }

  /** What somebody works on and what is to be decided of them, of what this line can show; and what they showed today. */
  private ownOf(athlete: string | null): string[] {
    if (athlete === null) return [];
    return [...this.toDecide.of(athlete).filter((code) => this.at.canShow(code)), ...this.at.noted(athlete)];
  }
}
