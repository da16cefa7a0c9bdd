import { inject, Injector, runInInjectionContext, type Type } from '@angular/core';
import { planAt } from '@hopsk/core/log/clock';
import type { Result } from '@hopsk/core/log/event';
import { clockText } from '@hopsk/core/plan/clock-text';
import { OPEN_SETTINGS } from '@hopsk/core/plan/session/session';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { RunDesk } from '../../data/desk';
import { patterns, people, sessions } from '../../data/records';
import { offersOf, PutIn } from '../../parts/put-in';
import type { RunNow } from '../../parts/run-now';
import { ASK } from '../../ui/ask';
import { AskDialog } from '../../ui/ask-dialog';
import { Dialogs, type Part } from '../../ui/dialogs';
import { MatDialog } from '../../ui/material-dialog';
import { FAULT_PICKER, pickFault, pickOrMake } from './dialogs';
import { KEY_LIST, LAST_TAPS, NOTE_BOX, RESULT_PICKER, TAP_BOX, TEMPO_BOX, THINGS_BOX, TO_COME, WHO_PICKER } from './run-dialogs';
import type { RunReplan } from './run-replan';
import type { RunTaps } from './run-taps';
import type { RunThings } from './run-things';
import { FaultPicker } from './fault-picker';
import type { Goes } from './how-it-goes';
import { KeyList } from './key-list';
import { LastTaps, type Taps } from './last-taps';
import { NoteBox } from './note-box';
import { ResultPicker } from './result-picker';
import { TapBox, type ClosedAs, type Closely } from './tap-box';
import { TempoBox } from './tempo-box';
import { ThingsBox } from './things-box';
import { tapSaid } from './tap-said';
import { ToCome, type Came as ToComeThen, type Coming } from './to-come';
import { WrittenAs } from './written-as';
import { WhoPicker, type Came, type Who } from './who-picker';

/**
 * All that a run asks or shows comes with its page, and not when it is needed: a browser that failed once to fetch a part asks for it
 * no more, and the network of a hall comes and goes.
 */
const AT_HAND = new Map<Part, Type<unknown>>([
  [ASK, AskDialog],
  [FAULT_PICKER, FaultPicker],
  [RESULT_PICKER, ResultPicker],
  [NOTE_BOX, NoteBox],
  [WHO_PICKER, WhoPicker],
  [TO_COME, ToCome],
  [KEY_LIST, KeyList],
  [TAP_BOX, TapBox],
  [LAST_TAPS, LastTaps],
  [TEMPO_BOX, TempoBox],
  [THINGS_BOX, ThingsBox],
]);

/** The drawing holds much that a run does without: it is fetched when it is wanted. */
const HOW_IT_GOES: Part = () => import('./how-it-goes').then(({ HowItGoes }) => HowItGoes);
/** It asks the server anyway. */
const HALL_CODE: Part = () => import('./hall-code').then(({ HallCode }) => HallCode);
/** Taps that can be taken back by themselves. */
const UNDOABLE = 10;
/** Faults that are named beside a drawing: more nobody looks for at once. */
const LOOKED_FOR = 3;

/** What a coach picks or writes in a dialog while a run is on. To be made where things can be injected. */
export class RunPicks {
  private readonly dialogs = inject(Dialogs);
  private readonly store = inject(Store);
  private readonly injector = inject(Injector);
  private readonly desk = inject(RunDesk);
  private readonly written = new WrittenAs();
  private readonly people = this.store.selectSignal(people.selectHere);
  private readonly patterns = this.store.selectSignal(patterns.selectHere);
  private readonly sessions = this.store.selectSignal(sessions.selectHere);
  private readonly text = words.run;

  constructor(
    private readonly at: RunNow,
    private readonly taps: RunTaps,
    private readonly replan: RunReplan,
    private readonly things: RunThings,
  ) {
    this.dialogs.have(MatDialog, AT_HAND);
  }

  /** Whether a dialog is open: keys are its own then. */
  get open(): boolean {
    return this.dialogs.open;
  }

  /** A fault from the whole list, or one that is made; what is on the board already is only shown there. */
  async fault(): Promise<void> {
    const picked = await pickOrMake(this.dialogs);
    if (picked) await this.taps.other(picked);
  }

  /** A fault with its side, its strength, its part, or of all: a tile was held. */
  async closer(code: string): Promise<void> {
    const data: Closely = { label: faultLabel(code), here: this.at.athletes().length };
    const as = await this.dialogs.show<ClosedAs>(TAP_BOX, { labelledBy: 'tap', data });
    if (as) await this.taps.closer(code, as);
  }

