import { ChangeDetectionStrategy, Component, computed, effect, ElementRef, inject, input, signal, viewChild } from '@angular/core';
import { MatTabNavPanel } from '@angular/material/tabs';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatMenuModule } from '@angular/material/menu';
import { Router, RouterLink } from '@angular/router';
import { PatternDraft, type Pattern } from '@hopsk/contract/pattern';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import { schoolOf } from '@hopsk/core/body/school';
import type { Vec } from '@hopsk/core/body/vec';
import { placingFrom } from '@hopsk/core/judge/area-text';
import type { Finding } from '@hopsk/core/judge/finding';
import type { Study, StudyOptions } from '@hopsk/core/judge/study';
import { mirrorText } from '@hopsk/core/language/mirror';
import { namesLeftOrRightFoot, operate, OPERATIONS, type Operation } from '@hopsk/core/language/operations';
import { isMoveName } from '@hopsk/core/language/own-moves';
import { dragFoot } from '@hopsk/core/search/drag';
import type { Fit } from '@hopsk/core/search/fit';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { newId } from '../../data/ids';
import { DeviceStore } from '../../data/device-store';
import { fileName, saveFile } from '../../drawing/export';
import { Floor } from '../../drawing/floor';
import { Lanes } from '../../drawing/lanes';
import type { HoldsTyping } from '../../parts/holds-typing';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { Keeping } from '../../parts/keeping';
import { Refusals } from '../../parts/refusals';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Typed } from '../../data/typed';
import { Ask } from '../../ui/ask';
import { once } from '../../ui/once';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import { AboutPanel } from './about';
import { ComparePanel } from './compare';
import { draftOf, KeptDraft, type Draft } from '../../parts/pattern-draft';
import { performance } from '../../compute/performance';
import type { Brought } from './compare';
import { LineEditor } from './line-editor';
import { LineMarks } from './line-marks';
import { LookPanel } from './look';
import { savePicture } from './picture';
import { Palette } from './palette';
import { Player } from '../../parts/player';
import { asJson, asText } from '../../parts/pattern-files';
import { WhatIfPanel } from './what-if';
import { areaOptions } from '../../parts/areas';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byCode, byId, namedOptions, orNone } from '../../ui/options';
import { Slider } from '../../ui/slider';
import { Tabs } from '../../ui/tabs';

const PANELS = ['look', 'whatIf', 'compare', 'about'] as const;
const SPEEDS = [0.25, 0.5, 1, 1.5, 2] as const;

