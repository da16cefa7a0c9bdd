import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatTabNavPanel } from '@angular/material/tabs';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Router, RouterLink } from '@angular/router';
import { isUnder16 } from '@hopsk/contract/people';
import { AIMS } from '@hopsk/core/catalogue/aims';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { CHAINS, type BuildSource, type Chain } from '@hopsk/core/plan/build/build-up';
import { stageInWords, type BuiltUp } from '@hopsk/core/plan/build/built';
import type { LeftOut } from '@hopsk/core/plan/build/messages';
import { OPEN_SETTINGS, SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { STAGE_KINDS, type Stage, type StageKind } from '@hopsk/core/plan/session/stage';
import { buildWords, faultLabel, sportName } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Api } from '../../data/api';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { picked } from '../../data/picked';
import { patterns, people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { performance } from '../../compute/performance';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { byCode, byId, namedOptions, orNone } from '../../ui/options';
import { numbers, orNothing } from '../../ui/reads';
import { Tabs } from '../../ui/tabs';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import type { BuildAsk } from '../../compute/study.worker';
import { EMPTY, keptStages } from '../../parts/session-draft';
import { masteredIn, trainedBy } from './trained';
import { booksOf, playbookSource, sourceOf } from '../../parts/sources';
import { stagesOfBlocks } from '../../parts/stages';

/** What a session can begin from. */
const BEGINNINGS = ['pattern', 'fault', 'playbook', 'aim', 'compare', 'empty'] as const;
type Beginning = (typeof BEGINNINGS)[number];

/** Stages that were built, under the name of what they were built from. */
/** What was built, in words, and what it is called. */
interface Built {
  readonly name: string;
  readonly stages: readonly Stage[];
  readonly leftOut: BuiltUp['leftOut'];
}

function inWords({ stages, leftOut }: BuiltUp, name: string): Built {
  const said = buildWords();
  return { name, stages: stages.map((one) => stageInWords(one, said)), leftOut };
}

/** Kinds of stages that are wanted before anybody chose. */
const USUAL: readonly StageKind[] = ['isolate', 'combine', 'whole', 'other side', 'called', 'fed'];

/** Where a session begins: from what, for whom, in which order; its stages are shown before they are taken. */
@Component({
  selector: 'hop-start-from',
  imports: [Box, Choice, Head, MatButton, MatCheckbox, MatTabNavPanel, RouterLink, Tabs],
  templateUrl: './start-from.html',
  styleUrl: './start-from.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StartFrom {
  /** A pattern or a fault that the address asks for. */
  readonly pattern = input<string>();
  readonly fault = input<string>();
  /** For whom, as the address says. */
  readonly athlete = input<string>();
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly asking = inject(Studies);
  private readonly router = inject(Router);
  private readonly api = inject(Api);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly beginnings = namedOptions(BEGINNINGS, words.build.beginnings);
  protected readonly chains = namedOptions(CHAINS, words.build.chains);
  protected readonly oppositions = namedOptions(['fed', 'partner'], words.build.cueings);
  protected readonly kinds = STAGE_KINDS;
  protected readonly faults = FAULTS.map(({ code }) => ({ value: code, label: faultLabel(code) }));
  protected readonly aimWords = words.aims;
  protected readonly told = (one: LeftOut) => ({ name: say(words.plan.names, one.name), why: say(words.plan.leftOut, one) });
  protected readonly aims = AIMS.map(({ code, sport }) => ({
    value: code,
    label: `${words.aims[code]?.name ?? code} · ${sportName(sport)}`,
  }));
  protected readonly reads = {
    attempts: numbers({ low: 1, high: 200, whole: true }),
    block: numbers({ low: 1, high: 50, whole: true }),
    minutes: orNothing(numbers({ low: 1, high: SESSION_LIMITS.minutes, step: 5, whole: true, unit: words.units.min })),
    rest: orNothing(numbers({ low: 0, high: 3600, step: 5, whole: true, unit: 's' })),
  };
  protected readonly playbooks = computed(() => booksOf(this.club.teaching()));
  protected readonly people = this.store.selectSignal(people.selectHere);
  private readonly sessions = this.store.selectSignal(sessions.selectHere);
  protected readonly patterns = this.store.selectSignal(patterns.selectHere);
  protected readonly patternOptions = computed(() => byId(this.patterns()));
  protected readonly peopleOptions = computed(() => orNone(this.text.anybody, byId(this.people())));
  private readonly said = signal<Beginning | null>(null);
  protected readonly from = computed<Beginning>(() => this.said() ?? (this.fault() ? 'fault' : 'pattern'));
  protected readonly whom = picked(this.people, () => this.athlete(), 'none');
  protected readonly picked = picked(this.patterns, () => this.pattern());
  protected readonly second = picked(this.patterns, () => undefined);
  protected readonly attempts = signal(20);
  protected readonly block = signal(5);
  protected readonly faultCode = signal<string | null>(null);
  protected readonly theFault = computed(() => this.faultCode() ?? this.fault() ?? this.whom.record()?.focus[0] ?? FAULTS[0]?.code ?? '');
  protected readonly bookCode = signal<string | null>(null);
  /** Where a playbook is built from, one is always taken. */
  protected readonly bookOptions = computed(() =>
    this.from() === 'playbook' ? byCode(this.playbooks()) : orNone(this.common.none, byCode(this.playbooks())),
  );
  protected readonly bookShown = computed(
    () => this.book()?.code ?? (this.from() === 'playbook' ? (this.playbooks()[0]?.code ?? null) : null),
  );
  protected readonly aimCode = signal(AIMS[0]?.code ?? '');
  protected readonly aim = computed(() => AIMS.find((one) => one.code === this.aimCode()) ?? null);
  protected readonly book = computed(() => this.playbooks().find((one) => one.code === this.bookCode()) ?? null);
  protected readonly saidChain = signal<Chain | null>(null);
  private readonly saidKinds = signal<ReadonlySet<StageKind> | null>(null);
  protected readonly saidOpposed = signal<'fed' | 'partner' | null>(null);
  protected readonly chain = computed<Chain>(
    () => this.saidChain() ?? (this.from() === 'aim' ? (this.aim()?.chain ?? 'forward') : 'forward'),
  );
  protected readonly wanted = computed<ReadonlySet<StageKind>>(
    () =>
      this.saidKinds() ??
      new Set(this.from() === 'aim' ? (this.aim()?.kinds ?? USUAL) : this.from() === 'playbook' ? ['role', 'called', 'free'] : USUAL),
  );
  protected readonly opposed = computed(() => this.saidOpposed() ?? (this.from() === 'aim' ? (this.aim()?.opposed ?? 'fed') : 'fed'));
  protected readonly rest = signal<number | null>(null);
  protected readonly setRest = signal<number | null>(null);
  protected readonly minutes = signal<number | null>(null);
  protected readonly built = signal<Built | null>(null);
  private readonly question = new Latest();
  protected readonly working = this.question.open;
  protected readonly skipMastered = signal(true);
  protected readonly mastered = signal<ReadonlySet<string>>(new Set());

  private readonly source = computed<BuildSource | null>(() => {
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

  /** Cautions that leave nothing out: said, so that nobody thinks they did. */
  protected readonly notesOnly = computed(() =>
    (this.whom.record()?.cautions ?? []).filter((one) => one.forbids.length === 0 && one.landings === null),
  );
  protected readonly notOnly = words.cautions.inBuild;
  private readonly options = computed<BuildAsk>(() => {
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
      own: this.club.teaching().moves,
    };
  });

  constructor() {
    this.club.load();
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
    effect(() => {
      const [from, source, options, fault] = [this.from(), this.source(), this.options(), this.theFault()];
      const patterns = this.patterns();
      this.second.record();
      this.attempts();
      this.block();
      untracked(() => {
        if (from === 'empty') this.show(null);
        else if (from === 'compare') this.compare();
        else if (from === 'fault') void this.againstFault(fault, options, patterns.map(sourceOf));
        else if (source) void this.build(source, options);
        else this.show(null);
      });
    });
  }

  protected begin(from: Beginning): void {
    this.said.set(from);
    this.saidKinds.set(null);
    this.saidChain.set(null);
    this.saidOpposed.set(null);
  }

  protected toggle(kind: StageKind): void {
    const kinds = new Set(this.wanted());
    if (!kinds.delete(kind)) kinds.add(kind);
    this.saidKinds.set(kinds);
  }

  protected readonly take = once(() => this.open());

  private async open(): Promise<void> {
    const id = newId();
    const built = this.built();
    const athlete = this.whom.record();
    const draft = {
      ...EMPTY,
      name: built?.name.slice(0, 80) ?? '',
      stages: keptStages(built?.stages ?? []),
      settings: { ...OPEN_SETTINGS, rest: this.rest(), setRest: this.setRest() },
      minutes: this.minutes(),
      athletes: athlete ? [athlete.id] : [],
    };
    await this.device.keep(`build:${id}`, { base: 0, draft });
    await this.router.navigate(['/build', id]);
  }

  /** Two patterns on one athlete, in blocks that take turns. */
  private compare(): void {
    const [a, b] = [this.picked.record(), this.second.record()];
    this.show(
      a && b && a !== b
        ? { stages: stagesOfBlocks(a, b, this.attempts(), this.block()), leftOut: [], name: `${a.name} / ${b.name}` }
        : null,
    );
  }

  private build(source: BuildSource, options: BuildAsk): void {
    const { performer } = performance(source, this.whom.record(), { own: this.club.stances() });
    this.settle(this.asking.ask('buildUp', { source, performer, options }).then((built) => inWords(built, source.name)));
  }

  private againstFault(fault: string, options: BuildAsk, club: readonly BuildSource[]): void {
    const ours = { school: 'square-ready', hand: 'right', lead: 'none', steps: '' } as const;
    const performers = [...club, ours].map((one) => performance(one, this.whom.record(), { own: this.club.stances() }).performer);
    const label = faultLabel(fault);
    this.settle(this.asking.ask('forFault', { fault, club, performers, options }).then((answer) => answer && inWords(answer.built, label)));
  }

  /** What is known at once; answers still on their way are of no interest any more. */
  private show(built: Built | null): void {
    this.question.drop();
    this.built.set(built);
  }

  private settle(answer: Promise<Built | null>): void {
    void this.question.ask(
      () => answer,
      (built) => this.built.set(built),
      () => this.built.set(null),
    );
  }
}