  /** What was right: the tile was held. */
  async point(): Promise<void> {
    const code = await pickFault(this.dialogs);
    if (code) this.taps.praise(code);
  }

  /** The last ten taps of this device, each to be taken back by itself. */
  async lastTaps(): Promise<void> {
    const log = this.desk.fold()?.log;
    if (!log) return;
    const clock = log.clock;
    const list = log.undoable(this.desk.mine, UNDOABLE).map((event) => ({
      id: event.id,
      said: tapSaid(event),
      who: 'athlete' in event && event.athlete !== null ? this.desk.atHand.nameOf(event.athlete) : '',
      at: clockText(Math.max(0, planAt(clock, event.m))),
    }));
    const data: Taps = { list, undo: (id) => this.taps.undoOne(id) };
    await this.dialogs.show(LAST_TAPS, { label: this.text.lastTaps, data });
  }

  async result(): Promise<void> {
    const result = await this.dialogs.show<Result>(RESULT_PICKER, { label: this.text.result, width: 'auto' });
    if (result) this.taps.result(result);
  }

  /** A note of the one who is watched, or of all. */
  async note(): Promise<void> {
    const athlete = this.at.watching()?.athlete ?? null;
    const name = this.at.athletes().find(({ id }) => id === athlete)?.name ?? null;
    const said = await this.dialogs.show<string>(NOTE_BOX, { label: this.text.noteTile, data: name });
    if (said) this.taps.note(said, athlete);
  }

  /** Somebody comes, or goes. */
  async who(): Promise<void> {
    const here = this.at.athletes();
    const others = this.people().filter(({ id }) => here.every((one) => one.id !== id));
    const data: Who = { here, others: others.map(({ id, name }) => ({ id, name })) };
    const came = await this.dialogs.show<Came | 'hall' | 'things' | 'camera'>(WHO_PICKER, { label: this.text.whoTitle, data });
    if (came === 'hall') this.hall();
    else if (came === 'things' || came === 'camera') await this.things.ask(came);
    else if (came) await this.taps.came(came);
  }

  /** What is still to come, otherwise. */
  async toCome(): Promise<void> {
    const plan = this.at.session();
    if (!plan) return;
    const sessionId = this.at.head()?.sessionId ?? null;
    const session = this.sessions().find(({ id }) => id === sessionId);
    const here = this.at.athletes().map(({ id }) => id);
    const those = this.people().filter(({ id }) => here.includes(id));
    const stages = new Map(session?.stages.map((stage) => [stage.id, stage]));
    const data: Coming = {
      plan,
      t: this.at.clock().t,
      offers: offersOf({ sessions: this.sessions(), patterns: this.patterns() }, sessionId),
      offerOf: (id) => {
        const stage = stages.get(id);
        return stage ? { name: stage.name, of: '', dose: stage.dose, stage: () => Promise.resolve(stage) } : null;
      },
      makes: runInInjectionContext(this.injector, () => new PutIn(those, session?.settings ?? OPEN_SETTINGS)),
    };
    const came = await this.dialogs.show<ToComeThen>(TO_COME, { label: this.text.toComeTitle, data, height: '86dvh' });
    if (came === 'skip') await this.replan.skipStage();
    else if (came) await this.replan.goesOnWith(plan, came, data.t);
  }

  /** How the steps of what is on go, as whoever is watched does them. */
  async howItGoes(): Promise<void> {
    const [steps, watching] = [this.at.line(), this.at.watching()];
    if (steps === '') return;
    const look = [
      ...(watching?.board ?? []).slice(0, LOOKED_FOR).map(faultLabel),
      watching ? `${this.text.from} ${this.text[watching.view]}` : '',
    ];
    const whose = watching?.athlete ?? this.at.head()?.athletes[0];
    const athlete = this.people().find(({ id }) => id === whose) ?? null;
    const data: Goes = {
      name: this.at.title(),
      line: { ...(this.at.exercise()?.as ?? this.written.as(this.at)), steps },
      athlete,
      look: look.filter((part) => part !== '').join(' · '),
    };
    await this.dialogs.show(HOW_IT_GOES, { labelledBy: 'how', data, width: '720px', height: '86dvh' });
  }

  /** The code for a screen in the hall; another one each time. */
  private hall(): void {
    const id = this.at.head()?.id;
    if (id !== undefined) void this.dialogs.show(HALL_CODE, { labelledBy: 'hall', data: id });
  }

  keys(): void {
    void this.dialogs.show(KEY_LIST, { labelledBy: 'key-list' });
  }
}
