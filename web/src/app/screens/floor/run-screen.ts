import { ChangeDetectionStrategy, Component, DestroyRef, effect, inject, signal, untracked } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { MatButton } from '@angular/material/button';
import type { Side } from '@hopsk/core/body/foot';
import { clockAt, COUNT_DOWN } from '@hopsk/core/log/clock';
import { lastUndoable, type Result } from '@hopsk/core/log/event';
import { clockText } from '@hopsk/core/plan/clock-text';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { due, JUMP } from '../../parts/cues';
import { Awake } from '../../ports/awake';
import { RunDesk, type Loose } from '../../data/desk';
import { Outbox } from '../../data/outbox';
import { Sounds } from '../../ports/sounds';
import { Speech } from '../../ports/speech';
import { runFeature } from '../../data/run';
import { signInFeature } from '../../data/sign-in';
import { ClockBlock } from './clock-block';
import { FAULT_PICKER, KEY_LIST, pickFault, RESULT_PICKER } from './dialogs';
import { actOf, type KeyAct } from './keys';
import { RunNow } from '../../parts/run-now';
import { BOARD_HOLDS } from '../../parts/run-setup';
import { Summary } from './summary';
import { Ask } from '../../ui/ask';
import { Dialogs } from '../../ui/dialogs';

/** Rounds under way: the clock, who is watched, and a tile a fault. Everything shown is derived from the run's log. */
@Component({
  selector: 'hop-run-screen',
  imports: [ClockBlock, MatButton, RouterLink, Summary],
  templateUrl: './run-screen.html',
  styleUrl: './run-screen.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)', '(pointerdown)': 'hear()' },
})
export class RunScreen {
  private readonly store = inject(Store);
  private readonly desk = inject(RunDesk);
  protected readonly sounds = inject(Sounds);
  private readonly awake = inject(Awake);
  private readonly speech = inject(Speech);
  private readonly router = inject(Router);
  protected readonly outbox = inject(Outbox).state;
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly run = this.store.selectSignal(runFeature.selectRun);
  protected readonly events = this.store.selectSignal(runFeature.selectEvents);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  private readonly now = signal(Date.now());
  protected readonly at = new RunNow({ run: this.run, events: this.events, now: this.now });
  protected readonly status = this.at.status;
  protected readonly watching = this.at.watching;
  protected readonly sides = signal(true);
  protected readonly last = signal('');
  private heard = Number.NEGATIVE_INFINITY;
  private readonly dialogs = inject(Dialogs);
  private readonly questions = inject(Ask);

  constructor() {
    this.dialogs.ready(FAULT_PICKER, RESULT_PICKER, KEY_LIST);
    this.questions.ready();
    const ticker = setInterval(() => this.now.set(Date.now()), 100);
    const alive = setInterval(() => this.status() !== 'ended' && this.desk.alive(), 4000);
    const sounding = setInterval(() => this.plan(), 5000);
    inject(DestroyRef).onDestroy(() => {
      for (const timer of [ticker, alive, sounding]) clearInterval(timer);
      this.sounds.silence();
      this.speech.hush();
      void this.awake.release();
      if (this.status() === 'ended') this.desk.close();
    });
    effect(() => {
      const club = this.me()?.club.id;
      if (club !== undefined) untracked(() => void this.recover(club));
    });
    effect(() => {
      const t = this.at.clock().t;
      untracked(() => this.tell(t));
    });
    effect(() => {
      const exercise = this.at.exercise();
      untracked(() => void this.turnTo(exercise));
    });
    effect(() => {
      const status = this.status();
      untracked(() => void this.turned(status));
    });
  }

  protected tap(code: string, side: Side | null = null): void {
    const athlete = this.watching()?.athlete ?? null;
    void this.log(
      { kind: 'fault', fault: code, side: this.sides() ? side : null, athlete, source: 'floor', clip: null },
      `${faultLabel(code)}${side && this.sides() ? `, ${words.common.sides[side]}` : ''}`,
    );
  }

  /** A tap on a tile's left or right half says the side; from the keyboard none. */
  protected pressTile(event: MouseEvent, code: string): void {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    const pointed = event.detail > 0;
    this.tap(code, pointed ? (event.clientX < box.left + box.width / 2 ? 'left' : 'right') : null);
  }

  protected praiseTap(): void {
    void this.log({ kind: 'right', fault: null, athlete: this.watching()?.athlete ?? null, source: 'floor', clip: null }, this.text.right);
  }

  protected attempt(clean: boolean): void {
    void this.log(
      { kind: 'attempt', clean, athlete: this.watching()?.athlete ?? null, source: 'floor', clip: null },
      clean ? this.text.clean : this.text.attempt,
    );
  }

  protected result(result: Result): void {
    const athlete = this.watching()?.athlete ?? null;
    void this.log({ kind: 'result', result, athlete, source: 'floor', clip: null }, this.text.results[result]);
  }

  /** At a freeze: could they go on. */
  protected frozen(could: boolean): void {
    const athlete = this.watching()?.athlete ?? null;
    void this.log({ kind: 'freeze', could, athlete, source: 'floor', clip: null }, could ? this.text.could : this.text.couldNot);
  }

  /** Says what fell due; at the end of work that goes on until the coach says so, the clock waits. */
  private tell(t: number): void {
    const session = this.at.session();
    const before = this.heard;
    this.heard = t;
    if (!session || this.status() !== 'running') return;
    for (const cue of due(session.cues, before, t)) this.speech.say(cue.say);
    const open = session.phases.find((stretch) => stretch.open && stretch.end > before && stretch.end <= t);
    if (open && t - before < JUMP) {
      this.last.set(this.text.openSays);
      void this.desk.log({ kind: 'pause', t: open.end });
    }
  }

