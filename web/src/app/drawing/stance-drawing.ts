import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import type { Body } from '@hopsk/core/body/body';
import { heelOf, outlineOf, type Side, SIDES, toeOf } from '@hopsk/core/body/foot';
import { type LengthUnits } from '@hopsk/core/body/length';
import { boxOf } from '@hopsk/core/body/polygon';
import type { School } from '@hopsk/core/body/school';
import { sizeOf, standIn, tapeMarks, type Feet } from '@hopsk/core/body/stance';
import { add, scale, sub, wayOf, type Vec } from '@hopsk/core/body/vec';
import { lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { nudge } from './nudge';
import { atLeast, drawingId, placeOf, softPath, viewBox } from './svg';

/** Both feet of a stance to scale, with angles, sizes and the tape that marks them. */
@Component({
  selector: 'hop-stance-drawing',
  templateUrl: './stance-drawing.html',
  styleUrl: './stance-drawing.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StanceDrawing {
  readonly body = input.required<Body>();
  readonly school = input.required<School>();
  readonly lead = input<Side | null>(null);
  readonly units = input<LengthUnits>('cm');
  readonly label = input('');
  /** Feet as they were seen, drawn over the stance that is asked for; they can be dragged, and moved by keys. */
  readonly seen = input<Feet | null>(null);
  readonly moved = output<Feet>();
  private readonly held = signal<{ readonly side: Side; readonly from: Vec; readonly at: Vec } | null>(null);
  protected readonly text = words.stance;
  protected readonly sides = words.common.sides;
  protected readonly id = drawingId();
  protected readonly seenFeet = computed(() => {
    const seen = this.seen();
    return seen === null ? [] : SIDES.map((side) => ({ side, d: softPath(outlineOf(seen[side], this.body())) }));
  });
  private readonly posture = computed(() => standIn(this.school(), this.body(), this.lead()));
  protected readonly feet = computed(() =>
    SIDES.map((side) => {
      const foot = this.posture().feet[side];
      const toe = toeOf(foot, this.body());
      const heel = heelOf(foot, this.body());
      // The angle is written behind the heel, clear of the tape.
      const behind = sub(heel, scale(wayOf(foot.toe), 0.085));
      const out = side === 'left' ? -foot.toe : foot.toe;
      const turn = out < 0 ? `${-out}° ${words.stance.inward}` : `${out}°`;
      return {
        side,
        d: softPath(outlineOf(foot, this.body())),
        x: foot.x,
        y: -foot.y,
        toe: { x: toe.x, y: -toe.y },
        heel: { x: heel.x, y: -heel.y },
        chip: { x: behind.x, y: -behind.y },
        turn,
        lead: this.posture().lead === side,
      };
    }),
  );
  protected readonly tape = computed(() =>
    tapeMarks(this.posture(), this.body()).map((mark) => ({ x1: mark.from.x, y1: -mark.from.y, x2: mark.to.x, y2: -mark.to.y })),
  );
  protected readonly box = computed(() => {
    const seen = this.seen();
    const outlines = SIDES.flatMap((side) => [
      ...outlineOf(this.posture().feet[side], this.body()),
      ...(seen ? outlineOf(seen[side], this.body()) : []),
    ]);
    const box = boxOf(outlines) ?? { minX: 0, maxX: 0, minY: 0, maxY: 0 };
    return atLeast({ minX: box.minX - 0.22, maxX: box.maxX + 0.22, minY: box.minY - 0.26, maxY: box.maxY + 0.16 }, 1, 0.7);
  });
  protected readonly viewBox = computed(() => viewBox(this.box()));
  /** Measuring lines across and along between the marks, in the coach's units. */
  protected readonly sizes = computed(() => {
    const { left, right } = this.posture().feet;
    const size = sizeOf(this.posture().feet, 0);
    const low = -this.box().minY - 0.12;
    const far = this.box().maxX - 0.09;
    return {
      width: { x1: left.x, x2: right.x, y: low, middle: (left.x + right.x) / 2, word: lengthText(size.width, this.units(), 1) },
      length:
        Math.abs(size.leftAhead) < 0.01
          ? null
          : {
              y1: -left.y,
              y2: -right.y,
              x: far,
              middle: -(left.y + right.y) / 2,
              word: lengthText(Math.abs(size.leftAhead), this.units(), 1),
            },
    };
  });

  protected take(event: PointerEvent, side: Side): void {
    const seen = this.seen();
    if (!seen) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.held.set({ side, from: placeOf(event), at: seen[side] });
  }

  protected drag(event: PointerEvent): void {
    const [held, seen] = [this.held(), this.seen()];
    if (!held || !seen) return;
    const now = placeOf(event);
    const foot = { ...seen[held.side], x: held.at.x + now.x - held.from.x, y: held.at.y + now.y - held.from.y };
    this.moved.emit({ ...seen, [held.side]: foot });
  }

  protected key(event: KeyboardEvent, side: Side): void {
    const [by, seen] = [nudge(event), this.seen()];
    if (!by || !seen) return;
    event.preventDefault();
    this.moved.emit({ ...seen, [side]: { ...seen[side], ...add(seen[side], by) } });
  }

  protected drop(): void {
    this.held.set(null);
  }
}
