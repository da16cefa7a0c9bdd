import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { Router } from '@angular/router';
import type { Athlete } from '@hopsk/contract/people';
import { SessionDraft, type Session, type SessionVersion } from '@hopsk/contract/session';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { fileName, saveFile } from '../../drawing/export';
import { RunDesk } from '../../data/desk';
import { Sounds } from '../../ports/sounds';
import type { HoldsTyping } from '../../parts/holds-typing';
import { picked } from '../../data/picked';
import { patterns, people, sessions } from '../../data/records';
import { Keeping } from '../../parts/keeping';
import { Refusals } from '../../parts/refusals';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Typed } from '../../data/typed';
import { Ask } from '../../ui/ask';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { byId, orNone } from '../../ui/options';
import { numbers, orNothing } from '../../ui/reads';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import { CalendarForm } from './calendar-form';
import { askOf, copyOf, draftOf, forAthlete, isTurned, KeptDraft, type Draft, type Known } from '../../parts/session-draft';
import { withAthlete, withFit, withRests } from './edits';
import { FitTable, type RestAnswers } from './fit-table';
import { History } from './history';
import type { SessionLook } from '../../compute/session';
import { sessionBegun } from './run-it';
import { Listening } from './listening';
import { Memory } from './memory';
import { SessionSide } from './session-side';
import { Stages } from './stages';
import { TimeBar } from './time-bar';
import { Versions } from './versions';
import { asCsv, asJson, asText } from '../../parts/session-files';

/** Playing faster than this, nothing is said. */
const SPEEDS = [1, 4, 16] as const;

/** A session: its stages as a column, its time to scale, what it adds up to, and what is wrong where it is wrong. */
@Component({
  selector: 'hop-workshop',
  imports: [
    CalendarForm,
    Box,
    Choice,
    FitTable,
    Head,
    Keeping,
    MatButton,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    Refusals,
    SessionSide,
    Stages,
    TimeBar,
    Versions,
  ],
  templateUrl: './workshop.html',
  styleUrl: './workshop.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)' },
})
export class Workshop implements HoldsTyping {
  readonly id = input.required<string>();
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly asking = inject(Studies);
  private readonly router = inject(Router);
  private readonly desk = inject(RunDesk);
  private readonly sounds = inject(Sounds);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly clock = clockText;
  protected readonly speeds = SPEEDS.map((value) => ({ value, label: `× ${value}` }));
  protected readonly minutes = orNothing(numbers({ low: 1, high: SESSION_LIMITS.minutes, step: 5, unit: words.units.min }));
  protected readonly stances = this.club.stances;
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly status = this.store.selectSignal(patterns.selectStatus);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly typing = new Typed<Session, Draft>({
    kind: sessions,
    id: this.id,
    begin: draftOf,
    whole: SessionDraft,
    kept: KeptDraft,
    key: (id) => `build:${id}`,
    turned: () => this.anew(),
  });
  protected readonly stored = this.typing.stored;
  protected readonly draft = this.typing.draft;
  protected readonly opened = this.typing.opened;
  protected readonly steps = new History<Draft>();
  protected readonly said = signal('');

  /** Those it is for, in the order of the club's list. */
  protected readonly group = computed(() => this.people().filter((one) => this.draft().athletes.includes(one.id)));
  protected readonly whose = computed(() => (this.group().length > 0 ? this.group() : this.people()));
  private readonly choice = picked(this.whose, () => undefined, 'none');
  protected readonly whoseOptions = computed(() =>
    orNone(this.group().length > 0 ? this.text.theGroup(this.group().length) : '1.70 m', byId(this.whose())),
  );
  /** Whose session is looked at; null: the group's, timed by its first. */
  protected readonly asOne = this.choice.record;
  protected readonly asId = this.choice.id;
  private readonly doer = computed<Athlete | null>(() => this.asOne() ?? this.group()[0] ?? null);
  /** The stages as the chosen athlete does them. */
  protected readonly shown = computed(() => forAthlete(this.draft(), this.asOne()?.id ?? null));
  protected readonly memory = new Memory(computed(() => this.draft().stages));
  private readonly known = computed<Known>(() => ({
    stances: this.club.stances(),
    moves: this.club.teaching().moves,
    patterns: this.status() === 'ready' || this.status() === 'offline' ? this.patterns() : null,
    landingsBefore: this.memory.landings(),
  }));
  private readonly ask = computed(() => askOf(this.shown(), this.doer(), this.known()));
  protected readonly look = signal<SessionLook | null>(null);
  private readonly looks = new Latest();
  /** What is shown may be a moment behind the typing. */
  protected readonly looking = this.looks.open;
  protected readonly kinds = computed(() => this.shown().stages.map((stage) => stage.kind));
  protected readonly available = computed(() => {
    const { minutes } = this.draft();
    return minutes === null ? null : minutes * 60;
  });
  protected readonly turned = computed(() => this.group().filter((athlete) => isTurned(this.draft(), athlete, this.stances())));

  protected readonly open = signal<string | null>(null);

  protected readonly player = new Listening(
    this.look,
    computed(() => this.look()?.total ?? 0),
  );
  /** The cue under the playhead. */
  protected readonly cue = computed(() => {
    const t = this.player.t();
    return this.look()?.cues.findLast((cue) => cue.at <= t + 1e-6) ?? null;
  });

  protected readonly fitted = signal<FittedSession | null>(null);
  protected readonly planning = signal(false);
  /** Whether earlier versions are listed. */
  protected readonly comparing = signal(false);