/** One place for a pattern: the line of steps, the floor, time, and what would go wrong. */
@Component({
  selector: 'hop-studio',
  imports: [
    AboutPanel,
    Choice,
    ComparePanel,
    Floor,
    Head,
    Keeping,
    Lanes,
    LineEditor,
    LookPanel,
    MatButton,
    MatIcon,
    MatIconButton,
    MatMenuModule,
    MatTabNavPanel,
    Palette,
    Refusals,
    RouterLink,
    Slider,
    Tabs,
    WhatIfPanel,
  ],
  templateUrl: './studio.html',
  styleUrl: './studio.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'key($event)' },
})
export class Studio implements HoldsTyping {
  readonly id = input.required<string>();
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly asking = inject(Studies);
  private readonly router = inject(Router);
  protected readonly text = words.steps;
  protected readonly common = words.common;
  private readonly club = inject(TeachingStore);
  protected readonly schools = this.club.stances;
  protected readonly stanceOptions = computed(() => byCode(this.club.stances()));
  protected readonly peopleOptions = computed(() => orNone(`1.70 m, ${this.common.sides[this.draft().hand]}`, byId(this.people())));
  protected readonly areaOptions = computed(() => areaOptions(this.draft().area, this.text.anyFloor));
  protected readonly panels = namedOptions(PANELS, words.steps);
  protected readonly speeds = SPEEDS.map((value) => ({ value, label: `× ${value}` }));
  protected readonly hands = orNone(words.steps.asTheyAre, namedOptions<Side>(['right', 'left'], words.steps.hands));
  protected readonly leads = orNone(words.steps.asTheyAre, namedOptions(SIDES, words.steps.leads));
  protected readonly feet = orNone(words.steps.bothFeet, namedOptions(SIDES, { left: words.steps.onlyLeft, right: words.steps.onlyRight }));
  protected readonly operations = OPERATIONS;
  protected readonly panel = signal<(typeof PANELS)[number]>('look');
  protected readonly only = signal<Side | null>(null);
  /** Another hand or lead than the athlete's, for looking only. */
  protected readonly asHand = signal<Side | null>(null);
  protected readonly asLead = signal<Side | null>(null);
  protected readonly ownMoves = computed(() => this.club.teaching().moves);
  protected readonly seed = signal(1);
  protected readonly said = signal('');
  private readonly editor = viewChild(LineEditor);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly allPatterns = this.store.selectSignal(patterns.selectHere);
  protected readonly typing = new Typed<Pattern, Draft>({
    kind: patterns,
    id: this.id,
    begin: draftOf,
    whole: PatternDraft,
    kept: KeptDraft,
    key: (id) => `draft:${id}`,
    opened: (draft, first) => first && this.emptyAtFirst.set(draft.steps === ''),
  });
  protected readonly stored = this.typing.stored;
  protected readonly draft = this.typing.draft;
  protected readonly opened = this.typing.opened;
  protected readonly choice = picked(this.people, () => undefined);
  protected readonly athlete = this.choice.record;
  protected readonly performance = computed(() =>
    performance(this.draft(), this.athlete(), { own: this.club.teaching().stances, hand: this.asHand(), lead: this.asLead() }),
  );
  protected readonly placing = computed(() => {
    return this.draft().area === '' ? null : placingFrom(this.draft().area);
  });
  private readonly options = computed<StudyOptions>(() => {
    const placing = this.placing();
    const schools = {
      pattern: this.draft().schools,
      club: this.club.teaching().choices,
      ...(this.athlete() && { athlete: this.athlete()?.schools ?? {} }),
    };
    return { schools, seed: this.seed(), own: this.club.teaching().moves, ...(placing && { placing }) };
  });
  protected readonly fit = signal<Fit | null>(null);
  protected readonly showMoves = signal<boolean | null>(null);
  /** The moves are there while there is nothing yet, and when asked for. */
  protected readonly moves = computed(() => this.showMoves() ?? (this.opened() && this.emptyAtFirst()));
  private readonly emptyAtFirst = signal(false);
  protected readonly mirrored = computed(() => this.performance().mirrored);
  protected readonly staggered = computed(() => schoolOf(this.draft().school, this.club.teaching().stances)?.staggered ?? false);
  protected readonly study = signal<Study | null>(null);
  protected readonly player = new Player(computed(() => this.study()?.totals.seconds ?? 0));
  protected readonly lit = computed(() => {
    const study = this.study();
    const t = this.player.t();
    return study?.simulation.moves.findLast((move) => move.start <= t + 1e-9)?.index ?? null;
  });
  protected readonly line = new LineMarks({
    study: this.study,
    steps: computed(() => this.draft().steps),
    mirrored: this.mirrored,
    lit: this.lit,
  });
  private readonly question = new Latest();

  constructor() {
    this.club.load();
    effect(() => {
      const { performer, text } = this.performance();
      // Nothing is drawn before the pattern has been opened.
      if (this.opened()) this.ask(text, performer, this.draft().shouldClose, this.options());
    });
  }

  /** The page is being left on purpose; what is typed stays on the device. */
  private going = false;

  unsaved(): boolean {
    return this.typing.dirty() && !this.going;
  }

  protected change(change: Partial<Draft>): void {
    this.typing.put({ ...this.draft(), ...change });
  }

  /** Another stance; where one foot leads, a lead is written for, in a square one none. */
  protected standIn(code: string): void {
    const { lead } = this.draft();
    const staggered = schoolOf(code, this.club.teaching().stances)?.staggered ?? false;
    this.change({ school: code, lead: !staggered ? 'none' : lead === 'none' ? 'left' : lead });
  }

  /** One of the four operations on the text and on whom it is written for. */
  protected turnRound(operation: Operation): void {
    const { steps, hand, lead, area } = this.draft();
    const done = operate(operation, { text: steps, hand, lead: lead === 'none' ? null : lead, area });
    this.said.set(operation === 'other side' && namesLeftOrRightFoot(steps) ? this.text.asksFoot : '');
    this.editor()?.replace(done.text, { from: { hand, lead, area }, to: { hand: done.hand, lead: done.lead ?? 'none', area: done.area } });
  }

  protected addMove(step: string): void {
    this.editor()?.add(step);
  }

  /** A print was dragged: its step says so in the text, for the hand and lead that it is written for. */
  protected dragged({ move, foot, to }: { move: number; foot: Side; to: Vec }): void {
    const study = this.study();
    const editor = this.editor();
    if (!study || !editor || study.text !== this.performance().text) return;
    const edit = dragFoot(study.text, study.simulation, move, foot, to);
    if (!edit) return;
    if (!this.mirrored()) editor.change(edit);
    else editor.replace(mirrorText(study.text.slice(0, edit.from) + edit.insert + study.text.slice(edit.to)));
  }

