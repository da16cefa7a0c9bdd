import { booleanAttribute, ChangeDetectionStrategy, Component, input } from '@angular/core';

/** A table of words and numbers: the first of each row names it, the others stand to the right. What can be pressed is no such table. */
@Component({
  selector: 'hop-table',
  template: `
    <table class="rules num">
      <caption class="hidden">
        {{
          label()
        }}
      </caption>
      @if (heads().length > 0) {
        <thead>
          <tr>
            @for (head of heads(); track $index) {
              <th scope="col" [class.right]="!$first">{{ head }}</th>
            }
          </tr>
        </thead>
      }
      <tbody>
        @for (row of rows(); track $index) {
          <tr>
            @for (cell of row; track $index) {
              @if ($first) {
                <th scope="row" [class.unbroken]="unbroken()">{{ cell }}</th>
              } @else {
                <td class="right" [class.muted]="quiet() && $last">{{ cell }}</td>
              }
            }
          </tr>
        }
      </tbody>
    </table>
  `,
  styles: `
    :host {
      display: block;
      overflow-x: auto;
      margin-bottom: 10px;
    }
    .unbroken {
      white-space: nowrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Table {
  /** What the table is of, read aloud before it. */
  readonly label = input.required<string>();
  readonly rows = input.required<readonly (readonly string[])[]>();
  /** Heads of the columns, the names' first; none where the names say enough. */
  readonly heads = input<readonly string[]>([]);
  /** The first column holds what is short and stays in one line, as days do. */
  readonly unbroken = input(false, { transform: booleanAttribute });
  /** The last column only explains. */
  readonly quiet = input(false, { transform: booleanAttribute });
}
