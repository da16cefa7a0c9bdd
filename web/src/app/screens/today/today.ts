import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { Athlete } from '@hopsk/contract/people';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { GoneThrough } from '../../data/gone-through';
import { mine } from '../../data/may';
import { people, sessions } from '../../data/records';
import { TeachingStore } from '../../data/teaching';
import { BeforeThis } from '../../parts/before-this';
import { RunRows } from '../../parts/run-rows';
import { dayOf } from '../../parts/run-setup';
import { draftOf } from '../../parts/session-draft';
import { StartSession } from '../../parts/start-session';
import { UnderWay } from '../../parts/under-way';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { InView } from './in-view';
import { daysFrom, plannedOn, type Planned } from './planned';

/** How far back runs are listed that nobody went through, days. */
const FRESH = 14;

/** What is on today: what is planned, who is to be watched, what was left open, and one press to begin. */
@Component({
  selector: 'hop-today',
  imports: [Head, MatButton, RouterLink, RunRows, UnderWay],
  templateUrl: './today.html',
  styleUrl: './today.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TodayScreen {
  private readonly store = inject(Store);
  protected readonly text = words.today;
  protected readonly floor = words.floor;
  protected readonly units = words.units;
  protected readonly secure = isSecureContext;
  protected readonly label = faultLabel;
  protected readonly may = mine().may;
  /** The hall's own day, as it was when the page was opened. */
  protected readonly day = dayOf(new Date());
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly byId = this.store.selectSignal(people.selectById);
  protected readonly status = this.store.selectSignal(sessions.selectStatus);
  /** A club in which nobody is yet. */
  protected readonly nobody = computed(() => this.people().length === 0 && ['ready', 'offline'].includes(this.known()));
  private readonly known = this.store.selectSignal(people.selectStatus);
  protected readonly before = new BeforeThis();
  protected readonly planned = computed(() => plannedOn(this.day, this.sessions()));
  private readonly sessions = this.store.selectSignal(sessions.selectHere);
  /** Those of today's sessions; where none is planned, those of the last time. */
  private readonly expected = computed((): readonly Athlete[] => {
    const today = this.planned().today.flatMap(({ session }) => session.athletes);
    const ids = new Set(today.length > 0 ? today : (this.before.last()?.here ?? []));
    return this.people().filter(({ id }) => ids.has(id));
  });
  protected readonly inView = new InView(this.expected, this.day);
  private readonly goneThrough = signal<ReadonlySet<string> | null>(null);
  protected readonly runs = computed(() => {
    const gone = this.goneThrough();
    const since = daysFrom(this.day, -FRESH);
    return gone === null ? [] : this.before.recent().filter(({ id, day }) => day >= since && !gone.has(id) && id !== this.before.here());
  });
  /** As many are listed. */
  protected readonly most = 5;
  protected readonly refusal = signal('');
  private readonly start = new StartSession();

  constructor() {
    inject(TeachingStore).load();
    void inject(GoneThrough)
      .runs()
      .then((gone) => this.goneThrough.set(gone));
  }

  protected readonly run = once(async ({ session }: Planned) => {
    const why = await this.start.begin({ draft: draftOf(session), sessionId: session.id, as: null });
    this.refusal.set(why ?? '');
  });

  protected nameOf(id: string): string {
    return this.byId()[id]?.name ?? '–';
  }

  protected dayText(day: string): string {
    return new Date(`${day}T12:00:00`).toLocaleDateString([], { weekday: 'short', day: 'numeric', month: 'short' });
  }

  protected about({ session }: Planned): string {
    const minutes = session.minutes === null ? [] : [`${session.minutes} ${this.units.min}`];
    return [...minutes, ...(session.athletes.length > 0 ? [session.athletes.map((id) => this.nameOf(id)).join(', ')] : [])].join(' · ');
  }
}
