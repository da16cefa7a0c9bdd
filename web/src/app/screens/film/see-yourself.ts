import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  effect,
  type ElementRef,
  inject,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import type { Delayed } from '../../compute/delayed';
import { deviceCamera, drawnCamera, type Filming, type OpenCamera } from '../../ports/camera';
import { Slider } from '../../ui/slider';

const DELAY = { low: 2, high: 60, begin: 8 } as const;

/** The picture of so many seconds ago, as large as the screen, hands free: whoever moves sees themselves after it. Nothing is kept. */
@Component({
  selector: 'hop-see-yourself',
  imports: [MatButton, Slider],
  template: `
    @if (on()) {
      <div class="whole">
        <canvas #then role="img" [attr.aria-label]="text.then(seconds())"></canvas>
        <video #seen muted playsinline [attr.aria-label]="film.cameraSees"></video>
        <div class="hands">
          <p class="num" role="status">{{ text.says(seconds(), megabytes()) }}</p>
          <hop-slider [label]="text.delay" [low]="low" [high]="high" [value]="seconds()" [said]="said" (taken)="after($event)" />
          <button mat-flat-button (click)="close()">{{ text.stop }}</button>
        </div>
      </div>
    } @else {
      <h3>{{ text.title }}</h3>
      <p class="muted">{{ text.about }}</p>
      <div class="row">
        <button mat-stroked-button (click)="turnOn(camera)">{{ text.begin }}</button>
        <button mat-stroked-button (click)="turnOn(drawn)">{{ text.drawn }}</button>
      </div>
    }
    @if (failed()) {
      <p class="said beware" role="alert">{{ failed() }}</p>
    }
  `,
  styles: `
    .whole {
      position: fixed;
      inset: 0;
      z-index: 20;
      display: flex;
      flex-direction: column;
      background: var(--paper);
    }
    canvas {
      flex: 1;
      min-height: 0;
      width: 100%;
      object-fit: contain;
      background: var(--ink);
    }
    video {
      position: absolute;
      top: 8px;
      right: 8px;
      width: 96px;
    }
    .hands {
      display: grid;
      grid-template-columns: auto minmax(120px, 1fr) auto;
      gap: 8px 16px;
      align-items: center;
      padding: 8px 16px;
    }
    p {
      margin: 0;
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SeeYourself {
  protected readonly film = words.film;
  protected readonly text = words.film.seeYourself;
  protected readonly camera = deviceCamera;
  protected readonly drawn = drawnCamera;
  protected readonly low = DELAY.low;
  protected readonly high = DELAY.high;
  protected readonly on = signal<Filming | null>(null);
  protected readonly seconds = signal<number>(DELAY.begin);
  protected readonly megabytes = signal('0.0');
  protected readonly failed = signal('');
  protected readonly said = (seconds: number): string => this.text.seconds(seconds);
  private readonly seen = viewChild<ElementRef<HTMLVideoElement>>('seen');
  private readonly then = viewChild<ElementRef<HTMLCanvasElement>>('then');
  private readonly delayed = signal<Delayed | null>(null);
  private gone = false;

  constructor() {
    inject(DestroyRef).onDestroy(() => {
      this.gone = true;
      this.close();
    });
    effect(() => {
      const [video, canvas, filming] = [this.seen()?.nativeElement, this.then()?.nativeElement, this.on()];
      if (video && canvas && filming) untracked(() => void this.show(video, canvas, filming));
    });
    effect((after) => {
      const delayed = this.delayed();
      if (!delayed) return;
      const timer = setInterval(() => this.megabytes.set((delayed.bytes() / 1e6).toFixed(1)), 1000);
      after(() => clearInterval(timer));
    });
  }

  protected async turnOn(open: OpenCamera): Promise<void> {
    this.failed.set('');
    const filming = await open();
    if (typeof filming === 'string') return this.failed.set(this.film.unseen[filming]);
    if (this.gone) return filming.close();
    this.on.set(filming);
  }

  private async show(video: HTMLVideoElement, canvas: HTMLCanvasElement, filming: Filming): Promise<void> {
    const fail = (): void => {
      this.close();
      this.failed.set(this.text.cannot);
    };
    try {
      video.srcObject = filming.stream;
      await video.play();
      const { delayedOf } = await import('../../compute/delayed');
      const delayed = await delayedOf(video, canvas, this.seconds(), fail);
      if (this.on() !== filming) return delayed?.stop();
      if (!delayed) return fail();
      this.delayed.set(delayed);
    } catch {
      fail();
    }
  }

  protected after(seconds: number): void {
    this.seconds.set(seconds);
    this.delayed()?.after(seconds);
  }

  protected close(): void {
    this.delayed()?.stop();
    this.delayed.set(null);
    this.on()?.close();
    this.on.set(null);
  }
}
