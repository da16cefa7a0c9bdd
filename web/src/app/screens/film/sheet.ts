import { ChangeDetectionStrategy, Component, computed, effect, inject, output, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Still } from '@hopsk/contract/film-work';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import type { Clip } from '../../compute/clip';
import { Latest } from '../../compute/latest';
import { patterns, people } from '../../data/records';
import { MeasuredFloor } from '../../drawing/measured-floor';
import { Either } from '../../ui/either';
import { Print } from '../../ui/print';
import { Table } from '../../ui/table';
import { FilmDesk } from './desk';
import { FilmTimings } from './film-times';
import { StillShapes } from './still-shapes';

const ms = (seconds: number): number => Math.round(seconds * 1000);

/** A page for the athlete: pictures or drawings only, times, what is good, one point, what comes next. */
@Component({
  selector: 'hop-film-sheet',
  imports: [Either, MatButton, MeasuredFloor, Print, StillShapes, Table],
  templateUrl: './sheet.html',
  styleUrl: './sheet.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmSheet {
  private readonly store = inject(Store);
  protected readonly desk = inject(FilmDesk);
  private readonly timings = inject(FilmTimings);
  protected readonly text = words.film;
  protected readonly sheet = words.film.sheet;
  readonly closed = output();
  private readonly people = this.store.selectSignal(people.selectById);
  private readonly patterns = this.store.selectSignal(patterns.selectById);
  private readonly drawing = new Latest();
  protected readonly kinds = [
    { value: true, label: words.film.sheet.pictures },
    { value: false, label: words.film.sheet.drawings },
  ];
  protected readonly withPictures = signal(true);
  private readonly drawn = signal<ReadonlyMap<number, string>>(new Map());
  protected readonly who = computed(() => {
    const { athlete } = this.desk.work();
    return athlete === null ? '' : (this.people()[athlete]?.name ?? '');
  });
  protected readonly picture = computed(() => this.desk.clip()?.picture ?? { width: 16, height: 9 });
  protected readonly viewBox = computed(() => `0 0 ${this.picture().width} ${this.picture().height}`);
  protected readonly good = computed(() => this.desk.work().phases.filter(({ good }) => good !== ''));
  protected readonly point = computed(() => {
    const { point } = this.desk.work();
    if (!point) return null;
    const says = point.says || (point.fault === '' ? '' : faultLabel(point.fault));
    return says === '' && point.cue === '' ? null : { ...point, says };
  });
  protected readonly next = computed(() => {
    const { next } = this.desk.work();
    return next === null ? null : (this.patterns()[next] ?? null);
  });
  protected readonly times = computed(() =>
    this.timings
      .times()
      .over.map(({ time, n, mean, sd, within }) => [
        this.text.times[time],
        this.text.over(n, ms(mean), sd === null ? null : ms(sd), within === null ? null : ms(within)),
      ]),
  );
  protected readonly stills = computed(() => [...this.desk.work().stills].sort((a, b) => a.frame - b.frame));
  protected readonly stood = computed(() => this.desk.feet().map(({ stood }) => stood));
  protected readonly empty = computed(() => this.good().length === 0 && this.point() === null && this.stills().length === 0);

  constructor() {
    effect(() => {
      const [clip, stills] = [this.desk.clip(), this.stills()];
      if (clip) untracked(() => this.draw(clip, stills));
    });
  }

  protected shown({ frame }: Still): string | undefined {
    return this.withPictures() ? this.drawn().get(frame) : undefined;
  }

  private draw(clip: Clip, stills: readonly Still[]): void {
    void this.drawing.ask(
      async () => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [clip.picture.width, clip.picture.height];
        const brush = canvas.getContext('2d', { alpha: false });
        const all = new Map<number, string>();
        for (const { frame } of stills) {
          const picture = await clip.at(frame);
          if (picture === null) continue;
          brush?.drawImage(picture, 0, 0, canvas.width, canvas.height);
          all.set(frame, canvas.toDataURL('image/jpeg', 0.85));
        }
        return all;
      },
      (all) => this.drawn.set(all),
      () => this.desk.said.set(this.text.noPicture(stills[0]?.frame ?? 0)),
    );
  }
}
