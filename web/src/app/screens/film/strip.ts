import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import { frameAt, seenFirst } from '@hopsk/core/film/frames';
import { spanOfAttempt } from '@hopsk/core/film/beside';
import { words } from '@hopsk/words/words';
import { hostWidth } from '../../drawing/host-width';
import { FilmDesk } from './desk';
import { FilmSport } from './film-sport';
import { PlannedLanes } from './planned-lanes';

const LABEL = 52;
const MARGIN = 12;
const LANES = { left: 58, right: 82 } as const;
/** Seconds that are shown about a frame where nothing is marked. */
const ABOUT = 1;
/** A letter of a word on a pin is no wider than that. */
const WIDE = 7;
/** Ticks nearer to each other than this say nothing. */
const APART = 3;

/** The attempt that is looked at, over time: a lane a foot, a tick a frame, marks as pins with what the film leaves open about each. */
@Component({
  selector: 'hop-film-strip',
  templateUrl: './strip.html',
  styleUrl: './strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmStrip {
  protected readonly desk = inject(FilmDesk);
  private readonly planned = inject(PlannedLanes);
  private readonly sport = inject(FilmSport);
  protected readonly text = words.film;
  protected readonly sides = words.common.sides;
  protected readonly lanes = LANES;
  protected readonly feet = SIDES;
  protected readonly width = hostWidth();
  private readonly span = computed((): readonly [number, number] => {
    const [frames, frame] = [this.desk.frames(), this.desk.frame()];
    const now = frames[frame] ?? 0;
    // The attempt that is under way here; before the first, the first.
    const all = this.desk.attempts();
    const here = all.filter((marks) => (marks[0]?.frame ?? Infinity) <= frame).at(-1) ?? all[0];
    if (!here) return [Math.max(0, now - ABOUT), Math.min(frames.at(-1) ?? 0, now + ABOUT)];
    const [from, to] = spanOfAttempt(frames, here);
    return [Math.min(from, now), Math.max(to, now)];
  });
  private readonly shown = computed(() => {
    const [frames, [from, to]] = [this.desk.frames(), this.span()];
    return { first: frameAt(frames, from), last: frameAt(frames, to) };
  });
  protected readonly ticks = computed(() => {
    const [frames, { first, last }] = [this.desk.frames(), this.shown()];
    const every = Math.max(1, Math.ceil((APART * (last - first)) / this.wide()));
    return Array.from({ length: Math.floor((last - first) / every) + 1 }, (_, i) => this.x(frames[first + i * every] ?? 0));
  });
  /** Pins: where a mark lies, how far it may be off, and in which row its word stands, so that words do not lie over each other. */
  protected readonly pins = computed(() => {
    const [frames, { first, last }] = [this.desk.frames(), this.shown()];
    const ends = [0, 0, 0];
    return [...this.desk.work().marks]
      .filter(({ frame }) => frame >= first && frame <= last)
      .sort((a, b) => a.frame - b.frame)
      .map((mark) => {
        const { at, within } = seenFirst(frames, mark.frame);
        const [x, off] = [this.x(at), this.x(at + within) - this.x(at)];
        const word = this.sport.pin(mark.kind);
        const says = this.text.pin(word, Math.round(within * 1000));
        // At the far end a word stands before its pin.
        const [long, back] = [WIDE * says.length, x + WIDE * says.length > LABEL + this.wide() + MARGIN];
        const row = Math.max(
          0,
          ends.findIndex((end) => end < (back ? x - long : x)),
        );
        ends[row] = back ? x : x + long;
        const foot: Side | null = mark.kind === 'left-down' ? 'left' : mark.kind === 'right-down' ? 'right' : null;
        return { mark, x, off: Math.max(1, off), says, y: 14 + row * 14, back, foot };
      });
  });
  /** Feet that were tapped, at their frames. */
  protected readonly prints = computed(() => {
    const [frames, { first, last }] = [this.desk.frames(), this.shown()];
    return this.desk
      .prints()
      .filter(({ frame }) => frame >= first && frame <= last)
      .map(({ foot, frame }) => ({ foot, x: this.x(frames[frame] ?? 0) }));
  });
  /** What each foot does in the pattern that is laid over the film. */
  protected readonly blocks = computed(() => {
    const [lanes, [from, to]] = [this.planned.lanes(), this.span()];
    if (!lanes) return [];
    return SIDES.flatMap((side) =>
      lanes[side]
        .filter((block) => block.to > from && block.from < to)
        .map((block) => {
          const [x, end] = [this.x(Math.max(from, block.from)), this.x(Math.min(to, block.to))];
          return { side, air: block.air, x, w: Math.max(1, end - x - 1), word: end - x > 40 && block.air ? block.word : '' };
        }),
    );
  });
  protected readonly playhead = computed(() => this.x(this.desk.frames()[this.desk.frame()] ?? 0));

  private wide(): number {
    return Math.max(120, this.width() - LABEL - MARGIN);
  }

  private x(seconds: number): number {
    const [from, to] = this.span();
    return LABEL + ((seconds - from) / Math.max(1e-6, to - from)) * this.wide();
  }

  protected drag(event: PointerEvent): void {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const { left } = (event.currentTarget as Element).getBoundingClientRect();
    const [from, to] = this.span();
    const share = (event.clientX - left - LABEL) / this.wide();
    this.desk.frame.set(frameAt(this.desk.frames(), from + Math.min(1, Math.max(0, share)) * (to - from)));
  }
}
