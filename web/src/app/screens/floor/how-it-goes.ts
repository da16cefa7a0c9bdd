import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { PatternDraft } from '@hopsk/contract/pattern-draft';
import type { Athlete } from '@hopsk/contract/people';
import type { Study } from '@hopsk/core/judge/study';
import { words } from '@hopsk/words/words';
import { performance } from '../../compute/performance';
import { Studies } from '../../compute/studies';
import { TeachingStore } from '../../data/teaching';
import { Floor } from '../../drawing/floor';
import { Player } from '../../parts/player';

/** A line as it is run, and who does it. */
export interface Goes {
  readonly name: string;
  readonly line: Pick<PatternDraft, 'steps' | 'school' | 'hand' | 'lead'>;
  readonly athlete: Athlete | null;
  /** For whom the run was planned: the steps are written as they do them. */
  readonly planned: Athlete | null;
  /** What is looked for in it, and from where. */
  readonly look: string;
}

/** How the steps of what is on go: drawn and moving, as whoever is watched does them. */
@Component({
  selector: 'hop-how-it-goes',
  imports: [Floor, MatButton],
  template: `
    <h2 id="how">
      <bdi>{{ goes.name }}</bdi>
    </h2>
    <p translate="no">{{ text }}</p>
    @if (goes.look !== '') {
      <p class="muted">{{ goes.look }}</p>
    }
    @if (study(); as study) {
      <hop-floor [study]="study" [t]="player.t()" [label]="goes.name" [plain]="true" />
    } @else if (failed()) {
      <p class="said wrong" role="alert">{{ words.common.stopped }}</p>
    }
    <div class="keys">
      <button mat-stroked-button [disabled]="!study()" (click)="player.toggle()">
        {{ player.playing() ? words.run.stands : words.run.moves }}
      </button>
      <button mat-flat-button (click)="self.close()">{{ words.common.close }}</button>
    </div>
  `,
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      gap: 10px;
      padding: 16px;
      height: 100%;
    }
    h2,
    p {
      margin: 0;
    }
    hop-floor {
      flex: 1;
      min-height: 200px;
    }
    .keys {
      display: flex;
      justify-content: flex-end;
      gap: 8px;
    }
    .keys button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HowItGoes {
  protected readonly self = inject<MatDialogRef<HowItGoes, void>>(MatDialogRef);
  protected readonly goes = inject<Goes>(MAT_DIALOG_DATA);
  private readonly club = inject(TeachingStore);
  private readonly asking = inject(Studies);
  protected readonly words = words;
  protected readonly study = signal<Study | null>(null);
  protected readonly failed = signal(false);
  private readonly done = this.asDone();
  protected readonly text = this.done.text;
  protected readonly player = new Player(computed(() => this.study()?.totals.seconds ?? 0));

  constructor() {
    void this.draw();
  }

  private asDone(): ReturnType<typeof performance> {
    const [{ line, planned, athlete }, own] = [this.goes, this.club.stances()];
    const { playing, lead } = performance(line, planned, { own }).performer;
    return performance({ ...line, hand: playing, lead: lead ?? 'none' }, athlete ?? planned, { own });
  }

  private async draw(): Promise<void> {
    try {
      this.study.set(await this.asking.study(this.done.text, this.done.performer, false, { own: this.club.teaching().moves }));
      this.player.toggle();
    } catch {
      this.failed.set(true);
    }
  }
}