  /** With another exercise come its faults on the board and the place to stand; what the coach changed in it since stays. */
  private async turnTo(
    exercise: { readonly stage: string; readonly watch: readonly string[]; readonly view: 'front' | 'side' } | null,
  ): Promise<void> {
    if (!exercise || this.status() === 'ended' || this.turnedTo === exercise.stage) return;
    const first = this.turnedTo === null;
    this.turnedTo = exercise.stage;
    const now = this.watching();
    // Opened anew in the middle of an exercise, its board is what the log says.
    if (first && this.at.clock().t > 0) return;
    const board = exercise.watch.slice(0, BOARD_HOLDS);
    if (board.length > 0 && board.join() !== now?.board.join()) await this.desk.log({ kind: 'board', faults: board });
    if (exercise.view !== now?.view) await this.desk.log({ kind: 'view', view: exercise.view });
  }
  private turnedTo: string | null = null;

  protected watch(athlete: string): void {
    void this.desk.log({ kind: 'watch', athlete: this.watching()?.athlete === athlete ? null : athlete });
  }

  protected turnView(): void {
    void this.desk.log({ kind: 'view', view: this.watching()?.view === 'front' ? 'side' : 'front' });
  }

  protected undo(): void {
    const target = lastUndoable(this.events());
    if (target) void this.log({ kind: 'undo', target: target.id }, this.text.undone);
    else this.last.set(this.text.nothing);
  }

  /** Browsers let sound begin only with a tap; after a reload the first one anywhere will do. */
  protected hear(): void {
    if (this.sounds.ready()) return;
    this.sounds.wake();
    this.plan();
  }

  protected pause(): void {
    this.hear();
    void this.desk.log({ kind: this.status() === 'paused' ? 'resume' : 'pause' });
  }

  /** On to the next stretch of the clock. */
  protected next(): void {
    const { t, stretch } = this.at.clock();
    const total = this.at.stretches().at(-1)?.end ?? 0;
    const to = t < 0 ? 0 : (stretch?.end ?? total);
    this.sounds.silence();
    void this.desk.log(to >= total ? { kind: 'end' } : { kind: 'skip', to });
    this.plan();
  }

  protected async askEnd(): Promise<void> {
    const { endAsk: question, endYes: yes, endNo: no } = this.text;
    if (await this.questions.sure({ question, yes, no })) await this.desk.log({ kind: 'end' });
  }

  protected toBoard(code: string): void {
    const board = this.watching()?.board ?? [];
    if (!board.includes(code)) this.tap(code);
  }

  protected done(): void {
    this.desk.close();
    void this.router.navigate(['/floor']);
  }

  protected key(event: KeyboardEvent): void {
    // A key held down is one press.
    if (event.repeat || this.dialogs.open) return;
    const act = actOf(
      event,
      this.at.tiles().map((tile) => tile.code),
    );
    if (!act) return;
    event.preventDefault();
    this.act(act);
  }

  private act(act: KeyAct): void {
    switch (act.do) {
      case 'fault':
        return this.tap(act.code, act.side);
      case 'pause':
        return this.pause();
      case 'next':
        return this.next();
      case 'undo':
        return this.undo();
      case 'right':
        return this.praiseTap();
      case 'clean':
        return this.attempt(true);
      case 'attempt':
        return this.at.tapped() ? this.attempt(false) : undefined;
      case 'view':
        return this.turnView();
      case 'end':
        return void this.askEnd();
      case 'keys':
        return void this.dialogs.show(KEY_LIST, { labelledBy: 'key-list' });
      case 'athlete': {
        const all = this.at.athletes();
        const at = all.findIndex((one) => one.id === this.watching()?.athlete);
        const next = all[(at + act.by + all.length) % all.length];
        if (next) this.watch(next.id);
      }
    }
  }

  private async log(loose: Loose, said: string): Promise<void> {
    navigator.vibrate?.(15);
    this.last.set(`${said} · ${clockText(Math.max(0, this.at.clock().t))}`);
    await this.desk.log(loose);
  }

  private async recover(clubId: string): Promise<void> {
    if (!(await this.desk.recover(clubId))) void this.router.navigate(['/floor']);
    else if (this.status() === 'paused') this.last.set(this.text.away);
  }

  /** What a change of the clock's state asks for: sounds, a lit screen, the closing event. */
  private async turned(status: 'waiting' | 'running' | 'paused' | 'ended'): Promise<void> {
    if (status === 'running') {
      this.plan();
      await this.awake.hold();
    } else this.sounds.silence();
    if (status !== 'ended' || !this.run()) return;
    await this.awake.release();
    if (!this.events().some((event) => event.kind === 'end')) await this.desk.log({ kind: 'end', t: this.at.stretches().at(-1)?.end ?? 0 });
  }

  private plan(): void {
    const clock = clockAt(this.events(), this.at.stretches(), Date.now());
    if (clock.status === 'running') this.sounds.plan(this.at.beeps(), Math.max(-COUNT_DOWN, clock.t));
  }

  protected async picking(): Promise<void> {
    const code = await pickFault(this.dialogs);
    if (code) this.toBoard(code);
  }

  protected async resulting(): Promise<void> {
    const result = await this.dialogs.show<Result>(RESULT_PICKER, { label: this.text.result, width: 'auto' });
    if (result) this.result(result);
  }
}
