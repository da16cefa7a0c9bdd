import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { bodyOf } from '@hopsk/core/body/body';
import { outlineOf, type FootAt } from '@hopsk/core/body/foot';
import { boxOf } from '@hopsk/core/body/polygon';
import type { Vec } from '@hopsk/core/body/vec';
import type { Stood } from '@hopsk/core/film/foot';
import type { Area, Placing } from '@hopsk/core/judge/area';
import { AreaLines } from './area-lines';
import { atLeast, drawingId, softPath, viewBox } from './svg';

/** A shoe that is drawn where a foot was measured: nobody measured the shoe. */
const SHOE = bodyOf({});
/** Of a foot whose toe is not known, this is drawn, metres. */
const BALL = 0.05;

/** Feet that were measured in a film, on their floor: inked, with the ellipse in which each lies 19 times in 20. */
@Component({
  selector: 'hop-measured-floor',
  imports: [AreaLines],
  template: `<svg [attr.viewBox]="box()" role="img" [attr.aria-label]="label()">
    <defs>
      <pattern [attr.id]="id" width="0.5" height="0.5" patternUnits="userSpaceOnUse"><path class="grid" d="M0 0H0.5M0 0V0.5" /></pattern>
    </defs>
    <rect x="-100" y="-100" width="200" height="200" [attr.fill]="'url(#' + id + ')'" />
    @if (placing(); as placing) {
      <svg:g hopAreaLines [placing]="placing" />
    }
    @for (one of outlines(); track $index) {
      <path class="planned" [attr.d]="one" />
    }
    @for (one of drawn(); track $index) {
      <g [class.left]="one.foot === 'left'" [class.lit]="one.lit">
        <ellipse [attr.rx]="one.long" [attr.ry]="one.short" [attr.transform]="one.turn" />
        @if (one.outline) {
          <path [attr.d]="one.outline" />
        } @else {
          <circle [attr.cx]="one.at.x" [attr.cy]="-one.at.y" [attr.r]="ball" />
        }
        <text [attr.x]="one.at.x" [attr.y]="-one.at.y + 0.03">{{ one.n }}</text>
      </g>
    }
  </svg>`,
  styles: `
    :host {
      display: block;
      background: var(--mat);
    }
    svg {
      display: block;
      width: 100%;
      max-height: 360px;
    }
    .grid {
      stroke: var(--line);
      stroke-width: 0.016;
    }
    .planned {
      fill: none;
      stroke: var(--ink);
      stroke-width: 0.012;
      stroke-dasharray: 0.03 0.02;
    }
    g path,
    circle {
      fill: var(--right);
    }
    .left path,
    .left circle {
      fill: var(--left);
    }
    ellipse {
      fill: none;
      stroke: var(--ink);
      stroke-width: 0.008;
    }
    .lit path,
    .lit circle {
      stroke: var(--ink);
      stroke-width: 0.02;
    }
    text {
      font: 600 0.09px var(--label);
      text-anchor: middle;
      fill: var(--paper);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MeasuredFloor {
  readonly label = input.required<string>();
  readonly area = input<Area | null>(null);
  readonly feet = input.required<readonly Stood[]>();
  /** Where they should be, outlined. */
  readonly planned = input<readonly FootAt[]>([]);
  /** Those of this frame are lit. */
  readonly frame = input<number | null>(null);
  protected readonly ball = BALL;
  protected readonly id = drawingId();
  protected readonly placing = computed((): Placing | null => {
    const area = this.area();
    return area && { area, at: { x: 0, y: 0 }, facing: 0 };
  });
  protected readonly drawn = computed(() =>
    this.feet().map(({ foot, frame, place: { at, ellipse }, toe }, i) => {
      const { xx, xy, yy } = ellipse;
      const [middle, off] = [(xx + yy) / 2, Math.hypot((xx - yy) / 2, xy)];
      const turn = (Math.atan2(xy, (xx - yy) / 2 + off) * 180) / Math.PI;
      const outline = toe && outlineOf({ ...at, toe: toe.value }, SHOE);
      return {
        ...{ foot, at, n: i + 1, lit: frame === this.frame() },
        ...{ long: Math.sqrt(middle + off), short: Math.sqrt(Math.max(0, middle - off)) },
        // The drawing's y goes down, and angles turn the other way with it.
        turn: `translate(${at.x} ${-at.y}) rotate(${-turn})`,
        outline: outline && softPath(outline),
      };
    }),
  );
  protected readonly outlines = computed(() => this.planned().map((at) => softPath(outlineOf(at, SHOE))));
  protected readonly box = computed(() => {
    const around = (at: Vec, by: number): Vec[] => [
      { x: at.x - by, y: at.y - by },
      { x: at.x + by, y: at.y + by },
    ];
    const box = boxOf([
      ...this.feet().flatMap(({ place }) => around(place.at, 0.5 + place.within)),
      ...this.planned().flatMap((at) => around(at, 0.3)),
    ]) ?? { minX: -1, maxX: 1, minY: -1, maxY: 1 };
    return viewBox(atLeast(box, 2.4, 1.8));
  });
}
