import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Athlete } from '@hopsk/contract/people';
import { Store } from '@ngrx/store';
import type { Picked } from '../../data/picked';
import { people } from '../../data/records';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId } from '../../ui/options';

/** The head of a page about one athlete, who can be another there; back goes to the fault book. */
@Component({
  selector: 'hop-athlete-head',
  imports: [Choice, Head],
  template: `
    <hop-head back="/faults" [backTo]="says().back">
      <h1>{{ says().title }}</h1>
      @if (choice().record(); as athlete) {
        <hop-choice class="inline" [label]="says().of" [options]="options()" [value]="athlete.id" (taken)="choice().id.set($event)" />
      }
    </hop-head>
  `,
  styles: ':host { display: contents; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AthleteHead {
  /** What the page is called, what stands before the choice, and where back goes. */
  readonly says = input.required<{ readonly title: string; readonly of: string; readonly back: string }>();
  readonly choice = input.required<Picked<Athlete>>();
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly options = computed(() => byId(this.people()));
}
