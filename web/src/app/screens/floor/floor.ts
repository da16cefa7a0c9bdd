import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import { MOST_HERE } from '@hopsk/contract/run';
import { ROUNDS_LIMITS, type Rounds } from '@hopsk/core/language/rounds';
import { BOARD_HOLDS, boardOf } from '@hopsk/core/log/tiles';
import { totalsOfRounds, openInRounds } from '@hopsk/core/plan/rounds';
import { clockText } from '@hopsk/core/plan/clock-text';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import type { Repetition, RepetitionAsk } from '../../compute/repetition';
import { Studies } from '../../compute/studies';
import { DoseForm } from '../../parts/dose-form';
import { RunDesk } from '../../data/desk';
import { Outbox } from '../../data/outbox';
import { Sounds } from '../../ports/sounds';
import { mine } from '../../data/may';
import { same } from '../../data/same';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { OPEN_DOSE } from '../../parts/open-dose';
import { TeachingStore } from '../../data/teaching';
import { once } from '../../ui/once';
import { RoundsSetUp } from '../../parts/rounds-set-up';
import { RoomForRun } from '../../parts/room-for-run';
import { roundsBegun } from '../../parts/run-setup';
import { Dialogs } from '../../ui/dialogs';
import { Head } from '../../ui/head';
import { BeforeThis } from '../../parts/before-this';
import { pickOrMake } from './dialogs';
import { RunRows } from '../../parts/run-rows';
import { UnderWay } from '../../parts/under-way';

/** Where rounds begin: who is here, what is looked for, and one press; with a pattern or without. */
@Component({
  selector: 'hop-floor-screen',
  imports: [DoseForm, Head, MatButton, RouterLink, RunRows, UnderWay],
  templateUrl: './floor.html',
  styleUrl: './floor.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FloorScreen {
  /** A pattern to run, by id from the address. */
  readonly pattern = input<string>();
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly asking = inject(Studies);
  private readonly desk = inject(RunDesk);
  private readonly router = inject(Router);
  private readonly sounds = inject(Sounds);
  protected readonly outbox = inject(Outbox);
  protected readonly text = words.floor;
  protected readonly common = words.common;
  protected readonly secure = isSecureContext;
  protected readonly clock = clockText;
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly patterns = this.store.selectSignal(patterns.selectHere);
  protected readonly status = this.store.selectSignal(people.selectStatus);
  protected readonly before = new BeforeThis();
  protected readonly may = mine().may;
  private readonly choice = picked(this.patterns, () => this.pattern(), 'none');
  protected readonly chosen = this.choice.record;
  private readonly setUp = new RoundsSetUp();
  /** Who is here as the coach said; until then those of the last run. */
  private readonly hereIds = computed<ReadonlySet<string>>(() => {
    const said = this.setUp.here();
    if (said) return said;
    const known = this.people().map((athlete) => athlete.id);
    const last = (this.before.last()?.here ?? []).filter((id) => known.includes(id));
    return new Set(last.length > 0 ? last : known.slice(0, 4));
  });
  protected readonly here = computed(() => this.people().filter((athlete) => this.hereIds().has(athlete.id)));
  /** The board as the coach made it; until then it follows who is here. */
  protected readonly board = computed(() => this.setUp.board() ?? boardOf(this.here().map(({ focus }) => focus)));
  private readonly usualDose = computed<Rounds>(() => this.chosen()?.dose ?? this.setUp.dose() ?? this.before.last()?.dose ?? OPEN_DOSE, {
    equal: same,
  });
  protected readonly dose = linkedSignal<Rounds>(() => this.usualDose());
  private readonly repetitions = new Latest();
  /** Of the chosen pattern as the first of those here does it; null without a pattern, and until it is known. */
  protected readonly rep = signal<Repetition | null>(null);
  protected readonly repSeconds = computed(() => this.rep()?.plan?.seconds ?? null);
  protected readonly asks = computed(() => openInRounds(this.dose(), this.repSeconds()).length > 0);
  protected readonly total = computed(() => totalsOfRounds(this.dose(), this.repSeconds()));
  /** Why it cannot start, if so. */
  protected readonly hindrance = computed(() => {
    if (this.here().length === 0) return this.text.pickSome;
    if (this.here().length > MOST_HERE) return this.text.tooMany;
    return this.total().total > ROUNDS_LIMITS.total ? this.text.tooLong : '';
  });
  /** Nothing starts before it is known what is run. */
  protected readonly waiting = this.repetitions.open;
  protected readonly refusal = signal('');
  protected readonly label = faultLabel;
  private readonly room = new RoomForRun();
  private readonly dialogs = inject(Dialogs);
  protected readonly boardFull = computed(() => this.board().length >= BOARD_HOLDS);

  constructor() {
    this.club.load();
    effect(() => {
      const [pattern, athlete] = [this.chosen(), this.here()[0] ?? null];
      const { moves, stances } = this.club.teaching();
      untracked(() => this.know(pattern, athlete, { moves, stances }));
    });
  }

  protected toggleHere(id: string): void {
    const ids = new Set(this.hereIds());
    if (!ids.delete(id)) ids.add(id);
    this.setUp.sayHere(ids);
  }

  protected async addFault(): Promise<void> {
    const picked = await pickOrMake(this.dialogs);
    if (!picked) return;
    if (typeof picked !== 'string') this.setUp.take(picked);
    this.onBoard(typeof picked === 'string' ? picked : picked.code, true);
  }

  protected sayDose(dose: Rounds): void {
    this.dose.set(dose);
    if (!this.chosen()) this.setUp.sayDose(dose);
  }

  protected onBoard(code: string, on: boolean): void {
    const board = this.board();
    this.setUp.sayBoard(on ? [...board, code] : board.filter((one) => one !== code));
  }

  protected choose(pattern: Pattern | null): void {
    this.choice.id.set(pattern?.id ?? null);
    scrollTo({ top: 0 });
  }

  protected readonly start = once(() => this.begin());

  private async begin(): Promise<void> {
    const me = this.me();
    if (!me || this.hindrance() !== '' || this.asks() || this.waiting()) return;
    // Sound may only begin with a tap; this is the one.
    this.sounds.wake();
    if (!(await this.room.made())) return;
    const pattern = this.chosen();
    const [name, people, board] = [pattern?.name ?? this.text.free, this.here(), this.board()];
    const beginning = roundsBegun({ me, club: this.club.teaching(), name, pattern, rep: this.rep(), dose: this.dose(), people, board });
    this.refusal.set(typeof beginning === 'string' ? `${this.text.cannot} ${beginning}` : '');
    if (typeof beginning === 'string') return;
    await this.before.keep(this.dose(), this.here());
    await this.desk.begin({ ...beginning, made: this.club.made().filter(({ code }) => beginning.board.includes(code)) });
    await this.setUp.begun();
    await this.router.navigate(['/floor/run']);
  }

  /** How long a repetition takes and what may go wrong in it: the simulation is the worker's. */
  private know(pattern: Pattern | null, athlete: Athlete | null, taught: RepetitionAsk['taught']): void {
    if (!pattern) {
      this.repetitions.drop();
      this.rep.set(null);
      return;
    }
    const { steps, school, hand, lead, area } = pattern;
    void this.repetitions.ask(
      () => this.asking.ask('repetition', { pattern: { steps, school, hand, lead, area }, athlete, taught }),
      (rep) => this.rep.set(rep),
      () => {
        this.rep.set(null);
        this.choice.id.set(null);
        this.refusal.set(this.common.stopped);
      },
    );
  }
}
