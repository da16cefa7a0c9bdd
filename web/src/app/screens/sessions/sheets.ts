import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatTabNavPanel } from '@angular/material/tabs';
import { MatButton } from '@angular/material/button';
import { isUnder16 } from '@hopsk/contract/people';
import { onFloor } from '@hopsk/core/judge/area-text';
import type { Study } from '@hopsk/core/judge/study';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import { faultLabel, faultWords } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Print } from '../../ui/print';
import { Store } from '@ngrx/store';
import { DeviceStore } from '../../data/device-store';
import { Floor } from '../../drawing/floor';
import { picked } from '../../data/picked';
import { people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import { askOf, draftOf, forAthlete, KeptDraft, type Draft } from '../../parts/session-draft';
import type { SessionLook } from '../../compute/session';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId, namedOptions, orNone } from '../../ui/options';
import { Tabs } from '../../ui/tabs';

/** What can be put on paper. */
const SHEETS = ['session', 'cards', 'partner', 'homework', 'calls'] as const;
type Sheet = (typeof SHEETS)[number];

/** A session on paper: the coach's sheet, a card a stage, the partner's card, homework for an athlete, calls for an assistant. */
@Component({
  selector: 'hop-sheets',
  imports: [Choice, Floor, Head, MatButton, MatTabNavPanel, Tabs, Print],
  templateUrl: './sheets.html',
  styleUrl: './sheets.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Sheets {
  readonly id = input.required<string>();
  readonly athlete = input<string>();
  private readonly store = inject(Store);
  private readonly asking = inject(Studies);
  private readonly device = inject(DeviceStore);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly seenFrom = words.steps.seenFrom;
  protected readonly units = words.units;
  protected readonly told = (problem: PlanProblem): string => say(words.plan.problems, problem);
  protected readonly common = words.common;
  protected readonly sheets = namedOptions(SHEETS, words.build.sheets);
  protected readonly partnerFields = ['what', 'when', 'reAim', 'kit', 'steps'] as const;
  protected readonly clock = clockText;
  protected readonly sheet = signal<Sheet>('session');
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly peopleOptions = computed(() => orNone(this.text.everybody, byId(this.people())));
  protected readonly status = this.store.selectSignal(sessions.selectStatus);
  private readonly sessions = this.store.selectSignal(sessions.selectById);
  /** What was changed and not saved yet is what goes on paper. */
  private readonly typed = signal<Draft | null>(null);
  private readonly whole = computed<Draft | null>(
    () => this.typed() ?? (this.sessions()[this.id()] ? draftOf(this.sessions()[this.id()] ?? null) : null),
  );
  protected readonly choice = picked(this.people, () => this.athlete(), 'none');
  protected readonly draft = computed(() => {
    const whole = this.whole();
    return whole && forAthlete(whole, this.choice.record()?.id ?? null);
  });
  private readonly doer = computed(
    () => this.choice.record() ?? this.people().find((one) => this.whole()?.athletes.includes(one.id)) ?? null,
  );
  protected readonly child = computed(() => isUnder16(this.doer()?.ageGroup ?? 'adult'));
  protected readonly look = signal<SessionLook | null>(null);
  protected readonly studies = signal<ReadonlyMap<string, Study>>(new Map());
  protected readonly names = computed(() =>
    this.people()
      .filter((one) => this.whole()?.athletes.includes(one.id))
      .map((one) => one.name)
      .join(', '),
  );
  protected readonly rows = computed(() => {
    const [draft, look] = [this.draft(), this.look()];
    const athlete = this.choice.record()?.id;
    return (draft?.stages ?? []).map((stage, i) => ({
      stage,
      at: i + 1,
      seen: look?.stages[i] ?? null,
      totals: look?.totals.stages[i] ?? null,
      problems: look?.problems.filter((problem) => problem.stage === i && problem.level !== 'note') ?? [],
      lists: look?.lists.filter((list) => list.stage === i) ?? [],
      study: this.studies().get(stage.id) ?? null,
      note: this.whole()?.differences.find((one) => one.stage === stage.id && one.athlete === athlete)?.note ?? '',
      watch: stage.watch.map((code) => faultLabel(code)),
      /** What an athlete can ask themselves: the remedy's cue, turned into a question by its fault's name. */
      asks: stage.watch.flatMap((code) => faultWords(code) ?? []),
    }));
  });
  protected readonly hasPartner = computed(() => this.rows().some((row) => row.stage.partner !== null));
  private readonly looks = new Latest();
  protected readonly stopped = signal(false);

  constructor() {
    this.club.load();
    effect(() => {
      const id = this.id();
      untracked(() => void this.recall(id));
    });
    effect(() => {
      const [draft, doer] = [this.draft(), this.doer()];
      const known = { stances: this.club.stances(), moves: this.club.teaching().moves, patterns: null, landingsBefore: [] };
      if (draft) untracked(() => this.see(askOf(draft, doer, known)));
    });
  }

  private async recall(id: string): Promise<void> {
    const kept = KeptDraft.safeParse(await this.device.recall(`build:${id}`));
    if (kept.success) this.typed.set(kept.data.draft);
  }

  private see(ask: ReturnType<typeof askOf>): void {
    void this.looks.ask(
      (stands) => this.seeAll(ask, stands),
      (studies) => this.studies.set(studies),
      () => this.stopped.set(true),
    );
  }

  /** The session, shown as soon as it is there; then each stage's floor. */
  private async seeAll(ask: ReturnType<typeof askOf>, stands: () => boolean): Promise<ReadonlyMap<string, Study>> {
    const look = await this.asking.ask('session', ask);
    if (stands()) this.look.set(look);
    const studies = new Map<string, Study>();
    for (const [i, stage] of ask.session.stages.entries()) {
      const [text, performer] = [look.stages[i]?.texts[0] ?? '', ask.performers[i]];
      if (!performer || !stands()) continue;
      // A stage without its floor still has its line.
      const study = await this.asking
        .study(text, performer, stage.shouldClose, { own: ask.own, ...onFloor(ask.session.area) })
        .catch(() => null);
      if (study) studies.set(stage.id, study);
    }
    return studies;
  }
}
