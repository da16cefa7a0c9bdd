import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { heldIn } from '@hopsk/core/film/held';
import type { MarkKind } from '@hopsk/core/film/marks';
import { setOf, type SportSet } from '@hopsk/core/film/sport-set';
import type { HeldChoices } from '@hopsk/core/judge/schools';
import { markLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { FilmDesk } from './desk';
import { PlannedLanes } from './planned-lanes';

/** Which sport a clip is of: that of whom it shows; else that of the pattern beside it; else what everybody in the club does. */
@Injectable()
export class FilmSport {
  private readonly desk = inject(FilmDesk);
  private readonly pattern = inject(PlannedLanes).pattern.record;
  private readonly club = inject(TeachingStore);
  private readonly store = inject(Store);
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly everybody = this.store.selectSignal(people.selectHere);
  readonly set = computed((): SportSet => {
    const sport = this.who(this.desk.work().athlete)?.sport ?? this.pattern()?.sport;
    if (sport !== undefined) return setOf(sport);
    const [first, ...others] = this.everybody().map((one) => setOf(one.sport));
    return first && others.every((one) => one.sport === first.sport) ? first : setOf('');
  });
  /** What times on the desk are judged by. */
  readonly choices = computed((): HeldChoices => this.choicesFor(this.desk.work().athlete, this.set()));

  constructor() {
    this.club.load();
  }

  label(kind: MarkKind): string {
    return markLabel(kind, this.set().manner);
  }

  /** What a mark is called on its pin. */
  pin(kind: MarkKind): string {
    const { manner } = this.set();
    return (manner === null ? undefined : words.film.pinsIn[manner][kind]) ?? words.film.pins[kind];
  }

  /** What times of a clip of somebody are judged by. */
  choicesFor(athlete: string | null, set = setOf(this.who(athlete)?.sport ?? '')): HeldChoices {
    const [who, pattern] = [this.who(athlete), this.pattern()];
    return heldIn(set, who?.school ?? pattern?.school ?? '', {
      club: this.club.teaching().choices,
      ...(who && { athlete: who.schools }),
      ...(pattern && { pattern: pattern.schools }),
    });
  }

  private who(athlete: string | null): ReturnType<typeof this.everybody>[number] | null {
    return athlete === null ? null : (this.people()[athlete] ?? null);
  }
}
