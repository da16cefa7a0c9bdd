import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatCheckbox } from '@angular/material/checkbox';
import { SIDES, type Side } from '@hopsk/core/body/foot';
import { CONTACT_LEVELS } from '@hopsk/core/plan/session/stage';
import { words } from '@hopsk/words/words';
import { LineBox } from '../../parts/line-box';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { namedOptions, orNone } from '../../ui/options';
import { texts } from '../../ui/reads';
import type { DraftStage } from '../../parts/session-draft';

type Partner = NonNullable<DraftStage['partner']>;

/** What the partner does: which foot is in front, a line of their own, when, where to aim again, kit and how much contact. */
@Component({
  selector: 'hop-partner-form',
  imports: [Box, Choice, LineBox, MatCheckbox],
  template: `
    <div class="grid">
      @for (field of fields; track field) {
        <hop-box [label]="text.partner[field]" [reads]="reads[field]" [value]="partner()[field]" (taken)="write(field, $event)" />
      }
      <hop-choice [label]="text.partner.contact" [options]="levels" [value]="partner().contact" (taken)="change({ contact: $event })" />
      <hop-choice [label]="text.partner.lead" [options]="leads" [value]="partner().lead ?? null" (taken)="stands($event)" />
    </div>
    <hop-line-box class="wide" [label]="text.partner.steps" [value]="partner().steps" (taken)="change({ steps: $event })" />
    <mat-checkbox [checked]="partner().coming" (change)="change({ coming: $event.checked })">{{ text.partner.coming }}</mat-checkbox>
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
  protected readonly levels = namedOptions(CONTACT_LEVELS, words.build.contactLevels);
  protected readonly leads = orNone(words.build.partner.leads.none, namedOptions(SIDES, words.build.partner.leads));
  protected readonly reads = { what: texts(200), when: texts(200), reAim: texts(200), kit: texts(120) };
  protected readonly fields = ['what', 'when', 'reAim', 'kit'] as const;

  protected write(field: (typeof this.fields)[number], value: string): void {
    this.change({ [field]: value });
  }

  /** Null: not said. */
  protected stands(foot: Side | null): void {
    const { lead: _, ...rest } = this.partner();
    this.changed.emit(foot === null ? rest : { ...rest, lead: foot });
  }

  protected change(change: Partial<Partner>): void {
    this.changed.emit({ ...this.partner(), ...change });
  }
}
