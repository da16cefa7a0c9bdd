import { ChangeDetectionStrategy, Component, computed, effect, inject, viewChildren } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { Slider } from '../../ui/slider';
import { BesideDesk } from './beside-desk';
import { FilmSport } from './film-sport';
import { FilmFrame } from './frame';
import { FilmPlayer } from './player';

/** The pictures of attempts beside each other, all so many seconds from the mark at which they are joined. */
@Component({
  selector: 'hop-film-beside-pictures',
  imports: [FilmFrame, FilmPlayer, MatButton, Slider],
  template: `
    <div class="beside">
      @for (column of beside.columns(); track column.key) {
        <figure>
          <hop-film-frame [clip]="column.clip" [frame]="beside.frames()[$index] ?? 0" [label]="column.name" />
          <figcaption>
            <span translate="no">{{ column.name }}</span>
            <button type="button" class="plain" [attr.aria-label]="text.drop(column.name)" (click)="beside.drop(column.key)">×</button>
          </figcaption>
        </figure>
      } @empty {
        <p class="muted">{{ beside.busy() ? common.loading : text.besideFirst }}</p>
      }
    </div>
    @if (beside.columns().length > 0) {
      <p class="num where" role="status">{{ said(step()) }}</p>
      <hop-slider [label]="text.besideAt" [high]="steps()" [value]="step()" [said]="said" (taken)="beside.go($event - step())" />
      <div class="row steps">
        <button mat-stroked-button (click)="beside.go(-1)">{{ text.back1 }}</button>
        <button mat-stroked-button (click)="beside.go(1)">{{ text.on1 }}</button>
        <button mat-stroked-button (click)="beside.at.set(0)">{{ text.toJoint }}</button>
      </div>
      <hop-film-player [playing]="beside.playing" />
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .beside {
      display: grid;
      grid-template-columns: repeat(2, minmax(0, 1fr));
      gap: 8px;
    }
    figure {
      margin: 0;
      max-height: 44dvh;
    }
    figcaption {
      display: flex;
      justify-content: space-between;
      align-items: center;
      font: 600 15px var(--label);
    }
    figcaption button {
      min-height: 40px;
      min-width: 40px;
    }
    .row {
      display: flex;
      gap: 8px;
      margin-bottom: 8px;
    }
    .row button {
      flex: 1;
      min-height: 48px;
    }
    .where {
      margin: 6px 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BesidePictures {
  protected readonly beside = inject(BesideDesk);
  private readonly sport = inject(FilmSport);
  protected readonly text = words.film;
  protected readonly common = words.common;
  private readonly frames = viewChildren(FilmFrame);
  protected readonly steps = computed(() => {
    const [from, to] = this.beside.span();
    return Math.max(0, Math.round((to - from) / this.beside.step()));
  });
  protected readonly step = computed(() => Math.round((this.beside.at() - this.beside.span()[0]) / this.beside.step()));
  protected readonly said = (step: number): string => {
    const joint = this.beside.joint();
    // Where it stands need not be a whole number of steps from the beginning: the mark itself is not.
    const seconds = step === this.step() ? this.beside.at() : this.beside.span()[0] + step * this.beside.step();
    const ms = Math.round(1000 * seconds);
    return joint === null ? '' : this.text.fromJoint(ms, this.sport.label(joint));
  };

  constructor() {
    effect(() => this.beside.waits.set(this.frames().some((frame) => frame.waits())));
  }
}
