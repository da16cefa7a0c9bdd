import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Side } from '@hopsk/core/body/foot';
import { chancesOf, faultyOf, measuredFaults, startOf, tallyOf } from '@hopsk/core/film/attempt-faults';
import type { FilmWork } from '@hopsk/contract/film-work';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { Choice } from '../../ui/choice';
import { Either } from '../../ui/either';
import { FilmDesk } from './desk';
import { FilmTimings } from './film-times';

/** Which attempts of a clip show which fault, and on which side: a tile an attempt. What is in the book is not changed. */
@Component({
  selector: 'hop-film-faults',
  imports: [Choice, Either],
  templateUrl: './seen-faults.html',
  styleUrls: ['./made.scss', './seen-faults.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmFaults {
  private readonly club = inject(TeachingStore);
  private readonly timings = inject(FilmTimings);
  private readonly people = inject(Store).selectSignal(people.selectById);
  protected readonly desk = inject(FilmDesk);
  protected readonly text = words.film;
  /** The side that a tick says. */
  protected readonly side = signal<Side | ''>('');
  protected readonly sides = (['', 'left', 'right'] as const).map((value) => ({
    value,
    label: value === '' ? words.film.noSide : words.common.sides[value],
  }));
  protected readonly off = computed(() => this.desk.work().booked !== null);
  private readonly measured = computed(() => measuredFaults(this.timings.times().times));
  protected readonly rows = computed(() =>
    this.desk.work().faults.map(({ fault, ...said }) => {
      const attempts = this.desk.attempts();
      const per = this.club.catalogue().get(fault)?.per ?? 'repetition';
      const [chances, tally] = [chancesOf(attempts, per), tallyOf(attempts, per, said)];
      const [on, left, right] = [said.seen, said.left, said.right].map((seen) => faultyOf(attempts, per, seen));
      const byTimes = this.measured().get(fault) ?? [];
      return {
        ...{ fault, label: faultLabel(fault) },
        says: [this.text.seenIn(tally.faulty, tally.attempts), this.text.seenOn(tally.left, tally.right)].join(''),
        byTimes: byTimes.length > 0 ? this.text.byTimes(byTimes.join(', ')) : '',
        attempts: attempts.map((marks, i) => ({
          ...{ n: i + 1, start: startOf(marks), can: chances.includes(marks), on: on?.includes(marks) ?? false },
          side: left?.includes(marks) ? ('left' as const) : right?.includes(marks) ? ('right' as const) : null,
        })),
      };
    }),
  );
  /** Faults that show from where the clip was filmed: those that times say first, then what is worked on, then all others. */
  protected readonly more = computed(() => {
    const { view, faults, athlete } = this.desk.work();
    const there = new Set(faults.map(({ fault }) => fault));
    const focus = athlete === null ? [] : (this.people()[athlete]?.focus ?? []);
    const first = [...this.measured().keys(), ...focus];
    const rank = (code: string): number => (first.includes(code) ? first.indexOf(code) : first.length);
    const shown = this.club.faults().filter(({ code, views }) => views.includes(view) && !there.has(code));
    const rows = shown.map(({ code }) => ({ value: code, label: faultLabel(code) })).sort((a, b) => rank(a.value) - rank(b.value));
    return [{ value: '', label: this.text.chooseFault }, ...rows];
  });

  /** What times say of it is ticked at once: nobody has to see it again. */
  protected add(fault: string): void {
    if (fault === '') return;
    const attempts = this.desk.attempts();
    const seen = (this.measured().get(fault) ?? []).flatMap((n) => {
      const marks = attempts[n - 1];
      return marks ? [startOf(marks)] : [];
    });
    this.put([...this.desk.work().faults, { fault, seen, left: [], right: [] }]);
  }

  /** A tick says that an attempt shows it, on the side that is chosen; the same once more takes it away. */
  protected tick(fault: string, start: number): void {
    this.desk.frame.set(start);
    const [side, row] = [this.side() || null, this.rows().find((one) => one.fault === fault)];
    if (!row) return;
    // As they stand now: what was said of an attempt whose marks were moved goes with it.
    const now = row.attempts.map((one) => (one.start !== start ? one : { ...one, on: !one.on || one.side !== side, side }));
    const those = (is: (one: (typeof now)[number]) => boolean): number[] => now.filter((one) => one.on && is(one)).map((one) => one.start);
    const said = { fault, seen: those(() => true), left: those((one) => one.side === 'left'), right: those((one) => one.side === 'right') };
    this.put(this.desk.work().faults.map((one) => (one.fault === fault ? said : one)));
  }

  protected drop(fault: string): void {
    this.put(this.desk.work().faults.filter((one) => one.fault !== fault));
  }

  private put(faults: FilmWork['faults']): void {
    this.desk.put({ faults });
  }
}
