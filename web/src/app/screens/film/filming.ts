import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, output, signal, viewChild } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { clockText } from '@hopsk/core/plan/clock-text';
import { words } from '@hopsk/words/words';
import { recordClip, type Recorded } from '../../compute/recording';
import { CameraOn } from '../../parts/camera-on';
import { deviceCamera, drawnCamera, type OpenCamera } from '../../ports/camera';

/** Films with a camera: what it sees, and a clip when it is stopped. */
@Component({
  selector: 'hop-filming',
  imports: [MatButton],
  template: `
    @if (on()) {
      <video #seen muted playsinline [attr.aria-label]="text.cameraSees"></video>
      <div class="row">
        @if (recorded()) {
          <button mat-flat-button (click)="recorded()?.stop()">{{ text.stopFilming }}</button>
          <span class="num" role="status">{{ time() }}</span>
        } @else {
          <button mat-flat-button (click)="begin()">{{ text.beginFilming }}</button>
          <button mat-stroked-button (click)="close()">{{ text.cameraOff }}</button>
        }
      </div>
    } @else {
      <p class="muted">{{ text.agreeFirst }}</p>
      <div class="row">
        <button mat-stroked-button (click)="turnOn(camera)">{{ text.filmHere }}</button>
        <button mat-stroked-button (click)="turnOn(drawn)">{{ text.filmDrawn }}</button>
      </div>
    }
    @if (said()) {
      <p class="said beware" role="alert">{{ said() }}</p>
    }
  `,
  styles: `
    video {
      display: block;
      width: 100%;
      max-height: 50dvh;
      background: var(--ink);
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmingBox {
  readonly made = output<File>();
  protected readonly text = words.film;
  protected readonly camera = deviceCamera;
  protected readonly drawn = drawnCamera;
  protected readonly recorded = signal<Recorded | null>(null);
  protected readonly said = signal('');
  private readonly seen = viewChild<ElementRef<HTMLVideoElement>>('seen');
  private readonly seconds = signal(0);
  protected readonly time = computed(() => clockText(this.seconds()));
  // What was filmed until it goes off is kept: stopping hands it out.
  private readonly lens = new CameraOn(
    this.seen,
    () => this.recorded()?.stop(),
    () => undefined,
  );
  protected readonly on = this.lens.filming;

  constructor() {
    effect((after) => {
      if (!this.recorded()) return;
      const timer = setInterval(() => this.seconds.update((now) => now + 1), 1000);
      after(() => clearInterval(timer));
    });
  }

  protected async turnOn(open: OpenCamera): Promise<void> {
    this.said.set('');
    const unseen = await this.lens.turnOn(open);
    if (unseen) this.said.set(this.text.unseen[unseen]);
  }

  protected close(): void {
    this.lens.off();
  }

  protected async begin(): Promise<void> {
    const filming = this.on();
    const recorded = filming && recordClip(filming.stream, this.text.clipName(new Date().toISOString().slice(0, 16).replace(/[T:]/g, '-')));
    if (!recorded) return this.said.set(this.text.unseen.fault);
    this.seconds.set(0);
    this.recorded.set(recorded);
    const clip = await recorded.done;
    this.recorded.set(null);
    this.close();
    if (clip) this.made.emit(clip);
    else this.said.set(this.text.nothingFilmed);
  }
}
