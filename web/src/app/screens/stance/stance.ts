import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { isUnder16 } from '@hopsk/contract/people';
import { bodyOf } from '@hopsk/core/body/body';
import { heelOf, type Side, SIDES } from '@hopsk/core/body/foot';
import { overridden } from '@hopsk/core/body/override';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { standIn, stanceNumbers, type Feet, type StanceNumber } from '@hopsk/core/body/stance';
import { lengthText, schoolWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Print } from '../../ui/print';
import { Table } from '../../ui/table';
import { Store } from '@ngrx/store';
import { StanceDrawing } from '../../drawing/stance-drawing';
import { picked } from '../../data/picked';
import { same } from '../../data/same';
import { people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byCode, byId, namedOptions } from '../../ui/options';
import { StanceCheckPanel } from './check';

@Component({
  selector: 'hop-stance',
  imports: [Choice, Head, MatButton, RouterLink, StanceCheckPanel, StanceDrawing, Table, Print],
  templateUrl: './stance.html',
  styleUrl: './stance.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StanceScreen {
  /** Whose stance: an id from the address. */
  readonly athlete = input<string>();
  private readonly store = inject(Store);
  protected readonly text = words.stance;
  protected readonly common = words.common;
  private readonly club = inject(TeachingStore);
  protected readonly stanceOptions = computed(() => byCode(this.club.stances()));
  protected readonly sideOptions = namedOptions(SIDES, words.common);
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly peopleOptions = computed(() => byId(this.people()));
  protected readonly status = this.store.selectSignal(people.selectStatus);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly units = computed(() => this.me()?.coach.units ?? 'cm');
  protected readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  /** What the record says: the same again, fetched anew, changes nothing that was chosen here. */
  private readonly said = computed(
    () => {
      const { id, school = 'square-ready', lead = 'none', hand = 'right' } = this.who() ?? {};
      return { id, school, lead: lead === 'none' ? (hand === 'left' ? 'right' : 'left') : lead } as const;
    },
    { equal: same },
  );
  protected readonly code = linkedSignal<string>(() => this.said().school);
  /** Whose stance is shown: another one's is measured anew, the same one's stays when the record is saved. */
  private readonly shown = computed(() => `${this.who()?.id} ${this.code()}`);
  protected readonly seen = linkedSignal<string, Feet | null>({ source: this.shown, computation: () => null });
  /** The stance, as this athlete stands in their own. */
  protected readonly school = computed(() => {
    const asked = schoolOf(this.code(), this.club.teaching().stances) ?? SCHOOLS[0];
    const who = this.who();
    return { ...(who?.school === asked.code ? overridden(asked, who.stance) : asked), ...schoolWords(asked) };
  });
  protected readonly lead = linkedSignal<Side | null>(() => this.said().lead);
  protected readonly body = computed(() => bodyOf(this.who() ?? {}, isUnder16(this.who()?.ageGroup ?? 'adult')));
  protected readonly numbers = computed(() =>
    stanceNumbers(this.school(), this.body(), this.lead()).map((number) => [
      this.text.names[number.name],
      this.value(number, number.value),
      number.tolerance === null ? '' : `± ${this.value(number, number.tolerance)}`,
    ]),
  );
  protected readonly dimensions = computed(() =>
    (['height', 'shoulder', 'hip', 'leg', 'foot'] as const).map((part) => [
      words.people[part],
      lengthText(this.body()[part].metres, this.units(), 1),
      this.text.origins[this.body()[part].origin],
    ]),
  );
  /** Where to put tape, from the crossing of the chalk lines. */
  protected readonly tape = computed(() => {
    const { feet } = standIn(this.school(), this.body(), this.lead());
    const place = (x: number, towards: string, away: string): string =>
      Math.abs(x) < 0.0005 ? '0' : `${lengthText(Math.abs(x), this.units(), 1)} ${x > 0 ? towards : away}`;
    const spot = (p: { x: number; y: number }): string[] => [
      place(p.x, this.common.right, this.common.left),
      place(p.y, this.common.ahead, this.common.back),
    ];
    return SIDES.flatMap((side) => {
      const heel = heelOf(feet[side], this.body());
      return [
        [`${this.common[side]} ${this.text.ball}`, ...spot(feet[side])],
        [`${this.common[side]} ${this.text.heel}`, ...spot(heel)],
      ];
    });
  });

  constructor() {
    this.club.load();
  }

  private value(number: StanceNumber, value: number): string {
    if (number.kind === 'length') return lengthText(value, this.units(), 1);
    if (number.kind === 'share') return `${Math.round(value * 100)} %`;
    return value < 0 ? `${Math.round(-value)}° ${this.text.inward}` : `${Math.round(value)}°`;
  }
}
