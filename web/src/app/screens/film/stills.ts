import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LOOKING_LIMITS, SHAPES, type Shape, type ShapeKind, type Still } from '@hopsk/contract/film-work';
import { angleOf } from '@hopsk/core/film/angle';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { Either } from '../../ui/either';
import { orNone, namedOptions } from '../../ui/options';
import { texts } from '../../ui/reads';
import { Aiming } from './aiming';
import { FilmDesk } from './desk';

/** Still pictures of a clip, with what is drawn on them: lines, zones, heights, angles. */
@Component({
  selector: 'hop-film-stills',
  imports: [Box, Either, MatButton],
  templateUrl: './stills.html',
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmStills {
  protected readonly desk = inject(FilmDesk);
  protected readonly aiming = inject(Aiming);
  protected readonly text = words.film.still;
  protected readonly most = LOOKING_LIMITS.stills;
  protected readonly reads = texts(120);
  protected readonly shapes = orNone<ShapeKind>(words.film.still.nothing, namedOptions(SHAPES, words.film.still.shapes));
  protected readonly here = computed(() => this.desk.work().stills.find(({ frame }) => frame === this.desk.frame()) ?? null);
  protected readonly says = computed(() => {
    const shape = this.aiming.shape();
    return shape ? this.text.tap[shape](this.aiming.corners().length) : '';
  });
  protected readonly rows = computed(() =>
    [...this.desk.work().stills]
      .sort((a, b) => a.frame - b.frame)
      .map((still) => ({ still, shapes: still.shapes.map((shape) => ({ shape, label: this.saidOf(still, shape) })) })),
  );
  protected readonly angles = computed(() => this.desk.work().stills.some(({ shapes }) => shapes.some(({ kind }) => kind === 'angle')));

  private saidOf({ shapes }: Still, shape: Shape): string {
    const [{ kind, at }, alike] = [shape, shapes.filter((one) => one.kind === shape.kind)];
    const [one, middle, other] = at;
    const clip = this.desk.clip();
    const angle = kind === 'angle' && clip && one && middle && other ? angleOf([one, middle, other], clip.picture) : null;
    return angle
      ? this.text.angle(Math.round(angle.value), Math.ceil(angle.within))
      : this.text.shapeN(this.text.shapes[kind], alike.length > 1 ? alike.indexOf(shape) + 1 : null);
  }

  protected add(): void {
    this.desk.put({ stills: [...this.desk.work().stills, { frame: this.desk.frame(), says: '', shapes: [] }] });
  }

  protected change(still: Still, change: Partial<Still>): void {
    this.desk.put({ stills: this.desk.work().stills.map((one) => (one === still ? { ...one, ...change } : one)) });
  }

  protected dropShape(still: Still, shape: Shape): void {
    this.change(still, { shapes: still.shapes.filter((one) => one !== shape) });
  }

  protected drop(still: Still): void {
    this.desk.put({ stills: this.desk.work().stills.filter((one) => one !== still) });
  }

  protected go(still: Still): void {
    this.desk.frame.set(still.frame);
  }
}
