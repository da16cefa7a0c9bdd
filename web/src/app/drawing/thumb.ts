import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Thumbnail } from '@hopsk/core/view/thumbnail';
import { atLeast, drawingId, polyline, softPath, viewBox } from './svg';

/** A still small picture of a pattern, from what core computed elsewhere. */
@Component({
  selector: 'hop-thumb',
  template: `<svg [attr.viewBox]="box()" preserveAspectRatio="xMidYMid meet" role="img" [attr.aria-label]="label()">
    <defs>
      <pattern [attr.id]="id" width="0.05" height="0.05" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="0.05" height="0.05" class="ground" />
        <rect width="0.025" height="0.05" class="hatch" />
      </pattern>
    </defs>
    <polyline class="path" [attr.points]="path()" />
    @for (print of prints(); track $index) {
      <path
        class="print"
        [class.left]="print.left"
        [class.start]="print.start"
        [attr.d]="print.d"
        [attr.fill]="print.left ? null : 'url(#' + id + ')'"
      />
    }
  </svg>`,
  styleUrl: './thumb.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Thumb {
  readonly picture = input.required<Thumbnail>();
  readonly label = input('');
  protected readonly id = drawingId();
  protected readonly box = computed(() => viewBox(atLeast(this.picture().box, 1.8, 1.2)));
  protected readonly path = computed(() => polyline(this.picture().path));
  protected readonly prints = computed(() =>
    this.picture().prints.map((print) => ({ left: print.foot === 'left', start: print.start, d: softPath(print.outline) })),
  );
}
