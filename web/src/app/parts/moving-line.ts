import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import type { Athlete } from '@hopsk/contract/people';
import type { School } from '@hopsk/core/body/school';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import type { Study } from '@hopsk/core/judge/study';
import type { DoneAs } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import { performance } from '../compute/performance';
import { Latest } from '../compute/latest';
import { Studies } from '../compute/studies';
import { Floor } from '../drawing/floor';
import { Player } from './player';

/** Steps, and how they are written. */
export interface WrittenLine extends DoneAs {
  readonly steps: string;
}

/** A line of steps, drawn and moving round and round, as somebody does it; a body of 1.70 m without anybody. */
@Component({
  selector: 'hop-moving-line',
  imports: [Floor],
  template: `
    @if (study(); as study) {
      <hop-floor [study]="study" [t]="player.t()" [label]="name()" [plain]="true" />
    } @else if (failed()) {
      <p class="wrong" role="alert">{{ common.stopped }}</p>
    }
  `,
  styles: `
    :host {
      display: grid;
      min-height: 0;
      min-width: 0;
    }
    hop-floor {
      min-height: 0;
    }
    .wrong {
      color: var(--wrong);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MovingLine {
  readonly name = input.required<string>();
  readonly line = input.required<WrittenLine>();
  readonly athlete = input<Athlete | null>(null);
  /** The club's own stances and moves. */
  readonly stances = input<readonly School[]>([]);
  readonly moves = input<readonly OwnMove[]>([]);
  private readonly asking = inject(Studies);
  private readonly latest = new Latest();
  protected readonly common = words.common;
  readonly study = signal<Study | null>(null);
  protected readonly failed = signal(false);
  private readonly done = computed(() => performance(this.line(), this.athlete(), { own: this.stances() }), {
    equal: (a, b) => JSON.stringify(a) === JSON.stringify(b),
  });
  readonly player = new Player(computed(() => this.study()?.totals.seconds ?? 0));

  constructor() {
    effect(() => {
      const [done, own] = [this.done(), this.moves()];
      untracked(() => this.draw(done, own));
    });
    this.player.toggle();
  }

  private draw({ text, performer }: ReturnType<typeof performance>, own: readonly OwnMove[]): void {
    void this.latest.ask(
      () => this.asking.study(text, performer, false, { own }),
      (study) => (this.study.set(study), this.failed.set(false), this.player.seek(0)),
      () => this.failed.set(this.study() === null),
    );
  }
}
