import { computed, DestroyRef, effect, inject, Injectable, linkedSignal, signal, untracked } from '@angular/core';
import { startOf } from '@hopsk/core/film/attempt-faults';
import { frameBeside, sharedMarks, spanOf, timesBeside, type Beside } from '@hopsk/core/film/beside';
import type { Attempt, MarkKind } from '@hopsk/core/film/marks';
import { attemptsOf } from '@hopsk/core/film/marks';
import { repeatsIn } from '@hopsk/core/film/report';
import { inLife } from '@hopsk/core/film/slow';
import { timesOf, type Timed } from '@hopsk/core/film/times';
import { words } from '@hopsk/words/words';
import type { Clip } from '../../compute/clip';
import { Latest } from '../../compute/latest';
import { nameOf } from '../../data/clip-name';
import { Clips, type KeptClip } from '../../data/clips';
import { FilmWorks } from '../../data/film-works';
import { FilmDesk } from './desk';
import { FilmSport } from './film-sport';
import { FilmTimings } from './film-times';
import { Playing } from './playing';

/** So many attempts beside each other, at so many lines at most: four of them are played on two cores. */
export const MOST_BESIDE = 4;
const LINES = 540;

/** An attempt that is looked at beside others. */
interface Column extends Beside {
  readonly key: string;
  readonly name: string;
  readonly times: readonly Timed[];
  readonly clip: Clip;
}

/** Attempts that can be put beside the others, of one clip. */
interface Source {
  readonly hash: string;
  readonly name: string;
  readonly file: File;
  readonly frames: Beside['frames'];
  readonly attempts: readonly Attempt[];
  readonly times: readonly Timed[];
}

const keyOf = ({ hash }: Source, attempt: Attempt): string => `${hash} ${startOf(attempt)}`;

/** Two to four attempts beside each other, joined at a mark: of the clip on the desk, and of others that this device keeps. */
@Injectable()
export class BesideDesk {
  private readonly desk = inject(FilmDesk);
  private readonly timings = inject(FilmTimings);
  private readonly sport = inject(FilmSport);
  private readonly clips = inject(Clips);
  private readonly works = inject(FilmWorks);
  private readonly opening = new Latest();
  private readonly fetched = signal<readonly Source[]>([]);
  /** Other clips than that on the desk. */
  readonly others = this.fetched.asReadonly();
  private readonly chosen = signal<readonly { readonly key: string; readonly clip: Clip }[]>([]);
  readonly said = signal('');
  readonly busy = this.opening.open;
  /** Pictures that are still to come, of whichever. */
  readonly waits = signal(false);
  readonly kept = this.clips.all;

  private readonly own = computed((): Source | null => {
    const { file } = this.desk;
    if (!this.desk.clip() || !file) return null;
    const { times } = this.timings.times();
    return { hash: this.desk.hash, name: this.desk.named(), file, frames: this.desk.frames(), attempts: this.desk.attempts(), times };
  });
  private readonly sources = computed(() => [...[this.own()].flatMap((own) => (own ? [own] : [])), ...this.others()]);
  /** Attempts that can be put beside, with what they are called: those of this clip by their number. */
  readonly choices = computed(() =>
    this.sources().flatMap((source, i) =>
      source.attempts.map((attempt, n) => ({
        value: keyOf(source, attempt),
        label: i === 0 && source.hash === this.desk.hash ? words.film.attemptN(n + 1) : words.film.attemptOf(n + 1, source.name),
      })),
    ),
  );
  readonly columns = computed((): readonly Column[] =>
    this.chosen().flatMap(({ key, clip }) => {
      const name = this.choices().find(({ value }) => value === key)?.label ?? '';
      return this.sources().flatMap((source) =>
        source.attempts.flatMap((attempt, n) =>
          keyOf(source, attempt) === key
            ? [{ key, name, clip, attempt, frames: source.frames, times: source.times.filter((time) => time.attempt === n + 1) }]
            : [],
        ),
      );
    }),
  );
  readonly marks = computed(() => sharedMarks(this.columns()));
  /** The mark at which they are joined: as long as all have it. */
  readonly joint = linkedSignal<readonly MarkKind[], MarkKind | null>({
    source: this.marks,
    computation: (marks, before) => (before?.value && marks.includes(before.value) ? before.value : (marks[0] ?? null)),
  });
  readonly span = computed((): readonly [number, number] => {
    const joint = this.joint();
    return joint ? spanOf(this.columns(), joint) : [0, 0];
  });
  /** Seconds from the mark at which they are joined. */
  readonly at = signal(0);
  readonly playing = new Playing({
    span: this.span,
    at: this.at,
    go: (seconds) => this.at.set(seconds),
    waits: this.waits,
  });
  readonly frames = computed(() => {
    const [joint, at] = [this.joint(), this.at()];
    return this.columns().map((one) => (joint && frameBeside(one, joint, at)) ?? startOf(one.attempt));
  });
  readonly times = computed(() => timesBeside(this.columns().map(({ times }) => times)));
  /** How long a step to the next picture is: the shortest of all. */
  readonly step = computed(() =>
    Math.max(1 / 240, Math.min(1, ...this.columns().map(({ frames }) => (frames.at(-1) ?? 0) / Math.max(1, frames.length - 1)))),
  );

