import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { SIDES } from '@hopsk/core/body/foot';
import {
  CAUTION_LIMITS,
  CAUTION_PARTS,
  FORBIDDEN,
  noteOnly,
  USUALLY_FORBIDS,
  type Caution,
  type CautionPart,
  type Forbidden,
} from '@hopsk/core/body/caution';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { namedOptions, orNone } from '../../ui/options';
import { numbers, orNothing, texts } from '../../ui/reads';

/** Standing cautions: what each is about and leaves out; its note is for people alone. */
@Component({
  selector: 'hop-cautions-form',
  imports: [Box, Choice, MatButton, MatCheckbox],
  templateUrl: './cautions-form.html',
  styleUrl: './cautions-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CautionsForm {
  readonly cautions = input.required<readonly Caution[]>();
  readonly changed = output<readonly Caution[]>();
  protected readonly text = words.cautions;
  protected readonly parts = namedOptions(CAUTION_PARTS, words.cautions.parts);
  protected readonly sides = orNone(words.cautions.noSide, namedOptions(SIDES, words.cautions.sides));
  protected readonly reads = {
    note: texts(CAUTION_LIMITS.note),
    /** Empty: no upper bound. */
    landings: orNothing(numbers({ low: 0, high: CAUTION_LIMITS.landings, whole: true, step: 10 })),
  };
  protected readonly forbidden = FORBIDDEN;
  protected readonly limits = CAUTION_LIMITS;

  protected alter(at: number, change: Partial<Caution>): void {
    this.changed.emit(this.cautions().map((one, i) => (i === at ? { ...one, ...change } : one)));
  }

  /** Another part brings what it usually forbids, unless the coach chose already. */
  protected about(at: number, part: CautionPart): void {
    const one = this.cautions()[at];
    if (!one) return;
    const untouched = String(one.forbids) === String(USUALLY_FORBIDS[one.part]);
    this.alter(at, { part, ...(untouched && { forbids: USUALLY_FORBIDS[part] }) });
  }

  protected tick(at: number, what: Forbidden, on: boolean): void {
    const forbids = this.cautions()[at]?.forbids ?? [];
    this.alter(at, { forbids: FORBIDDEN.filter((one) => (one === what ? on : forbids.includes(one))) });
  }

  protected add(): void {
    this.changed.emit([...this.cautions(), { ...noteOnly(''), part: 'ankle', forbids: USUALLY_FORBIDS.ankle }]);
  }

  protected take(at: number): void {
    this.changed.emit(this.cautions().filter((_, i) => i !== at));
  }
}
