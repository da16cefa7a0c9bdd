import { effect, inject, Injectable, untracked } from '@angular/core';
import type { RunHead } from '@hopsk/contract/run';
import type { Made } from '@hopsk/core/catalogue/made';
import { clockAt } from '@hopsk/core/log/clock';
import { turnsOf } from '@hopsk/core/log/watching';
import {
  isControl,
  ordered,
  type Coming,
  type Control,
  type Correction,
  type Effort,
  type Felt,
  type Measured,
  type Named,
  type Note,
  type Observation,
  type Opened,
  type Pain,
  type Replanning,
  type RunEvent,
  type Taking,
  type Thing,
  type Turned,
  type Whose,
} from '@hopsk/core/log/event';
import type { RunLog } from '@hopsk/core/log/run-log';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { Store } from '@ngrx/store';
import { RunAtHand } from './at-hand';
import { newId } from './ids';
import { DeviceStore, type KeptEvent, type KeptRun } from './device-store';
import { Following } from './following';
import { soon } from './later';
import { Leading } from './leading';
import { Outbox } from './outbox';
import { runActions } from './run';
import { RunTime } from './run-time';

/** What happened, without its stamp: the desk adds id, device, numbers and times. `m` where it is about another moment of the run. */
export type Loose = (
  | Control
  | Turned
  | Observation
  | Opened
  | Correction
  | Taking
  | Coming
  | Note
  | Effort
  | Pain
  | Felt
  | Thing
  | Whose
  | Measured
  | Named
  | Omit<Replanning, 'after'>
) & {
  readonly m?: number;
};

/** When something was pressed: in the run, on the wall, and by the device's steady clock; ms. */
interface Now {
  readonly m: number;
  readonly at: number;
  readonly steady: number;
}

/** How a run begins: who is watched first, what is on the board, from where. */
export interface Beginning {
  readonly head: RunHead;
  readonly clubId: string;
  readonly names: Readonly<Record<string, string>>;
  readonly board: readonly string[];
  readonly view: 'front' | 'side';
  /** Faults on the board that were made for it: the club has them from the run. */
  readonly made?: readonly Made[];
}

/** Away for longer than this while a run was open, and the clock is stopped where the app was last alive. */
export const AWAY_MS = 15_000;
/** Nobody was away for longer, whatever the wall's clock says: after so long it is another evening. */
export const MOST_AWAY_MS = 4 * 3_600_000;

/** Events of a run as the device keeps them. */
const rowsOf = ({ head, clubId }: KeptRun, events: readonly RunEvent[]): KeptEvent[] =>
  events.map((event) => ({ runId: head.id, clubId, event, sent: 0 }));

/** Writes the log of the run on this device: kept here first, then shown, sent when it can be. */
@Injectable({ providedIn: 'root' })
export class RunDesk {
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly outbox = inject(Outbox);
  readonly time = inject(RunTime);
  private readonly following = inject(Following);
  private readonly leading = inject(Leading);
  /** Whether this page writes in the run: of several of one device one does. */
  readonly leads = this.leading.leads;
  readonly atHand = inject(RunAtHand);
  private readonly run = this.atHand.run;
  readonly fold = this.atHand.fold;
  readonly unkept = this.atHand.unkept;
  /** The name that this device takes as soon as it can keep something again; null while it can. */
  private next: string | null = null;
  /** What is being written: one after the other, so that each knows those before it. */
  private writing: Promise<unknown> = Promise.resolve();

  constructor() {
    // The page that wrote was closed.
    effect(() => {
      if (this.leads()) untracked(() => void this.reread());
    });
  }

  /** Names under which this device writes in the run at hand. */
  get mine(): ReadonlySet<string> {
    return this.atHand.mine();
  }

  /** Under which it writes now. */
  private get name(): string {
    return this.atHand.names().at(-1) ?? '';
  }

  async begin(beginning: Beginning): Promise<void> {
    const { head, clubId, names, made = [] } = beginning;
    this.time.stop();
    await this.device.putRun(await this.newRun({ head, clubId, names }));
    await this.open(head.id);
    await this.log(
      { kind: 'board', faults: [...beginning.board] },
      { kind: 'view', view: beginning.view },
      { kind: 'watch', athlete: head.athletes[0] ?? null },
      ...made.map((one) => ({ kind: 'named' as const, ...one })),
      { kind: 'go' },
    );
  }

