import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { isUnder16, type Athlete } from '@hopsk/contract/people';
import { VIEWS, type View } from '@hopsk/core/catalogue/fault';
import { chancesOf, faultyOf, measuredFaults, startOf } from '@hopsk/core/film/attempt-faults';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { BookApi } from '../../data/book-api';
import { Clips } from '../../data/clips';
import { people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { dayOf } from '../../parts/run-setup';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Either } from '../../ui/either';
import { byId, orNone } from '../../ui/options';
import { days } from '../../ui/reads';
import { FilmDesk } from './desk';
import { FilmTimings } from './film-times';
import { FilmTempo } from './tempo';

/** Whom a clip shows: their faults attempt by attempt, into the fault book; their times, into their tempo. */
@Component({
  selector: 'hop-film-athlete',
  imports: [Box, Choice, Either, FilmTempo, MatButton, Sent],
  templateUrl: './athlete.html',
  styleUrls: ['./made.scss', './athlete.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmAthlete {
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly api = inject(BookApi);
  private readonly clips = inject(Clips);
  protected readonly desk = inject(FilmDesk);
  private readonly timings = inject(FilmTimings);
  protected readonly text = words.film;
  protected readonly sending = new Sending();
  protected readonly dayReads = days;
  private readonly people = this.store.selectSignal(people.selectHere);
  protected readonly who = computed((): Athlete | null => this.people().find(({ id }) => id === this.desk.work().athlete) ?? null);
  protected readonly options = computed(() => orNone(this.text.noAthlete, byId(this.people())));
  protected readonly views = VIEWS.map((value) => ({ value, label: words.film.views[value] }));
  protected readonly day = computed(() => this.desk.work().day ?? dayOf(new Date()));
  protected readonly unagreed = computed(() => {
    const who = this.who();
    return who !== null && isUnder16(who.ageGroup) && who.agreed === null;
  });
  private readonly measured = computed(() => measuredFaults(this.timings.times().times));
  protected readonly rows = computed(() =>
    this.desk.work().faults.map(({ fault, seen }) => {
      const attempts = this.desk.attempts();
      const per = this.club.catalogue().get(fault)?.per ?? 'repetition';
      const [chances, faulty] = [chancesOf(attempts, per), faultyOf(attempts, per, seen)];
      const byTimes = this.measured().get(fault) ?? [];
      return {
        ...{ fault, label: faultLabel(fault), counts: { attempts: chances.length, faulty: faulty.length } },
        says: this.text.seenIn(faulty.length, chances.length),
        byTimes: byTimes.length > 0 ? this.text.byTimes(byTimes.join(', ')) : '',
        attempts: attempts.map((marks, i) => ({
          n: i + 1,
          start: startOf(marks),
          can: chances.includes(marks),
          on: faulty.includes(marks),
        })),
      };
    }),
  );
  /** Faults that show from where the clip was filmed: those that times say first, then what is worked on, then all others. */
  protected readonly more = computed(() => {
    const { view, faults } = this.desk.work();
    const there = new Set(faults.map(({ fault }) => fault));
    const first = [...this.measured().keys(), ...(this.who()?.focus ?? [])];
    const rank = (code: string): number => (first.includes(code) ? first.indexOf(code) : first.length);
    const shown = this.club.faults().filter(({ code, views }) => views.includes(view) && !there.has(code));
    const rows = shown.map(({ code }) => ({ value: code, label: faultLabel(code) })).sort((a, b) => rank(a.value) - rank(b.value));
    return [{ value: '', label: this.text.chooseFault }, ...rows];
  });
  protected readonly canBook = computed(
    () =>
      this.who() !== null && !this.unagreed() && this.desk.work().booked === null && this.rows().some(({ counts }) => counts.attempts > 0),
  );

  constructor() {
    this.club.load();
  }

  protected choose(athlete: string | null): void {
    this.desk.put({ athlete, booked: null });
    if (this.desk.keptAs) void this.clips.assign(this.desk.keptAs, athlete);
  }

  protected filmedFrom(view: View): void {
    this.desk.put({ view });
  }

  /** What times say of it is ticked at once: nobody has to see it again. */
  protected add(fault: string): void {
    if (fault === '') return;
    const attempts = this.desk.attempts();
    const seen = (this.measured().get(fault) ?? []).flatMap((n) => {
      const marks = attempts[n - 1];
      return marks ? [startOf(marks)] : [];
    });
    this.desk.put({ faults: [...this.desk.work().faults, { fault, seen }] });
  }

  protected tick(fault: string, start: number, on: boolean): void {
    this.desk.frame.set(start);
    const faults = this.desk.work().faults.map((one) => {
      if (one.fault !== fault) return one;
      const { attempts } = this.rows().find((row) => row.fault === fault) ?? { attempts: [] };
      // As they stand now: what was said of an attempt whose marks were moved goes with it.
      const seen = attempts.flatMap((attempt) => ((attempt.start === start ? on : attempt.on) ? [attempt.start] : []));
      return { fault, seen };
    });
    this.desk.put({ faults });
  }

  protected drop(fault: string): void {
    this.desk.put({ faults: this.desk.work().faults.filter((one) => one.fault !== fault) });
  }

  /** Writes what was seen into the book. Sent again it comes to the same rows, and adds nothing. */
  protected async book(who: Athlete): Promise<void> {
    const [{ view }, day] = [this.desk.work(), this.day()];
    const rows = this.rows().flatMap(({ fault, counts: { attempts, faulty } }) =>
      attempts === 0
        ? []
        : [
            {
              ...{ day, evening: `film ${this.desk.hash.slice(0, 12)}`, athlete: who.id, fault, attempts, faulty },
              ...({
                noted: 0,
                left: 0,
                right: 0,
                stage: '',
                kind: '',
                cueing: '',
                implement: '',
                tempo: 0,
                set: 0,
                round: 0,
                third: 0,
              } as const),
              ...({ way: '', direction: '', view, opponent: '', source: 'film' } as const),
            },
          ],
    );
    await this.sending.send(async () => {
      await firstValueFrom(this.api.addRows({ name: this.text.bookRows(this.desk.named()).slice(0, 60), look: false, rows }));
      this.desk.put({ booked: new Date().toISOString() });
      return '';
    });
  }
}
