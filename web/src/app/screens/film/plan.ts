import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Pattern } from '@hopsk/contract/pattern';
import { planOnFloor, type Beside } from '@hopsk/core/film/against-plan';
import { areaOf, onFloor } from '@hopsk/core/judge/area-text';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Latest } from '../../compute/latest';
import { performance } from '../../compute/performance';
import { Studies } from '../../compute/studies';
import type { Against } from '../../compute/against';
import { newId } from '../../data/ids';
import { patterns, people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { draftOf } from '../../parts/pattern-draft';
import { MeasuredFloor } from '../../drawing/measured-floor';
import { Choice } from '../../ui/choice';
import { byId, orNone } from '../../ui/options';
import { Table } from '../../ui/table';
import { FilmDesk } from './desk';
import { PlannedLanes } from './planned-lanes';

/** A pattern that is off by more than this in the mean may be another one, cm (common practice, no source). */
const FAR_OFF = 25;
const cm = (metres: number): number => Math.round(metres * 100);

/** A pattern laid over the feet of a film: what is off by step, what is found in it as it was done, and that as a pattern of its own. */
@Component({
  selector: 'hop-film-plan',
  imports: [Choice, MatButton, MeasuredFloor, RouterLink, Table],
  templateUrl: './plan.html',
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmPlan {
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly asking = inject(Studies);
  private readonly latest = new Latest();
  protected readonly desk = inject(FilmDesk);
  protected readonly text = words.film;
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly lanes = inject(PlannedLanes);
  protected readonly pattern = this.lanes.pattern;
  protected readonly person = this.lanes.person;
  protected readonly patternOptions = computed(() => orNone(this.text.noPattern, byId(this.patterns())));
  protected readonly personOptions = computed(() => orNone(this.text.nobody, byId(this.people())));
  protected readonly stood = computed(() => this.desk.feet().map(({ stood }) => stood));
  /** It stays with the desk: the strip shows its lanes. */
  protected readonly seen = this.lanes.against;
  protected readonly says = signal('');
  protected readonly took = signal<{ readonly id: string; readonly name: string } | null>(null);
  protected readonly planned = computed(() => {
    const [seen, area] = [this.seen(), this.desk.area() ?? areaOf('room 10 x 10 m')];
    return seen && area ? planOnFloor({ area, ...seen }, seen.planned) : [];
  });
  protected readonly rows = computed(() =>
    (this.seen()?.beside ?? []).map((one, i) => [
      `${i + 1} · ${this.text.foot(words.common.sides[one.stood.foot], one.stood.frame)}`,
      this.placeSaid(one),
      one.toe === null ? '' : this.text.toeOff(Math.round(one.toe)),
    ]),
  );
  protected readonly findings = computed(() =>
    (this.seen()?.findings ?? []).flatMap((finding) => (finding.intended ? [] : [say(words.findings, finding)])),
  );
  protected readonly farOff = FAR_OFF;
  protected readonly off = computed(() => cm(this.seen()?.off ?? 0));

  constructor() {
    this.club.load();
    effect(() => {
      const [pattern, person, feet] = [this.pattern.record(), this.person.record(), this.stood()];
      const { moves, choices, stances } = this.club.teaching();
      untracked(() => {
        this.took.set(null);
        if (!pattern || feet.length < 2) {
          this.seen.set(null);
          return this.says.set(feet.length < 2 ? this.text.feetFirst : '');
        }
        const done = performance(pattern, person, { own: stances });
        const options = {
          schools: { pattern: pattern.schools, club: choices, ...(person && { athlete: person.schools }) },
          sport: pattern.sport,
          own: moves,
          ...onFloor(pattern.area),
        };
        void this.latest.ask(
          () => this.asking.ask('against', { ...done, shouldClose: pattern.shouldClose, options, feet }),
          (seen) => {
            this.seen.set(seen);
            this.says.set(seen ? '' : this.text.noFit);
          },
          () => this.says.set(this.text.planStopped),
        );
      });
    });
  }

  private placeSaid({ off, stood }: Beside): string {
    const within = cm(stood.place.within);
    return Math.hypot(off.x, off.y) <= stood.place.within ? this.text.asPlanned(within) : this.text.offBy(cm(off.x), cm(off.y), within);
  }

  /** The measured line as a pattern of the club, beside the one it was held to. */
  protected take(pattern: Pattern, seen: Against): void {
    const [id, name] = [newId(), this.text.filmedName(pattern.name).slice(0, 80)];
    this.store.dispatch(patterns.actions.save({ ...draftOf(pattern), id, version: 0, name, steps: seen.measured.text }));
    this.took.set({ id, name });
  }
}
