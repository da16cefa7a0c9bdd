import { cut } from '@hopsk/core/language/cut';
import { STAGE_KINDS } from '@hopsk/core/plan/exercise';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatTabNavPanel } from '@angular/material/tabs';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { Router, RouterLink } from '@angular/router';
import { Book } from '@hopsk/contract/book';
import { AIMS } from '@hopsk/core/catalogue/aims';
import { CHAINS, type BuildSource } from '@hopsk/core/plan/build/build-up';
import { AGAINST } from '@hopsk/core/plan/build/for-fault';
import type { LeftOut } from '@hopsk/core/plan/build/messages';
import { OPEN_SETTINGS, SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { faultLabel, sportName } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';
import { newId } from '../../data/ids';
import { sessions } from '../../data/records';
import { DeviceStore } from '../../data/device-store';
import { TeachingStore } from '../../data/teaching';
import { performance } from '../../compute/performance';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { byId, namedOptions, orNone } from '../../ui/options';
import { numbers, orNothing } from '../../ui/reads';
import { Tabs } from '../../ui/tabs';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import type { BuildAsk } from '../../compute/study.worker';
import { EMPTY, keptStages } from '../../parts/session-draft';
import { BEGINNINGS, Wishes } from './wishes';
import { sourceOf } from '../../parts/sources';
import { stagesOfBlocks } from '../../parts/stages';
import { inWords, performersOf, type Built } from './built-in-words';
import { nextStages, offeredTo } from './next-from';
import { dayOf } from '../../parts/run-setup';

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
  /** Where it begins, as the address says. */
  readonly from = input<string>();
  private readonly store = inject(Store);
  private readonly sessions = this.store.selectSignal(sessions.selectHere);
  private readonly device = inject(DeviceStore);
  private readonly asking = inject(Studies);
  private readonly router = inject(Router);
  private readonly club = inject(TeachingStore);
  private readonly books = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly beginnings = namedOptions(BEGINNINGS, words.build.beginnings);
  protected readonly chains = namedOptions(CHAINS, words.build.chains);
  protected readonly oppositions = namedOptions(['fed', 'partner'], words.build.cueings);
  protected readonly kinds = STAGE_KINDS;
  protected readonly faults = this.club.faultOptions;
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
  protected readonly wish = new Wishes({ pattern: this.pattern, fault: this.fault, athlete: this.athlete, from: this.from });
  protected readonly patternOptions = computed(() => byId(this.wish.patterns()));
  protected readonly peopleOptions = computed(() => orNone(this.text.anybody, byId(this.wish.people())));
  /** A pattern, a playbook or an aim is taken apart and built up as the coach wants it. */
  protected readonly takesApart = computed(() => !['empty', 'fault', 'book', 'compare'].includes(this.wish.from()));
  protected readonly built = signal<Built | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  private readonly question = new Latest();
  protected readonly working = this.question.open;
  /** Cautions that leave nothing out: said, so that nobody thinks they did. */
  protected readonly notesOnly = computed(() =>
    (this.wish.whom.record()?.cautions ?? []).filter((one) => one.forbids.length === 0 && one.landings === null),
  );
  protected readonly notOnly = words.cautions.inBuild;
  constructor() {
    this.club.load();
    effect(() => {
      const [from, source, options, fault] = [this.wish.from(), this.wish.source(), this.wish.options(), this.wish.theFault()];
      const patterns = this.wish.patterns();
      this.wish.second.record();
      this.wish.attempts();
      this.wish.block();
      untracked(() => {
        if (from === 'empty') this.show(null);
        else if (from === 'compare') this.compare();
        else if (from === 'fault') this.againstFault(fault, options, patterns.map(sourceOf));
        else if (from === 'book') this.forBook(options, patterns.map(sourceOf));
        else if (source) void this.build(source, options);
        else this.show(null);
      });
    });
  }

  protected readonly take = once(() => this.open());

  private async open(): Promise<void> {
    const id = newId();
    const built = this.built();
    const athlete = this.wish.whom.record();
    const draft = {
      ...EMPTY,
      name: cut(built?.name ?? '', 80),
      stages: keptStages(built?.stages ?? []),
      settings: { ...OPEN_SETTINGS, rest: this.wish.rest(), setRest: this.wish.setRest() },
      minutes: this.wish.minutes(),
      athletes: athlete ? [athlete.id] : [],
      ...(athlete && built?.why && { offered: offeredTo(athlete.id, built) }),
    };
    await this.device.keep(`build:${id}`, { base: 0, draft });
    await this.router.navigate(['/build', id]);
  }

  /** Two patterns on one athlete, in blocks that take turns. */
  private compare(): void {
    const [a, b] = [this.wish.picked.record(), this.wish.second.record()];
    this.show(
      a && b && a !== b
        ? { stages: stagesOfBlocks(a, b, this.wish.attempts(), this.wish.block()), leftOut: [], name: `${a.name} / ${b.name}` }
        : null,
    );
  }

  private build(source: BuildSource, options: BuildAsk): void {
    const { performer } = performance(source, this.wish.whom.record(), { own: this.club.stances() });
    this.settle(this.asking.ask('buildUp', { source, performer, options }).then((built) => inWords(built, source.name)));
  }

  private againstFault(fault: string, options: BuildAsk, club: readonly BuildSource[]): void {
    const ask = {
      fault,
      club,
      performers: performersOf(club, this.wish.whom.record(), this.club.stances()),
      options: { ...options, kinds: AGAINST },
    };
    const label = faultLabel(fault);
    this.settle(this.asking.ask('forFault', ask).then((answer) => answer && inWords(answer.built, label)));
  }

  /** What the fault book of whom it is for asks for next. */
  private forBook(options: BuildAsk, club: readonly BuildSource[]): void {
    const who = this.wish.whom.record();
    if (!who) return this.show(null);
    const before = this.sessions().filter(({ offered }) => offered?.athlete === who.id);
    const asked = { asking: this.asking, focus: who.focus, today: dayOf(new Date()), before, club, options };
    const performers = performersOf(club, who, this.club.stances());
    const book = this.lastSeen.ask(`book-${who.id}`, Book, this.books.of(who.id, {}));
    this.settle(book.then(({ value }) => nextStages({ ...asked, book: value, performers })));
  }

  /** What is known at once; answers still on their way are of no interest any more. */
  private show(built: Built | null): void {
    this.question.drop();
    this.trouble.set(null);
    this.built.set(built);
  }

  private settle(answer: Promise<Built | null>): void {
    this.trouble.set(null);
    void this.question.ask(
      () => answer,
      (built) => this.built.set(built),
      (error) => {
        this.built.set(null);
        this.trouble.set(troubleOf(error));
      },
    );
  }
}
