import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { phasesOf, type PhaseSet } from '@hopsk/core/film/phases';
import { people } from '../../data/records';
import { FilmDesk } from './desk';

/** Which kind of sport a clip is of: that of whom it shows. */
@Injectable()
export class FilmSport {
  private readonly desk = inject(FilmDesk);
  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly everybody = this.store.selectSignal(people.selectHere);
  /** Null where nobody was said to be in it. */
  readonly known = computed((): PhaseSet | null => {
    const { athlete } = this.desk.work();
    const sport = athlete === null ? undefined : this.people()[athlete]?.sport;
    return sport === undefined ? null : phasesOf(sport);
  });
  /** Where nobody is named yet: as most likely, what the club does. */
  readonly likely = computed((): PhaseSet => this.known() ?? phasesOf(this.everybody()[0]?.sport ?? ''));
}
