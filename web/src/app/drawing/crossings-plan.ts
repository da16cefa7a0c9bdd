import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { boxOf } from '@hopsk/core/body/polygon';
import type { Crossing } from '@hopsk/core/film/crossings';
import { edgeOf, type Area, type Placing } from '@hopsk/core/judge/area';
import { AreaLines } from './area-lines';
import { viewBox } from './svg';

/** A small plan of a floor with its crossings: which of them were tapped in a picture, and which is next. */
@Component({
  selector: 'hop-crossings-plan',
  imports: [AreaLines],
  template: `<svg [attr.viewBox]="box()" role="img" [attr.aria-label]="label()">
    <svg:g hopAreaLines [placing]="placing()" />
    @for (dot of dots(); track dot.one.code) {
      <circle class="reach" [attr.cx]="dot.one.at.x" [attr.cy]="-dot.one.at.y" [attr.r]="2.2 * size()" (click)="chosen.emit(dot.one)" />
      <circle
        class="dot"
        [class.tapped]="dot.tapped"
        [class.bad]="dot.bad"
        [class.next]="dot.next"
        [attr.cx]="dot.one.at.x"
        [attr.cy]="-dot.one.at.y"
        [attr.r]="dot.next ? 1.5 * size() : size()"
        [attr.stroke-width]="size() / 3"
      />
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
      max-height: 300px;
    }
    .reach {
      fill: transparent;
      cursor: pointer;
    }
    .dot {
      fill: var(--paper);
      stroke: var(--ink);
      pointer-events: none;
    }
    .tapped {
      fill: var(--ink);
    }
    .bad {
      fill: var(--beware);
    }
    .next {
      stroke: var(--accent);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CrossingsPlan {
  readonly label = input.required<string>();
  readonly area = input.required<Area>();
  readonly crossings = input.required<readonly Crossing[]>();
  /** Codes of those that were tapped, of those that do not go with the others, and of the next one. */
  readonly tapped = input.required<readonly string[]>();
  readonly bad = input.required<readonly string[]>();
  readonly next = input<string | null>(null);
  readonly chosen = output<Crossing>();
  protected readonly placing = computed((): Placing => ({ area: this.area(), at: { x: 0, y: 0 }, facing: 0 }));
  private readonly around = computed(() => boxOf(edgeOf(this.area())) ?? { minX: 0, maxX: 1, minY: 0, maxY: 1 });
  /** A dot, metres: as large on a court as on a ring. */
  protected readonly size = computed(() => (this.around().maxY - this.around().minY) / 60);
  protected readonly box = computed(() => {
    const [{ minX, maxX, minY, maxY }, room] = [this.around(), 3 * this.size()];
    return viewBox({ minX: minX - room, maxX: maxX + room, minY: minY - room, maxY: maxY + room });
  });
  protected readonly dots = computed(() =>
    this.crossings().map((one) => ({
      one,
      tapped: this.tapped().includes(one.code),
      bad: this.bad().includes(one.code),
      next: this.next() === one.code,
    })),
  );
}
