import { ChangeDetectionStrategy, Component, computed, type ElementRef, input, output, signal, viewChildren } from '@angular/core';
import { outlineOf, type Side, SIDES } from '@hopsk/core/body/foot';
import type { LengthUnits } from '@hopsk/core/body/length';
import { add, type Vec } from '@hopsk/core/body/vec';
import type { Placing } from '@hopsk/core/judge/area';
import type { Study } from '@hopsk/core/judge/study';
import { feetAt } from '@hopsk/core/motion/motion';
import { whereIs } from '@hopsk/core/motion/things';
import { partnerFeet } from '@hopsk/core/view/partner-feet';
import { wordsOf } from '@hopsk/core/language/print';
import { CHIP, chipHalfWidth, floorView, type Print } from '@hopsk/core/view/floor-view';
import { lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { AreaLines } from './area-lines';
import { nudge } from './nudge';
import { at, atLeast, drawingId, placeOf, polyline, softPath, viewBox } from './svg';

/** The floor from above, to scale: prints, path, and both feet at the playhead. Everything shown is computed in core. */
@Component({
  selector: 'hop-floor',
  imports: [AreaLines],
  templateUrl: './floor.html',
  styleUrl: './floor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Floor {
  protected readonly units = words.units;
  readonly study = input.required<Study>();
  /** The playhead, seconds; null draws no present feet. */
  readonly t = input<number | null>(null);
  /** The move to light up, if any. */
  readonly lit = input<number | null>(null);
  readonly label = input('');
  /** Without numbers, for a small picture. */
  readonly plain = input(false);
  /** The floor that the pattern is placed on, if one was chosen. */
  readonly placing = input<Placing | null>(null);
  /** Only this foot, the other one faint. */
  readonly only = input<Side | null>(null);
  /** Whether prints can be dragged, by the pointer or by keys. */
  readonly draggable = input(false);
  /** In which a print that is carried by keys says how far it has come. */
  readonly lengths = input<LengthUnits>('cm');
  readonly moveChosen = output<number>();
  /** A print was dragged to a place on the floor, metres. */
  readonly dragged = output<{ readonly move: number; readonly foot: Side; readonly to: Vec }>();
  /** Where the print under the pointer would land. */
  protected readonly dragging = signal<{ readonly print: Print; readonly by: Vec; readonly from: Vec } | null>(null);
  /** The print that the tab key reaches; arrows go on from there. */
  protected readonly reached = signal(0);
  /** The same among the prints there are: a line that was changed may have fewer. */
  protected readonly stop = computed(() => Math.min(this.reached(), this.prints().length - 1));
  private readonly handles = viewChildren<ElementRef<SVGGElement>>('handle');
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
      says: this.says(print),
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
  protected readonly things = computed(() =>
    this.study().simulation.things.map((thing) => ({
      thing: thing.thing,
      name: thing.name ?? thing.thing,
      at: flip(whereIs(thing, this.t() ?? 0)),
      wide: thing.thing === 'wall' || thing.thing === 'net' || thing.thing === 'line',
    })),
  );
  /** The feet of who stands opposite. */
  protected readonly others = computed(() =>
    partnerFeet(this.study().simulation, this.t() ?? 0).map(({ outline, inAir }) => ({ d: softPath(outline), inAir })),
  );
  protected readonly now = computed(() => {
    const t = this.t();
    if (t === null) return [];
    const { simulation } = this.study();
    const feet = feetAt(simulation, t);
    return SIDES.map((foot) => ({
      foot,
      inAir: feet[foot].inAir,
      d: softPath(outlineOf(feet[foot], simulation.performer.body)),
      mark: at(feet[foot]),
    }));
  });

  protected readonly ghost = computed(() => {
    const drag = this.dragging();
    return drag ? softPath(drag.print.outline.map((p) => ({ x: p.x + drag.by.x, y: p.y + drag.by.y }))) : null;
  });

  /** How far the print that is carried has come. */
  protected readonly carried = computed(() => {
    const drag = this.dragging();
    if (!drag) return '';
    const [across, along] = [drag.by.x, drag.by.y].map((metres) => lengthText(Math.abs(metres), this.lengths())) as [string, string];
    return words.steps.carried(drag.by.x < 0, across, drag.by.y < 0, along);
  });

  protected take(event: PointerEvent, print: Print): void {
    if (!this.draggable() || print.move < 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.dragging.set({ print, by: { x: 0, y: 0 }, from: placeOf(event) });
  }

  protected move(event: PointerEvent): void {
    const drag = this.dragging();
    if (!drag) return;
    const now = placeOf(event);
    this.dragging.set({ ...drag, by: { x: now.x - drag.from.x, y: now.y - drag.from.y } });
  }

  /** Arrows go from print to print, Enter takes one up; then arrows carry it, Enter puts it down, Escape leaves it. */
  protected key(event: KeyboardEvent, print: Print, i: number): void {
    const drag = this.dragging();
    const by = nudge(event);
    if (by && drag) this.dragging.set({ ...drag, by: add(drag.by, by) });
    else if (by) this.reach(i + (event.key === 'ArrowRight' || event.key === 'ArrowDown' ? 1 : -1));
    else if (event.key === 'Escape' && drag) this.dragging.set(null);
    else if (event.key !== 'Enter' && event.key !== ' ') return;
    else if (drag) this.drop();
    else {
      this.moveChosen.emit(print.move);
      if (print.move >= 0) this.dragging.set({ print, by: { x: 0, y: 0 }, from: print.mark });
    }
    // Keys of the page do not act on a press that was meant for a print.
    event.preventDefault();
    event.stopPropagation();
  }

  /** Whoever goes elsewhere leaves what they carried; a press on another print has taken that one up already. */
  protected leave(print: Print): void {
    if (this.holds(print)) this.dragging.set(null);
  }

  /** Whether this print is the one in hand; a new study draws every print anew. */
  protected holds({ foot, word }: Print): boolean {
    const held = this.dragging()?.print;
    return held?.foot === foot && held.word === word;
  }

  private reach(i: number): void {
    const handle = this.handles()[i];
    if (!handle) return;
    this.reached.set(i);
    handle.nativeElement.focus();
  }

  private says({ foot, numbers, move }: Print): string {
    const step = this.study().simulation.moves[move]?.step;
    return words.steps.printSays(words.common.sides[foot], numbers.join(', '), step ? wordsOf(step.act) : '');
  }

  protected drop(): void {
    const drag = this.dragging();
    this.dragging.set(null);
    // A hair is a click, not a drag.
    if (!drag || Math.hypot(drag.by.x, drag.by.y) < 0.01) return;
    const { print, by } = drag;
    this.dragged.emit({ move: print.move, foot: print.foot, to: { x: print.mark.x + by.x, y: print.mark.y + by.y } });
  }
}

/** The drawing's y goes down. */
const flip = (p: Vec): Vec => ({ x: p.x, y: -p.y });
