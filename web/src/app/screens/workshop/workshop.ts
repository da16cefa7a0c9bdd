import { CdkDrag, CdkDragHandle, CdkDropList, type CdkDragDrop } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { Router } from '@angular/router';
import { ProgressionDraft, type Athlete, type Pattern, type Progression, type ProgressionVersion, type StageRecord } from '@hopsk/contract';
import { EXAMPLES, ROUND_FORMATS, USUAL_DOSES } from '@hopsk/core/catalogue/presets';
import { stageEvidence } from '@hopsk/core/evidence/stage-evidence';
import { beepsOf } from '@hopsk/core/log/clock';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { clockText } from '@hopsk/core/plan/clock-text';
import { isSession } from '@hopsk/core/plan/run-plan';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../../data/api';
import { troubleOf } from '../../data/problem';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { fileName, saveFile } from '../../drawing/export';
import { Thumb } from '../../drawing/thumb';
import { RunDesk } from '../../data/desk';
import { Sounds } from '../../ports/sounds';
import { Speech } from '../../ports/speech';
import type { HoldsTyping } from '../../parts/holds-typing';
import { picked } from '../../data/picked';
import { patterns, people, progressions } from '../../data/records';
import { Refusals } from '../../parts/refusals';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Typed } from '../../data/typed';
import { Player } from '../../parts/player';
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
import { due } from '../../parts/cues';
import {
  askOf,
  copyOf,
  draftOf,
  forAthlete,
  isTurned,
  KeptDraft,
  type Draft,
  type DraftStage,
  type Known,
} from '../../parts/session-draft';
import { FitTable } from './fit-table';
import { History } from './history';
import type { SessionLook } from '../../compute/session';
import { sessionHead } from './run-it';
import { SessionSide } from './session-side';
import { StageDetail } from './stage-detail';
import { emptyStage, stageFrom } from '../../parts/stages';
import { TimeBar } from './time-bar';
import { asCsv, asJson, asText } from '../../parts/session-files';

/** Playing faster than this, nothing is said. */
const SPEEDS = [1, 4, 16] as const;

