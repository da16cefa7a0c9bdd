import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import { LOOKING_LIMITS, type ShapeKind } from '@hopsk/contract/film-work';
import type { Side } from '@hopsk/core/body/foot';
import { distance, type Vec } from '@hopsk/core/body/vec';
import { inPicture } from '@hopsk/core/film/calibration';
import type { Crossing } from '@hopsk/core/film/crossings';
import type { Footprint } from '@hopsk/core/film/foot';
import { FilmDesk } from './desk';

/** What is done at the desk: marks and their times, the floor's points, feet, a pattern beside them, attempts beside each other, what is said of it. */
export type Doing = 'times' | 'floor' | 'feet' | 'plan' | 'beside' | 'talk' | 'athlete';

/** What the next tap in the picture is. */
export type Aim =
  | { readonly what: 'point'; readonly crossing: Crossing }
  | { readonly what: 'corner'; readonly shape: ShapeKind }
  | { readonly what: 'foot'; readonly foot: Side; readonly part: 'ball' | 'heel' | 'tip' };

const CORNERS: Readonly<Record<ShapeKind, number>> = { line: 2, height: 1, angle: 3, zone: LOOKING_LIMITS.corners };
/** A tap nearer than this to where a crossing must be is that crossing: this part of the picture's height. */
const NEAR = 0.03;

/** What a tap in the picture means, and what comes of it. */
@Injectable()
export class Aiming {
  private readonly desk = inject(FilmDesk);
  readonly doing = signal<Doing>('times');
  readonly crossing = signal<Crossing | null>(null);
  readonly foot = signal<Side>('left');
  /** The heel is in the air: the tip of the toe is tapped in its place. */
  readonly heelUp = signal(false);
  /** The frame in which a ball of a foot was tapped last: its heel or tip comes next. */
  private readonly half = signal<{ readonly foot: Side; readonly frame: number } | null>(null);
  readonly aim = computed((): Aim | null => {
    const [doing, crossing, foot, half] = [this.doing(), this.crossing(), this.foot(), this.half()];
    if (this.desk.lost()) return null;
    if (doing === 'floor') return crossing && { what: 'point', crossing };
    const shape = this.shape();
    if (doing === 'talk')
      return shape && (this.still()?.shapes.length ?? LOOKING_LIMITS.shapes) < LOOKING_LIMITS.shapes ? { what: 'corner', shape } : null;
    if (doing !== 'feet' || this.desk.calibration() === null) return null;
    const open = half?.foot === foot && half.frame === this.desk.frame();
    return { what: 'foot', foot, part: open ? (this.heelUp() ? 'tip' : 'heel') : 'ball' };
  });
  /** What is drawn on a still picture, and as much of it as was tapped. */
  readonly shape = signal<ShapeKind | null>(null);
  readonly corners = linkedSignal<unknown, readonly Vec[]>({ source: this.desk.frame, computation: () => [] });
  private readonly still = computed(() => this.desk.work().stills.find(({ frame }) => frame === this.desk.frame()) ?? null);
  /** Crossings that were not tapped, where the others have them; those outside the picture left out. */
  readonly ghosts = computed((): readonly { readonly crossing: Crossing; readonly at: Vec }[] => {
    const [floor, { points }, clip] = [this.desk.calibration(), this.desk.work(), this.desk.clip()];
    if (!floor || !clip || this.desk.lost()) return [];
    const tapped = new Set(points.map(({ name }) => name));
    const { width, height } = clip.picture;
    return this.desk
      .crossings()
      .flatMap((crossing) => (tapped.has(crossing.code) ? [] : [{ crossing, at: inPicture(floor, crossing.at) }]))
      .filter(({ at: { x, y } }) => x >= 0 && y >= 0 && x <= width && y <= height);
  });

  /** Whether a tap at a place of the picture would be anything. */
  takes(at: Vec): boolean {
    return this.aim() !== null || this.ghostAt(at) !== null;
  }

  private ghostAt(at: Vec): Crossing | null {
    const near = NEAR * (this.desk.clip()?.picture.height ?? 0);
    const [nearest] = this.doing() === 'floor' ? [...this.ghosts()].sort((a, b) => distance(a.at, at) - distance(b.at, at)) : [];
    return nearest && distance(nearest.at, at) < near ? nearest.crossing : null;
  }

  /** A place of the picture was tapped, in its pixels. */
  tapped(at: Vec): void {
    const aim = this.aim();
    if (aim?.what === 'foot') return this.tappedFoot(aim, at);
    if (aim?.what === 'corner') return this.tappedCorner(aim.shape, at);
    const crossing = aim?.crossing ?? this.ghostAt(at);
    if (!crossing) return;
    const point = { name: crossing.code, picture: at, floor: crossing.at };
    this.desk.put({ points: [...this.desk.work().points.filter(({ name }) => name !== point.name), point] });
    this.crossing.set(null);
  }

  private tappedFoot({ foot, part }: Extract<Aim, { what: 'foot' }>, at: Vec): void {
    const [{ prints }, frame] = [this.desk.work(), this.desk.frame()];
    const here = (one: Footprint): boolean => one.foot === foot && one.frame === frame;
    if (part === 'ball') {
      this.desk.put({ prints: [...prints.filter((one) => !here(one)), { foot, frame, ball: at, other: null }] });
      this.half.set({ foot, frame });
    } else {
      this.desk.put({ prints: prints.map((one) => (here(one) ? { ...one, other: { part, at } } : one)) });
      this.half.set(null);
    }
  }

  draw(shape: ShapeKind | null): void {
    this.shape.set(shape);
    this.corners.set([]);
  }

  /** A shape is whole with so many corners; a zone when its first corner is tapped again, or it is closed. */
  private tappedCorner(shape: ShapeKind, at: Vec): void {
    const corners = [...this.corners(), at];
    const [first] = this.corners();
    const near = NEAR * (this.desk.clip()?.picture.height ?? 0);
    if (shape === 'zone' && first && this.corners().length > 2 && distance(first, at) < near) return this.closeZone();
    if (corners.length === CORNERS[shape]) this.shaped(shape, corners);
    else this.corners.set(corners);
  }

  closeZone(): void {
    this.shaped('zone', this.corners());
  }

  private shaped(kind: ShapeKind, at: readonly Vec[]): void {
    const still = this.still();
    this.desk.put({
      stills: this.desk.work().stills.map((one) => (one === still ? { ...one, shapes: [...one.shapes, { kind, at: [...at] }] } : one)),
    });
    this.corners.set([]);
  }

  /** The toe of the foot whose ball was tapped is left open. */
  leaveToe(): void {
    this.half.set(null);
  }

  undo(): void {
    this.half.set(null);
    // A shape that is begun goes corner by corner.
    if (this.corners().length > 0) return this.corners.update((all) => all.slice(0, -1));
    this.desk.undo();
  }
}
