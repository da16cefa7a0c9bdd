import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { RunWhole } from '@hopsk/contract/run';
import { SIDES } from '@hopsk/core/body/foot';
import { TeachingStore } from '../../data/teaching';
import type { Correction, Effort, Felt, Note, Pain } from '@hopsk/core/log/event';
import { agreementOf } from '@hopsk/core/log/details';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { Api } from '../../data/api';
import { Clips } from '../../data/clips';
import { troubleOf, type Trouble } from '../../data/problem';
import { logOf } from '../../data/folded';
import { newId } from '../../data/ids';
import { patterns, people } from '../../data/records';
import { GoneThrough } from '../../data/gone-through';
import { RunsSeen } from '../../data/runs-seen';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId, namedOptions, orNone } from '../../ui/options';
import { texts } from '../../ui/reads';
import { isOf, tapRows } from './review-rows';
import { RunEffort } from './run-effort';
import { RunCompared } from './run-compared';
import { RunMeasured } from './run-measured';
import { RunNotes } from './run-notes';
import { RunPain } from './run-pain';
import { mayTellPain, noteRows } from './said-after';
import { StoodBefore } from './stood-before';
import { ToldRows } from './told-rows';

/** What is said of a run afterwards. */
type Later = Correction | Note | Effort | Pain | Felt;

/** A run afterwards: its name and pattern, and each tap with where it belongs, to be moved, given away or taken back. */
@Component({
  selector: 'hop-review',
  imports: [Box, Choice, Head, MatButton, RouterLink, RunCompared, RunEffort, RunMeasured, RunNotes, RunPain, StoodBefore, ToldRows],
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
    .trace {
      margin: 0;
      padding: 4px 0 6px 18px;
      font-size: 15px;
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
  /** Of whom, and of which fault, the taps are asked for; of all where nothing is said. */
  readonly athlete = input<string>();
  readonly fault = input<string>();
  private readonly api = inject(Api);
  private readonly clips = inject(Clips);
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
  protected readonly log = computed(() => {
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
  private readonly taps = computed(() => {
    const [whole, log] = [this.whole(), this.log()];
    if (!whole || !log) return [];
    return tapRows(log, {
      athlete: (id) => this.people()[id]?.name ?? '–',
      coach: (device) => (Object.hasOwn(whole.who, device) ? (whole.who[device] ?? '') : ''),
    });
  });
  /** Clips of this device that were kept with a tap, by its event. */
  private readonly films = computed(
    () => new Map(this.clips.all().flatMap(({ id, tap }) => tap?.events.map((event) => [event, id] as const) ?? [])),
  );
  protected readonly filmOf = (event: string): string | undefined => this.films().get(event);
  /** Those of whom and of what was asked. */
  protected readonly rows = computed(() => this.taps().filter((row) => isOf(row, this.athlete() ?? null, this.fault() ?? null)));
  protected readonly only = computed(() => {
    const [of, all] = [this.rows().length, this.taps().length];
    return of < all ? words.book.only(of, all) : '';
  });
  protected readonly showAll = words.book.all;

  /** Where several watched the same attempts alike: in how many they disagree. */
  protected readonly together = computed(() => {
    const agreement = agreementOf(this.log()?.details() ?? { parts: [] });
    return agreement.shared === 0 ? '' : words.common.agreement(agreement);
  });
  protected readonly nameOf = (id: string): string => this.people()[id]?.name ?? '–';
  protected readonly notes = computed(() => noteRows(this.log(), this.nameOf));
  protected readonly here = computed(() => this.athletes().map((one) => ({ ...one, may: mayTellPain(this.people()[one.id]) })));
  protected readonly sideOptions = orNone(words.common.none, namedOptions(SIDES, words.common.sides));
  protected readonly faultOptions = inject(TeachingStore).faultOptions;

  constructor() {
    void this.clips.load();
    const [gone, club] = [inject(GoneThrough), inject(TeachingStore)];
    // A fault that was made in it, on another device perhaps, is called here as there.
    effect(() => club.takeMade(this.log()?.made ?? []));
    effect(() => {
      const id = this.id();
      untracked(() => (void this.load(id), void gone.add(id)));
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
