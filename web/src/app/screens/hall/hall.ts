import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { CODE_LENGTH, HallEntry, PHONES_AS } from '@hopsk/contract/hall';
import { toCome } from '@hopsk/core/plan/to-come';
import { words } from '@hopsk/words/words';
import { SaidHere } from '../../data/problem';
import { ClockBlock } from '../../parts/clock-block';
import { MovingLine, type WrittenLine } from '../../parts/moving-line';
import { Sending, Sent } from '../../parts/sending';
import { Awake } from '../../ports/awake';
import { Box } from '../../ui/box';
import { once } from '../../ui/once';
import { asTyped } from '../../ui/reads';
import { Whole } from '../../ui/whole';
import { HallPhone } from './hall-phone';
import { HallRunning } from './hall-run';

/** A screen in the hall that shows a run to all: its clock, what is called, how it goes, and who is at it. Nobody is signed in here. */
@Component({
  selector: 'hop-hall',
  imports: [Box, ClockBlock, MatButton, MovingLine, Sent, Whole],
  templateUrl: './hall.html',
  styleUrl: './hall.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Hall {
  protected readonly text = words.hall;
  protected readonly app = words.app;
  protected readonly running = new HallRunning();
  protected readonly run = this.running.run;
  protected readonly at = this.running.at;
  protected readonly phone = new HallPhone(this.running);
  protected readonly phonesAs = PHONES_AS;
  protected readonly looking = signal(true);
  protected readonly entering = new Sending();
  protected readonly code = signal('');
  protected readonly reads = asTyped(2 * CODE_LENGTH);
  private readonly awake = inject(Awake);

  /** What is on: its line, and how it is written. */
  protected readonly now = computed(() => this.lineOf(this.at.exercise()));
  protected readonly next = computed(() => {
    const [plan, t] = [this.at.session(), this.at.clock().t];
    const block = plan && toCome(plan, Math.max(0, t)).next[0];
    const exercise = block && plan?.exercises[block.exercise];
    return exercise ? { name: exercise.name, line: this.lineOf(exercise) } : null;
  });
  /** Where there are stations, who is at which. */
  protected readonly stations = computed(() =>
    this.at.stations().map(({ name, people }) => ({ name, names: people.map((id) => this.run()?.names[id] ?? '').join(' · ') })),
  );
  /** Who is at it, and who waits for their turn. */
  protected readonly names = computed(() => {
    const of = (waits: boolean): string[] => this.at.chips().flatMap((chip) => (chip.waits === waits ? [chip.name] : []));
    return { at: of(false), waits: of(true) };
  });

  constructor() {
    void this.running.recall().then(() => this.looking.set(false));
    effect(() => {
      if (this.run() && !this.running.over()) void this.awake.hold();
      else void this.awake.release();
    });
    inject(DestroyRef).onDestroy(() => void this.awake.release());
  }

  private lineOf(exercise: ReturnType<HallRunning['at']['exercise']>): WrittenLine | null {
    if (exercise === null) return this.run()?.line ?? null;
    return exercise.as && exercise.steps.trim() !== '' ? { ...exercise.as, steps: exercise.steps } : null;
  }

  protected readonly enter = once(() =>
    this.entering.send(async () => {
      const entry = HallEntry.safeParse({ code: this.code() });
      if (!entry.success) throw new SaidHere(this.text.wrong);
      await this.running.enter(entry.data.code);
      return '';
    }),
  );

  protected leave(): void {
    this.code.set('');
    this.running.leave();
  }
}
