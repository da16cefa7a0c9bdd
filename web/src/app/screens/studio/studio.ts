import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, input, signal, viewChild } from '@angular/core';
import { MatTabNavPanel } from '@angular/material/tabs';
import { MatButton } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { Router } from '@angular/router';
import type { Pattern } from '@hopsk/contract/pattern';
import { type Side } from '@hopsk/core/body/foot';
import { schoolOf } from '@hopsk/core/body/school';
import type { Vec } from '@hopsk/core/body/vec';
import { mirrorText } from '@hopsk/core/language/mirror';
import { keepsNamedFoot, operate, OPERATIONS, type Operation } from '@hopsk/core/language/operations';
import { dragFoot } from '@hopsk/core/search/drag';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { HoldsTyping } from '../../parts/holds-typing';
import { picked } from '../../data/picked';
import { patterns, people } from '../../data/records';
import { Keeping } from '../../parts/keeping';
import { Refusals } from '../../parts/refusals';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Typed } from '../../data/typed';
import { AboutPanel } from './about';
import { ComparePanel, type Brought } from './compare';
import { TYPED, type Draft } from '../../parts/pattern-draft';
import { LineEditor } from './line-editor';
import { LineMarks } from './line-marks';
import { LookPanel } from './look';
import { Studied } from './studied';
import { studioKey } from './studio-keys';
import { PatternTakeAlong } from './pattern-take-along';
import { Watch } from './watch';
import { Palette } from './palette';
import { NextWordsOf } from './next-words';
import { PlainLine } from '../../parts/plain-line';
import { Player } from '../../parts/player';
import { WhatIfPanel } from './what-if';
import { areaOptions } from '../../parts/areas';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byCode, byId, namedOptions, orNone } from '../../ui/options';
import { Tabs } from '../../ui/tabs';

const PANELS = ['look', 'whatIf', 'compare', 'about'] as const;
/** One place for a pattern: the line of steps, the floor, time, and what would go wrong. */
@Component({
  selector: 'hop-studio',
  imports: [
    AboutPanel,
    Choice,
    ComparePanel,
    Head,
    Keeping,
    LineEditor,
    LookPanel,
    MatButton,
    MatMenuModule,
    MatTabNavPanel,
    Palette,
    NextWordsOf,
    PlainLine,
    Refusals,
    Tabs,
    PatternTakeAlong,
    Watch,
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
  private readonly router = inject(Router);
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly club = inject(TeachingStore);
  protected readonly stanceOptions = computed(() => byCode(this.club.stances()));
  protected readonly peopleOptions = computed(() => orNone(`1.70 m, ${this.common.sides[this.draft().hand]}`, byId(this.people())));
  protected readonly areaOptions = computed(() => areaOptions(this.draft().area, this.text.anyFloor));
  protected readonly panels = namedOptions(PANELS, words.steps);
  protected readonly operations = OPERATIONS;
  protected readonly panel = signal<(typeof PANELS)[number]>('look');
  protected readonly ownMoves = computed(() => this.club.teaching().moves);
  protected readonly said = signal('');
  private readonly editor = viewChild(LineEditor);
  protected readonly page = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly people = this.store.selectSignal(people.selectHere);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly units = computed(() => this.me()?.coach.units ?? 'cm');
  protected readonly allPatterns = this.store.selectSignal(patterns.selectHere);
  protected readonly typing = new Typed<Pattern, Draft>({
    kind: patterns,
    id: this.id,
    ...TYPED,
    opened: (draft, first) => first && this.emptyAtFirst.set(draft.steps === ''),
  });
  protected readonly stored = this.typing.stored;
  protected readonly draft = this.typing.draft;
  protected readonly choice = picked(this.people, () => undefined);
  protected readonly athlete = this.choice.record;
  protected readonly studied = new Studied({
    draft: this.draft,
    opened: this.typing.opened,
    athlete: this.athlete,
    failed: () => this.said.set(words.common.stopped),
  });
  protected readonly showMoves = signal<boolean | null>(null);
  /** The moves are there while there is nothing yet, and when asked for. */
  protected readonly moves = computed(() => this.showMoves() ?? (this.typing.opened() && this.emptyAtFirst()));
  private readonly emptyAtFirst = signal(false);
  private readonly mirrored = computed(() => this.studied.performance().mirrored);
  protected readonly staggered = computed(() => schoolOf(this.draft().school, this.club.teaching().stances)?.staggered ?? false);
  protected readonly player = new Player(computed(() => this.studied.study()?.totals.seconds ?? 0));
  protected readonly lit = computed(() => this.studied.moveAt(this.player.t()));
  protected readonly line = new LineMarks({
    study: this.studied.study,
    steps: computed(() => this.draft().steps),
    mirrored: this.mirrored,
    lit: this.lit,
  });

  constructor() {
    this.club.load();
  }

  /** The page is being left on purpose; what is typed stays on the device. */
  private going = false;

  unsaved(): boolean {
    return this.typing.dirty() && !this.going;
  }

  protected change(change: Partial<Draft>): void {
    this.typing.put({ ...this.draft(), ...change });
    this.studied.look();
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
    this.said.set(operation === 'other side' && keepsNamedFoot(steps) ? this.text.asksFoot : '');
    this.editor()?.replace(done.text, { from: { hand, lead, area }, to: { hand: done.hand, lead: done.lead ?? 'none', area: done.area } });
  }

  /** A print was dragged: its step says so in the text, for the hand and lead that it is written for. */
  protected dragged({ move, foot, to }: { move: number; foot: Side; to: Vec }): void {
    const study = this.studied.study();
    const editor = this.editor();
    if (!study || !editor || study.text !== this.studied.performance().text) return;
    const edit = dragFoot(study.text, study.simulation, move, foot, to);
    if (!edit) return;
    if (!this.mirrored()) editor.change(edit);
    else editor.replace(mirrorText(study.text.slice(0, edit.from) + edit.insert + study.text.slice(edit.to)));
  }

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

  protected key(event: KeyboardEvent): void {
    const { player, studied, typing } = this;
    const next = (): void => player.seek(studied.contactAfter(player.t()));
    studioKey(event, player, () => typing.submit(), next);
  }
}
