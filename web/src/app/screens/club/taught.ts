import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { SchoolChoices, TopicName } from '@hopsk/core/judge/schools';
import { words } from '@hopsk/words/words';
import { TeachingStore } from '../../data/teaching';
import { SchoolChoicesForm } from '../../parts/school-choices';
import { Sending, Sent } from '../../parts/sending';

/** What the club holds where schools differ, and the stances and moves that it has made. */
@Component({
  selector: 'hop-taught',
  imports: [MatButton, SchoolChoicesForm, Sent],
  template: `
    <section>
      <h2>{{ text.schools }}</h2>
      <p class="muted">{{ text.schoolsSays }}</p>
      <hop-sent [of]="sending" />
      @if (ready()) {
        @for (one of otherwise(); track one.about) {
          <p>
            <strong>{{ one.about }}</strong> {{ one.said }}
          </p>
        }
        <details>
          <summary>{{ otherwise().length > 0 ? text.schoolsAll : text.schoolsUsual }}</summary>
          <hop-school-choices [choices]="teaching().choices" [usual]="text.usual" (changed)="choose($event)" />
        </details>
        <h3>{{ text.stances }}</h3>
        @for (stance of teaching().stances; track stance.code) {
          <p class="row">
            <bdi>{{ stance.name }}</bdi> <button mat-button (click)="forgetStance(stance.code)">{{ text.forget }}</button>
          </p>
        } @empty {
          <p class="muted">{{ text.noStances }}</p>
        }
        <h3>{{ text.moves }}</h3>
        @for (move of teaching().moves; track move.name) {
          <p class="row">
            <strong>{{ move.name }}</strong> <span translate="no">{{ move.steps }}</span>
            <button mat-button (click)="forgetMove(move.name)">{{ text.forget }}</button>
          </p>
        } @empty {
          <p class="muted">{{ text.noMoves }}</p>
        }
      } @else {
        <p role="status">{{ common.loading }}</p>
      }
    </section>
  `,
  styleUrl: './section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Taught {
  private readonly club = inject(TeachingStore);
  protected readonly teaching = this.club.teaching;
  protected readonly ready = this.club.ready;
  protected readonly text = words.club;
  protected readonly common = words.common;
  protected readonly sending = new Sending();
  /** What the club holds otherwise than usual. */
  protected readonly otherwise = computed(() =>
    Object.entries(this.teaching().choices).map(([topic, option]) => {
      const { about, options } = words.topics[topic as TopicName];
      return { about, said: options[option] ?? '' };
    }),
  );

  constructor() {
    this.club.load();
  }

  protected choose(choices: SchoolChoices): void {
    this.save({ choices });
  }

  protected forgetStance(code: string): void {
    this.save({ stances: this.teaching().stances.filter((one) => one.code !== code) });
  }

  protected forgetMove(name: string): void {
    this.save({ moves: this.teaching().moves.filter((one) => one.name !== name) });
  }

  private save(change: Parameters<TeachingStore['save']>[0]): void {
    void this.sending.send(async () => (await this.club.save(change)) ?? this.common.saved);
  }
}
