import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatOption, MatSelect } from '@angular/material/select';
import {
  CAUTION_LIMITS,
  CAUTION_PARTS,
  FORBIDDEN,
  noteOnly,
  USUALLY_FORBIDS,
  type Caution,
  type CautionPart,
  type Forbidden,
} from '@hopsk/core/judge/cautions';
import { words } from '@hopsk/words/words';

/** Standing cautions: what each is about and leaves out; its note is for people alone. */
@Component({
  selector: 'hop-cautions-form',
  imports: [MatButton, MatCheckbox, MatFormField, MatLabel, MatInput, MatOption, MatSelect],
  templateUrl: './cautions-form.html',
  styleUrl: './cautions-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CautionsForm {
  readonly cautions = input.required<readonly Caution[]>();
  readonly changed = output<readonly Caution[]>();
  protected readonly text = words.cautions;
  protected readonly parts = CAUTION_PARTS;
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

  /** An empty box: no upper bound. */
  protected most(at: number, typed: string): void {
    const n = Math.round(Number(typed));
    this.alter(at, { landings: typed.trim() === '' || !Number.isFinite(n) ? null : Math.min(CAUTION_LIMITS.landings, Math.max(0, n)) });
  }

  protected add(): void {
    this.changed.emit([...this.cautions(), { ...noteOnly(''), part: 'ankle', forbids: USUALLY_FORBIDS.ankle }]);
  }

  protected take(at: number): void {
    this.changed.emit(this.cautions().filter((_, i) => i !== at));
  }
}
