import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { outlineOf, SIDES } from '@hopsk/core/body/foot';
import { feetAt } from '@hopsk/core/motion/motion';
import type { Simulation } from '@hopsk/core/motion/simulation';
import { thumbnailOf } from '@hopsk/core/view/thumbnail';
import { atLeast, drawingId, softPath, viewBox } from './svg';

/** A move or a pattern in a small picture: its prints faint, and both feet where they are at a moment. */
@Component({
  selector: 'hop-move-picture',
  template: `<svg [attr.viewBox]="box()" preserveAspectRatio="xMidYMid meet" aria-hidden="true">
    <defs>
      <pattern [attr.id]="id" width="0.06" height="0.06" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="0.06" height="0.06" class="ground" />
        <rect width="0.03" height="0.06" class="hatch" />
      </pattern>
    </defs>
    @for (print of prints(); track $index) {
      <path class="print" [class.left]="print.foot === 'left'" [attr.d]="print.d" />
    }
    @for (foot of feet(); track foot.side) {
      <path
        class="foot"
        [class.left]="foot.side === 'left'"
        [class.air]="foot.air"
        [attr.d]="foot.d"
        [attr.fill]="foot.side === 'right' && !foot.air ? 'url(#' + id + ')' : null"
      />
    }
  </svg>`,
  styleUrl: './move-picture.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MovePicture {
  readonly simulation = input.required<Simulation>();
  readonly t = input(0);
  protected readonly id = drawingId();
  private readonly thumbnail = computed(() => thumbnailOf(this.simulation(), 0.12));
  protected readonly box = computed(() => viewBox(atLeast(this.thumbnail().box, 1.2, 0.9)));
  protected readonly prints = computed(() => this.thumbnail().prints.map((print) => ({ foot: print.foot, d: softPath(print.outline) })));
  protected readonly feet = computed(() => {
    const sim = this.simulation();
    const now = feetAt(sim, this.t());
    return SIDES.map((side) => ({
      side,
      air: now[side].inAir,
      d: softPath(outlineOf(now[side], sim.performer.body)),
    }));
  });
}
