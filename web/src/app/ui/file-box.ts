import { booleanAttribute, ChangeDetectionStrategy, Component, input, output } from '@angular/core';

/** A button that asks for a file. The same file can be taken again. */
@Component({
  selector: 'hop-file',
  template: `<label class="file"
    >{{ label() }} <input #box type="file" [accept]="accept()" [disabled]="off()" (change)="take(box)"
  /></label>`,
  styleUrl: './file-box.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FileBox {
  readonly label = input.required<string>();
  readonly accept = input('');
  readonly off = input(false, { transform: booleanAttribute });
  readonly taken = output<File>();

  protected take(box: HTMLInputElement): void {
    const file = box.files?.[0];
    if (file) this.taken.emit(file);
    box.value = '';
  }
}