  /** A run as this device keeps it when it first has it. */
  async newRun(of: Pick<KeptRun, 'head' | 'clubId' | 'names'> & Partial<KeptRun>): Promise<KeptRun> {
    const devices = [await this.device.self()];
    return { open: 1, refused: null, aliveAt: Date.now(), aliveM: 0, headSent: 0, devices, arrival: 0, ...of };
  }

  /** Puts a run that this device keeps on the page, with what is known of its log. */
  async open(id: string): Promise<void> {
    const run = (await this.device.runs()).find(({ head }) => head.id === id);
    if (!run) return;
    this.next = null;
    const [self, kept] = [await this.device.self(), await this.device.eventsOf(id)];
    const devices = run.devices.includes(self) ? run.devices : [...run.devices, self];
    this.store.dispatch(runActions.opened({ run: { ...run, devices }, events: ordered(kept.map(({ event }) => event)) }));
    await this.leading.take(id);
  }

  /** From here on this page writes in the run, and no other of this device. */
  async lead(): Promise<void> {
    const run = this.run();
    if (!run) return;
    await this.leading.take(run.head.id, true);
    await this.reread();
  }

  /** What another page of this device wrote is here too. In turn with what is being written, which is kept a moment before it is shown. */
  private reread(): Promise<void> {
    return this.inTurn(async () => {
      const run = this.run();
      if (run)
        this.atHand.hear(
          run.head.id,
          (await this.device.eventsOf(run.head.id)).map(({ event }) => event),
        );
    });
  }

  /** Logs events at this moment of the run. The promise is done when they are kept and shown; it says which. */
  log(...loose: readonly Loose[]): Promise<RunEvent[]> {
    return this.write(() => loose);
  }

  /** Logs what follows from the log as it is when those before it are written; nothing, where nothing follows. */
  decide(follows: (log: RunLog) => Loose | null): Promise<RunEvent[]> {
    return this.write((log) => {
      const loose = follows(log);
      return loose === null ? [] : [loose];
    });
  }

  private write(follows: (log: RunLog) => readonly Loose[]): Promise<RunEvent[]> {
    const now: Now = { m: this.time.now(), at: Date.now(), steady: performance.now() };
    return this.inTurn(() => this.writeNow(follows, now));
  }

  private inTurn<T>(does: () => Promise<T>): Promise<T> {
    const next = this.writing.then(does);
    this.writing = next.catch(() => undefined);
    return next;
  }

  private async writeNow(follows: (log: RunLog) => readonly Loose[], now: Now): Promise<RunEvent[]> {
    const [run, log] = [this.run(), this.fold()?.log];
    if (!run || !log || !this.leads()) return [];
    const said = follows(log);
    if (said.length === 0) return [];
    const { events, kept } = await this.keep(run, (name) => this.stampedAs(name, log, said, now));
    // The run began when it was pressed, however long keeping it took.
    if (events.some(({ kind }) => kind === 'go')) this.time.goFrom(0, now.steady);
    this.store.dispatch(runActions.logged({ events, kept }));
    if (events.some(({ kind }) => kind === 'end')) await this.noteRun(run.head.id, { open: 0, aliveAt: now.at, aliveM: now.m });
    void this.outbox.send();
    return events;
  }

  /** As they are written under a name. */
  private stampedAs(name: string, log: RunLog, said: readonly Loose[], now: Now): RunEvent[] {
    let answers = log.clock.last;
    return [...this.watchingToo(name, log), ...said].map((loose, i) => {
      const event = this.stamped(name, log, loose, i, now);
      if (!isControl(event)) return event;
      // Of several at once each answers the one before it.
      const control = { ...event, answers };
      answers = event.id;
      return control;
    });
  }

  /** Under a new name a device says first whom it watches, from where and for what. */
  private watchingToo(name: string, log: RunLog): readonly Loose[] {
    const watching = log.seqOf(name) > 0 ? null : this.atHand.watching();
    return watching === null ? [] : turnsOf(watching);
  }

