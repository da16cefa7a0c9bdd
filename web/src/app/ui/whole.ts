import { afterNextRender, Directive, ElementRef, inject, Injector, output } from '@angular/core';

/** A form of boxes: it is sent only while no box holds what it cannot take; else the first such box is gone to. */
@Directive({ selector: 'form[hopWhole]', host: { novalidate: '', '(submit)': 'send($event)' } })
export class Whole {
  readonly hopWhole = output();
  private readonly form = inject<ElementRef<HTMLFormElement>>(ElementRef).nativeElement;
  private readonly injector = inject(Injector);

  /** The press that sends also leaves a box, which is drawn as taken or refused a moment later. */
  protected send(event: Event): void {
    event.preventDefault();
    afterNextRender(() => this.sendDrawn(), { injector: this.injector });
  }

  private sendDrawn(): void {
    const refused = this.form.querySelector<HTMLElement>('[data-refused]');
    if (refused) refused.focus();
    else this.hopWhole.emit();
  }
}
