import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  type ElementRef,
  inject,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { filmCells, readFilm } from '@hopsk/contract/film-table';
import { within } from '@hopsk/core/film/difference';
import { seenFirst } from '@hopsk/core/film/frames';
import { attemptsOf, MARKS, outOfOrder, type Mark, type MarkKind } from '@hopsk/core/film/marks';
import { timesOf } from '@hopsk/core/film/times';
import { saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import { Latest } from '../../compute/latest';
import type { Clip } from '../../compute/clip';
import { fileName, saveFile } from '../../drawing/export';
import { FilmMarks } from '../../data/film-marks';
import { FileBox } from '../../ui/file-box';
import { Head } from '../../ui/head';
import { Slider } from '../../ui/slider';
import { Table } from '../../ui/table';
import { filmAct, MARK_KEYS } from './film-keys';

const ms = (seconds: number): number => Math.round(seconds * 1000);

/** The film desk: a clip of this device frame by frame, what is marked in it, and the times that come of that. */
@Component({
  selector: 'hop-film',
  imports: [FileBox, Head, MatButton, Slider, Table],
  templateUrl: './film.html',
  styleUrl: './film.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:keydown)': 'press($event)' },
})
export class FilmScreen {
  private readonly kept = inject(FilmMarks);
  private readonly shown = viewChild<ElementRef<HTMLCanvasElement>>('shown');
  private readonly drawing = new Latest();
  private readonly opening = new Latest();
  protected readonly text = words.film;
  protected readonly common = words.common;
  protected readonly films = 'video/*,.mp4,.mov,.webm,.mkv';
  protected readonly clip = signal<Clip | null>(null);
  protected readonly named = signal('');
  protected readonly said = signal('');
  protected readonly busy = this.opening.open;
  protected readonly frame = signal(0);
  protected readonly marks = signal<readonly Mark[]>([]);
  private hash = '';
  protected readonly kinds = MARKS.map((kind) => ({ kind, key: MARK_KEYS[kind], label: words.film.marks[kind] }));
  protected readonly last = computed(() => (this.clip()?.frames.length ?? 1) - 1);
  protected readonly where = computed(() =>
    this.text.frame(this.frame(), this.last(), (this.clip()?.frames[this.frame()] ?? 0).toFixed(3)),
  );
  protected readonly frameSaid = (frame: number): string => this.text.frameShort(frame);
  private readonly attempts = computed(() => attemptsOf(this.marks()));
  private readonly times = computed(() => {
    const clip = this.clip();
    return clip ? timesOf(clip.frames, this.attempts(), null) : { times: [], over: [] };
  });
  protected readonly rows = computed(() =>
    this.times().times.map(({ attempt, time, took, window, judged }) => [
      this.text.attempt(attempt, this.text.times[time]),
      this.text.took(ms(took.seconds), ms(within(took))).replaceAll(' ', '\u00a0'),
      window && judged ? `${this.text.window(ms(window[0]), ms(window[1]))}: ${this.text.told(judged.told, judged.rate)}` : '',
    ]),
  );
  protected readonly over = computed(() =>
    this.times().over.flatMap(({ time, n, mean, sd, within: around }) =>
      n < 2 ? [] : [[this.text.times[time], this.text.over(n, ms(mean), sd === null ? null : ms(sd), around === null ? null : ms(around))]],
    ),
  );
  protected readonly markRows = computed(() => {
    const frames = this.clip()?.frames ?? [];
    return [...this.marks()]
      .sort((a, b) => a.frame - b.frame)
      .map((mark) => {
        const { at, within: half } = seenFirst(frames, mark.frame);
        return { mark, label: this.text.marks[mark.kind], at: this.text.markAt(mark.frame, at.toFixed(3), (half * 1000).toFixed(1)) };
      });
  });
  protected readonly order = computed(() =>
    outOfOrder(this.attempts()).map(({ attempt, first, then }) =>
      this.text.outOfOrder(attempt, this.text.marks[first.kind], this.text.marks[then.kind]),
    ),
  );

