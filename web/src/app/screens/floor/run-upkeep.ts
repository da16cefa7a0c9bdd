import { computed, DestroyRef, effect, inject, signal, untracked, type WritableSignal } from '@angular/core';
import { COUNT_DOWN, momentOf, overrun, planAt } from '@hopsk/core/log/clock';
import { clockText } from '@hopsk/core/plan/clock-text';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { words } from '@hopsk/words/words';
import { AWAY_MS, MOST_AWAY_MS, RunDesk } from '../../data/desk';
import { Slept } from '../../data/slept';
import { due } from '../../parts/cues';
import type { RunNow } from '../../parts/run-now';
import { Awake } from '../../ports/awake';
import { Sounds } from '../../ports/sounds';
import { Speech } from '../../ports/speech';
import type { RunBoard } from './run-board';

/** The clock goes on by less than this (s) between two looks at it, but where the run's time was put right or the page was held up. */
const LEAP = 1;

/** What a run under way is kept up from. */
export interface UpkeepOf {
  readonly at: RunNow;
  readonly board: RunBoard;
  readonly now: WritableSignal<number>;
  /** Something falls due: the phone shakes where nothing is to be heard. */
  readonly shake: () => void;
  /** Says a sentence; where some are named, only in their place. */
  readonly say: (sentence: string, instead?: readonly string[]) => void;
}

/**
 * What a run does by itself while its page is open: time goes on, sounds and words fall due, the screen stays lit, the board
 * turns with the exercise, and the end is written down. To be made where things can be injected.
 */
export class RunUpkeep {
  private readonly desk = inject(RunDesk);
  private readonly sounds = inject(Sounds);
  private readonly speech = inject(Speech);
  private readonly awake = inject(Awake);
  private readonly at: RunNow;
  private heard = Number.NEGATIVE_INFINITY;
  private turnedTo: string | null = null;
  private readonly sleep = new Slept();
  /** For how long the device slept, ms, while nobody else knew how far the run is: the coach says whether it went on. */
  private readonly slept = signal(0);
  readonly asleep = computed(() => (this.slept() > 0 ? clockText(Math.floor(this.slept() / 1000)) : null));

  /** What made the clock and what is to come as they are. */
  private readonly turnedBy = computed(() => {
    const log = this.desk.fold()?.log;
    return `${log?.clock.last ?? ''}${log?.changedBy ?? ''}`;
  });

  constructor(private readonly of: UpkeepOf) {
    this.at = of.at;
    const timers = [
      setInterval(() => (this.look(), of.now.set(this.desk.time.now())), 100),
      setInterval(() => this.at.status() !== 'ended' && this.desk.alive(), 4000),
      setInterval(() => this.sound(), 5000),
    ];
    inject(DestroyRef).onDestroy(() => {
      timers.forEach(clearInterval);
      this.sounds.silence();
      this.speech.hush();
      void this.awake.release();
      if (this.at.status() === 'ended') this.desk.close();
    });
    effect(() => {
      const [t, m] = [this.at.due(), of.now()];
      untracked(() => this.tell(t, m));
    });
    effect(() => {
      // Whoever turned the clock, or changed what is to come: what would sound by the old one does not. A tap takes nothing back.
      if (this.turnedBy() !== '') untracked(() => (this.sounds.silence(), this.sound()));
    });
    effect(() => {
      if (this.sounds.ready()) untracked(() => this.sound());
    });
    effect(() => {
      const [exercise, seeing] = [this.at.exercise(), this.at.seeing()];
      if (this.at.watching() === null) return;
      // What was seen in the last one is still tapped: its board stays for a little.
      if (seeing === null) untracked(() => void this.turnTo(exercise));
    });
    effect(() => {
      const status = this.at.status();
      untracked(() => void this.turned(status));
    });
  }

  /** Browsers let sound begin only with a tap; after a reload, or when a call took it away, the first one anywhere will do. */
  hear(): void {
    if (!this.sounds.ready()) this.sounds.wake();
  }

  pause(): void {
    this.hear();
    // At once, before the press is kept: nothing sounds behind it.
    this.sounds.silence();
    void this.desk.log({ kind: this.at.status() === 'paused' ? 'resume' : 'pause' });
  }

