import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, input, output, untracked, viewChild } from '@angular/core';
import type { Clip } from '../../compute/clip';
import { Latest } from '../../compute/latest';

/** One frame of a clip, as soon as it is decoded. */
@Component({
  selector: 'hop-film-frame',
  template: `<canvas #shown class="shown" [width]="size().width" [height]="size().height" role="img" [attr.aria-label]="label()"></canvas>`,
  styles: `
    :host {
      display: block;
    }
    .shown {
      display: block;
      width: 100%;
      max-height: inherit;
      object-fit: contain;
      background: var(--ink);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmFrame {
  readonly clip = input.required<Clip | null>();
  readonly frame = input.required<number>();
  readonly label = input.required<string>();
  readonly drew = output();
  readonly missed = output<number>();
  private readonly shown = viewChild.required<ElementRef<HTMLCanvasElement>>('shown');
  private readonly drawing = new Latest();
  protected readonly size = computed(() => this.clip()?.picture ?? { width: 16, height: 9 });
  /** Whether the frame that is asked for is still to come. */
  readonly waits = this.drawing.open;

  constructor() {
    effect(() => {
      const [clip, frame] = [this.clip(), this.frame()];
      if (clip) untracked(() => this.draw(clip, frame));
    });
  }

  get canvas(): HTMLCanvasElement {
    return this.shown().nativeElement;
  }

  private draw(clip: Clip, frame: number): void {
    void this.drawing.ask(
      () => clip.at(frame),
      (picture) => {
        if (picture === null) return this.missed.emit(frame);
        this.canvas.getContext('2d')?.drawImage(picture, 0, 0, this.canvas.width, this.canvas.height);
        this.drew.emit();
      },
      () => this.missed.emit(frame),
    );
  }
}
