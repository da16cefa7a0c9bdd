import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { AREAS } from '@hopsk/core/catalogue/areas';
import { crossingsOf, diagonalOff, type Crossing } from '@hopsk/core/film/crossings';
import { areaName } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { CrossingsPlan } from '../../drawing/crossings-plan';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { numbers, orNothing } from '../../ui/reads';
import { Aiming } from './aiming';
import { crossingName } from './crossing-name';
import { FilmDesk } from './desk';

/** What stands for a taped rectangle in the list of floors. */
const TAPED = 'taped';
/** A rectangle that is taped anew, metres. */
const NEW = { across: 3, along: 4 } as const;
/** A diagonal that is off by more than this is told, metres. */
const SQUARE = 0.02;

/** The floor as a ruler: which it is, and where its crossings lie in the picture. */
@Component({
  selector: 'hop-film-ruler',
  imports: [Box, Choice, CrossingsPlan],
  templateUrl: './ruler.html',
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmRuler {
  protected readonly desk = inject(FilmDesk);
  protected readonly aiming = inject(Aiming);
  protected readonly text = words.film;
  protected readonly sideReads = numbers({ low: 1, high: 60, step: 0.1, unit: 'm' });
  protected readonly diagonalReads = orNothing(numbers({ low: 1, high: 90, step: 0.1, unit: 'm' }));
  protected readonly floors = [
    { value: '', label: words.film.noFloor },
    ...AREAS.filter((area) => crossingsOf(area).length >= 4).map(({ code }) => ({ value: code, label: areaName(code) })),
    { value: TAPED, label: words.film.taped },
  ];
  /** The sides of a rectangle that was taped; null where the floor is another. */
  protected readonly taped = computed(() => {
    const area = this.desk.area();
    return area?.source === 'own' && area.shape.kind === 'rectangle' ? area.shape : null;
  });
  protected readonly floor = computed(() => (this.taped() ? TAPED : this.desk.work().area));
  protected readonly square = computed(() => {
    const [taped, { diagonal }] = [this.taped(), this.desk.work()];
    const off = taped && diagonal !== null ? diagonalOff(taped, diagonal) : null;
    return off === null ? '' : Math.abs(off) > SQUARE ? this.text.notSquare(Math.round(off * 100)) : this.text.isSquare;
  });
  protected readonly bad = computed(() => {
    const found = this.desk.found();
    return found === null ? [] : 'code' in found ? found.names : found.bad;
  });
  protected readonly tapped = computed(() => this.desk.work().points.map(({ name }) => name));
  protected readonly options = computed(() => [
    { value: '', label: this.text.chooseCrossing },
    ...this.desk.crossings().map((one) => ({ value: one.code, label: crossingName(one) })),
  ]);
  protected readonly says = computed(() => {
    const found = this.desk.found();
    if (found === null) return { text: this.text.tapFour, beware: false };
    const all = (names: readonly string[]): string[] => names.map((name) => this.called(name));
    if ('code' in found) return { text: this.text.refused[found.code](all(found.names).join(', ')), beware: found.code !== 'few-points' };
    if (found.bad.length > 0) return { text: this.text.bad(all(found.bad)), beware: true };
    return { text: found.checked ? this.text.goesTogether : this.text.unchecked, beware: false };
  });
  protected readonly rows = computed(() => {
    const floor = this.desk.calibration();
    return this.desk.work().points.map((point) => {
      const known = this.known(point.name);
      const residual = floor?.residuals.find(({ name }) => name === point.name);
      return {
        point,
        label: known ? crossingName(known) : point.name,
        own: known !== undefined,
        off: residual ? this.text.off(residual.pixels.toFixed(1)) : '',
      };
    });
  });

  private known(name: string): Crossing | undefined {
    return this.desk.crossings().find(({ code }) => code === name);
  }

  /** What a point is called: a crossing by its lines, another one as it was named. */
  private called(name: string): string {
    const known = this.known(name);
    return known ? crossingName(known) : name;
  }

  protected choose(floor: string): void {
    this.put(floor === TAPED ? `room ${NEW.across} x ${NEW.along} m` : floor);
  }

  protected side(side: 'across' | 'along', metres: number): void {
    const now = this.taped() ?? NEW;
    this.put(side === 'across' ? `room ${metres} x ${now.along} m` : `room ${now.across} x ${metres} m`);
  }

  private put(area: string): void {
    if (area === this.desk.work().area) return;
    this.aiming.crossing.set(null);
    this.desk.lay(area);
  }

  protected readonly name = crossingName;

  protected aimAt(crossing: Crossing): void {
    this.aiming.crossing.update((now) => (now?.code === crossing.code ? null : crossing));
  }

  protected pick(code: string): void {
    this.aiming.crossing.set(this.desk.crossings().find((one) => one.code === code) ?? null);
  }

  protected drop(name: string): void {
    this.desk.put({ points: this.desk.work().points.filter((one) => one.name !== name) });
  }
}
