import { STAGE_KINDS, type StageKind } from '@hopsk/core/plan/exercise';
import { computed, effect, inject, signal, untracked, type Signal } from '@angular/core';
import { isUnder16 } from '@hopsk/contract/people';
import { AIMS } from '@hopsk/core/catalogue/aims';
import type { BuildSource, Chain } from '@hopsk/core/plan/build/build-up';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { BuildAsk } from '../../compute/study.worker';
import { Api } from '../../data/api';
import { picked } from '../../data/picked';
import { patterns, people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { booksOf, playbookSource, sourceOf } from '../../parts/sources';
import { byCode, orNone } from '../../ui/options';
import { masteredIn, trainedBy } from './trained';

/** What a session can begin from. */
export const BEGINNINGS = ['pattern', 'fault', 'book', 'playbook', 'aim', 'compare', 'empty'] as const;
export type Beginning = (typeof BEGINNINGS)[number];

/** Kinds of stages that are wanted before anybody chose. */
const USUAL: readonly StageKind[] = ['isolate', 'combine', 'whole', 'other side', 'called', 'fed'];

/** What the address asks for, by id and code. */
export interface Asked {
  readonly pattern: Signal<string | undefined>;
  readonly fault: Signal<string | undefined>;
  readonly athlete: Signal<string | undefined>;
  /** Where it begins; by what else is asked for where nothing is said. */
  readonly from: Signal<string | undefined>;
}

/** From what, for whom and how a session is to be built: as the coach said, and until then as the address and the trade have it. To be made where things can be injected. */
export class Wishes {
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly api = inject(Api);
  readonly playbooks = computed(() => booksOf(this.club.teaching()));
  readonly people = this.store.selectSignal(people.selectHere);
  private readonly sessions = this.store.selectSignal(sessions.selectHere);
  readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly said = signal<Beginning | null>(null);
  readonly from = computed<Beginning>(
    () => this.said() ?? BEGINNINGS.find((one) => one === this.asked.from()) ?? (this.asked.fault() ? 'fault' : 'pattern'),
  );
  readonly whom = picked(this.people, () => this.asked.athlete(), 'none');
  readonly picked = picked(this.patterns, () => this.asked.pattern());
  readonly second = picked(this.patterns, () => undefined);
  readonly attempts = signal(20);
  readonly block = signal(5);
  readonly faultCode = signal<string | null>(null);
  readonly theFault = computed(
    () => this.faultCode() ?? this.asked.fault() ?? this.whom.record()?.focus[0] ?? this.club.faults()[0]?.code ?? '',
  );
  readonly bookCode = signal<string | null>(null);
  /** Where a playbook is built from, one is always taken. */
  readonly bookOptions = computed(() =>
    this.from() === 'playbook' ? byCode(this.playbooks()) : orNone(words.common.none, byCode(this.playbooks())),
  );
  readonly bookShown = computed(() => this.book()?.code ?? (this.from() === 'playbook' ? (this.playbooks()[0]?.code ?? null) : null));
  readonly aimCode = signal(AIMS[0]?.code ?? '');
  readonly aim = computed(() => AIMS.find((one) => one.code === this.aimCode()) ?? null);
  readonly book = computed(() => this.playbooks().find((one) => one.code === this.bookCode()) ?? null);
  readonly saidChain = signal<Chain | null>(null);
  private readonly saidKinds = signal<ReadonlySet<StageKind> | null>(null);
  readonly saidOpposed = signal<'fed' | 'partner' | null>(null);
  readonly chain = computed<Chain>(() => this.saidChain() ?? (this.from() === 'aim' ? (this.aim()?.chain ?? 'forward') : 'forward'));
  readonly wanted = computed<ReadonlySet<StageKind>>(
    () =>
      this.saidKinds() ??
      new Set(this.from() === 'aim' ? (this.aim()?.kinds ?? USUAL) : this.from() === 'playbook' ? ['role', 'called', 'free'] : USUAL),
  );
  readonly opposed = computed(() => this.saidOpposed() ?? (this.from() === 'aim' ? (this.aim()?.opposed ?? 'fed') : 'fed'));
  readonly rest = signal<number | null>(null);
  readonly setRest = signal<number | null>(null);
  readonly minutes = signal<number | null>(null);
  readonly skipMastered = signal(true);
  readonly mastered = signal<ReadonlySet<string>>(new Set());

  readonly source = computed<BuildSource | null>(() => {
    switch (this.from()) {
      case 'pattern': {
        const pattern = this.picked.record();
        return pattern && sourceOf(pattern);
      }
      case 'aim': {
        const aim = this.aim();
        return aim && { ...aim.source, name: words.aims[aim.code]?.name ?? aim.code, pattern: null };
      }
      case 'playbook': {
        const book = this.book() ?? this.playbooks()[0] ?? null;
        return book && playbookSource(book);
      }
      default:
        return null;
    }
  });

  readonly options = computed<BuildAsk>(() => {
    const athlete = this.whom.record();
    const aimed = this.from() === 'aim' ? (this.playbooks().find((one) => one.code === this.aim()?.playbook) ?? null) : null;
    return {
      chain: this.chain(),
      kinds: STAGE_KINDS.filter((kind) => this.wanted().has(kind)),
      opposed: this.opposed(),
      playbook: this.book() ?? aimed ?? (this.from() === 'playbook' ? (this.playbooks()[0] ?? null) : null),
      settings: { rest: this.rest(), setRest: this.setRest() },
      focus: athlete?.focus ?? [],
      cautions: athlete?.cautions ?? [],
      otherLead: athlete?.otherLead !== 'none',
      child: athlete ? isUnder16(athlete.ageGroup) : false,
      mastered: this.skipMastered() ? this.mastered() : new Set(),
      faults: this.club.faults(),
      own: this.club.teaching().moves,
    };
  });

  constructor(private readonly asked: Asked) {
    effect(() => {
      const [athlete, sessions] = [this.whom.record(), this.sessions()];
      untracked(() => {
        this.mastered.set(new Set());
        if (!athlete) return;
        void trainedBy(this.api, sessions, athlete.id).then((trained) => {
          if (this.whom.record() === athlete) this.mastered.set(masteredIn(trained));
        });
      });
    });
  }

  begin(from: Beginning): void {
    this.said.set(from);
    this.saidKinds.set(null);
    this.saidChain.set(null);
    this.saidOpposed.set(null);
  }

  toggle(kind: StageKind): void {
    const kinds = new Set(this.wanted());
    if (!kinds.delete(kind)) kinds.add(kind);
    this.saidKinds.set(kinds);
  }
}
