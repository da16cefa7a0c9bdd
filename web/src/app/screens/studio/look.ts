import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { RouterLink } from '@angular/router';
import type { Athlete } from '@hopsk/contract/people';
import type { Finding } from '@hopsk/core/judge/finding';
import type { TopicName } from '@hopsk/core/judge/schools';
import type { Study } from '@hopsk/core/judge/study';
import type { NotationError } from '@hopsk/core/language/ast';
import type { Edit } from '@hopsk/core/search/drag';
import type { Fit } from '@hopsk/core/search/fit';
import { tempoKindOf } from '@hopsk/core/motion/own-times';
import { TEMPO_KINDS } from '@hopsk/core/motion/tempo-kinds';
import { tempoOf } from '@hopsk/core/search/tempo';
import { unreadableOf } from '@hopsk/core/view/readings';
import { lengthText } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { MovePicture } from '../../drawing/move-picture';
import { Table } from '../../ui/table';
import { DoseForm } from '../../parts/dose-form';
import { inWords } from '../../parts/own-time';
import { OPEN_DOSE } from '../../parts/open-dose';
import type { Draft } from '../../parts/pattern-draft';

/** What would go wrong, how it fits its floor, what it takes, and its rounds. */
@Component({
  selector: 'hop-look',
  imports: [DoseForm, MatButton, MatCheckbox, MovePicture, RouterLink, Table],
  templateUrl: './look.html',
  styleUrl: './panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LookPanel {
  readonly id = input.required<string>();
  readonly draft = input.required<Draft>();
  readonly study = input.required<Study>();
  readonly athlete = input<Athlete | null>(null);
  readonly fit = input<Fit | null>(null);
  readonly units = input<'cm' | 'ft-in'>('cm');
  readonly stored = input(false);
  readonly changed = output<Partial<Draft>>();
  readonly shown = output<Finding>();
  /** Whether the line is as it was studied: then a word can be put in the place of another. */
  readonly mendable = input(false);
  readonly mended = output<Edit>();
  /** Other branches of the alternatives are asked for. */
  readonly drawn = output();
  readonly archived = output();
  protected readonly text = words.steps;
  protected readonly common = words.common;
  protected readonly levels = words.levels;
  protected readonly unread = (error: NotationError): string => say(words.notation, error);
  protected readonly unreadable = computed(() => unreadableOf(this.study()));

  protected mend({ from, to }: NotationError, insert: string): void {
    this.mended.emit({ from, to, insert });
  }

  protected readonly holds = (topic: TopicName, option: string): string => words.topics[topic].options[option] ?? option;
  protected readonly told = (finding: Finding): string => say(words.findings, finding);
  protected readonly openDose = OPEN_DOSE;
  protected readonly oneSided = computed(() => {
    const { lunges, pivots } = this.study().totals;
    return lunges.left !== lunges.right || pivots.left !== pivots.right;
  });
  protected readonly lands = computed(() => this.study().simulation.actions.some((action) => action.kind === 'hop'));
  protected readonly choices = computed(() =>
    this.study()
      .simulation.choices.map((choice) => choice.taken + 1)
      .join(' · '),
  );
  /** What of the line's times is measured of whoever does it, and where each is from. */
  protected readonly ownTimes = computed(() => {
    const tempo = this.athlete()?.tempo ?? {};
    const kinds = new Set(this.study().simulation.moves.map(({ step }) => tempoKindOf(step.act.word)));
    return TEMPO_KINDS.flatMap((kind) => (kinds.has(kind) ? inWords(kind, tempo[kind]) : []));
  });
  protected readonly facts = computed(() => {
    const study = this.study();
    const { totals, answer, drift } = study;
    const { beats } = tempoOf(study.simulation, this.draft().dose?.work ?? 0);
    const length = (metres: number): string => lengthText(metres, this.units());
    const pair = (side: { left: number; right: number }): string => `${side.left} · ${side.right}`;
    const facts: readonly (readonly string[])[] = [
      [this.text.time, `${totals.seconds.toFixed(2)} s`],
      [this.text.answer, answer.worst === null ? this.text.never : `${answer.worst.toFixed(2)} s`],
      [this.text.stopSafe, `${Math.round(study.shares.stopSafe * 100)} %`],
      ...(beats === null ? [] : [[this.text.beats, `${Math.round(beats)}`]]),
      [this.text.contacts, pair(totals.contacts)],
      [this.text.lunges, pair(totals.lunges)],
      [this.text.pivots, pair(totals.pivots)],
      [this.text.splits, String(totals.splits)],
      [this.text.landings, String(Object.values(totals.landings).reduce((sum, n) => sum + n, 0))],
      [this.text.withHand, `${Math.round(totals.withHand * 100)} %`],
      [this.text.way, length(totals.distance)],
      [this.text.floor, `${length(totals.floor.across)} × ${length(totals.floor.along)}`],
      [this.text.floorReach, `${length(totals.floorWithReach.across)} × ${length(totals.floorWithReach.along)}`],
      [this.text.closes, drift.closed ? this.text.yes : `${this.text.no}, ${length(drift.furthestMark)} ${this.text.off}`],
    ];
    return facts.filter(([name, value]) => value !== '0 · 0' && value !== '0' && !(name === this.text.withHand && value === '0 %'));
  });
}
