import { CdkDragHandle } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatMenuModule } from '@angular/material/menu';
import { EXAMPLES, ROUND_FORMATS, USUAL_DOSES } from '@hopsk/core/catalogue/presets';
import type { StageEvidence } from '@hopsk/core/evidence/stage-evidence';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { SessionLook } from '../../compute/session';
import { Thumb } from '../../drawing/thumb';
import type { DraftStage } from '../../parts/session-draft';
import { asksRest, doseWith, restSaid } from './edits';
import { RestAnswer } from './rest-answer';

/** A stage with what is known of it; the look may be a moment behind the typing. */
export interface StageRowOf {
  readonly stage: DraftStage;
  /** The athlete looked at leaves it out. */
  readonly skipped: boolean;
  readonly seen: SessionLook['stages'][number] | null;
  readonly totals: SessionLook['totals']['stages'][number] | null;
  readonly problems: readonly PlanProblem[];
  readonly lists: SessionLook['lists'];
  readonly record: StageEvidence | null;
  /** Why a fault book asked for it, where that is not what the stage before it says. */
  readonly because: string;
  /** Names of the stages before and after it. */
  readonly before: string;
  readonly after: string;
}

/** One stage in the column: what it is, its dose, its time, and what is asked of it or wrong with it. */
@Component({
  selector: 'hop-stage-row',
  imports: [CdkDragHandle, MatMenuModule, RestAnswer, Thumb],
  templateUrl: './stage-row.html',
  styleUrl: './stage-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StageRow {
  readonly row = input.required<StageRowOf>();
  readonly at = input.required<number>();
  /** Whether more of it is shown beneath. */
  readonly open = input(false);
  /** Who leaves it out. */
  readonly who = input('');
  readonly pressed = output();
  readonly changed = output<Partial<DraftStage>>();
  /** Up or down by a place. */
  readonly nudged = output<1 | -1>();
  readonly patternTaken = output();
  protected readonly text = words.build;
  protected readonly steps = words.steps;
  protected readonly told = (problem: PlanProblem): string => say(words.plan.problems, problem);
  /** Whole doses that may be meant, where one is asked about. */
  protected readonly readingsOf = (problem: PlanProblem): readonly string[] =>
    'readings' in problem.values ? problem.values.readings : [];
  protected readonly asksRest = asksRest;
  protected readonly restSaid = restSaid;
  protected readonly ofPattern = ({ code }: PlanProblem): boolean => code === 'pattern-away' || code === 'pattern-changed';
  protected readonly clock = clockText;
  protected readonly formats = ROUND_FORMATS;
  protected readonly formatNames = words.formats;
  protected readonly usualDoses = USUAL_DOSES;
  protected readonly doseExample = EXAMPLES.dose;

  protected answer(addition: string): void {
    this.changed.emit({ dose: doseWith(this.row().stage.dose, addition) });
  }

  /** With the handle focused the arrows move the stage up and down. */
  protected handleKey(event: KeyboardEvent): void {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    event.preventDefault();
    this.nudged.emit(event.key === 'ArrowUp' ? -1 : 1);
    const handle = event.currentTarget as HTMLElement;
    // Moved in the page, a button loses the focus; it is given back when the column has settled.
    requestAnimationFrame(() => handle.focus());
  }
}