  private stamped(name: string, log: RunLog, { m: moment, ...body }: Loose, i: number, { m, at }: Now): RunEvent {
    const when = moment ?? m;
    const stamp = { id: newId(), device: name, seq: log.seqOf(name) + 1 + i, order: log.order + 1 + i, m: when, at };
    const event = { ...body, ...stamp } as RunEvent;
    if (event.kind === 'plan') return { ...event, after: log.changedBy };
    return 'source' in event && event.kind !== 'ball' && event.kind !== 'told'
      ? { ...event, shown: event.source === 'floor' ? log.shownAt(when, event.athlete) : null }
      : event;
  }

  /**
   * What was written, and whether the device has it. What it cannot keep is held for the server. The next thing that it can keep is written
   * under another name, as after a reload the numbers of this one are known no more; until then one name is enough, however much comes.
   */
  private async keep(run: KeptRun, stamped: (name: string) => RunEvent[]): Promise<{ events: RunEvent[]; kept: boolean }> {
    const { next } = this;
    let events = stamped(next ?? this.name);
    const kept = await this.put(run, events);
    if (kept && next) {
      this.next = null;
      const devices = [...this.atHand.names(), next];
      this.store.dispatch(runActions.changed({ change: { devices } }));
      await this.noteRun(run.head.id, { devices });
    }
    if (!kept) {
      if (next) events = stamped(this.name);
      this.outbox.hold(run, rowsOf(run, events));
      // Where not even that can be kept, the server notices that the old name goes on.
      if (!next) await this.device.rename((this.next = newId())).catch(() => undefined);
    }
    return { events, kept };
  }

  private async put(run: KeptRun, events: readonly RunEvent[]): Promise<boolean> {
    const put = (): Promise<boolean> =>
      this.device.putEvents(rowsOf(run, events)).then(
        () => true,
        () => false,
      );
    return (await put()) || ((await this.device.reopened()) && (await put()));
  }

  private noteRun(id: string, change: Partial<KeptRun>): Promise<void> {
    // What is only noted may be lost: the log itself says what counts.
    return this.device.changeRun(id, change).catch(() => undefined);
  }

  /** A sign of life, so that a reload knows how long the app was away; none while the run's time is a guess, which would be believed then. */
  alive(): void {
    const run = this.run();
    if (!run || !this.leads() || !this.time.sure) return;
    // What arrived since the last of these is asked for once more after a reload.
    void this.noteRun(run.head.id, { aliveAt: Date.now(), aliveM: this.time.now(), ...this.following.noted(run.head.id) });
  }

  /** The run that was open when the page went, if any; stopped where the app was last alive when that is long ago. */
  async recover(clubId: string): Promise<boolean> {
    if (this.run()) return true;
    const run = await this.openHere(clubId);
    if (!run) return false;
    await this.open(run.head.id);
    const log = this.fold()?.log;
    if (!log) return false;
    const away = Math.min(MOST_AWAY_MS, Math.max(0, Date.now() - run.aliveAt));
    // What was written while the run's time was a guess says nothing of how far it is.
    const last = Math.max(run.aliveM, Math.min(log.latest, run.aliveM + AWAY_MS));
    if (log.clock.status === 'waiting') {
      this.time.stop();
      return true;
    }
    const single = (): boolean => this.atHand.others().length === 0;
    // Until the pause is written the clock stands where it was last seen to go: nothing falls due of what nobody heard.
    this.time.goFrom(away > AWAY_MS ? last : last + away, undefined, away <= AWAY_MS && single());
    // A run in which others are goes on without this device: how far it is, the server says. Waited for a little after a while away:
    // the device may lack that others are in it, and nothing should be shown that is not.
    if (away > AWAY_MS) await soon(this.following.catchUp());
    else void this.following.catchUp();
    if (this.time.sure || away <= AWAY_MS) return true;
    if (single() && this.leads() && clockAt(log.clock, stretchesOfPlan(log.plan), last).status === 'running')
      await this.log({ kind: 'pause', m: last });
    this.time.goFrom(last + away, undefined, single());
    return true;
  }

  /** The run that is open on this device. */
  async openHere(clubId: string): Promise<KeptRun | null> {
    return (await this.device.runs()).find((one) => one.open === 1 && one.clubId === clubId) ?? null;
  }

  close(): void {
    this.leading.release();
    this.time.stop();
    this.store.dispatch(runActions.closed());
  }
}
