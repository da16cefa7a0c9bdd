import { ChangeDetectionStrategy, Component, effect, type ElementRef, signal, viewChild } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import type { Delayed } from '../../compute/delayed';
import { CameraOn } from '../../parts/camera-on';
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
  protected readonly seconds = signal<number>(DELAY.begin);
  protected readonly megabytes = signal('0.0');
  protected readonly failed = signal('');
  protected readonly said = (seconds: number): string => this.text.seconds(seconds);
  private readonly seen = viewChild<ElementRef<HTMLVideoElement>>('seen');
  private readonly then = viewChild<ElementRef<HTMLCanvasElement>>('then');
  private readonly delayed = signal<Delayed | null>(null);
  private readonly lens = new CameraOn(
    this.seen,
    () => this.stop(),
    (video, filming) => void this.show(video, filming),
  );
  protected readonly on = this.lens.filming;

  constructor() {
    effect((after) => {
      const delayed = this.delayed();
      if (!delayed) return;
      const timer = setInterval(() => this.megabytes.set((delayed.bytes() / 1e6).toFixed(1)), 1000);
      after(() => clearInterval(timer));
    });
  }

  protected async turnOn(open: OpenCamera): Promise<void> {
    this.failed.set('');
    const unseen = await this.lens.turnOn(open);
    if (unseen) this.failed.set(this.film.unseen[unseen]);
  }

  private async show(video: HTMLVideoElement, filming: Filming): Promise<void> {
    const fail = (): void => {
      this.close();
      this.failed.set(this.text.cannot);
    };
    try {
      const { delayedOf } = await import('../../compute/delayed');
      const canvas = this.then()?.nativeElement;
      const delayed = canvas ? await delayedOf(video, canvas, this.seconds(), fail) : null;
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

  private stop(): void {
    this.delayed()?.stop();
    this.delayed.set(null);
  }

  protected close(): void {
    this.lens.off();
  }
}
