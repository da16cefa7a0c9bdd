import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RunUpload, type RunPlan, type RunWhole } from '@hopsk/contract/run';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { countRun } from '@hopsk/core/log/count';
import { ordered, undoneIds, type RunEvent } from '@hopsk/core/log/event';
import { clockText } from '@hopsk/core/plan/clock-text';
import { isSession, stretchesOfPlan, type Attempt } from '@hopsk/core/plan/run-plan';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../../data/api';
import { troubleOf, type Trouble } from '../../data/problem';
import { newId } from '../../data/ids';
import { patterns, people } from '../../data/records';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId, orNone } from '../../ui/options';
import { texts } from '../../ui/reads';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));
type Correction =
  | { readonly kind: 'undo'; readonly target: string }
  | { readonly kind: 'move'; readonly target: string; readonly by: number }
  | { readonly kind: 'assign'; readonly target: string; readonly athlete: string };

/** A run afterwards: its name and pattern, and each tap with where it belongs, to be moved, given away or taken back. */
@Component({
  selector: 'hop-review',
  imports: [Box, Choice, Head, MatButton],
  templateUrl: './review.html',
  styles: `
    .gone td {
      color: var(--muted);
      text-decoration: line-through;
    }
    input,
    select {
      font: inherit;
      min-height: 44px;
      padding: 4px 10px;
      border: 1px solid var(--edge);
      border-radius: 6px;
      background: var(--raised);
      color: inherit;
      max-width: 100%;
    }
    .named {
      align-items: end;
      margin-bottom: 20px;
    }
    label {
      display: grid;
      gap: 2px;
      font: 600 14px var(--label);
      color: var(--muted);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Review {
  readonly id = input.required<string>();
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly faults = words.book.title.toLowerCase();
  protected readonly back = words.menu.floor;
  protected readonly whole = signal<RunWhole | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly saved = signal(false);
  protected readonly patterns = this.store.selectSignal(patterns.selectAll);
  private readonly people = this.store.selectSignal(people.selectById);
  protected readonly athletes = computed(() =>
    (this.whole()?.run.athletes ?? []).map((id) => ({ id, name: this.people()[id]?.name ?? '–' })),
  );
  protected readonly athleteOptions = computed(() => byId(this.athletes()));
  protected readonly patternOptions = computed(() => orNone(this.common.none, byId(this.patterns())));
  protected readonly nameReads = texts(80, 1);
  /** As typed, until it is saved. */
  protected readonly name = linkedSignal(() => this.whole()?.run.name ?? '');
  protected readonly patternId = linkedSignal(() => this.whole()?.run.patternId ?? null);
  protected readonly rows = computed(() => {
    const whole = this.whole();
    if (!whole) return [];
    const events = ordered(whole.events);
    const undone = undoneIds(events);
    const placed = new Map(countRun(whole.run.plan, events, catalogue, whole.run.tapDelay).placed.map((one) => [one.event.id, one]));
    return events
      .filter((event) => event.kind === 'fault')
      .map((event) => {
        const at = placed.get(event.id);
        const attempt = at?.attempt;
        return {
          id: event.id,
          at: clockText(Math.max(0, event.t)),
          label: faultLabel(event.fault),
          side: event.side,
          gone: undone.has(event.id),
          athlete: at?.event.athlete ?? event.athlete,
          as: at ? this.text.countAs[at.as] : this.text.undone,
          where: attempt ? this.place(attempt, whole.run.plan) : '',
        };
      });
  });

  private place(attempt: Attempt, plan: RunPlan): string {
    const sets = Math.max(1, ...stretchesOfPlan(plan).map(({ set }) => set));
    const exercise = isSession(plan) ? `${plan.exercises[attempt.exercise]?.name ?? ''}: ` : '';
    const round = `${this.text.round} ${attempt.round}, ${this.text.rep} ${attempt.repetition}`;
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
  protected async correct(correction: Correction): Promise<void> {
    const whole = this.whole();
    if (!whole) return;
    const n = Math.max(...whole.events.map((event) => event.n), 0) + 1;
    const event = { ...correction, id: newId(), n, at: Date.now(), t: Math.max(...whole.events.map((one) => one.t), 0) } as RunEvent;
    await this.trying(async () => {
      await firstValueFrom(this.api.uploadRun(RunUpload.parse({ run: whole.run, events: [event] })));
      await this.load(whole.run.id);
    });
  }

  /** Takes a tap back; a tap already taken back counts again. */
  protected turn(row: { id: string; gone: boolean }): void {
    const undo = row.gone ? this.whole()?.events.findLast((event) => event.kind === 'undo' && event.target === row.id)?.id : row.id;
    if (undo !== undefined) void this.correct({ kind: 'undo', target: undo });
  }

  private load(id: string): Promise<void> {
    return this.trying(async () => this.whole.set(await firstValueFrom(this.api.run(id))));
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
