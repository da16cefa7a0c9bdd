import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Shape } from '@hopsk/contract/film-work';
import type { Picture } from '@hopsk/core/film/calibration';

/** What is drawn on a still picture, in its pixels. */
@Component({
  selector: 'g[hopStillShapes]',
  template: `
    @for (one of drawn(); track $index) {
      <svg:polyline [class]="one.kind" [attr.points]="one.points" [attr.stroke-width]="3 * unit()" />
    }
  `,
  styles: `
    polyline {
      fill: none;
      stroke: #ffd24a;
      stroke-linejoin: round;
      paint-order: stroke;
    }
    .zone {
      fill: #ffd24a55;
    }
    .height {
      stroke: #fff;
      stroke-dasharray: 12 8;
    }
    .angle {
      stroke: #7fd1ff;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StillShapes {
  readonly shapes = input.required<readonly Shape[]>();
  readonly picture = input.required<Picture>();
  protected readonly unit = computed(() => this.picture().width / 1000);
  protected readonly drawn = computed(() =>
    this.shapes().map(({ kind, at }) => {
      const [first] = at;
      const corners =
        kind === 'height' && first
          ? [
              { x: 0, y: first.y },
              { x: this.picture().width, y: first.y },
            ]
          : kind === 'zone' && first
            ? [...at, first]
            : at;
      return { kind, points: corners.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ') };
    }),
  );
}
