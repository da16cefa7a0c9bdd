import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, inject, signal, untracked, viewChild } from '@angular/core';
import type { Vec } from '@hopsk/core/body/vec';
import type { Shape } from '@hopsk/contract/film-work';
import { inPicture } from '@hopsk/core/film/calibration';
import { gridOf } from '@hopsk/core/film/grid';
import { words } from '@hopsk/words/words';
import { Aiming } from './aiming';
import { FilmDesk } from './desk';
import { FilmFrame } from './frame';
import { StillShapes } from './still-shapes';

/** The glass shows so many pixels of the picture across, so many times larger. */
const GLASS = { across: 44, times: 4 } as const;
/** So much further than the cross goes the finger. */
const SLOW = 3;
const ARROWS: Readonly<Record<string, Vec>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** The frame that is looked at, with what was tapped in it, and the floor drawn over it. It is tapped under a glass, or by keys. */
@Component({
  selector: 'hop-film-picture',
  imports: [FilmFrame, StillShapes],
  templateUrl: './picture.html',
  styleUrl: './picture.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmPicture {
  protected readonly desk = inject(FilmDesk);
  private readonly aiming = inject(Aiming);
  private readonly shown = viewChild.required(FilmFrame);
  private readonly glass = viewChild<ElementRef<HTMLCanvasElement>>('glass');
  /** Where a finger was put down. */
  private put: Vec | null = null;
  protected readonly text = words.film;
  protected readonly clip = this.desk.clip;
  protected readonly size = computed(() => this.clip()?.picture ?? { width: 16, height: 9 });
  protected readonly viewBox = computed(() => `0 0 ${this.size().width} ${this.size().height}`);
  protected readonly where = this.desk.where;
  /** Where the cross is, while somebody aims. */
  protected readonly cross = signal<Vec | null>(null);
  /** The glass stands on the other side of the picture. */
  protected readonly onRight = computed(() => (this.cross()?.x ?? 0) < this.size().width / 2);
  protected readonly across = GLASS.across * GLASS.times;
  /** What is drawn over the picture is as thick on every screen: in its pixels, of 1000 across. */
  protected readonly unit = computed(() => this.size().width / 1000);
  protected readonly aims = computed(
    () => this.aiming.aim() !== null || (this.aiming.doing() === 'floor' && this.aiming.ghosts().length > 0),
  );
  protected readonly over = computed(() => ['floor', 'feet', 'plan'].includes(this.aiming.doing()));
  protected readonly lines = computed(() => {
    const [floor, area] = [this.desk.calibration(), this.desk.area()];
    if (!floor || !this.over()) return [];
    return gridOf(floor, area).map(({ kind, points }) => ({
      kind,
      points: points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' '),
    }));
  });
  protected readonly points = computed(() => {
    const [{ points }, floor, found] = [this.desk.work(), this.desk.calibration(), this.desk.found()];
    if (this.aiming.doing() !== 'floor') return [];
    const bad = found && !('code' in found) ? found.bad : (found?.names ?? []);
    return points.map(({ name, picture, floor: at }) => ({
      name,
      at: picture,
      bad: bad.includes(name),
      is: floor && inPicture(floor, at),
    }));
  });
  protected readonly ghosts = computed(() => (this.aiming.doing() === 'floor' ? this.aiming.ghosts() : []));
  protected readonly prints = computed(() =>
    this.aiming.doing() === 'feet' || this.aiming.doing() === 'plan'
      ? this.desk.work().prints.filter(({ frame }) => frame === this.desk.frame())
      : [],
  );

  /** What is drawn on the still picture of this frame, and what of a shape is begun. */
  protected readonly shapes = computed((): readonly Shape[] => {
    if (this.aiming.doing() !== 'talk') return [];
    const [still, kind, at] = [
      this.desk.work().stills.find(({ frame }) => frame === this.desk.frame()),
      this.aiming.shape(),
      this.aiming.corners(),
    ];
    return [
      ...(still?.shapes ?? []),
      ...(kind && at.length > 0 ? [{ kind: kind === 'zone' ? ('line' as const) : kind, at: [...at] }] : []),
    ];
  });
  protected readonly corners = computed(() => (this.aiming.doing() === 'talk' ? this.aiming.corners() : []));

  constructor() {
    // What plays waits for a picture that is still to come.
    effect(() => this.desk.waits.set(this.shown().waits()));
    effect(() => {
      const [cross, glass] = [this.cross(), this.glass()?.nativeElement];
      if (cross && glass) untracked(() => this.look(cross, glass));
    });
  }

  /** What lies under the glass is another picture now. */
  protected drew(): void {
    const [cross, glass] = [this.cross(), this.glass()?.nativeElement];
    if (cross && glass) this.look(cross, glass);
  }

  protected missed(frame: number): void {
    this.desk.said.set(this.text.noPicture(frame));
  }

  private look({ x, y }: Vec, glass: HTMLCanvasElement): void {
    const [brush, half] = [glass.getContext('2d'), GLASS.across / 2];
    if (!brush) return;
    brush.imageSmoothingEnabled = false;
    brush.clearRect(0, 0, glass.width, glass.height);
    brush.drawImage(this.shown().canvas, x - half, y - half, GLASS.across, GLASS.across, 0, 0, glass.width, glass.height);
  }

  private placeOf(event: PointerEvent): Vec {
    const svg = event.currentTarget as SVGSVGElement;
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()?.inverse());
    const { width, height } = this.size();
    return { x: Math.min(width, Math.max(0, p.x)), y: Math.min(height, Math.max(0, p.y)) };
  }

  /** A mouse aims without being pressed; a finger goes on until it is lifted, and slowly: on a phone it is wider than what is meant. */
  protected aim(event: PointerEvent): void {
    if (!this.aims()) return;
    const at = this.placeOf(event);
    if (event.pointerType === 'mouse') this.cross.set(at);
    else if (event.type === 'pointerdown') {
      (event.currentTarget as Element).setPointerCapture(event.pointerId);
      this.put = at;
      this.cross.set(at);
    } else if (this.put) this.cross.set({ x: this.put.x + (at.x - this.put.x) / SLOW, y: this.put.y + (at.y - this.put.y) / SLOW });
  }

  protected set(event: PointerEvent): void {
    const at = event.pointerType === 'mouse' ? this.placeOf(event) : this.cross();
    if (at && this.aims() && this.aiming.takes(at)) this.aiming.tapped(at);
    if (event.pointerType !== 'mouse') this.leave();
  }

  protected leave(): void {
    this.put = null;
    this.cross.set(null);
  }

  /** Arrows move the cross by a pixel, with shift by ten; Enter taps there. */
  protected key(event: KeyboardEvent): void {
    const [way, { width, height }] = [ARROWS[event.key], this.size()];
    const now = this.cross() ?? { x: Math.round(width / 2), y: Math.round(height / 2) };
    if (way) {
      const by = event.shiftKey ? 10 : 1;
      this.cross.set({ x: Math.min(width, Math.max(0, now.x + by * way.x)), y: Math.min(height, Math.max(0, now.y + by * way.y)) });
    } else if (event.key === 'Enter' && this.aiming.takes(now)) this.aiming.tapped(now);
    else if (event.key === 'Escape') this.cross.set(null);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
}
