import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { LOOKING_LIMITS, type Phase } from '@hopsk/contract/film-work';
import { faultLabel, faultWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { patterns, people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { byId, orNone } from '../../ui/options';
import { texts } from '../../ui/reads';
import { FilmDecisions } from './decisions';
import { FilmDesk } from './desk';
import { FilmSport } from './film-sport';
import { OwnPhases } from './own-phases';
import { FilmStills } from './stills';

/** What is said of a clip: what is good, phase by phase; then one point, its cue, and what comes next. */
@Component({
  selector: 'hop-film-talk',
  imports: [Box, Choice, FilmDecisions, FilmStills, MatButton],
  templateUrl: './talk.html',
  styleUrls: ['./made.scss', './talk.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmTalk {
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly own = inject(OwnPhases);
  protected readonly desk = inject(FilmDesk);
  protected readonly text = words.film;
  protected readonly common = words.common;
  readonly page = output();
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  protected readonly most = LOOKING_LIMITS.phases;
  protected readonly reads = { name: texts(40, 1), good: texts(200), says: texts(200), cue: texts(120) };
  private readonly set = inject(FilmSport).set;
  /** As they were written for this clip; else as this coach goes through them, or as is usual. */
  protected readonly phases = computed((): readonly Phase[] => {
    const { phases } = this.desk.work();
    if (phases.length > 0) return phases;
    const names = this.own.of(this.set()) ?? this.set().phases.map((code) => this.text.phases[code]);
    return names.map((name) => ({ name, frame: null, good: '' }));
  });
  /** Strengths come first. */
  protected readonly strong = computed(() => this.phases().some(({ good }) => good !== ''));
  protected readonly point = computed(() => this.desk.work().point ?? { phase: '', fault: '', says: '', cue: '' });
  protected readonly phaseOptions = computed(() => [
    { value: '', label: this.text.wholeAttempt },
    ...this.phases().map(({ name }) => ({ value: name, label: name })),
  ]);
  /** Faults that were seen in this clip first, then what is worked on, then all. */
  protected readonly faults = computed(() => {
    const { athlete, faults } = this.desk.work();
    const focus = (athlete !== null && this.people()[athlete]?.focus) || [];
    const first = [...faults.map(({ fault }) => fault), ...focus];
    const rank = (code: string): number => (first.includes(code) ? first.indexOf(code) : first.length);
    const all = this.club.faults().map(({ code }) => ({ value: code, label: faultLabel(code) }));
    return [{ value: '', label: this.text.noFault }, ...all.sort((a, b) => rank(a.value) - rank(b.value))];
  });
  protected readonly nexts = computed(() => orNone(this.text.noNext, byId(this.patterns())));

  constructor() {
    this.club.load();
    void this.own.load();
  }

  protected change(i: number, change: Partial<Phase>): void {
    this.put(this.phases().map((one, k) => (k === i ? { ...one, ...change } : one)));
  }

  protected add(): void {
    this.put([...this.phases(), { name: this.text.newPhase(this.phases().length + 1), frame: null, good: '' }]);
  }

  protected drop(i: number): void {
    this.put(this.phases().filter((_, k) => k !== i));
  }

  private put(phases: readonly Phase[]): void {
    this.desk.put({ phases: [...phases] });
    void this.own.keep(
      this.set(),
      phases.map(({ name }) => name),
    );
  }

  protected say(change: Partial<ReturnType<FilmTalk['point']>>): void {
    this.desk.put({ point: { ...this.point(), ...change } });
  }

  /** A fault brings its cue, where nobody has written one. */
  protected sayFault(fault: string): void {
    const before = faultWords(this.point().fault)?.cue ?? '';
    const cue = this.point().cue === before ? (faultWords(fault)?.cue ?? '').slice(0, 120) : this.point().cue;
    this.say({ fault, cue });
  }
}