  /** So many pictures on. */
  go(by: number): void {
    const [from, to] = this.span();
    this.at.update((at) => Math.min(to, Math.max(from, at + by * this.step())));
  }

  constructor() {
    inject(DestroyRef).onDestroy(() => this.clear());
    // Another clip on the desk: what was beside it is put away.
    effect(() => {
      this.desk.clip();
      untracked(() => this.clear());
    });
  }

  /** The first two attempts, where nobody has chosen. */
  begin(): void {
    if (this.chosen().length > 0) return;
    const [first, second] = this.choices();
    if (first && second) void this.add(first.value).then(() => this.add(second.value));
  }

  async add(key: string): Promise<void> {
    const source = this.sources().find((one) => one.attempts.some((attempt) => keyOf(one, attempt) === key));
    if (!source || this.chosen().length >= MOST_BESIDE || this.chosen().some((one) => one.key === key)) return;
    await this.opening.ask(
      async (stands) => {
        const clip = await (await import('../../compute/clip')).openClip(source.file, LINES);
        // Another one was asked for meanwhile: nobody would close it.
        if (!('code' in clip) && !stands()) clip.close();
        return clip;
      },
      (clip) => {
        if ('code' in clip) return this.said.set(words.film.unread[clip.code](clip.codec ?? ''));
        this.said.set('');
        this.chosen.update((all) => [...all, { key, clip }]);
      },
      () => this.said.set(words.film.unread['no-film']('')),
    );
  }

  drop(key: string): void {
    this.chosen()
      .find((one) => one.key === key)
      ?.clip.close();
    this.chosen.update((all) => all.filter((one) => one.key !== key));
  }

  /** Another clip of this device, for its attempts: own ones of a month ago, or another athlete's. */
  async fetch(clip: KeptClip): Promise<void> {
    const file = await this.clips.open(clip);
    if (!file) return this.said.set(words.film.clipGone(clip.name));
    await this.opening.ask(
      async () => {
        const { openClip } = await import('../../compute/clip');
        const [hash, opened] = await Promise.all([nameOf(file), openClip(file, LINES)]);
        if ('code' in opened) return null;
        opened.close();
        const work = await this.works.of(hash, opened.frames.length);
        const [frames, attempts] = [inLife(opened.frames, work.slow), attemptsOf(work.marks)];
        const choices = this.sport.choicesFor(work.athlete ?? clip.athlete);
        const { times } = timesOf(frames, attempts, repeatsIn({ ...work, frames }), choices);
        return { hash, name: clip.name, file, frames, attempts, times };
      },
      (source) => {
        if (source === null) return this.said.set(words.film.clipGone(clip.name));
        this.said.set(source.attempts.length === 0 ? words.film.noAttemptsIn(clip.name) : '');
        this.fetched.update((all) => [...all.filter(({ hash }) => hash !== source.hash), source]);
      },
      () => this.said.set(words.film.clipGone(clip.name)),
    );
  }

  private clear(): void {
    this.playing.on.set(false);
    for (const { clip } of this.chosen()) clip.close();
    this.chosen.set([]);
    this.fetched.set([]);
  }
}
