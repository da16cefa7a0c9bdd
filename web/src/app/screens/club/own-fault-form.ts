import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { COSTS, FAULT_TEXTS } from '@hopsk/contract/club-faults';
import { FAULT_UNITS, PHASES, SHOWN_BY, VIEWS, type ClubFault, type ShownBy, type View } from '@hopsk/core/catalogue/fault';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { TeachingStore } from '../../data/teaching';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { namedOptions, orNone } from '../../ui/options';
import { numbers, texts } from '../../ui/reads';
import { Several } from '../../ui/several';
import { Whole } from '../../ui/whole';

/** What a club says of one fault. What is typed goes out as it is typed; it is kept when the form is sent. */
@Component({
  selector: 'hop-own-fault-form',
  imports: [Box, Choice, MatButton, MatCheckbox, Several, Whole],
  templateUrl: './own-fault-form.html',
  styleUrl: './own-faults.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnFaultForm {
  readonly fault = input.required<ClubFault>();
  readonly busy = input(false);
  /** Whether anything of it is not saved, and whether the catalogue has it otherwise. */
  readonly typed = input(false);
  readonly changed = input(false);
  readonly put = output<ClubFault>();
  readonly save = output();
  readonly dropped = output();
  readonly asOurs = output();
  private readonly club = inject(TeachingStore);
  protected readonly text = words.ownFaults;
  protected readonly reads = {
    label: texts(FAULT_TEXTS.label, 1),
    says: texts(FAULT_TEXTS.says),
    usually: texts(FAULT_TEXTS.usually),
    cue: texts(FAULT_TEXTS.cue),
    remedy: texts(FAULT_TEXTS.remedy),
    cost: numbers({ low: COSTS[0], high: COSTS[1], step: 0.25 }),
  };
  protected readonly boxes = (['label', 'says', 'usually', 'cue', 'remedy'] as const).map((name) => ({
    name,
    label: name === 'says' ? this.text.looks : this.text[name],
    reads: this.reads[name],
    wide: name !== 'label' && name !== 'cue',
  }));
  protected readonly units = namedOptions(FAULT_UNITS, words.floor.units);
  protected readonly views = namedOptions(VIEWS, words.ownFaults.views);
  protected readonly parts = namedOptions(PHASES, words.ownFaults.parts);
  protected readonly shows = namedOptions(SHOWN_BY, words.ownFaults.shows);
  private readonly others = computed(() => this.club.faultOptions().filter(({ value }) => value !== this.fault().code));
  protected readonly causes = computed(() => {
    const { causes } = this.fault();
    // One that is not offered any more stays until it is taken out.
    const gone = causes.filter((code) => !this.others().some(({ value }) => value === code));
    return [...this.others(), ...gone.map((value) => ({ value, label: faultLabel(value) }))];
  });
  protected readonly intos = computed(() => orNone(this.text.itself, this.others()));
  protected readonly shown = computed(
    () =>
      this.fault()
        .shownBy.split(',')
        .map((word) => word.trim()) as ShownBy[],
  );

  protected set<K extends keyof ClubFault>(name: K, value: ClubFault[K]): void {
    this.put.emit({ ...this.fault(), [name]: value });
  }

  protected seenFrom(views: readonly View[]): void {
    if (views.length > 0) this.set('views', views);
  }

  protected shownBy(shown: readonly ShownBy[]): void {
    this.set('shownBy', shown.length === 0 ? 'any' : shown.join(', '));
  }

  protected hurts(safety: boolean): void {
    const { safety: _, ...others } = this.fault();
    this.put.emit({ ...others, ...(safety && { safety: true as const }) });
  }
}
