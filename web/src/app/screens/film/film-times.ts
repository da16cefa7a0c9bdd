import { computed, inject, Injectable } from '@angular/core';
import { outOfOrder } from '@hopsk/core/film/marks';
import { isFought } from '@hopsk/core/film/sport-set';
import { timesOf } from '@hopsk/core/film/times';
import { FilmDesk } from './desk';
import { FilmSport } from './film-sport';

/** What the marks of the clip on the desk come to, judged by what holds for whom it shows. */
@Injectable()
export class FilmTimings {
  private readonly desk = inject(FilmDesk);
  private readonly sport = inject(FilmSport);
  readonly times = computed(() => timesOf(this.desk.frames(), this.desk.attempts(), this.desk.repeats(), this.sport.choices()));
  readonly order = computed(() => outOfOrder(this.desk.attempts(), isFought(this.sport.set())));
}
