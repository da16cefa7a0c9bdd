import { computed, effect, inject, signal, type Signal } from '@angular/core';
import type { Athlete } from '@hopsk/contract/people';
import type { Side } from '@hopsk/core/body/foot';
import { onFloor } from '@hopsk/core/judge/area-text';
import type { Study, StudyOptions } from '@hopsk/core/judge/study';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { Fit } from '@hopsk/core/search/fit';
import { Latest } from '../../compute/latest';
import { performance } from '../../compute/performance';
import { Studies } from '../../compute/studies';
import { TeachingStore } from '../../data/teaching';
import type { Draft } from '../../parts/pattern-draft';

const alike = (a: Performer, b: Performer): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What a line is looked at with. */
export interface StudiedBy {
  readonly draft: Signal<Draft>;
  /** Whether it is known yet what is typed. */
  readonly opened: Signal<boolean>;
  readonly athlete: Signal<Athlete | null>;
  readonly failed: () => void;
}

/** The line that is typed as somebody does it: asked of the worker, and the answer that stands. To be made where things can be injected. */
export class Studied {
  private readonly asking = inject(Studies);
  private readonly club = inject(TeachingStore);
  private readonly question = new Latest();
  /** Another hand or lead than the athlete's, for looking only. */
  readonly asHand = signal<Side | null>(null);
  readonly asLead = signal<Side | null>(null);
  private readonly seed = signal(1);
  readonly study = signal<Study | null>(null);
  readonly fit = signal<Fit | null>(null);
  readonly performance = computed(() =>
    performance(this.by.draft(), this.by.athlete(), { own: this.club.teaching().stances, hand: this.asHand(), lead: this.asLead() }),
  );
  /** Who does it: the same as long as nothing of them changes, whatever is typed. */
  readonly performer = computed(() => this.performance().performer, { equal: alike });
  readonly placing = computed(() => onFloor(this.by.draft().area).placing ?? null);
  /** By what a line is judged: what is held where schools differ, what is usual in its sport, and the floor. */
  readonly judged = computed(() => {
    const placing = this.placing();
    const athlete = this.by.athlete();
    const { choices } = this.club.teaching();
    const schools = { pattern: this.by.draft().schools, club: choices, ...(athlete && { athlete: athlete.schools }) };
    return { schools, sport: this.by.draft().sport, ...(placing && { placing }) };
  });
  private readonly options = computed<StudyOptions>(() => ({ ...this.judged(), seed: this.seed(), own: this.club.teaching().moves }));

  constructor(private readonly by: StudiedBy) {
    effect(() => this.look());
  }

  /** What was asked last: what it depends on has not changed since. */
  private asked: readonly unknown[] = [];

  /** Asks what the line comes to, unless that was asked already. Whoever types need not wait for the page to be drawn anew first. */
  look(): void {
    const { text } = this.performance();
    const performer = this.performer();
    const [closes, options] = [this.by.draft().shouldClose, this.options()];
    const now = [text, performer, closes, options];
    // Nothing is drawn before the pattern has been opened.
    if (!this.by.opened() || now.every((one, i) => one === this.asked[i])) return;
    this.asked = now;
    this.ask(text, performer, closes, options);
  }

  /** Other branches of the alternatives. */
  drawAgain(): void {
    this.seed.update((seed) => seed + 1);
  }

  /** The move that is under way at `t` seconds; null before there is any. */
  moveAt(t: number): number | null {
    return this.study()?.simulation.moves.findLast((move) => move.start <= t + 1e-9)?.index ?? null;
  }

  /** The moment of the next contact after `t`, or of the first. Seconds. */
  contactAfter(t: number): number {
    const ends = (this.study()?.simulation.actions ?? []).filter((action) => action.contact).map((action) => action.end);
    return ends.find((end) => end > t + 1e-6) ?? ends[0] ?? 0;
  }

  private ask(text: string, performer: Performer, shouldClose: boolean, options: StudyOptions): void {
    void this.question.ask(
      async (stands) => {
        const study = await this.asking.study(text, performer, shouldClose, options);
        // It is shown at once: how it fits the floor takes longer.
        if (stands()) this.study.set(study);
        const { placing } = options;
        return placing && stands() ? this.asking.ask('fit', { text, performer, placing, own: options.own ?? [] }) : null;
      },
      (fit) => this.fit.set(fit),
      this.by.failed,
    );
  }
}
