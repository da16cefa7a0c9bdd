import { CdkDrag, CdkDropList } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, input, model, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import { OFFER_LIMITS } from '@hopsk/contract/session';
import type { OwnSchool } from '@hopsk/core/body/school';
import type { StageEvidence } from '@hopsk/core/evidence/stage-evidence';
import { words } from '@hopsk/words/words';
import type { SessionLook } from '../../compute/session';
import { newId } from '../../data/ids';
import { picked } from '../../data/picked';
import { leftOutOf, type Draft, type DraftStage } from '../../parts/session-draft';
import { emptyStage, stageFrom } from '../../parts/stages';
import { Choice } from '../../ui/choice';
import { Box } from '../../ui/box';
import { byId } from '../../ui/options';
import { steady } from '../../ui/pressing';
import { texts } from '../../ui/reads';
import { lineOf, withInserted, withMoved, withoutStage, withStage, withWhyNot } from './edits';
import { StageDetail } from './stage-detail';
import { StageRow, type StageRowOf } from './stage-row';

/** A session's stages as a column, to be moved, opened, doubled, taken out and added to. */
@Component({
  selector: 'hop-stages',
  imports: [Box, CdkDrag, CdkDropList, Choice, MatButton, StageDetail, StageRow],
  templateUrl: './stages.html',
  styleUrl: './stages.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Stages {
  readonly draft = input.required<Draft>();
  /** Stages as the athlete looked at does them; the others they leave out. */
  readonly shown = input.required<Draft>();
  readonly look = input.required<SessionLook | null>();
  readonly evidence = input.required<ReadonlyMap<string, StageEvidence>>();
  readonly asOne = input.required<Athlete | null>();
  readonly group = input.required<readonly Athlete[]>();
  readonly stances = input.required<readonly OwnSchool[]>();
  readonly patterns = input.required<Pattern[]>();
  /** The stage of which more is shown. */
  readonly open = model<string | null>(null);
  readonly changed = output<Partial<Draft>>();
  readonly said = output<string>();
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly reads = texts(OFFER_LIMITS.whyNot);
  protected readonly patternOptions = computed(() => byId(this.patterns()));
  protected readonly adding = picked(this.patterns, () => undefined);
  /** The look may be a moment behind the typing. */
  private readonly lookedAt = computed<readonly StageRowOf[]>(() => {
    const look = this.look();
    const places = new Map(look?.stages.map((one, i) => [one.id, i]) ?? []);
    const { stages, offered } = this.draft();
    const because = (id?: string): string => offered?.stages.find((one) => one.stage === id)?.because ?? '';
    return stages.map((stage, i) => {
      const at = places.get(stage.id) ?? -1;
      const skipped = !this.shown().stages.some((one) => one.id === stage.id);
      return {
        stage,
        skipped,
        seen: skipped ? null : (look?.stages[at] ?? null),
        totals: skipped ? null : (look?.totals.stages[at] ?? null),
        problems: skipped ? [] : (look?.problems.filter((problem) => problem.stage === at) ?? []),
        lists: look?.lists.filter((list) => list.stage === at) ?? [],
        record: this.evidence().get(stage.id) ?? null,
        because: because(stage.id) === because(stages[i - 1]?.id) ? '' : because(stage.id),
        after: stages[i + 1]?.name ?? '',
        before: stages[i - 1]?.name ?? '',
      };
    });
  });

  protected readonly rows = steady(this.lookedAt);
  protected readonly leftOut = computed(() => leftOutOf(this.draft()));

  protected change(id: string, change: Partial<DraftStage>): void {
    this.changed.emit(withStage(this.draft(), id, change));
  }

  protected move(from: number, to: number): void {
    const moved = withMoved(this.draft(), from, to);
    if (!moved) return;
    this.said.emit(this.text.movedTo(this.draft().stages[from]?.name ?? '', to + 1));
    this.changed.emit(moved);
  }

  protected remove(id: string): void {
    this.changed.emit(withoutStage(this.draft(), id));
  }

  protected sayWhyNot(stage: string, whyNot: string): void {
    this.changed.emit(withWhyNot(this.draft(), stage, whyNot));
  }

  protected double(at: number): void {
    const stage = this.draft().stages[at];
    if (stage) this.changed.emit(withInserted(this.draft(), { ...stage, id: newId() }, at + 1));
  }

  protected addPattern(pattern: Pattern | null): void {
    if (pattern) this.changed.emit(withInserted(this.draft(), stageFrom(pattern, this.draft().settings)));
  }

  protected addEmpty(): void {
    const stage = emptyStage(this.text.newStage);
    this.changed.emit(withInserted(this.draft(), stage));
    this.open.set(stage.id);
  }

  /** The pattern as it is now, in place of the line it was planned with. */
  protected takePattern(stage: DraftStage): void {
    const pattern = this.patterns().find((one) => one.id === stage.pattern?.id);
    if (pattern) this.change(stage.id, lineOf(pattern));
  }
}
