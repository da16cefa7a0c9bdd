import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { isUnder16, type Athlete } from '@hopsk/contract/people';
import { VIEWS } from '@hopsk/core/catalogue/fault';
import { tallyOf } from '@hopsk/core/film/attempt-faults';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import { BookApi } from '../../data/book-api';
import { Clips } from '../../data/clips';
import { people } from '../../data/records';
import { RunsSeen } from '../../data/runs-seen';
import { TeachingStore } from '../../data/teaching';
import { dayOf } from '../../parts/run-setup';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Either } from '../../ui/either';
import { byId, orNone } from '../../ui/options';
import { days } from '../../ui/reads';
import { FilmDesk } from './desk';
import { FilmFaults } from './seen-faults';
import { FilmTempo } from './tempo';

/** What a row of a film says nothing of. */
const UNSAID = {
  ...({ noted: 0, stage: '', kind: '', cueing: '', implement: '', tempo: 0, set: 0, round: 0, third: 0 } as const),
  ...({ way: '', direction: '', opponent: '' } as const),
};

/** Whom a clip shows: their faults attempt by attempt, into the fault book; their times, into their tempo. */
@Component({
  selector: 'hop-film-athlete',
  imports: [Box, Choice, Either, FilmFaults, FilmTempo, MatButton, Sent],
  templateUrl: './athlete.html',
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmAthlete {
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly api = inject(BookApi);
  private readonly runs = inject(RunsSeen);
  private readonly clips = inject(Clips);
  protected readonly desk = inject(FilmDesk);
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
  /** What the book would say. */
  private readonly tallies = computed(() =>
    this.desk.work().faults.flatMap(({ fault, ...said }) => {
      const tally = tallyOf(this.desk.attempts(), this.club.catalogue().get(fault)?.per ?? 'repetition', said);
      return tally.attempts === 0 ? [] : [{ fault, ...tally }];
    }),
  );
  protected readonly canBook = computed(() => !this.unagreed() && this.tallies().length > 0);

  constructor() {
    this.club.load();
  }

  protected choose(athlete: string | null): void {
    this.desk.put({ athlete });
    if (this.desk.keptAs) void this.clips.assign(this.desk.keptAs, athlete);
  }

  /** Writes what was seen into the book. Sent again it comes to the same rows, and adds nothing. */
  protected async book(who: Athlete): Promise<void> {
    const [{ view, before }, day] = [this.desk.work(), this.day()];
    const evening = [`film ${this.desk.hash.slice(0, 12)}`, ...(before > 0 ? [String(before + 1)] : [])].join(' ');
    const rows = this.tallies().map((tally) => ({ ...UNSAID, ...tally, day, evening, athlete: who.id, view, source: 'film' as const }));
    await this.sending.send(async () => {
      const name = this.text.bookRows(this.desk.named()).slice(0, 60);
      const { evenings } = await firstValueFrom(this.api.addRows({ name, look: false, rows }));
      this.desk.put({ day, booked: new Date().toISOString(), runs: evenings.flatMap(({ runs }) => runs) });
      return '';
    });
  }

  /** What was written goes out of the book again, as a tap that was taken back does; written anew it stands there as another evening. */
  protected async takeBack(): Promise<void> {
    const { runs, before } = this.desk.work();
    await this.sending.send(async () => {
      for (const id of runs) await this.runs.takeBackTold(id);
      this.desk.put({ booked: null, runs: [], before: before + 1 });
      return this.text.unbooked;
    });
  }
}