/** An evening's work: its stages as a column, its time to scale, what it adds up to, and what is wrong where it is wrong. */
@Component({
  selector: 'hop-workshop',
  imports: [
    CalendarForm,
    Box,
    CdkDrag,
    CdkDragHandle,
    CdkDropList,
    Choice,
    FitTable,
    Head,
    MatButton,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    Refusals,
    SessionSide,
    StageDetail,
    Thumb,
    TimeBar,
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
  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly desk = inject(RunDesk);
  private readonly sounds = inject(Sounds);
  protected readonly speech = inject(Speech);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly told = (problem: PlanProblem): string => say(words.plan.problems, problem);
  protected readonly isRest = ({ code }: PlanProblem): boolean => code === 'rest' || code === 'set-rest';
  protected readonly isPattern = ({ code }: PlanProblem): boolean => code === 'pattern-away' || code === 'pattern-changed';
  protected readonly formatNames = words.formats;
  protected readonly common = words.common;
  protected readonly clock = clockText;
  protected readonly formats = ROUND_FORMATS;
  protected readonly usualDoses = USUAL_DOSES;
  protected readonly doseExample = EXAMPLES.dose;
  protected readonly speeds = SPEEDS.map((value) => ({ value, label: `× ${value}` }));
  protected readonly minutes = orNothing(numbers({ low: 1, high: SESSION_LIMITS.minutes, step: 5, unit: words.units.min }));
  protected readonly stances = this.club.stances;
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly patterns = this.store.selectSignal(patterns.selectHere);
  protected readonly patternOptions = computed(() => byId(this.patterns()));
  protected readonly adding = picked(this.patterns, () => undefined);
  private readonly status = this.store.selectSignal(patterns.selectStatus);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly typing = new Typed<Progression, Draft>({
    kind: progressions,
    id: this.id,
    begin: draftOf,
    whole: ProgressionDraft,
    kept: KeptDraft,
    key: (id) => `build:${id}`,
    turned: () => this.anew(),
  });
  protected readonly stored = this.typing.stored;
  protected readonly draft = this.typing.draft;
  protected readonly dirty = this.typing.dirty;
  protected readonly save = this.typing.save;
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
  private readonly landingsBefore = signal<readonly number[]>([]);
  private readonly known = computed<Known>(() => ({
    stances: this.club.stances(),
    moves: this.club.teaching().moves,
    patterns: this.status() === 'ready' || this.status() === 'offline' ? this.patterns() : null,
    landingsBefore: this.landingsBefore(),
  }));
  private readonly ask = computed(() => askOf(this.shown(), this.doer(), this.known()));
  protected readonly look = signal<SessionLook | null>(null);
  private readonly looks = new Latest();
  private readonly memories = new Latest();
  /** What is shown may be a moment behind the typing. */
  protected readonly looking = this.looks.open;
  protected readonly kinds = computed(() => this.shown().stages.map((stage) => stage.kind));
  protected readonly available = computed(() => {
    const { minutes } = this.draft();
    return minutes === null ? null : minutes * 60;
  });
  protected readonly turned = computed(() => this.group().filter((athlete) => isTurned(this.draft(), athlete, this.stances())));

  /** A stage with what is known of it; the look may be a moment behind the typing. */
  protected readonly rows = computed(() => {
    const look = this.look();
    const places = new Map(look?.stages.map((one, i) => [one.id, i]) ?? []);
    const evidence = this.evidence();
    const { stages } = this.draft();
    return stages.map((stage, i) => {
      const at = places.get(stage.id) ?? -1;
      const skipped = !this.shown().stages.some((one) => one.id === stage.id);
      return {
        stage,
        skipped,
        seen: skipped ? null : (look?.stages[at] ?? null),
        totals: skipped ? null : (look?.totals.stages[at] ?? null),
        problems: skipped ? [] : (look?.problems.filter((problem) => problem.stage === at) ?? []),
        lists: look?.lists.filter((list) => list.stage === at) ?? [],
        record: evidence.get(stage.id) ?? null,
        after: stages[i + 1]?.name ?? '',
        before: stages[i - 1]?.name ?? '',
      };
    });
  });
  protected readonly open = signal<string | null>(null);

  protected readonly player = new Player(computed(() => this.look()?.total ?? 0));
  /** The cue under the playhead. */
  protected readonly cue = computed(() => {
    const t = this.player.t();
    return this.look()?.cues.findLast((cue) => cue.at <= t + 1e-6) ?? null;
  });
  private heard = 0;

  protected readonly fitted = signal<FittedSession | null>(null);
  protected readonly planning = signal(false);
  protected readonly versions = signal<readonly ProgressionVersion[] | null>(null);
  private readonly records = signal<readonly StageRecord[]>([]);
  private readonly evidence = computed(() => {
    const stages = new Map(this.draft().stages.map((stage) => [stage.id, stage]));
    return new Map(
      this.records().flatMap(({ stage, sessions }) => {
        const rule = stages.get(stage)?.evidence;
        return rule ? [[stage, stageEvidence(sessions, rule)] as const] : [];
      }),
    );
  });

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
      if (this.opened() && athlete) untracked(() => this.remember(athlete));
    });
    effect(() => {
      const t = this.player.t();
      untracked(() => this.hear(t));
    });
    inject(DestroyRef).onDestroy(() => {
      this.sounds.silence();
      this.speech.hush();
    });
  }

  /** A copy opens in the same screen: nothing of the one before may stay in it. */
  private anew(): void {
    this.steps.forget();
    this.look.set(null);
    this.fitted.set(null);
    this.versions.set(null);
    this.open.set(null);
    this.asId.set(undefined);
    this.player.seek(0);
  }

  /** Going on to what is done with it: the device keeps the draft, nothing is asked. */
  private going = false;

  unsaved(): boolean {
    return this.dirty() && !this.going;
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

  protected changeStage(id: string, change: Partial<DraftStage>): void {
    this.change({ stages: this.draft().stages.map((stage) => (stage.id === id ? { ...stage, ...change } : stage)) });
  }

  protected dropped({ previousIndex, currentIndex }: CdkDragDrop<unknown>): void {
    this.moveStage(previousIndex, currentIndex);
  }

  protected moveStage(from: number, to: number): void {
    const stages = [...this.draft().stages];
    const [one] = stages.splice(from, 1);
    if (!one || to < 0 || to > stages.length) return;
    stages.splice(to, 0, one);
    this.change({ stages });
    this.said.set(this.text.movedTo(one.name, to + 1));
  }

  /** With the handle focused the arrows move a stage up and down. */
  protected handleKey(event: KeyboardEvent, at: number): void {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (by === 0) return;
    event.preventDefault();
    this.moveStage(at, at + by);
    const handle = event.currentTarget as HTMLElement;
    // Moved in the page, a button loses the focus; it is given back when the column has settled.
    requestAnimationFrame(() => handle.focus());
  }

  protected removeStage(id: string): void {
    this.change({
      stages: this.draft().stages.filter((stage) => stage.id !== id),
      differences: this.draft().differences.filter((one) => one.stage !== id),
    });
  }

  protected doubleStage(at: number): void {
    const stage = this.draft().stages[at];
    if (stage) this.insert({ ...stage, id: newId() }, at + 1);
  }

  protected addPattern(pattern: Pattern | null): void {
    if (pattern) this.insert(stageFrom(pattern, this.draft().settings));
  }

  protected addEmpty(): void {
    const stage = emptyStage(this.text.newStage);
    this.insert(stage);
    this.open.set(stage.id);
  }

  private insert(stage: DraftStage, at = this.draft().stages.length): void {
    this.change({ stages: [...this.draft().stages.slice(0, at), stage, ...this.draft().stages.slice(at)] });
  }

  /** The answer to what a plan asks: written into the dose, where it can be read and changed. */
  protected answer(stage: DraftStage, addition: string): void {
    this.changeStage(stage.id, { dose: stage.dose.trim() === '' ? addition : `${stage.dose.trim()}, ${addition}` });
  }

  /** One answer for everything that asks: written into the doses; what stays empty stays undecided. Then it is fitted again. */
  protected async decideAll({
    rest,
    setRest,
    change,
  }: {
    readonly rest: string;
    readonly setRest: string;
    readonly change: string;
  }): Promise<void> {
    const asks = new Map(this.rows().map((row) => [row.stage.id, row.problems.filter(this.isRest)]));
    const { settings } = this.draft();
    this.change({
      settings: {
        ...settings,
        change: settings.change === null && change !== '' ? Math.min(3600, Math.max(0, Number(change))) : settings.change,
      },
      stages: this.draft().stages.map((stage) => {
        const more = (asks.get(stage.id) ?? []).flatMap((problem) => {
          const said = problem.code === 'set-rest' ? setRest : rest;
          return said === '' ? [] : [`${problem.code === 'set-rest' ? 'set rest' : 'rest'} ${said} s`];
        });
        return more.length === 0 ? stage : { ...stage, dose: [stage.dose.trim(), ...more].join(', ') };
      }),
    });
    await this.fitToMinutes();
  }

  /** The pattern as it is now, in place of the line it was planned with. */
  protected takePattern(stage: DraftStage): void {
    const pattern = this.patterns().find((one) => one.id === stage.pattern?.id);
    if (!pattern) return;
    const { id, version, steps, school, hand, lead, shouldClose } = pattern;
    this.changeStage(stage.id, { pattern: { id, version }, steps, school, hand, lead, shouldClose });
  }

  protected toggleAthlete(id: string): void {
    const { athletes, differences } = this.draft();
    if (athletes.includes(id))
      this.change({ athletes: athletes.filter((one) => one !== id), differences: differences.filter((one) => one.athlete !== id) });
    else this.change({ athletes: [...athletes, id] });
  }

  private see(ask: ReturnType<typeof askOf>): void {
    void this.looks.ask(
      () => this.asking.ask('session', ask),
      (look) => this.look.set(look),
      () => this.said.set(words.common.stopped),
    );
  }

  /** What the last sessions asked of this athlete, and what the record says of each stage; nothing without the network. */
  private remember(athlete: Athlete): void {
    this.landingsBefore.set([]);
    void this.memories.ask(
      async () => {
        const rows = (await firstValueFrom(this.api.runs())).filter(
          (row) => row.progressionId !== null && row.athletes.includes(athlete.id),
        );
        const before = rows.slice(0, 4).reverse();
        const landings = await Promise.all(before.map(async (row) => row.landings ?? (await this.landingsOfRun(row.id))));
        return { landings, records: this.stored() ? await firstValueFrom(this.api.stageRecords(athlete.id, this.id())) : [] };
      },
      ({ landings, records }) => {
        if (landings.length > 0) this.landingsBefore.set(landings);
        this.records.set(records);
      },
      () => this.records.set([]),
    );
  }

  /** Of a run that an earlier program kept without the sum: counted from its own plan, never from the session as it is today. */
  private async landingsOfRun(id: string): Promise<number> {
    const { plan } = (await firstValueFrom(this.api.run(id))).run;
    return isSession(plan) ? this.asking.ask('landingsThen', plan) : 0;
  }

  protected async fitToMinutes(): Promise<void> {
    const seconds = this.available();
    if (seconds === null) {
      this.said.set(this.text.noMinutes);
      return;
    }
    this.fitted.set(await this.asking.ask('fitTime', { session: this.ask(), seconds }).catch(() => null));
  }

  /** Takes what was fitted: doses as they were chosen; what did not fit is put at the end of its use, with its reason, not deleted. */
  protected takeFit(fitted: FittedSession): void {
    const chosen = new Map(fitted.stages.map((one) => [one.id, one]));
    this.change({
      stages: this.draft()
        .stages.filter((stage) => chosen.get(stage.id)?.kept ?? true)
        .map((stage) => ({ ...stage, dose: chosen.get(stage.id)?.dose ?? stage.dose })),
    });
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
    const begun = plan && sessionHead(me, this.draft(), this.stored() ? this.id() : null, plan, here);
    if (!begun) return this.said.set(this.text.cannotRun);
    if (typeof begun === 'string') return this.said.set(begun);
    await this.desk.begin(begun);
    this.going = true;
    await this.router.navigate(['/floor/run']);
  }

  protected async listVersions(): Promise<void> {
    try {
      this.versions.set(await firstValueFrom(this.api.progressionVersions(this.id())));
    } catch (error) {
      this.said.set(troubleOf(error).message);
    }
  }

  protected bringBack({ body }: ProgressionVersion): void {
    this.change(body);
    this.versions.set(null);
  }

  protected readonly duplicate = once(async (template: boolean) => {
    const id = newId();
    const name = template ? this.draft().name : this.text.copyOf(this.draft().name);
    await this.device.keep(`build:${id}`, { base: 0, draft: copyOf(this.draft(), name, template) });
    this.dirty.set(false);
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

  protected listen(): void {
    this.sounds.wake();
    this.heard = this.player.t();
    this.player.toggle();
    if (!this.player.playing()) {
      this.sounds.silence();
      this.speech.hush();
    }
  }

  protected seek(t: number): void {
    this.sounds.silence();
    this.heard = t;
    this.player.seek(t);
  }

  /** While it plays at its own speed, what falls due is said and sounded. */
  private hear(t: number): void {
    const look = this.look();
    const before = this.heard;
    this.heard = t;
    if (!look || !this.player.playing() || this.player.speed() !== 1) return;
    this.sounds.plan(beepsOf(look.stretches), t);
    for (const cue of due(look.cues, before, t)) this.speech.say(cue.say);
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
