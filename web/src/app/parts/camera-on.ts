import { DestroyRef, effect, type ElementRef, inject, signal, untracked, type Signal } from '@angular/core';
import type { Filming, OpenCamera, Unseen } from '../ports/camera';

/** A camera that a component turns on, and what it sees in a video; off again when the component goes. To be made where things can be injected. */
export class CameraOn {
  readonly filming = signal<Filming | null>(null);
  private gone = false;

  /** @param began what is done with a camera that is seen now. @param ended what is to be stopped before it goes off. */
  constructor(
    video: Signal<ElementRef<HTMLVideoElement> | undefined>,
    private readonly ended: () => void,
    began: (video: HTMLVideoElement, filming: Filming) => void,
  ) {
    inject(DestroyRef).onDestroy(() => {
      this.gone = true;
      this.off();
    });
    effect(() => {
      const [shown, filming] = [video()?.nativeElement, this.filming()];
      if (!shown || !filming) return;
      shown.srcObject = filming.stream;
      untracked(
        () =>
          void shown.play().then(
            () => began(shown, filming),
            () => undefined,
          ),
      );
    });
  }

  /** Turns it on; says why where it cannot be. */
  async turnOn(open: OpenCamera): Promise<Unseen | null> {
    const filming = await open();
    if (typeof filming === 'string') return filming;
    // Somebody went on to another page meanwhile: no camera stays on.
    if (this.gone) filming.close();
    else this.filming.set(filming);
    return null;
  }

  off(): void {
    this.ended();
    this.filming()?.close();
    this.filming.set(null);
  }
}
