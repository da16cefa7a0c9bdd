import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatTabNavPanel } from '@angular/material/tabs';
import { DRAWN, type Drawn } from '@hopsk/core/film/drawn-names';
import { frameAt } from '@hopsk/core/film/frames';
import { MARKS, type MarkKind } from '@hopsk/core/film/marks';
import { words } from '@hopsk/words/words';
import { Choice } from '../../ui/choice';
import { FileBox } from '../../ui/file-box';
import { Head } from '../../ui/head';
import { Slider } from '../../ui/slider';
import { Tabs } from '../../ui/tabs';
import { Aiming, type Doing } from './aiming';
import { FilmAthlete } from './athlete';
import { FilmBeside } from './beside';
import { BesideDesk } from './beside-desk';
import { BesidePictures } from './beside-pictures';
import { FilmDesk } from './desk';
import { DeskFiles } from './desk-files';
import { FilmFeet } from './feet';
import { FilmSport } from './film-sport';
import { FilmTimings } from './film-times';
import { filmAct, MARK_KEYS, type FilmAct } from './film-keys';
import { FilmingBox } from './filming';
import { ClubFilms } from './club-films';
import { DeskClub } from './desk-club';
import { Elsewhere } from './elsewhere';
import { KeptClips } from './kept-clips';
import { FilmOpening } from './opening';
import { FilmPicture } from './picture';
import { FilmPlan } from './plan';
import { PlannedLanes } from './planned-lanes';
import { FilmPlayer } from './player';
import { Playing } from './playing';
import { FilmRuler } from './ruler';
import { SeeYourself } from './see-yourself';
import { FilmShare } from './share';
import { FilmSheet } from './sheet';
import { stretchesOf } from './stretches';
import { FilmStrip } from './strip';
import { FilmTalk } from './talk';
import { FilmTimes } from './times';

/** The film desk: a clip of this device frame by frame; what is marked and tapped in it comes to times, places and steps. */
@Component({
  selector: 'hop-film',
  imports: [
    FileBox,
    ClubFilms,
    Elsewhere,
    FilmAthlete,
    FilmFeet,
    FilmingBox,
    BesidePictures,
    FilmBeside,
    FilmPicture,
    FilmPlayer,
    FilmSheet,
    FilmShare,
    FilmStrip,
    FilmTalk,
    Choice,
    FilmPlan,
    FilmRuler,
    FilmTimes,
    Head,
    KeptClips,
    SeeYourself,
    MatButton,
    MatTabNavPanel,
    Slider,
    Tabs,
  ],
  providers: [FilmDesk, FilmOpening, DeskClub, DeskFiles, Aiming, BesideDesk, PlannedLanes, FilmSport, FilmTimings],
  templateUrl: './film.html',
  styleUrl: './film.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(window:keydown)': 'press($event)' },
})
export class FilmScreen {
  /** The kept clip that an address asks for. */
  readonly clip = input<string>();
  protected readonly desk = inject(FilmDesk);
  protected readonly opening = inject(FilmOpening);
  protected readonly files = inject(DeskFiles);
  protected readonly aiming = inject(Aiming);
  private readonly beside = inject(BesideDesk);
  protected readonly text = words.film;
  protected readonly common = words.common;
  protected readonly films = 'video/*,.mp4,.mov,.webm,.mkv';
  protected readonly drawn = (Object.keys(DRAWN) as Drawn[]).map((value) => ({ value, label: words.film.drawn[value] }));
  protected readonly club = inject(DeskClub);
  private readonly sport = inject(FilmSport);
  /** Marks of the sport that the clip is of; all of them where that is not known, or they are asked for. */
  protected readonly allKinds = signal(false);
  protected readonly fewer = computed(() => this.sport.set().marks.length < MARKS.length);
  protected readonly kinds = computed(() =>
    (this.allKinds() ? MARKS : this.sport.set().marks).map((kind) => ({ kind, key: MARK_KEYS[kind], label: this.sport.label(kind) })),
  );
  protected readonly doings = (['times', 'floor', 'feet', 'plan', 'beside', 'talk', 'athlete'] as const).map((value) => ({
    value,
    label: words.film.doings[value],
  }));
  /** The page for the athlete lies over the desk. */
  protected readonly page = signal(false);
  /** What is looped over: all of the clip, an attempt, or from one mark to the next. */
  protected readonly stretches = computed(() => stretchesOf(this.desk.frames(), this.desk.attempts(), (kind) => this.sport.label(kind)));
  protected readonly stretch = linkedSignal<unknown, string>({ source: this.desk.clip, computation: () => '' });
  protected readonly playing = new Playing({
    span: () => this.stretches().find(({ value }) => value === this.stretch())?.span ?? [0, this.desk.frames().at(-1) ?? 0],
    at: () => this.desk.frames()[this.desk.frame()] ?? 0,
    go: (seconds) => this.desk.frame.set(frameAt(this.desk.frames(), seconds)),
    waits: this.desk.waits,
  });
  protected readonly frameSaid = (frame: number): string => this.text.frameShort(frame);

  constructor() {
    inject(DestroyRef).onDestroy(() => this.desk.close());
    effect(() => {
      const id = this.clip();
      if (id !== undefined) untracked(() => void this.opening.asked(id));
    });
  }

  protected take(file: File): void {
    void this.files.take(file);
  }

  protected mark(kind: MarkKind): void {
    this.desk.mark(kind);
  }

  protected do(doing: Doing): void {
    this.playing.on.set(false);
    this.aiming.doing.set(doing);
  }

  protected press(event: KeyboardEvent): void {
    const typing =
      event.target instanceof HTMLElement && event.target.closest('input:not([type=range]), textarea, [role=dialog], [role=listbox]');
    const act = this.desk.clip() && !typing && !event.ctrlKey && !event.metaKey && !event.altKey ? filmAct(event) : null;
    if (act === null) return;
    event.preventDefault();
    // Attempts beside each other are gone through together.
    if (this.aiming.doing() === 'beside' && act !== 'undo') return this.pressBeside(act);
    if (act === 'undo') this.aiming.undo();
    else if (act === 'play') this.playing.turn();
    else if ('by' in act) this.desk.go(act.by);
    else if (this.aiming.doing() === 'times') this.desk.mark(act.mark);
  }

  private pressBeside(act: Exclude<FilmAct, 'undo'>): void {
    if (act === 'play') this.beside.playing.turn();
    else if ('by' in act) this.beside.go(act.by);
  }
}
