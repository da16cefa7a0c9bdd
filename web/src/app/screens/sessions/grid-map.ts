import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { cut } from '@hopsk/core/language/cut';
import { EXAMPLES } from '@hopsk/core/catalogue/presets';
import { AXES, dueFirst, NO_COVERAGE, spread, USUAL_VALUES, wrongDial, type Axis, type AxisName } from '@hopsk/core/plan/build/grid';
import { variantName } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Api } from '../../data/api';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { picked } from '../../data/picked';
import { patterns, people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { byCode, byId, orNone } from '../../ui/options';
import { asTyped, numbers } from '../../ui/reads';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import type { GridSeen } from '../../compute/study.worker';
import { axesOfBook, coverageOf, usualText, valuesFrom } from './coverage';
import { EMPTY, type Draft } from '../../parts/session-draft';
import { trainedBy, type TrainedLine } from './trained';
import { booksOf, sourceOf } from '../../parts/sources';
import { stagesOfCells } from '../../parts/stages';

/** Variants of a pattern over axes: how many, which of them an athlete has done, and over how many sessions they are spread. */
@Component({
  selector: 'hop-grid-map',
  imports: [Box, Choice, Head, MatButton],
  templateUrl: './grid-map.html',
  styleUrl: './grid-map.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GridMap {
  readonly pattern = input<string>();
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly asking = inject(Studies);
  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected exampleOf(axis: AxisName): string {
    return axis === 'side' ? EXAMPLES.strokes : EXAMPLES.axis;
  }

  protected readonly common = words.common;
  protected readonly reads = {
    count: numbers({ low: 1, high: 50, whole: true }),
    sessions: numbers({ low: 1, high: 30, whole: true }),
    axis: asTyped(600),
  };
  protected readonly allAxes = AXES;
  protected readonly playbooks = computed(() => booksOf(this.club.teaching()));
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly planned = this.store.selectSignal(sessions.selectHere);
  protected readonly patternOptions = computed(() => byId(this.patterns()));
  protected readonly peopleOptions = computed(() => orNone(this.text.anybody, byId(this.people())));
  protected readonly bookOptions = computed(() => orNone(this.common.none, byCode(this.playbooks())));
  protected readonly skills = computed(() => this.axes().map(({ axis }) => ({ value: axis, label: this.text.axisNames[axis] })));
  protected readonly picked = picked(this.patterns, () => this.pattern());
  protected readonly whom = picked(this.people, () => undefined);
  /** Axes in use with their values as typed. */
  protected readonly typed = signal<ReadonlyMap<AxisName, string>>(
    new Map([
      ['side', usualText('side')],
      ['count', '1, 2, 3'],
    ]),
  );
  protected readonly bookCode = signal<string | null>(null);
  protected readonly skill = signal<AxisName>('side');
  protected readonly each = signal(3);
  protected readonly aRound = signal(3);
  protected readonly sessions = signal(2);
  private readonly trained = signal<readonly TrainedLine[]>([]);
  protected readonly seen = signal<GridSeen | null>(null);
  private readonly fromBook = computed(() => {
    const book = this.playbooks().find((one) => one.code === this.bookCode());
    return book ? axesOfBook(book) : { axes: [], forbidden: [] };
  });
  private readonly own = computed<readonly Axis[]>(() =>
    [...this.typed()].map(([axis, text]) => ({ axis, values: valuesFrom(text).slice(0, 8) })),
  );
  /** Axes of numbers with something on them that is none: they stay as the line is. */
  protected readonly wrong = computed(() =>
    this.own().flatMap((one) => {
      const value = wrongDial(one);
      const usual = (USUAL_VALUES[one.axis] ?? []).map(({ name }) => name).join(', ');
      return value === null ? [] : [this.text.noNumber(this.text.axisNames[one.axis], value, usual)];
    }),
  );
  protected readonly axes = computed<readonly Axis[]>(() => [
    ...this.own().filter((one) => wrongDial(one) === null),
    ...this.fromBook().axes.filter(({ axis }) => !this.typed().has(axis)),
  ]);
  protected readonly coverage = computed(() =>
    coverageOf(
      this.seen()?.grid.cells ?? [],
      this.planned().filter((one) => one.athletes.includes(this.whom.record()?.id ?? '')),
      this.trained(),
    ),
  );
  protected readonly cells = computed(() => {
    const unread = new Map(this.seen()?.unreadable.map(({ key, why }) => [key, say(words.notation, why)]) ?? []);
    return dueFirst(this.seen()?.grid.cells ?? [], this.coverage()).map((cell) => ({
      cell,
      name: variantName(cell.values),
      known: this.coverage().get(cell.key) ?? NO_COVERAGE,
      unread: unread.get(cell.key) ?? null,
    }));
  });
  protected readonly usable = computed(() =>
    this.cells()
      .filter((row) => row.unread === null)
      .map((row) => row.cell),
  );
  protected readonly sentence = computed(() => words.build.variants(this.usable().length, this.each()));
  protected readonly rounds = computed(() => spread(this.usable(), this.skill(), this.aRound(), this.sessions()));
  private readonly grids = new Latest();
  protected readonly stopped = signal(false);
  private readonly memories = new Latest();

  constructor() {
    this.club.load();
    effect(() => {
      const [pattern, axes] = [this.picked.record(), this.axes()];
      const { forbidden } = this.fromBook();
      untracked(() => {
        if (!pattern) return;
        void this.grids.ask(
          () => this.asking.ask('grid', { line: sourceOf(pattern), axes, forbidden, own: this.club.teaching().moves }),
          (seen) => {
            this.stopped.set(false);
            this.seen.set(seen);
          },
          () => this.stopped.set(true),
        );
      });
    });
    effect(() => {
      const [athlete, planned] = [this.whom.record(), this.planned()];
      untracked(() => {
        this.trained.set([]);
        if (!athlete) return;
        void this.memories.ask(
          () => trainedBy(this.api, planned, athlete.id),
          (trained) => this.trained.set(trained),
          () => this.trained.set([]),
        );
      });
    });
  }

  protected toggle(axis: AxisName): void {
    const typed = new Map(this.typed());
    if (!typed.delete(axis)) typed.set(axis, usualText(axis));
    this.typed.set(typed);
    if (!typed.has(this.skill())) this.skill.set([...typed.keys()][0] ?? 'side');
  }

  protected type(axis: AxisName, text: string): void {
    this.typed.set(new Map(this.typed()).set(axis, text));
  }

  protected readonly take = once((session: number) => this.open(session));

  /** One session of the spread, to be changed: a stage a round. */
  private async open(session: number): Promise<void> {
    const pattern = this.picked.record();
    if (!pattern) return;
    const athlete = this.whom.record();
    const rounds = this.rounds().filter((round) => round.session === session);
    const draft: Draft = {
      ...EMPTY,
      name: cut(`${pattern.name}, ${this.text.session} ${session}`, 80),
      stages: stagesOfCells(
        sourceOf(pattern),
        rounds.flatMap((round) => round.cells),
        this.each(),
      ),
      athletes: athlete ? [athlete.id] : [],
    };
    const id = newId();
    await this.device.keep(`build:${id}`, { base: 0, draft });
    await this.router.navigate(['/build', id]);
  }

  protected readonly sessionNumbers = computed(() => [...new Set(this.rounds().map((round) => round.session))]);
}