  constructor() {
    inject(DestroyRef).onDestroy(() => this.clip()?.close());
    effect(() => {
      const [clip, frame] = [this.clip(), this.frame()];
      if (clip) untracked(() => this.draw(clip, frame));
    });
  }

  protected async open(file: File): Promise<void> {
    this.said.set('');
    await this.opening.ask(
      async () => {
        const { nameOf, openClip } = await import('../../compute/clip');
        const [hash, clip] = await Promise.all([nameOf(file), openClip(file)]);
        return { hash, clip, marks: 'code' in clip ? [] : await this.kept.of(hash, clip.frames.length) };
      },
      ({ hash, clip, marks }) => {
        if ('code' in clip) return this.said.set(this.text.unread[clip.code](clip.codec ?? ''));
        this.clip()?.close();
        this.hash = hash;
        this.named.set(file.name);
        this.marks.set(marks);
        this.frame.set(0);
        this.clip.set(clip);
      },
      () => this.said.set(this.text.unread['no-film']('')),
    );
  }

  private draw(clip: Clip, frame: number): void {
    void this.drawing.ask(
      () => clip.at(frame),
      (picture) => {
        const canvas = this.shown()?.nativeElement;
        if (picture && canvas) canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
        else if (!picture) this.said.set(this.text.noPicture(frame));
      },
      () => this.said.set(this.text.noPicture(frame)),
    );
  }

  protected go(by: number): void {
    this.frame.update((frame) => Math.min(this.last(), Math.max(0, frame + by)));
  }

  /** Marks what is seen first in this frame; the same there again takes it back. */
  protected mark(kind: MarkKind): void {
    const frame = this.frame();
    if (frame === 0) return this.said.set(this.text.noneBefore);
    const there = this.marks().some((one) => one.kind === kind && one.frame === frame);
    this.put(there ? this.marks().filter((one) => one.kind !== kind || one.frame !== frame) : [...this.marks(), { kind, frame }]);
  }

  protected drop(mark: Mark): void {
    this.put(this.marks().filter((one) => one !== mark));
  }

  protected undo(): void {
    this.put(this.marks().slice(0, -1));
  }

  private put(marks: readonly Mark[]): void {
    this.said.set('');
    this.marks.set(marks);
    this.kept.keep(this.hash, marks).catch(() => this.said.set(this.text.notKept));
  }

  protected press(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && event.target.closest('input:not([type=range]), textarea, [role=dialog]');
    const act = this.clip() && !typing && !event.ctrlKey && !event.metaKey && !event.altKey ? filmAct(event) : null;
    if (act === null) return;
    event.preventDefault();
    if (act === 'undo') this.undo();
    else if ('by' in act) this.go(act.by);
    else this.mark(act.mark);
  }

  protected save(): void {
    const clip = this.clip();
    if (!clip) return;
    saveFile(
      new Blob([Papa.unparse(filmCells({ frames: clip.frames, marks: this.marks() }))], { type: 'text/csv' }),
      fileName(this.named(), 'csv'),
    );
  }

  /** Marks from a table, on top of those that are there. */
  protected async take(file: File): Promise<void> {
    const { clip, problems, missing } = readFilm(Papa.parse<string[]>(await file.text()).data);
    const wrong = problems.flatMap(({ line, wrong: of }) =>
      saidFields(of).map(({ path, message }) => this.text.line(line, `${path} ${message}`)),
    );
    if (!clip) return this.said.set(missing.length > 0 ? this.text.missing(missing.join(', ')) : wrong.slice(0, 3).join(' '));
    const beyond = clip.marks.filter(({ frame }) => frame > this.last());
    if (beyond.length > 0) return this.said.set(this.text.beyond(this.last()));
    const known = new Set(this.marks().map(({ kind, frame }) => `${kind} ${frame}`));
    this.put([...this.marks(), ...clip.marks.filter(({ kind, frame }) => !known.has(`${kind} ${frame}`))]);
  }
}
