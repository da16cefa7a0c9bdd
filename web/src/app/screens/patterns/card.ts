import type { Pattern } from '@hopsk/contract/pattern';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { onFloor, placingFrom } from '@hopsk/core/judge/area-text';
import type { Finding } from '@hopsk/core/judge/finding';
import type { Study } from '@hopsk/core/judge/study';
import type { Performer } from '@hopsk/core/motion/simulation';
import { clockText } from '@hopsk/core/plan/clock-text';
import { totalsOfRounds } from '@hopsk/core/plan/rounds';
import { lengthText } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Print } from '../../ui/print';
import { Table } from '../../ui/table';
import { Store } from '@ngrx/store';
import { Floor } from '../../drawing/floor';
import { Lanes } from '../../drawing/lanes';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import { performance } from '../../compute/performance';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId, orNone } from '../../ui/options';

/** One page of a pattern to pin to a wall: line, floor, time, rounds, cautions. */
@Component({
  selector: 'hop-drill-card',
  imports: [Choice, Floor, Head, Lanes, MatButton, Table, Print],
  templateUrl: './card.html',
  styleUrl: './card.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DrillCard {
  readonly id = input.required<string>();
  private readonly store = inject(Store);
  private readonly asking = inject(Studies);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly told = (finding: Finding): string => say(words.findings, finding);
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly peopleOptions = computed(() => orNone('1.70 m', byId(this.people())));
  protected readonly status = this.store.selectSignal(patterns.selectStatus);
  private readonly patterns = this.store.selectSignal(patterns.selectById);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly choice = picked(this.people, () => undefined, 'none');
  protected readonly pattern = computed(() => this.patterns()[this.id()] ?? null);
  protected readonly seen = signal<Study | null>(null);
  protected readonly done = computed(() => {
    const pattern = this.pattern();
    return pattern && performance(pattern, this.choice.record(), { own: this.club.teaching().stances });
  });
  protected readonly placing = computed(() => {
    return placingFrom(this.pattern()?.area ?? '');
  });
  protected readonly facts = computed(() => {
    const seen = this.seen();
    if (!seen) return [];
    const { totals } = seen;
    const length = (metres: number): string => lengthText(metres, this.me()?.coach.units ?? 'cm');
    const dose = this.pattern()?.dose;
    return [
      [this.text.time, `${totals.seconds.toFixed(2)} s`],
      [this.text.contacts, `${totals.contacts.left} · ${totals.contacts.right}`],
      [this.text.lunges, `${totals.lunges.left} · ${totals.lunges.right}`],
      [this.text.floorReach, `${length(totals.floorWithReach.across)} × ${length(totals.floorWithReach.along)}`],
      ...(dose
        ? [
            [
              this.text.rounds,
              `${dose.sets} × ${dose.rounds} × ${dose.work} ${dose.mode === 'seconds' ? 's' : '×'}, ${clockText(totalsOfRounds(dose, totals.seconds).total)}`,
            ],
          ]
        : []),
    ];
  });
  protected readonly findings = computed(() => (this.seen()?.findings ?? []).filter((finding) => !finding.intended));
  private readonly question = new Latest();

  constructor() {
    this.club.load();
    effect(() => {
      const [done, pattern] = [this.done(), this.pattern()];
      if (done && pattern) untracked(() => this.look(done.text, done.performer, pattern));
    });
  }

  private look(text: string, performer: Performer, { shouldClose, area, sport }: Pattern): void {
    void this.question.ask(
      () => this.asking.study(text, performer, shouldClose, { sport, own: this.club.teaching().moves, ...onFloor(area) }),
      (seen) => this.seen.set(seen),
      () => this.seen.set(null),
    );
  }
}
