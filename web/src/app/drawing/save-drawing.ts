import { ChangeDetectionStrategy, Component, DOCUMENT, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { colours } from '../ui/look/colours';
import { fileName, saveFile, svgFile } from './export';

/** Saves what a chart of the page has drawn as an SVG file; nothing where it has not drawn yet. */
@Component({
  selector: 'hop-save-drawing',
  imports: [MatButton],
  template: `<button mat-stroked-button type="button" (click)="save()">{{ text.asSvg }}</button>`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SaveDrawing {
  /** The element that the chart is drawn into, by its selector. */
  readonly of = input.required<string>();
  /** Of the file, without its ending. */
  readonly name = input.required<string>();
  private readonly page = inject(DOCUMENT);
  protected readonly text = words.common;

  protected save(): void {
    const drawing = this.page.querySelector<SVGSVGElement>(`${this.of()} svg`);
    if (drawing) saveFile(svgFile(drawing, colours().paper), fileName(this.name(), 'svg'));
  }
}
