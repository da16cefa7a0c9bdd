import { computed, inject, Injectable, signal } from '@angular/core';
import { NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { calibrated, type Calibration, type NoCalibration } from '@hopsk/core/film/calibration';
import { crossingsOf, type Crossing } from '@hopsk/core/film/crossings';
import { stood } from '@hopsk/core/film/foot';
import { repeatsIn } from '@hopsk/core/film/report';
import { inLife } from '@hopsk/core/film/slow';
import { attemptsOf, type Mark, type MarkKind } from '@hopsk/core/film/marks';
import { areaOf } from '@hopsk/core/judge/area-text';
import { words } from '@hopsk/words/words';
import type { Clip } from '../../compute/clip';
import { FilmWorks } from '../../data/film-works';
import { filmOf } from './film-of';

/** A clip as it came onto the desk. */
export interface Opened {
  readonly hash: string;
  readonly name: string;
  /** What this device keeps of it. */
  readonly kept: FilmWork;
  /** Whether what is marked in it goes to the club; what ships with the program is there to be tried on. */
  readonly toClub: boolean;
  /** The clip itself is not here: nothing new can be seen in it. */
  readonly lost: boolean;
}

/** All that comes with it: the file and its id among the clips that this device keeps, where it is here; what is to be shown of it. */
interface Placed {
  readonly clip: Clip;
  readonly file: File | null;
  readonly keptAs: string | null;
  readonly shown: FilmWork;
  readonly opened: Opened;
}

/** Steps that can be taken back. */
const MOST_BACK = 100;

/** What lies on the film desk: a clip, the frame that is looked at, and what was marked and tapped in it. */
@Injectable()
export class FilmDesk {
  private readonly kept = inject(FilmWorks);
  /** What the clip is known again by, and by what the device keeps it, if it does. */
  hash = '';
  keptAs: string | null = null;
  /** It, for whoever looks at several of its attempts at once. */
  file: File | null = null;
  private readonly before = signal<readonly FilmWork[]>([]);
  private readonly now = signal<FilmWork>(NO_WORK);
  private readonly came = signal<Opened | null>(null);
  readonly opened = this.came.asReadonly();
  readonly lost = computed(() => this.came()?.lost ?? false);
  readonly clip = signal<Clip | null>(null);
  readonly named = signal('');
  readonly said = signal('');
  readonly frame = signal(0);
  /** A picture that was asked for is still to come. */
  readonly waits = signal(false);
  /** What is marked is a mark made again: it says how well this coach marks. */
  readonly again = signal(false);
  readonly work = this.now.asReadonly();
  /** When its frames were, in life. */
  readonly frames = computed(() => inLife(this.clip()?.frames ?? [], this.work().slow));
  readonly last = computed(() => (this.clip()?.frames.length ?? 1) - 1);
  /** Which frame is looked at, and when it is. */
  readonly where = computed(() => {
    const frame = this.frame();
    return words.film.frame(frame, this.last(), (this.frames()[frame] ?? 0).toFixed(3));
  });
  readonly canUndo = computed(() => this.before().length > 0);
  readonly empty = computed(() => this.work().marks.length + this.work().points.length + this.work().prints.length === 0);
  readonly area = computed(() => areaOf(this.work().area));
  readonly crossings = computed(() => crossingsFrom(this.work().area));
  readonly attempts = computed(() => attemptsOf(this.work().marks));
  /** How well marks are made again, where that was tried. */
  readonly repeats = computed(() => repeatsIn({ ...this.work(), frames: this.frames() }));
  /** How the picture stands to the floor, or why that is not known; null where nothing was tapped. */
  readonly found = computed((): Calibration | NoCalibration | null => {
    const [clip, { points }] = [this.clip(), this.work()];
    return clip && points.length > 0 ? calibrated(points, clip.picture) : null;
  });
  readonly calibration = computed(() => {
    const found = this.found();
    return found && !('code' in found) ? found : null;
  });
  /** Where feet stood, in the order of their frames. */
  readonly feet = computed(() => {
    const floor = this.calibration();
    return floor ? this.prints().map((print) => ({ print, stood: stood(floor, print) })) : [];
  });
  readonly prints = computed(() => [...this.work().prints].sort((a, b) => a.frame - b.frame));

  /** A clip comes onto the desk, in place of the one that was there. */
  place({ clip, file, keptAs, shown, opened }: Placed): void {
    this.close();
    this.hash = opened.hash;
    this.keptAs = keptAs;
    this.file = file;
    this.again.set(false);
    this.named.set(opened.name);
    this.now.set(shown);
    this.before.set([]);
    this.frame.set(0);
    this.came.set(opened);
    this.clip.set(clip);
  }

  /** Puts the clip away; what was marked in it stays on the device. */
  putAway(): void {
    this.close();
    this.clip.set(null);
    this.said.set('');
  }

  close(): void {
    this.clip()?.close();
  }

  go(by: number): void {
    this.frame.update((frame) => Math.min(this.last(), Math.max(0, frame + by)));
  }

  /** Takes a change in, keeps it on the device, and holds what was before it. */
  put(change: Partial<FilmWork>): void {
    this.before.update((all) => [...all, this.now()].slice(-MOST_BACK));
    this.set({ ...this.now(), ...change });
  }

  /** What others marked in it takes the place of what was shown: there is nothing of this device's to be taken back. */
  arrive(work: FilmWork): void {
    this.before.set([]);
    this.set(work);
    // There is nothing to be seen but what was marked.
    if (this.lost()) this.frame.set(Math.min(this.last(), ...work.marks.map(({ frame }) => frame)));
  }

  undo(): void {
    const last = this.before().at(-1);
    if (!last) return;
    this.before.update((all) => all.slice(0, -1));
    // What is in the book is in it.
    const { booked, runs, before } = this.now();
    this.set({ ...last, booked, runs, before });
  }

  private set(work: FilmWork): void {
    this.said.set('');
    const clip = this.clip();
    const whole = clip && !this.lost() ? { ...work, film: filmOf(clip, work) } : work;
    this.now.set(whole);
    this.kept.keep(this.hash, whole).catch(() => this.said.set(words.film.notKept));
  }

  /** Marks what is seen first in this frame; the same there again takes it back. */
  mark(kind: MarkKind): void {
    const frame = this.frame();
    if (this.lost()) return this.said.set(words.film.lostMark);
    if (frame === 0) return this.said.set(words.film.noneBefore);
    const into = this.again() ? 'again' : 'marks';
    const marks = this.work()[into];
    const there = marks.some((one) => one.kind === kind && one.frame === frame);
    this.put({ [into]: there ? marks.filter((one) => one.kind !== kind || one.frame !== frame) : [...marks, { kind, frame }] });
  }

  drop(mark: Mark): void {
    const { marks, again } = this.work();
    this.put({ marks: marks.filter((one) => one !== mark), again: again.filter((one) => one !== mark) });
  }

  /** Another floor: points that it has too stay, where they lie on it; the others go. */
  lay(area: string): void {
    const there = new Map(crossingsFrom(area).map(({ code, at }) => [code, at]));
    const { points } = this.work();
    const stay = points.flatMap((point) => {
      const floor = there.get(point.name);
      return floor ? [{ ...point, floor }] : [];
    });
    this.put({ area, diagonal: null, points: stay });
    const gone = points.length - stay.length;
    if (gone > 0) this.said.set(words.film.pointsGone(gone));
  }
}

const crossingsFrom = (said: string): Crossing[] => {
  const area = areaOf(said);
  return area ? crossingsOf(area) : [];
};
