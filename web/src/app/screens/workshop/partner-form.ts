import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { CONTACT_LEVELS } from '@hopsk/core/plan/session/stage';
import { words } from '@hopsk/words/words';
import type { DraftStage } from '../../parts/session-draft';

type Partner = NonNullable<DraftStage['partner']>;

/** What the partner does: a line of their own, when, where to aim again, kit and how much contact. */
@Component({
  selector: 'hop-partner-form',
  template: `
    <div class="grid">
      @for (field of fields; track field) {
        <label class="field"
          >{{ text.partner[field]
          }}<input
            [value]="partner()[field]"
            (change)="write(field, $any($event.target).value)"
            [attr.maxlength]="field === 'steps' ? 4000 : field === 'kit' ? 120 : 200"
        /></label>
      }
      <label class="field"
        >{{ text.partner.contact
        }}<select (change)="change({ contact: $any($event.target).value })">
          @for (one of levels; track one) {
            <option [value]="one" [selected]="one === partner().contact">{{ text.contactLevels[one] }}</option>
          }
        </select></label
      >
    </div>
    <label class="check"
      ><input type="checkbox" [checked]="partner().coming" (change)="change({ coming: $any($event.target).checked })" />
      {{ text.partner.coming }}</label
    >
    <p class="muted">{{ text.partner.child }}</p>
  `,
  styleUrl: './stage-detail.scss',
  styles: `
    :host {
      padding: 0 0 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PartnerForm {
  readonly partner = input.required<Partner>();
  readonly changed = output<Partner>();
  protected readonly text = words.build;
  protected readonly levels = CONTACT_LEVELS;
  protected readonly fields = ['what', 'when', 'reAim', 'kit', 'steps'] as const;

  protected write(field: (typeof this.fields)[number], value: string): void {
    this.change({ [field]: value.trim() });
  }

  protected change(change: Partial<Partner>): void {
    this.changed.emit({ ...this.partner(), ...change });
  }
}
