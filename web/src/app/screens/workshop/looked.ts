import { computed, effect, inject, signal, untracked, type Signal } from '@angular/core';
import type { Athlete } from '@hopsk/contract/people';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import type { SessionLook } from '../../compute/session';
import { Studies } from '../../compute/studies';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { askOf, forAthlete, isTurned, type Draft, type Known } from '../../parts/session-draft';
import { byId, orNone } from '../../ui/options';
import { Memory } from './memory';

/** What a session is looked at with. */
export interface LookedBy {
  readonly draft: Signal<Draft>;
  /** Whether it is known yet what is typed. */
  readonly opened: Signal<boolean>;
  /** The session as it is stored; null where it never was. */
  readonly storedAs: Signal<string | null>;
  readonly failed: () => void;
}

/**
 * The session that is typed as one of its athletes does it, or its group: asked of the worker, and the answer that stands.
 * To be made where things can be injected.
 */
export class Looked {
  private readonly store = inject(Store);
  private readonly asking = inject(Studies);
  private readonly club = inject(TeachingStore);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly status = this.store.selectSignal(patterns.selectStatus);
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly looks = new Latest();
  /** Those it is for, in the order of the club's list. */
  readonly group = computed(() => this.people().filter((one) => this.by.draft().athletes.includes(one.id)));
  private readonly whose = computed(() => (this.group().length > 0 ? this.group() : this.people()));
  private readonly choice = picked(this.whose, () => undefined, 'none');
  readonly whoseOptions = computed(() =>
    orNone(this.group().length > 0 ? words.build.theGroup(this.group().length) : '1.70 m', byId(this.whose())),
  );
  /** Whose session is looked at; null: the group's, timed by its first. */
  readonly asOne = this.choice.record;
  readonly asId = this.choice.id;
  private readonly doer = computed<Athlete | null>(() => this.asOne() ?? this.group()[0] ?? null);
  /** The stages as the chosen athlete does them. */
  readonly shown = computed(() => forAthlete(this.by.draft(), this.asOne()?.id ?? null));
  readonly memory = new Memory(computed(() => this.by.draft().stages));
  private readonly known = computed<Known>(() => ({
    stances: this.club.stances(),
    moves: this.club.teaching().moves,
    patterns: this.status() === 'ready' || this.status() === 'offline' ? this.patterns() : null,
    landingsBefore: this.memory.landings(),
  }));
  /** The session as the worker is asked about it. */
  readonly asked = computed(() => askOf(this.shown(), this.doer(), this.known()));
  readonly look = signal<SessionLook | null>(null);
  /** What is shown may be a moment behind the typing. */
  readonly looking = this.looks.open;
  /** Those who do it mirrored. */
  readonly turned = computed(() => this.group().filter((athlete) => isTurned(this.by.draft(), athlete, this.club.stances())));

  constructor(private readonly by: LookedBy) {
    effect(() => {
      const ask = this.asked();
      if (this.by.opened()) untracked(() => this.see(ask));
    });
    effect(() => {
      const athlete = this.doer();
      if (this.by.opened() && athlete) untracked(() => this.memory.of(athlete, this.by.storedAs()));
    });
  }

  /** Another session has come in. */
  anew(): void {
    this.look.set(null);
    this.asId.set(undefined);
  }

  private see(ask: ReturnType<typeof askOf>): void {
    void this.looks.ask(
      () => this.asking.ask('session', ask),
      (look) => this.look.set(look),
      this.by.failed,
    );
  }
}
