import { inject, type Type } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { Router } from '@angular/router';
import type { Athlete } from '@hopsk/contract/people';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Studies } from '../compute/studies';
import { RunDesk } from '../data/desk';
import { people } from '../data/records';
import { signInFeature } from '../data/sign-in';
import { TeachingStore } from '../data/teaching';
import { Sounds } from '../ports/sounds';
import { Ask, ASK } from '../ui/ask';
import { AskDialog } from '../ui/ask-dialog';
import { Dialogs, type Part } from '../ui/dialogs';
import { HereBox, type HereAsked } from './here-box';
import { LastOnDevice } from './last-time';
import { RoomForRun } from './room-for-run';
import { askOf, forAthlete, type Draft } from './session-draft';
import { sessionBegun } from './session-run';

const HERE_BOX: Part = () => Promise.resolve(HereBox);

/** A session that is to be run. */
export interface ToRun {
  readonly draft: Draft;
  /** Null where it was never saved. */
  readonly sessionId: string | null;
  /** Somebody whose session it is alone; null: its group's. */
  readonly as: Athlete | null;
}

/** Runs a session, once it is said who is here, and that open questions may stay open. To be made where things can be injected. */
export class StartSession {
  private readonly store = inject(Store);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly club = inject(TeachingStore);
  private readonly asking = inject(Studies);
  private readonly desk = inject(RunDesk);
  private readonly sounds = inject(Sounds);
  private readonly dialogs = inject(Dialogs);
  private readonly questions = inject(Ask);
  private readonly router = inject(Router);
  private readonly last = new LastOnDevice();
  private readonly room = new RoomForRun();

  constructor() {
    // What is asked before a run comes with the page: in the hall there may be no network.
    this.dialogs.have(
      MatDialog,
      new Map<Part, Type<unknown>>([
        [HERE_BOX, HereBox],
        [ASK, AskDialog],
      ]),
    );
  }

  /**
   * @param leaving just before the run's page opens.
   * @returns why it cannot be run; null where it runs, or was not wanted.
   */
  async begin({ draft, sessionId, as }: ToRun, leaving: () => void = () => undefined): Promise<string | null> {
    const me = this.me();
    if (!me) return null;
    // Sound may only begin with a tap; this is the one.
    this.sounds.wake();
    const here = await this.whoIsHere(draft, as);
    if (here === null) return null;
    const [first, ...others] = here;
    const group = { ...draft, athletes: here.map(({ id }) => id) };
    const asked = askOf(forAthlete(group, others.length === 0 ? (first?.id ?? null) : null), first ?? null, {
      stances: this.club.stances(),
      moves: this.club.teaching().moves,
      patterns: null,
      landingsBefore: [],
    });
    const look = await this.asking.ask('session', asked).catch(() => null);
    const open = look?.problems.filter(({ level }) => level === 'stop' || level === 'asks') ?? [];
    const question = { question: words.build.runOpen(open.length), yes: words.build.run, no: words.common.notNow };
    if (open.some(({ level }) => level === 'asks') && !(await this.questions.sure(question))) return null;
    if (!(await this.room.made())) return null;
    const plan = await this.asking.ask('sessionPlan', asked).catch(() => null);
    const begun = plan && sessionBegun({ me, club: this.club.teaching(), draft, sessionId, plan, here });
    if (!begun) return words.build.cannotRun;
    if (typeof begun === 'string') return begun;
    await this.last.keep({ here: group.athletes });
    await this.desk.begin(begun);
    leaving();
    await this.router.navigate(['/floor/run']);
    return null;
  }

  /** Those who are here: whose session it is alone, its group, or those of the last time, until the coach says otherwise. */
  private async whoIsHere(draft: Draft, as: Athlete | null): Promise<readonly Athlete[] | null> {
    const all = this.people();
    const last = (await this.last.recall())?.here ?? [];
    const expected = as ? [as.id] : draft.athletes.length > 0 ? draft.athletes : last;
    const ticked = expected.filter((id) => all.some((one) => one.id === id));
    const first = (id: string): number => (ticked.includes(id) ? 0 : draft.athletes.includes(id) ? 1 : 2);
    const inOrder = all.map(({ id, name }) => ({ id, name })).sort((a, b) => first(a.id) - first(b.id));
    const data: HereAsked = { title: draft.name.trim() || words.build.unnamed, people: inOrder, ticked };
    const said = await this.dialogs.show<readonly string[]>(HERE_BOX, { data, labelledBy: 'question', width: '560px' });
    // In the order in which they were ticked: groups and stations go by it.
    return said && said.flatMap((id) => all.find((one) => one.id === id) ?? []);
  }
}