  constructor() {
    this.club.load();
    // What of an imported file could not be read comes along with it.
    const { said } = (history.state ?? {}) as { said?: unknown };
    if (Array.isArray(said)) this.said.set(said.join(' '));
    effect(() => {
      const ask = this.ask();
      if (this.opened()) untracked(() => this.see(ask));
    });
    effect(() => {
      const athlete = this.doer();
      if (this.opened() && athlete) untracked(() => this.memory.of(athlete, this.stored() ? this.id() : null));
    });
  }

  /** A copy opens in the same screen: nothing of the one before may stay in it. */
  private anew(): void {
    this.steps.forget();
    this.look.set(null);
    this.fitted.set(null);
    this.comparing.set(false);
    this.open.set(null);
    this.asId.set(undefined);
    this.player.seek(0);
  }

  /** Going on to what is done with it: the device keeps the draft, nothing is asked. */
  private going = false;

  unsaved(): boolean {
    return this.typing.dirty() && !this.going;
  }

  protected readonly print = once(() => {
    this.going = true;
    return this.router.navigate(['/build', this.id(), 'print'], { queryParams: { athlete: this.asOne()?.id } });
  });

  protected change(change: Partial<Draft>): void {
    const before = this.draft();
    if (this.typing.put({ ...before, ...change })) this.steps.keep(before);
  }

  protected undo(): void {
    const before = this.steps.back(this.draft());
    if (before) this.typing.put(before);
  }

  protected redo(): void {
    const after = this.steps.on(this.draft());
    if (after) this.typing.put(after);
  }

  /** One answer for everything that asks; then it is fitted again. */
  protected async decideAll(answers: RestAnswers): Promise<void> {
    this.change(withRests(this.draft(), this.asked(), answers));
    await this.fitToMinutes();
  }

  /** What the plan asks and says, by the stage's id. */
  private asked(): ReadonlyMap<string, readonly PlanProblem[]> {
    const look = this.look();
    return new Map(look?.stages.map(({ id }, i) => [id, look.problems.filter(({ stage }) => stage === i)]) ?? []);
  }

  protected toggleAthlete(id: string): void {
    this.change(withAthlete(this.draft(), id));
  }

  private see(ask: ReturnType<typeof askOf>): void {
    void this.looks.ask(
      () => this.asking.ask('session', ask),
      (look) => this.look.set(look),
      () => this.said.set(words.common.stopped),
    );
  }

  protected async fitToMinutes(): Promise<void> {
    const seconds = this.available();
    if (seconds === null) {
      this.said.set(this.text.noMinutes);
      return;
    }
    this.fitted.set(await this.asking.ask('fitTime', { session: this.ask(), seconds }).catch(() => null));
  }

  /** Takes what was fitted, and says what did not fit. */
  protected takeFit(fitted: FittedSession): void {
    this.change(withFit(this.draft(), fitted));
    const out = fitted.stages.filter((one) => !one.kept).map((one) => one.name);
    this.said.set(out.length > 0 ? this.text.leftOut(out.join(', ')) : '');
    this.fitted.set(null);
  }

  private readonly questions = inject(Ask);
  protected readonly runIt = once(() => this.begin());

  private async begin(): Promise<void> {
    const me = this.me();
    if (!me) return;
    const stops = this.look()?.problems.filter((problem) => problem.level === 'stop' || problem.level === 'asks') ?? [];
    // Sound may only begin with a tap; this is the one.
    this.sounds.wake();
    const open = { question: this.text.runOpen(stops.length), yes: this.text.run, no: this.common.notNow };
    if (stops.some((problem) => problem.level === 'asks') && !(await this.questions.sure(open))) return;
    const plan = await this.asking.ask('sessionPlan', this.ask()).catch(() => null);
    const here = this.asOne() ? [this.asOne() as Athlete] : this.group().length > 0 ? this.group() : this.people().slice(0, 1);
    const begun = plan && sessionBegun({ me, draft: this.draft(), sessionId: this.stored() ? this.id() : null, plan, here });
    if (!begun) return this.said.set(this.text.cannotRun);
    if (typeof begun === 'string') return this.said.set(begun);
    await this.desk.begin(begun);
    this.going = true;
    await this.router.navigate(['/floor/run']);
  }

  protected bringBack({ body }: SessionVersion): void {
    this.change(body);
    this.comparing.set(false);
  }

  protected readonly duplicate = once(async (template: boolean) => {
    const id = newId();
    const name = template ? this.draft().name : this.text.copyOf(this.draft().name);
    await this.device.keep(`build:${id}`, { base: 0, draft: copyOf(this.draft(), name, template) });
    this.typing.dirty.set(false);
    await this.router.navigate(['/build', id]);
  });

  protected archive(): void {
    this.going = true;
    this.typing.archive(true);
    void this.router.navigate(['/build']);
  }

  protected exportJson(): void {
    saveFile(asJson(this.draft()), fileName(this.draft().name, 'json'));
  }

  protected exportText(): void {
    saveFile(asText(this.draft()), fileName(this.draft().name, 'txt'));
  }

  protected exportCsv(): void {
    const look = this.look();
    if (look) saveFile(asCsv(look.cues, this.shown()), fileName(this.draft().name, 'csv'));
  }

  protected key(event: KeyboardEvent): void {
    const ctrl = event.ctrlKey || event.metaKey;
    const typing = event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);
    if (ctrl && event.key === 's') {
      event.preventDefault();
      this.typing.submit();
    } else if (ctrl && event.key === 'z' && !typing) {
      event.preventDefault();
      if (event.shiftKey) this.redo();
      else this.undo();
    }
  }
}