  protected undo(): void {
    this.editor()?.undo();
  }

  protected redo(): void {
    this.editor()?.redo();
  }

  protected readonly canUndo = computed(() => this.editor()?.canUndo() ?? false);
  protected readonly canRedo = computed(() => this.editor()?.canRedo() ?? false);

  /** A stored line as the present performer does it, for holding beside this one. */
  protected readonly turned = computed(() => {
    const mirrored = this.mirrored();
    return (steps: string): string => (mirrored ? mirrorText(steps) : steps);
  });

  /** An earlier version over the one that is typed; the line goes through the editor, so that it can be taken back. */
  protected bring({ steps, ...rest }: Brought): void {
    this.change(rest);
    this.editor()?.replace(steps);
  }

  protected drawAgain(): void {
    this.seed.update((seed) => seed + 1);
  }

  /** The moment of the next contact. */
  protected nextBeat(): void {
    const ends = (this.study()?.simulation.actions ?? []).filter((action) => action.contact).map((action) => action.end);
    const t = this.player.t();
    this.player.seek(ends.find((end) => end > t + 1e-6) ?? ends[0] ?? 0);
  }

  protected readonly save = {
    text: (): void => saveFile(asText([this.draft()]), fileName(this.draft().name, 'txt')),
    json: (): void => saveFile(asJson([this.draft()]), fileName(this.draft().name, 'json')),
    svg: (): Promise<void> => savePicture(this.host, this.draft().name, 'svg'),
    png: (): Promise<void> => savePicture(this.host, this.draft().name, 'png'),
  };

  private readonly questions = inject(Ask);
  protected readonly keepAsMove = once(() => this.nameMove());

  /** Names this line as a move of the club, to be used in others. */
  private async nameMove(): Promise<void> {
    const { moveName: question, moveWord: label, keepMove: yes, noMoveName } = this.text;
    const wrong = (typed: string): string => (isMoveName(typed.toLowerCase()) ? '' : noMoveName);
    const word = await this.questions.word({ question, yes, no: this.common.notNow, box: { label, most: 24, wrong } });
    if (word === null) return;
    const name = word.toLowerCase();
    const others = this.ownMoves().filter((move) => move.name !== name);
    const trouble = await this.club.save({ moves: [...others, { name, steps: this.draft().steps }] });
    this.said.set(trouble?.message ?? this.text.moveKept(name));
  }

  protected readonly duplicate = once(async () => {
    const id = newId();
    const draft = { ...this.draft(), name: this.text.copyOf(this.draft().name).slice(0, 80) };
    await this.device.keep(`draft:${id}`, { base: 0, draft });
    await this.router.navigate(['/steps', id]);
  });

  protected archive(): void {
    this.going = true;
    this.typing.archive(true);
    void this.router.navigate(['/steps']);
  }

  /** The playhead goes to the step under the caret. */
  protected goTo(caret: number): void {
    const move = this.line.moveAt(caret);
    if (move) this.player.seek(move.start);
  }

  protected show(finding: Finding): void {
    this.player.seek(finding.at);
  }

  protected key(event: KeyboardEvent): void {
    const target = event.target;
    const typing =
      target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|BUTTON|A|SELECT|MAT-SELECT)$/.test(target.tagName));
    if (event.key === 's' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      this.typing.submit();
    } else if (!typing && event.key === ' ') {
      event.preventDefault();
      this.player.toggle();
    } else if (!typing && (event.key === 'ArrowRight' || event.key === 'ArrowLeft'))
      this.player.seek(this.player.t() + (event.key === 'ArrowRight' ? 0.02 : -0.02));
    else if (!typing && event.key === 'b') this.nextBeat();
  }

  private ask(text: string, performer: Study['simulation']['performer'], shouldClose: boolean, options: StudyOptions): void {
    void this.question.ask(
      async (stands) => {
        const study = await this.asking.study(text, performer, shouldClose, options);
        // It is shown at once: how it fits the floor takes longer.
        if (stands()) this.study.set(study);
        const { placing } = options;
        return placing && stands() ? this.asking.ask('fit', { text, performer, placing, own: options.own ?? [] }) : null;
      },
      (fit) => this.fit.set(fit),
      () => this.said.set(words.common.stopped),
    );
  }
}
