import { Directive, output } from '@angular/core';

/** A box of a form, asked whether it can take what stands in it. */
interface Checked {
  check(): boolean;
  focus(): void;
}

/** A form of boxes: it is sent only while no box holds what it cannot take; else each of those says why, and the first is gone to. */
@Directive({ selector: 'form[hopWhole]', host: { novalidate: '', '(submit)': 'send($event)' } })
export class Whole {
  readonly hopWhole = output();
  private readonly boxes = new Set<Checked>();

  /** A box that belongs to it; gives what takes it out again. */
  add(box: Checked): () => void {
    this.boxes.add(box);
    return () => this.boxes.delete(box);
  }

  protected send(event: Event): void {
    event.preventDefault();
    const [first] = [...this.boxes].filter((box) => !box.check());
    if (first) first.focus();
    else this.hopWhole.emit();
  }
}
