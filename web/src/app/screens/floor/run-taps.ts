import { inject, signal } from '@angular/core';
import type { Side } from '@hopsk/core/body/foot';
import type { Made } from '@hopsk/core/catalogue/made';
import type { Result } from '@hopsk/core/log/event';
import { clockText } from '@hopsk/core/plan/clock-text';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { RunDesk, type Loose } from '../../data/desk';
import type { RunNow } from '../../parts/run-now';
import type { RunBoard } from './run-board';
import type { ClosedAs } from './tap-box';
import type { Came } from './who-picker';

/** What a coach taps while they watch: each becomes an event, and is said back. To be made where things can be injected. */
export class RunTaps {
  private readonly desk = inject(RunDesk);
  private readonly text = words.run;
  /** Whether taps say the side. */
  readonly sides = signal(true);
  /** What was tapped last, or is to be known. */
  readonly last = signal('');

  constructor(
    private readonly at: RunNow,
    private readonly board: RunBoard,
  ) {}

  fault(code: string, side: Side | null = null): void {
    void this.faultKept(code, side);
  }

  private faultKept(code: string, side: Side | null): Promise<void> {
    const of = this.sides() ? side : null;
    return this.log(this.tapOf(code, of), `${faultLabel(code)}${of ? `, ${words.common.sides[of]}` : ''}`);
  }

  private tapOf(fault: string, side: Side | null): Loose {
    return { kind: 'fault', fault, side, athlete: this.athlete, source: 'floor', clip: null };
  }

  /** A tap on a tile's left or right half says the side; from the keyboard none. */
  tile(event: MouseEvent, code: string): void {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    const pointed = event.detail > 0;
    this.fault(code, pointed ? (event.clientX < box.left + box.width / 2 ? 'left' : 'right') : null);
  }

  /** A fault with what there was time to say of it; of all, where all showed it. */
  async closer(code: string, { side, all, ...more }: ClosedAs): Promise<void> {
    const who = all ? this.at.athletes().map(({ id }) => id) : [this.athlete];
    const said = [faultLabel(code), side && words.common.sides[side], more.strength && this.text.strengths[more.strength]];
    const loose = who.map((athlete): Loose => ({ kind: 'fault', fault: code, side, athlete, source: 'floor', clip: null, ...more }));
    await this.log(loose, `${said.filter(Boolean).join(', ')}${all ? ` · ${this.text.ofAll(who.length)}` : ''}`);
  }

  /** That was right: with the point, where there is time to say which. */
  praise(fault: string | null = null): void {
    const said = fault === null ? this.text.right : `${this.text.right}: ${faultLabel(fault)}`;
    void this.log({ kind: 'right', fault, athlete: this.athlete, source: 'floor', clip: null }, said);
  }

  attempt(clean: boolean): void {
    void this.log(
      { kind: 'attempt', clean, athlete: this.athlete, source: 'floor', clip: null },
      clean ? this.text.clean : this.text.attempt,
    );
  }

  /** The next ball is fed: what is tapped from here on is about it. */
  feed(): void {
    void this.log({ kind: 'ball', source: 'floor' }, this.text.fed((this.at.feeds()?.n ?? 0) + 1));
  }

  /** Who opens what is counted in this exercise, from here on. */
  turnOpener(): void {
    const { exercise, by, planned } = this.at.opener();
    void this.desk.log({ kind: 'opens', exercise, by: by === 'coach' ? (planned === 'coach' ? 'plan' : planned) : 'coach' });
  }

  result(result: Result): void {
    void this.log({ kind: 'result', result, athlete: this.athlete, source: 'floor', clip: null }, this.text.results[result]);
  }

  /** What is to be remembered, of somebody or of all. */
  note(text: string, athlete: string | null): void {
    void this.log({ kind: 'note', text, athlete }, this.text.noteKept);
  }

  /** Somebody comes, or goes; who goes is watched no longer. */
  async came({ kind, athlete }: Came): Promise<void> {
    if (kind === 'leave' && this.athlete === athlete) await this.desk.log(...this.board.watching(null), { kind: 'watch', athlete: null });
    await this.log({ kind, athlete }, kind === 'join' ? this.text.joined : this.text.gone);
  }

  /** At a freeze: could they go on. */
  frozen(could: boolean): void {
    const said = could ? this.text.could : this.text.couldNot;
    void this.log({ kind: 'freeze', could, athlete: this.athlete, source: 'floor', clip: null }, said);
  }

  watch(athlete: string): void {
    this.watchNow(this.athlete === athlete ? null : athlete);
  }

  /** With whoever is watched comes what they show or work on: at one moment, so that nothing is missed in between. */
  watchNow(athlete: string | null): void {
    void this.desk.log(...this.board.watching(athlete), { kind: 'watch', athlete });
  }

  /** A fault that had no tile, or no name yet: it has one from here on, where there is room. */
  async other(picked: string | Made): Promise<void> {
    if (typeof picked !== 'string') await this.log([{ kind: 'named', ...picked }, this.tapOf(picked.code, null)], picked.label);
    else if (this.at.watching()?.board.includes(picked)) return;
    else await this.faultKept(picked, null);
    await this.board.turned();
  }

  /** The one so many further in the group. */
  watchOn(by: number): void {
    const all = this.at.athletes();
    const now = all.findIndex((one) => one.id === this.athlete);
    const next = all[(now + by + all.length) % all.length];
    if (next) this.watch(next.id);
  }

  turnView(): void {
    void this.desk.log({ kind: 'view', view: this.at.watching()?.view === 'front' ? 'side' : 'front' });
  }

  async undo(): Promise<void> {
    navigator.vibrate?.(15);
    const undone = await this.desk.decide((log) => {
      const target = log.lastUndoable(this.desk.mine);
      return target && { kind: 'undo', target: target.id };
    });
    if (undone.length > 0) this.say(this.text.undone);
    else this.last.set(this.text.nothing);
  }

  /** One of the last taps is taken back; whether it was. */
  async undoOne(target: string): Promise<boolean> {
    const undone = await this.desk.decide((log) => {
      const event = log.get(target);
      return event && log.undoOf(event) === null ? { kind: 'undo', target } : null;
    });
    if (undone.length > 0) this.say(this.text.undone);
    return undone.length > 0;
  }

  private get athlete(): string | null {
    return this.at.watching()?.athlete ?? null;
  }

  /** Said when it is kept, not before; where another tab writes, nothing was. */
  private async log(loose: Loose | readonly Loose[], said: string): Promise<void> {
    navigator.vibrate?.(15);
    const sentence = this.saidAt(said);
    const unkept = this.desk.unkept();
    if ((await this.desk.log(...[loose].flat())).length === 0) return;
    this.last.set(this.desk.unkept() > unkept ? `${sentence} · ${this.text.notKept}` : sentence);
  }

  /** Says when in the run it was. */
  say(said: string): void {
    this.last.set(this.saidAt(said));
  }

  private saidAt(said: string): string {
    return `${said} · ${clockText(Math.max(0, this.at.clock().t))}`;
  }
}
