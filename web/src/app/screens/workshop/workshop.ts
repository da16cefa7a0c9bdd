import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import type { Session } from '@hopsk/contract/session';
import { SessionDraft } from '@hopsk/contract/session-draft';
import type { SessionVersion } from '@hopsk/contract/versions';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { HoldsTyping } from '../../parts/holds-typing';
import { patterns, people, sessions } from '../../data/records';
import { Keeping } from '../../parts/keeping';
import { Refusals } from '../../parts/refusals';
import { TeachingStore } from '../../data/teaching';
import { Typed } from '../../data/typed';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { numbers, orNothing } from '../../ui/reads';
import { CalendarForm } from './calendar-form';
import { draftOf, KeptDraft, type Draft } from '../../parts/session-draft';
import { withAthlete } from './edits';
import { Fitting } from './fitting';
import { StartSession } from '../../parts/start-session';
import { FitTable } from './fit-table';
import { History } from './history';
import { Listen } from './listen';
import { Listening } from './listening';
import { Looked } from './looked';
import { SessionTakeAlong } from './session-take-along';
import { SessionSide } from './session-side';
import { Stages } from './stages';
import { TimeBar } from './time-bar';
import { Versions } from './versions';

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
    Listen,
    MatButton,
    Refusals,
    SessionSide,
    Stages,
    SessionTakeAlong,
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
  private readonly router = inject(Router);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly minutes = orNothing(numbers({ low: 1, high: SESSION_LIMITS.minutes, step: 5, unit: words.units.min }));
  protected readonly stances = this.club.stances;
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly patterns = this.store.selectSignal(patterns.selectHere);
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

  private readonly storedAs = computed(() => (this.stored() ? this.id() : null));
  protected readonly looked = new Looked({
    draft: this.draft,
    opened: this.opened,
    storedAs: this.storedAs,
    failed: () => this.said.set(words.common.stopped),
  });
  protected readonly look = this.looked.look;
  protected readonly kinds = computed(() => this.looked.shown().stages.map((stage) => stage.kind));
  protected readonly open = signal<string | null>(null);

  protected readonly player = new Listening(
    this.look,
    computed(() => this.look()?.total ?? 0),
  );
  protected readonly fitting = new Fitting({
    draft: this.draft,
    looked: this.looked,
    change: (change) => this.change(change),
    said: (sentence) => this.said.set(sentence),
  });
  protected readonly planning = signal(false);
  /** Whether earlier versions are listed. */
  protected readonly comparing = signal(false);

  constructor() {
    this.club.load();
    // What of an imported file could not be read comes along with it.
    const { said } = (history.state ?? {}) as { said?: unknown };
    if (Array.isArray(said)) this.said.set(said.join(' '));
  }

  /** A copy opens in the same screen: nothing of the one before may stay in it. */
  private anew(): void {
    this.steps.forget();
    this.looked.anew();
    this.fitting.fitted.set(null);
    this.comparing.set(false);
    this.open.set(null);
    this.player.seek(0);
  }

  /** Going on to what is done with it: the device keeps the draft, nothing is asked. */
  private going = false;

  unsaved(): boolean {
    return this.typing.dirty() && !this.going;
  }

  protected readonly print = once(() => {
    this.going = true;
    return this.router.navigate(['/build', this.id(), 'print'], { queryParams: { athlete: this.looked.asOne()?.id } });
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

  protected toggleAthlete(id: string): void {
    this.change(withAthlete(this.draft(), id));
  }

  private readonly run = new StartSession();
  protected readonly runIt = once(async () => {
    const toRun = { draft: this.draft(), sessionId: this.storedAs(), as: this.looked.asOne() };
    const why = await this.run.begin(toRun, () => (this.going = true));
    if (why !== null) this.said.set(why);
  });

  protected bringBack({ body }: SessionVersion): void {
    this.change(body);
    this.comparing.set(false);
  }

  protected archive(): void {
    this.going = true;
    this.typing.archive(true);
    void this.router.navigate(['/build']);
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
