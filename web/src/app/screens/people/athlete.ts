import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { agreementFor, type Agreement } from '@hopsk/contract/agreement';
import { AGE_GROUPS, AthleteDraft, BIASES, isUnder16, LEVELS, type Athlete } from '@hopsk/contract/people';
import type { OwnTime } from '@hopsk/contract/tempo';
import { bodyOf, MEASURE_LIMITS } from '@hopsk/core/body/body';
import { SIDES } from '@hopsk/core/body/foot';
import type { TempoKind } from '@hopsk/core/motion/tempo-kinds';
import { faultWords, lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { HoldsTyping } from '../../parts/holds-typing';
import { Refusals } from '../../parts/refusals';
import { SchoolChoicesForm } from '../../parts/school-choices';
import { firstValueFrom } from 'rxjs';
import { KeptApi } from '../../data/kept-api';
import { mine } from '../../data/may';
import { people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Typed } from '../../data/typed';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byCode, namedOptions } from '../../ui/options';
import { days, lengths, orNothing, texts } from '../../ui/reads';
import { Several } from '../../ui/several';
import { Whole } from '../../ui/whole';
import { draftOf, KeptDraft } from './athlete-draft';
import { CautionsForm } from './cautions-form';
import { OwnTempoForm } from './own-tempo-form';

const MEASURES = ['height', 'hip', 'shoulder', 'leg', 'foot'] as const;
/** Faults worked on at once, at most. */
const FOCUS = 4;

@Component({
  selector: 'hop-athlete',
  imports: [Box, CautionsForm, Choice, Head, MatButton, OwnTempoForm, Refusals, RouterLink, SchoolChoicesForm, Several, Whole],
  templateUrl: './athlete.html',
  styleUrl: './athlete.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AthleteScreen implements HoldsTyping {
  readonly id = input.required<string>();
  private readonly store = inject(Store);
  protected readonly text = words.people;
  protected readonly common = words.common;
  private readonly club = inject(TeachingStore);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly typing = new Typed<Athlete, AthleteDraft>({
    kind: people,
    id: this.id,
    begin: draftOf,
    whole: AthleteDraft,
    kept: KeptDraft,
    key: (id) => `athlete:${id}`,
  });
  protected readonly athlete = this.typing.stored;
  protected readonly draft = this.typing.draft;
  private readonly units = computed(() => this.me()?.coach.units ?? 'cm');
  protected readonly options = {
    hands: namedOptions(SIDES, words.common),
    leads: [{ value: 'none' as const, label: words.people.leadNone }, ...namedOptions(SIDES, words.common)],
    trusts: namedOptions(['none', 'drill', 'free'], words.people.otherLeads),
    levels: namedOptions(LEVELS, words.people.levels),
    ages: namedOptions(AGE_GROUPS, words.people.ages),
    biases: namedOptions(BIASES, words.people.biases),
  };
  protected readonly faults = computed(() => this.club.faultOptions().map((one) => ({ ...one, about: faultWords(one.value)?.says ?? '' })));
  protected readonly schools = computed(() => byCode(this.club.stances()));
  protected readonly reads = { name: texts(80, 1), sport: texts(40, 1), day: orNothing(days) };
  protected readonly may = mine().may;
  /** Whether a guardian speaks for them, and what their agreement is needed for. */
  protected readonly young = computed(() => isUnder16(this.draft().ageGroup) || this.draft().ageGroup === '16–17');
  protected readonly agreementSays = computed(() => {
    const what = this.draft().agreed === null ? agreementFor(this.draft(), this.rule()) : null;
    return what === null ? this.text.agreedSays : this.text.agreedNeeds[what];
  });
  private readonly rule = signal<Agreement>('none');
  protected readonly most = FOCUS;
  /** What the empty boxes are taken to be, for this height and age. */
  private readonly body = computed(() => bodyOf({ height: this.draft().height }, isUnder16(this.draft().ageGroup)));
  protected readonly rough = computed(() => this.body().hip.origin === 'rough');
  protected readonly measures = computed(() =>
    MEASURES.map((part) => {
      const [low, high] = MEASURE_LIMITS[part];
      const example = this.units() === 'cm' ? words.units.cm : words.units.feet;
      return {
        part,
        reads: orNothing(lengths(this.units(), { low, high })),
        hint: part === 'height' ? example : `≈ ${lengthText(this.body()[part].metres, this.units())}`,
      };
    }),
  );

  constructor() {
    this.club.load();
    // Without a network it is said when it is saved.
    void firstValueFrom(inject(KeptApi).rules()).then(
      ({ agreement }) => this.rule.set(agreement),
      () => undefined,
    );
  }

  unsaved(): boolean {
    return this.typing.dirty();
  }

  protected put(change: Partial<AthleteDraft>): void {
    this.typing.put({ ...this.draft(), ...change });
  }

  protected time(kind: TempoKind, time: OwnTime | null): void {
    const { [kind]: _, ...others } = this.draft().tempo;
    this.put({ tempo: time === null ? others : { ...others, [kind]: time } });
  }

  protected measure(part: (typeof MEASURES)[number], metres: number | null): void {
    this.put({ [part]: metres });
  }
}
