import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { ControlEvent } from '@hopsk/core/log/event';
import { RunDesk } from '../../data/desk';
import { Following } from '../../data/following';
import { Outbox } from '../../data/outbox';
import { Together } from '../../data/together';
import { Sounds } from '../../ports/sounds';
import { signInFeature } from '../../data/sign-in';
import { ClockBlock } from '../../parts/clock-block';
import { actOf, type KeyAct } from './keys';
import { saveLogOf } from '../../parts/log-file';
import { RunNow } from '../../parts/run-now';
import { RunBoard } from './run-board';
import { RunCamera } from './run-camera';
import { RunLooks } from './run-looks';
import { RunPicks } from './run-picks';
import { RunReplan } from './run-replan';
import { RunSound } from './run-sound';
import { RunTaps } from './run-taps';
import { RunTempo } from './run-tempo';
import { RunThings } from './run-things';
import { RunToDecide } from './run-to-decide';
import { RunUpkeep } from './run-upkeep';
import { Summary } from './summary';
import { Ask } from '../../ui/ask';
import { Hold } from '../../ui/hold';
import { once } from '../../ui/once';
import { Swipe } from '../../ui/swipe';

/** Rounds under way: the clock, who is watched, and a tile a fault. Everything shown is derived from the run's log. */
@Component({
  selector: 'hop-run-screen',
  imports: [ClockBlock, Hold, MatButton, RouterLink, RunCamera, Summary, Swipe],
  templateUrl: './run-screen.html',
  styleUrl: './run-screen.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)', '(pointerdown)': 'upkeep.hear()' },
})
export class RunScreen {
  private readonly store = inject(Store);
  private readonly desk = inject(RunDesk);
  private readonly together = inject(Together);
  private readonly following = inject(Following);
  private readonly router = inject(Router);
  private readonly questions = inject(Ask);
  protected readonly sounds = inject(Sounds);
  private readonly sending = inject(Outbox);
  protected readonly outbox = this.sending.state;
  /** What is on this page only: neither kept nor sent. */
  protected readonly held = this.sending.held;
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly run = this.desk.atHand.run;
  protected readonly events = this.desk.atHand.events;
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly unkept = this.desk.unkept;
  private readonly now = signal(this.desk.time.now());
  private readonly atHand = this.desk.atHand;
  protected readonly at = new RunNow({
    run: this.run,
    events: this.events,
    fold: this.desk.fold,
    watching: this.atHand.watching,
    now: this.now,
    nameOf: (athlete) => this.atHand.nameOf(athlete),
  });
  protected readonly leads = this.desk.leads;
  protected readonly lead = once(() => this.desk.lead());
  /** A newer app wrote in it what this page does not know. */
  protected readonly newer = computed(() => this.following.newer() !== null && this.following.newer() === this.run()?.head.id);
  /** Other devices that take part. */
  protected readonly others = computed(() => this.atHand.others().length);
  /** What of this device's did nothing: the coach says how it goes on. */
  protected readonly ignored = computed(() => {
    const control = this.together.ignored();
    return control && { control, said: this.text.ignored(this.text.controls[control.kind]), own: control.kind !== 'end' };
  });
  /** A change of what is to come that does not hold. */
  protected readonly vain = this.together.vain;
  protected readonly vainSeen = this.together.vainSeen;
  private readonly toDecide = new RunToDecide();
  private readonly board = new RunBoard(this.at, this.toDecide);
  protected readonly taps = new RunTaps(this.at, this.board);
  protected readonly replan = new RunReplan(this.taps);
  protected readonly things = new RunThings(this.at);
  protected readonly picks = new RunPicks(this.at, this.taps, this.replan, this.things);
  protected readonly tempo = new RunTempo(this.at, this.replan);
  protected readonly sound = new RunSound();
  protected readonly looks = new RunLooks(this.at, this.taps, this.toDecide);
  protected readonly upkeep = new RunUpkeep({
    at: this.at,
    board: this.board,
    now: this.now,
    shake: () => this.sound.shake(),
    say: (sentence, instead) => this.taps.last.update((last) => (!instead || instead.includes(last) ? sentence : last)),
  });

  constructor() {
    effect(() => {
      const club = this.me()?.club.id;
      if (club !== undefined) untracked(() => void this.recover(club));
    });
  }

  private async recover(clubId: string): Promise<void> {
    if (!(await this.desk.recover(clubId))) void this.router.navigate(['/floor']);
    else if (this.at.status() === 'paused') this.taps.last.set(this.text.away);
  }

  protected async askEnd(): Promise<void> {
    const { endAsk, endAll, endYes: yes, endNo: no } = this.text;
    const question = this.others() > 0 ? endAll : endAsk;
    if (await this.questions.sure({ question, yes, no })) await this.desk.log({ kind: 'end' });
  }

  protected follow(control: ControlEvent): void {
    this.together.follow(control);
  }

  protected readonly split = once((control: ControlEvent) => this.together.split(control));

  /** The others go on; what was tapped here stays in the run. */
  protected async leave(): Promise<void> {
    const { leaveAsk: question, leave: yes, stay: no } = this.text;
    if (!(await this.questions.sure({ question, yes, no }))) return;
    await this.together.leave();
    await this.router.navigate(['/floor']);
  }

  /** The run as a club file that the club reads in again, for when this device keeps nothing. */
  protected saveLog(): void {
    const [run, me] = [this.run(), this.me()];
    if (run && me) saveLogOf(run.head, this.events(), me.club.name);
  }

  protected done(): void {
    this.desk.close();
    void this.router.navigate(['/floor']);
  }

  protected key(event: KeyboardEvent): void {
    // A key held down is one press.
    if (event.repeat || this.picks.open) return;
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
        return this.taps.fault(act.code, act.side);
      case 'pause':
        return this.upkeep.pause();
      case 'next':
        return this.upkeep.next();
      case 'undo':
        return void this.taps.undo();
      case 'right':
        return this.taps.praise();
      case 'clean':
        return this.taps.attempt(true);
      case 'attempt':
        return this.at.tapped() ? this.taps.attempt(false) : undefined;
      case 'feed':
        return this.at.feeds() ? this.taps.feed() : undefined;
      case 'view':
        return this.taps.turnView();
      case 'end':
        return void this.askEnd();
      case 'keys':
        return this.picks.keys();
      case 'athlete':
        return this.taps.watchOn(act.by);
      case 'note':
        return void this.picks.note();
      case 'last-taps':
        return void this.picks.lastTaps();
      case 'to-come':
        return void this.picks.toCome();
      case 'tempo':
        return void this.tempo.ask();
    }
  }
}
