import { Directive } from '@angular/core';

/** A button that puts the page on paper, and is not on it. What else stays off it has the class `no-print`. */
@Directive({ selector: 'button[hopPrint]', host: { class: 'no-print', type: 'button', '(click)': 'print()' } })
export class Print {
  protected print(): void {
    globalThis.print();
  }
}
