import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MOST_SLOW, slowByClock, type ClockSeen } from '@hopsk/core/film/slow';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { numbers, orNothing } from '../../ui/reads';
import { FilmDesk } from './desk';

/** How many times slower than life a clip plays: as its camera wrote it, typed, or read off a clock in its picture. */
@Component({
  selector: 'hop-film-slow',
  imports: [Box, MatButton],
  template: `
    <details [open]="desk.work().slow !== 1">
      <summary>{{ says() }}</summary>
      <p class="muted">{{ text.slowSays }}</p>
      <hop-box [label]="text.slowBox" [reads]="slowReads" [value]="desk.work().slow" (taken)="desk.put({ slow: $event })" />
      <h3>{{ text.clockTitle }}</h3>
      <p class="muted">{{ text.clockSays }}</p>
      <div class="row">
        <hop-box [label]="text.clockBox" [reads]="clockReads" [value]="clock()" (taken)="clock.set($event)" />
        <button mat-stroked-button [disabled]="clock() === null" (click)="read()">{{ text.clockRead }}</button>
      </div>
      @for (one of seen(); track one.frame) {
        <p class="num">{{ text.clockSeen(one.frame, one.says) }}</p>
      }
      @if (vain()) {
        <p class="said beware" role="alert">{{ text.clockVain }}</p>
      }
    </details>
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmSlow {
  protected readonly desk = inject(FilmDesk);
  protected readonly text = words.film;
  protected readonly slowReads = numbers({ low: 1, high: MOST_SLOW, step: 1 });
  protected readonly clockReads = orNothing(numbers({ low: 0, high: 86_400, step: 0.1, unit: 's' }));
  protected readonly says = computed(() => this.text.slowIs(+this.desk.work().slow.toFixed(2)));
  protected readonly clock = signal<number | null>(null);
  protected readonly seen = linkedSignal<unknown, readonly ClockSeen[]>({ source: this.desk.clip, computation: () => [] });
  protected readonly vain = signal(false);

  /** The clock of this frame; with one of another frame it says how fast the film plays. */
  protected read(): void {
    const says = this.clock();
    if (says === null) return;
    const all = [...this.seen().filter(({ frame }) => frame !== this.desk.frame()), { frame: this.desk.frame(), says }].slice(-2);
    this.seen.set(all);
    this.clock.set(null);
    const [[one, other], clip] = [all, this.desk.clip()];
    if (!one || !other || !clip) return this.vain.set(false);
    const slow = slowByClock(clip.frames, one, other);
    this.vain.set(slow === null);
    if (slow !== null) this.desk.put({ slow });
  }
}
