import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { feltIn } from '@hopsk/core/log/afterwards';
import { BETTER, type Felt } from '@hopsk/core/log/event';
import type { RunLog } from '@hopsk/core/log/run-log';
import { comparedIn } from '@hopsk/core/log/variants';
import { isSession } from '@hopsk/core/plan/run-plan';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Choice } from '../../ui/choice';
import { namedOptions, orNone } from '../../ui/options';

/** Two variants that took turns, beside each other, and which of them felt better. Nothing where a run compares nothing. */
@Component({
  selector: 'hop-run-compared',
  imports: [Choice],
  template: `
    @if (people().length > 0) {
      <h2>{{ text.compared }}</h2>
      <p class="muted">{{ text.comparedSays }}</p>
      @for (one of people(); track one.id) {
        <div class="scroll">
          <table class="rules">
            <thead>
              <tr>
                <th>
                  <bdi>{{ one.name }}</bdi>
                </th>
                <th class="right">A</th>
                <th class="right">B</th>
              </tr>
            </thead>
            <tbody>
              @for (row of one.rows; track row.label) {
                <tr>
                  <td>{{ row.label }}</td>
                  <td class="right num">{{ row.a }}</td>
                  <td class="right num">{{ row.b }}</td>
                </tr>
              }
            </tbody>
          </table>
        </div>
        <hop-choice
          [label]="text.felt"
          [options]="options"
          [value]="one.felt"
          (taken)="told.emit({ kind: 'felt', athlete: one.id, better: $event })"
        />
      }
    }
  `,
  styles: `
    table {
      max-width: 520px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunCompared {
  readonly log = input.required<RunLog>();
  readonly nameOf = input.required<(id: string) => string>();
  readonly told = output<Felt>();
  protected readonly text = words.run;
  protected readonly options = orNone(words.run.feltNot, namedOptions(BETTER, words.run.feltAs));
  protected readonly people = computed(() => {
    const log = this.log();
    const { plan } = log;
    if (!isSession(plan)) return [];
    const felt = feltIn(log.events());
    return comparedIn(plan, log.details()).map(({ athlete, a, b }) => {
      const faults = [...new Set([...a.faults, ...b.faults].map(({ fault }) => fault))];
      const of = ({ faults: all }: typeof a, fault: string): string => {
        const one = all.find((row) => row.fault === fault);
        return one ? `${one.faulty} ${this.text.of} ${one.attempts}` : '–';
      };
      const clean = {
        label: this.text.comparedClean,
        a: `${a.clean} ${this.text.of} ${a.watched}`,
        b: `${b.clean} ${this.text.of} ${b.watched}`,
      };
      const rows = faults.map((fault) => ({ label: faultLabel(fault), a: of(a, fault), b: of(b, fault) }));
      return { id: athlete, name: this.nameOf()(athlete), rows: [clean, ...rows], felt: felt.get(athlete) ?? null };
    });
  });
}
