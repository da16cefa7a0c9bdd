import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import { footDrifts } from '@hopsk/core/film/foot-drift';
import { nearer, WANTED } from '@hopsk/core/film/nearer';
import { fromLine, stanceOf, stepLength, type Footprint } from '@hopsk/core/film/foot';
import type { Measure } from '@hopsk/core/film/place';
import type { AreaLine } from '@hopsk/core/judge/area';
import { words } from '@hopsk/words/words';
import { MeasuredFloor } from '../../drawing/measured-floor';
import { Choice } from '../../ui/choice';
import { Either } from '../../ui/either';
import { Table } from '../../ui/table';
import { Aiming } from './aiming';
import { FilmDesk } from './desk';
import { DeskFiles } from './desk-files';

const cm = (metres: number): number => Math.round(metres * 100);

/** Feet that stand on the floor of a picture: tapped, and where that is, how their toes are turned, how far from each other. */
@Component({
  selector: 'hop-film-feet',
  imports: [Choice, Either, MatButton, MeasuredFloor, Table],
  templateUrl: './feet.html',
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmFeet {
  protected readonly desk = inject(FilmDesk);
  protected readonly files = inject(DeskFiles);
  protected readonly aiming = inject(Aiming);
  protected readonly text = words.film;
  protected readonly sides = SIDES.map((side) => ({ value: side, label: words.film.whichFoot(words.common.sides[side]) }));
  protected readonly line = signal('');
  protected readonly lines = computed(() => [
    { value: '', label: this.text.noLine },
    ...this.known().map((line, i) => ({ value: String(i), label: this.lineName(line) })),
  ]);
  private readonly known = computed((): readonly AreaLine[] => this.desk.area()?.lines ?? []);
  private readonly from = computed(() => (this.line() === '' ? undefined : this.known()[Number(this.line())]));
  protected readonly says = computed(() => {
    const aim = this.aiming.aim();
    if (aim?.what !== 'foot') return this.text.floorFirst;
    return this.text.tapFoot[aim.part](words.common.sides[aim.foot]);
  });
  protected readonly halfDone = computed(() => {
    const aim = this.aiming.aim();
    return aim?.what === 'foot' && aim.part !== 'ball';
  });
  protected readonly stood = computed(() => this.desk.feet().map(({ stood }) => stood));
  protected readonly rows = computed(() => {
    const [floor, line] = [this.desk.calibration(), this.from()];
    return this.desk.feet().map(({ print, stood: { place, toe } }, i) => ({
      print,
      label: `${i + 1} · ${this.text.foot(words.common.sides[print.foot], print.frame)}`,
      place: this.text.place(place.at.x.toFixed(2), place.at.y.toFixed(2), cm(place.within)),
      toe: toe ? this.text.toe(Math.round(toe.value), Math.round(toe.within)) : this.text.noToe,
      line: floor && line ? this.text.fromLine(...inCm(fromLine(floor, print, line))) : '',
    }));
  });
  /** From each place of a foot to its next one; and how far apart two feet stand in one frame. */
  protected readonly measures = computed(() => {
    const floor = this.desk.calibration();
    const prints = this.desk.prints();
    if (!floor) return [];
    const n = (print: Footprint): number => prints.indexOf(print) + 1;
    const steps = prints.flatMap((print, i) => {
      const next = prints.slice(i + 1).find(({ foot }) => foot === print.foot);
      return next ? [[this.text.stepFrom(n(print), n(next)), this.text.long(...inCm(stepLength(floor, print, next)))]] : [];
    });
    const stances = prints.flatMap((left) => {
      const right = left.foot === 'left' ? prints.find(({ foot, frame }) => foot === 'right' && frame === left.frame) : undefined;
      if (!right) return [];
      const { width, length } = stanceOf(floor, { left, right }, 0);
      return [[this.text.stanceAt(left.frame), this.text.stance(...inCm(width), ...inCm(length))]];
    });
    return [...steps, ...stances];
  });

  /** Landings that drift from attempt to attempt. */
  protected readonly drifts = computed(() =>
    footDrifts(this.desk.attempts(), this.stood()).flatMap(({ foot, landing, right, ahead }) =>
      ([ahead, right] as const).flatMap((drift, i) =>
        drift.told
          ? [this.text.footDrifts(words.common.sides[foot], landing, Math.round(drift.each * 1000) / 10, cm(drift.within), i === 0)]
          : [],
      ),
    ),
  );
  /** Where the camera had to stand, where places are not known closely enough. */
  protected readonly stand = computed(() => {
    const better = nearer(Math.max(0, ...this.stood().map(({ place }) => place.within)));
    return better ? this.text.standNearer(cm(WANTED), Math.round(better.away * 100), Math.round(better.higher * 10) / 10) : '';
  });

  private lineName({ name, from, to }: AreaLine): string {
    const at = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const end = Math.abs(at.y) < 0.05 ? '' : this.text.ends[at.y < 0 ? 'near' : 'far'];
    const side = Math.abs(at.x) < 0.05 ? '' : this.text.ends[at.x < 0 ? 'left' : 'right'];
    return [end, side, this.text.lines[name] ?? name].filter((part) => part !== '').join(' ');
  }

  protected drop(print: Footprint): void {
    this.desk.put({ prints: this.desk.work().prints.filter((one) => one !== print) });
  }

  protected takeFoot(side: Side): void {
    this.aiming.foot.set(side);
  }
}

const inCm = ({ value, within }: Measure): [number, number] => [cm(value), cm(within)];
