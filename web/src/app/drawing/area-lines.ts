import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Vec } from '@hopsk/core/body/vec';
import { edgeOf, type Placing } from '@hopsk/core/judge/area';
import { inPattern } from '@hopsk/core/judge/placing';
import { polyline } from './svg';

/** The edge and lines of a floor, in the frame of a pattern that begins somewhere on it. */
@Component({
  selector: 'g[hopAreaLines]',
  template: `
    <svg:polygon class="edge" [attr.points]="edge()" />
    @for (line of lines(); track $index) {
      <svg:line
        class="court"
        [class]="line.kind"
        [attr.x1]="line.from.x"
        [attr.y1]="-line.from.y"
        [attr.x2]="line.to.x"
        [attr.y2]="-line.to.y"
      />
    }
  `,
  styles: `
    .edge {
      fill: none;
      stroke: var(--ink);
      stroke-width: 0.05;
      opacity: 0.55;
    }
    .court {
      stroke: var(--line);
      stroke-width: 0.045;
    }
    .net,
    .wall {
      stroke: var(--ink);
      stroke-width: 0.04;
    }
    .net {
      stroke-dasharray: 0.08 0.05;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AreaLines {
  readonly placing = input.required<Placing>();
  private readonly here = (p: Vec): Vec => inPattern(this.placing(), p);
  protected readonly edge = computed(() => polyline(edgeOf(this.placing().area).map(this.here)));
  protected readonly lines = computed(() =>
    this.placing().area.lines.map(({ kind, from, to }) => ({ kind, from: this.here(from), to: this.here(to) })),
  );
}