  private look(): void {
    const slept = this.sleep.look();
    // What was not answered yet adds up.
    if (slept > AWAY_MS && this.at.status() === 'running' && this.desk.leads())
      this.slept.update((before) => Math.min(MOST_AWAY_MS, before + slept));
    // Where others are in the run, the server says how far it is.
    if (this.slept() > 0 && this.desk.atHand.others().length > 0) this.slept.set(0);
  }

  /** The run went on while the device slept, or stood as its clock did. */
  awoke(wentOn: boolean): void {
    if (wentOn) this.desk.time.goFrom(this.desk.time.now() + this.slept());
    this.slept.set(0);
  }

  /** On to the next stretch of the clock. */
  next(): void {
    this.sounds.silence();
    const { t, stretch, status } = this.at.clock();
    // Work at whose end the clock waits is over with that.
    if (status === 'paused' && stretch?.end === t) return void this.desk.log({ kind: 'resume' });
    const total = this.at.stretches().at(-1)?.end ?? 0;
    const to = t < 0 ? 0 : (stretch?.end ?? total);
    void this.desk.log(to >= total ? { kind: 'end' } : { kind: 'skip', to });
  }

  /** Says what fell due; at the end of work that goes on until the coach says so, the clock waits. */
  private tell(t: number, m: number): void {
    const before = this.heard;
    this.heard = t;
    if (this.at.status() !== 'running' || !this.desk.leads()) return;
    const falls = due(this.at.cues(), before, t);
    if (falls.length > 0) this.of.shake();
    // What is silent says nothing; what is a clip is on the audio clock already.
    for (const cue of falls) if (this.sounds.volume() > 0 && !this.sounds.says(cue.say)) this.speech.say(cue.say);
    // The run is elsewhere than it was thought to be: what sounds goes with it.
    if (Math.abs(t - before) > LEAP) this.sound();
    const clock = this.desk.fold()?.log.clock;
    if (!clock || !overrun(clock, this.at.stretches(), m)) return;
    this.of.say(this.at.opener().by === 'coach' ? words.run.feedsOver : words.run.openSays);
    void this.desk.decide((log) => {
      const open = overrun(log.clock, stretchesOfPlan(log.plan), m);
      return open ? { kind: 'pause', m: momentOf(log.clock, open.end) } : null;
    });
  }

  /** With another exercise come its faults on the board and the place to stand. */
  private async turnTo(exercise: ReturnType<RunNow['exercise']>): Promise<void> {
    const [stage, now] = [exercise?.stage ?? '', this.at.watching()];
    if (!now || this.at.status() === 'ended' || this.turnedTo === stage) return;
    const first = this.turnedTo === null;
    this.turnedTo = stage;
    // Opened anew in the middle of an exercise, its board is what the log says.
    if (first && this.at.clock().t > 0) return;
    await this.of.board.turned();
    if (exercise && exercise.view !== now.view) await this.desk.log({ kind: 'view', view: exercise.view });
  }

  /** What a change of the clock's state asks for: sounds, a lit screen, the closing event. */
  private async turned(status: ReturnType<RunNow['status']>): Promise<void> {
    if (status === 'running') {
      // What was said of a clock that waited is past.
      this.of.say('', [words.run.openSays, words.run.feedsOver, words.run.away]);
      this.sound();
      await this.awake.hold();
    } else this.sounds.silence();
    if (status !== 'ended') return;
    await this.awake.release();
    // Where the run's time is a guess, those who know it end the run.
    if (!this.desk.time.sure) return;
    const end = this.at.stretches().at(-1)?.end ?? 0;
    await this.desk.decide((log) => (log.clock.status === 'ended' ? null : { kind: 'end', m: momentOf(log.clock, end) }));
  }

  private sound(): void {
    const clock = this.desk.fold()?.log.clock;
    if (this.desk.leads() && clock?.status === 'running')
      this.sounds.plan(this.at.beeps(), Math.max(-COUNT_DOWN, planAt(clock, this.desk.time.now())), this.at.cues());
  }
}
