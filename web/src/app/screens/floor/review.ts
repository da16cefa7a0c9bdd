import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { RunPlan, RunWhole } from '@hopsk/contract/run';
import { SIDES } from '@hopsk/core/body/foot';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { planAt } from '@hopsk/core/log/clock';
import type { Correction, Note } from '@hopsk/core/log/event';
import type { Placed } from '@hopsk/core/log/count';
import { agreementOf } from '@hopsk/core/log/details';
import { clockText } from '@hopsk/core/plan/clock-text';
import { namedIn } from '@hopsk/core/plan/occasions';
import { isSession, stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../../data/api';
import { troubleOf, type Trouble } from '../../data/problem';
import { logOf } from '../../data/folded';
import { newId } from '../../data/ids';
import { patterns, people } from '../../data/records';
import { RunsSeen } from '../../data/runs-seen';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId, namedOptions, orNone } from '../../ui/options';
import { texts } from '../../ui/reads';
import { RunNotes, type NoteRow } from './run-notes';
import { StoodBefore } from './stood-before';

/** What is said of a run afterwards. */
type Later = Correction | Note;

/** A run afterwards: its name and pattern, and each tap with where it belongs, to be moved, given away or taken back. */
@Component({
  selector: 'hop-review',
  imports: [Box, Choice, Head, MatButton, RunNotes, StoodBefore],
  templateUrl: './review.html',
  styles: `
    .gone td {
      color: var(--muted);
      text-decoration: line-through;
    }
    .fault {
      display: flex;
      gap: 6px;
    }
    .named {
      align-items: end;
      margin-bottom: 20px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Review {
  readonly id = input.required<string>();
  private readonly api = inject(Api);
  private readonly seen = inject(RunsSeen);
  private readonly store = inject(Store);
  /** Corrections are written under a name of their own, so that they meet nothing that is still waiting on this device. */
  private readonly device = newId();
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly faults = words.book.title.toLowerCase();
  protected readonly back = words.menu.floor;
  protected readonly whole = signal<RunWhole | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly saved = signal(false);
  protected readonly patterns = this.store.selectSignal(patterns.selectAll);
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly log = computed(() => {
    const whole = this.whole();
    return whole && logOf(whole.run, whole.events);
  });
  protected readonly athletes = computed(() => (this.log()?.all ?? []).map((id) => ({ id, name: this.people()[id]?.name ?? '–' })));
  protected readonly athleteOptions = computed(() => byId(this.athletes()));
  protected readonly patternOptions = computed(() => orNone(this.common.none, byId(this.patterns())));
  protected readonly nameReads = texts(80, 1);
  private readonly storedName = computed(() => this.whole()?.run.name ?? '');
  private readonly storedPattern = computed(() => this.whole()?.run.patternId ?? null);
  /** As typed, until it is saved; what is corrected meanwhile changes nothing in it. */
  protected readonly name = linkedSignal(() => this.storedName());
  protected readonly patternId = linkedSignal(() => this.storedPattern());
  /** What is being written: one after the other, so that each has its own number. */
  private writing: Promise<void> = Promise.resolve();
  /** Events that a newer app wrote: what is counted here is not all. */
  protected readonly unread = computed(() => this.whole()?.unread ?? 0);
  protected readonly rows = computed(() => {
    const [whole, log] = [this.whole(), this.log()];
    if (!whole || !log) return [];
    const placed = new Map(log.counts().placed.map((one) => [one.event.id, one]));
    return log
      .events()
      .filter((event) => event.kind === 'fault')
      .map((event) => {
        const at = placed.get(event.id);
        return {
          id: event.id,
          at: clockText(Math.max(0, planAt(log.clock, event.m))),
          fault: at?.event.fault ?? event.fault,
          label: faultLabel(at?.event.fault ?? event.fault),
          side: at?.event.side ?? null,
          undo: log.undoOf(event)?.id ?? null,
          athlete: at?.event.athlete ?? event.athlete,
          as: at ? this.text.countAs[at.as] : this.text.undone,
          where: at?.occasion ? this.place(at.occasion, log.plan) : '',
        };
      });
  });

  /** Where several watched the same attempts alike: in how many they disagree. */
  protected readonly together = computed(() => {
    const agreement = agreementOf(this.log()?.details() ?? { parts: [] });
    return agreement.shared === 0 ? '' : words.common.agreement(agreement);
  });
  protected readonly notes = computed(() =>
    (this.log()?.notes() ?? []).map(({ id, text, athlete, m }): NoteRow => {
      const clock = this.log()?.clock;
      return { id, text, at: clock ? clockText(Math.max(0, planAt(clock, m))) : '', who: this.people()[athlete ?? '']?.name ?? '' };
    }),
  );
  protected readonly sideOptions = orNone(words.common.none, namedOptions(SIDES, words.common.sides));
  protected readonly faultOptions = FAULTS.map(({ code }) => ({ value: code, label: faultLabel(code) }));

  private place(attempt: NonNullable<Placed['occasion']>, plan: RunPlan): string {
    const sets = Math.max(1, ...stretchesOfPlan(plan).map(({ set }) => set));
    const exercise = isSession(plan) ? `${plan.exercises[attempt.exercise]?.name ?? ''}: ` : '';
    const named = namedIn(plan, attempt);
    const planned = typeof named === 'string' ? named : `${this.text.rep} ${named}`;
    const which = attempt.ball ? this.text.fed(attempt.repetition) : planned;
    const round = `${this.text.round} ${attempt.round}, ${which}`;
    return `${exercise}${sets > 1 ? `${this.text.set} ${attempt.set}, ` : ''}${round}`;
  }

  constructor() {
    effect(() => {
      const id = this.id();
      untracked(() => void this.load(id));
    });
  }

  protected async rename(): Promise<void> {
    const whole = this.whole();
    if (!whole) return;
    await this.trying(async () => {
      this.whole.set(
        await firstValueFrom(
          this.api.renameRun(whole.run.id, { name: this.name(), patternId: this.patternId(), version: whole.run.version }),
        ),
      );
      this.saved.set(true);
    });
  }

  /** Adds a correction to the log; what was tapped stays in it. */
  protected correct(correction: Later): Promise<void> {
    this.writing = this.writing.then(() => this.correctNow(correction));
    return this.writing;
  }

  private async correctNow(correction: Later): Promise<void> {
    const [whole, log] = [this.whole(), this.log()];
    if (!whole || !log) return;
    const stamp = {
      id: newId(),
      device: this.device,
      seq: log.seqOf(this.device) + 1,
      order: log.order + 1,
      m: log.latest,
      at: Date.now(),
    };
    await this.trying(async () => this.whole.set(await this.seen.add(whole, { ...correction, ...stamp })));
  }

  /** Takes a tap back; a tap already taken back counts again. */
  protected turn(row: { id: string; undo: string | null }): void {
    void this.correct({ kind: 'undo', target: row.undo ?? row.id });
  }

  private load(id: string): Promise<void> {
    return this.trying(async () => this.whole.set(await this.seen.whole(id)));
  }

  private async trying(work: () => Promise<void>): Promise<void> {
    this.saved.set(false);
    try {
      await work();
      this.trouble.set(null);
    } catch (error) {
      this.trouble.set(troubleOf(error));
    }
  }
}
