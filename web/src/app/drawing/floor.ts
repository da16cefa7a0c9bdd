import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { CHIP, chipHalfWidth, feetAt, floorView, outlineOf, type Study } from '@hopsk/core';
import { at, atLeast, drawingId, polyline, softPath, viewBox } from './svg';

/** The floor from above, to scale: prints, path, and both feet at the playhead. Everything shown is computed in core. */
@Component({
  selector: 'hop-floor',
  templateUrl: './floor.html',
  styleUrl: './floor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Floor {
  readonly study = input.required<Study>();
  /** The playhead, seconds; null draws no present feet. */
  readonly t = input<number | null>(null);
  /** The move to light up, if any. */
  readonly lit = input<number | null>(null);
  readonly label = input('');
  /** Without numbers, for a small picture. */
  readonly plain = input(false);
  readonly moveChosen = output<number>();
  protected readonly id = drawingId();
  protected readonly chip = CHIP;
  private readonly view = computed(() => floorView(this.study().simulation));
  private readonly box = computed(() => atLeast(this.view().box, 1.8, 1.4));
  protected readonly viewBox = computed(() => viewBox(this.box()));
  protected readonly path = computed(() => polyline(this.view().path));
  protected readonly prints = computed(() =>
    this.view().prints.map((print) => ({
      ...print,
      d: softPath(print.outline),
      half: chipHalfWidth(print.word),
      chipAt: { x: print.label.x, y: -print.label.y },
      toeAt: { x: print.toe.x, y: -print.toe.y },
      start: print.move === -1,
    })),
  );
  /** Lines every half metre, so that distances can be read off. */
  protected readonly grid = computed(() => {
    const box = this.box();
    // The drawing's frame is often wider than the box: the lines go on beyond it.
    const beyond = Math.max(box.maxX - box.minX, box.maxY - box.minY);
    const [minX, maxX, minY, maxY] = [box.minX - beyond, box.maxX + beyond, box.minY - beyond, box.maxY + beyond];
    const lines = (low: number, high: number): number[] =>
      Array.from({ length: Math.floor(high * 2) - Math.ceil(low * 2) + 1 }, (_, i) => (Math.ceil(low * 2) + i) / 2);
    return { xs: lines(minX, maxX), ys: lines(minY, maxY).map((y) => -y), minX, maxX, top: -maxY, bottom: -minY };
  });
  protected readonly scale = computed(() => ({ x: this.box().minX + 0.12, y: -this.box().minY - 0.12 }));
  protected readonly now = computed(() => {
    const t = this.t();
    if (t === null) return [];
    const { simulation } = this.study();
    const feet = feetAt(simulation, t);
    return (['left', 'right'] as const).map((foot) => ({
      foot,
      inAir: feet[foot].inAir,
      d: softPath(outlineOf(feet[foot], simulation.performer.body)),
      mark: at(feet[foot]),
    }));
  });
}
