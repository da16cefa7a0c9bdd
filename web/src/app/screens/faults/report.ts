import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { onFloor } from '@hopsk/core/judge/area-text';
import type { Study } from '@hopsk/core/judge/study';
import { faultLabel, faultWords, remedyOf, schoolWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import { performance } from '../../compute/performance';
import { Studies } from '../../compute/studies';
import { DeviceStore } from '../../data/device-store';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Floor } from '../../drawing/floor';
import { StanceDrawing } from '../../drawing/stance-drawing';
import { dayOf } from '../../parts/run-setup';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId, orNone } from '../../ui/options';
import { Print } from '../../ui/print';
import { OpenBook } from './open-book';
import { asTyped } from '../../ui/reads';
import { holdsOf, workOf, type Holds } from '@hopsk/core/view/plain-report';

/** One page for an athlete or a parent: what holds, what to work on, what to do at home, a stance and a pattern. Nobody is compared. */
@Component({
  selector: 'hop-report',
  imports: [Box, Choice, Floor, Head, MatButton, Print, StanceDrawing],
  templateUrl: './report.html',
  styleUrl: './report.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReportScreen {
  readonly athlete = input<string>();
  private readonly store = inject(Store);
  private readonly opened = new OpenBook();
  private readonly device = inject(DeviceStore);
  private readonly studies = inject(Studies);
  private readonly teaching = inject(TeachingStore);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly text = words.report;
  protected readonly common = words.common;
  protected readonly today = dayOf(new Date());
  private readonly people = this.store.selectSignal(people.selectHere);
  protected readonly peopleOptions = computed(() => byId(this.people()));
  private readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  protected readonly patternOptions = computed(() => orNone(this.common.none, byId(this.patterns())));
  protected readonly pattern = picked(this.patterns, () => undefined, 'none');
  protected readonly club = computed(() => this.me()?.club.name ?? '');
  protected readonly units = computed(() => this.me()?.coach.units ?? 'cm');
  protected readonly book = this.opened.book;
  protected readonly trouble = this.opened.trouble;
  protected readonly seen = signal<Study | null>(null);
  protected readonly word = signal('');
  protected readonly wordReads = asTyped(600);
  private readonly looking = new Latest();
  protected readonly when = computed(() => {
    const { sessions = 0, from, to } = this.book() ?? {};
    return from && to ? this.text.time(sessions, from, to) : '';
  });
  protected readonly holds = computed(() => {
    const book = this.book();
    return book ? holdsOf(book, book.numbers.recurrence.gone).map((one) => ({ ...this.named(one.fault), how: this.how(one) })) : [];
  });
  protected readonly work = computed(() => {
    const book = this.book();
    return book
      ? workOf(book, this.teaching.catalogue()).map((one) => ({ ...one, ...this.named(one.fault), often: this.text.often(one.ofTen) }))
      : [];
  });
  protected readonly standing = computed(() => {
    const stands = this.stands();
    return stands ? this.text.stance(schoolWords(stands.school).name) : '';
  });
  /** How they stand in their own stance. */
  protected readonly stands = computed(() => {
    const who = this.who();
    return who && performance({ steps: '', school: who.school, hand: who.hand, lead: who.lead }, who, this.own()).performer;
  });
  private readonly done = computed(() => {
    const [pattern, who] = [this.pattern.record(), this.who()];
    return pattern && who && { ...performance(pattern, who, this.own()), pattern };
  });
  protected readonly line = computed(() => this.done()?.text ?? '');
  private readonly key = computed(() => `draft:report:${this.who()?.id ?? ''}`);

  constructor() {
    this.teaching.load();
    effect(() => {
      const id = this.who()?.id;
      if (id !== undefined) untracked(() => this.load(id));
    });
    effect(() => {
      const done = this.done();
      untracked(() => {
        this.seen.set(null);
        if (!done) return this.looking.drop();
        const { text, performer, pattern } = done;
        void this.looking.ask(
          () => this.studies.study(text, performer, pattern.shouldClose, { own: this.teaching.teaching().moves, ...onFloor(pattern.area) }),
          (seen) => this.seen.set(seen),
          () => this.seen.set(null),
        );
      });
    });
  }

  protected take(id: string): void {
    this.choice.id.set(id);
  }

  /** What the coach says in their own words; it stays on this device. */
  protected say(word: string): void {
    this.word.set(word);
    void this.device.keep(this.key(), word === '' ? null : word);
  }

  protected load(id: string): void {
    this.opened.load(id);
    this.word.set('');
    const key = this.key();
    void this.device.recall(key).then((word) => {
      if (typeof word === 'string' && key === this.key() && this.word() === '') this.word.set(word);
    });
  }

  private readonly own = computed(() => ({ own: this.teaching.stances() }));

  private how(one: Holds): string {
    return one.how === 'better' ? this.text.better(one.before, one.now) : this.text[one.how];
  }

  private named(fault: string): { label: string; says: string; cue: string; remedy: string } {
    const { says = '', cue = '' } = faultWords(fault) ?? {};
    return { label: faultLabel(fault), says, cue, remedy: remedyOf(fault) };
  }
}
