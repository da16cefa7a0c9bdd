import { ChangeDetectionStrategy, Component, computed, DestroyRef, effect, inject, input, signal } from '@angular/core';
import { takeUntilDestroyed, toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule, Validators, type AbstractControl, type ValidationErrors } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormFieldModule } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import { MatSelectModule } from '@angular/material/select';
import { RouterLink } from '@angular/router';
import { AGE_GROUPS, BIASES, isUnder16, LEVELS, type Athlete, type AthleteSave } from '@hopsk/contract';
import { bodyOf } from '@hopsk/core/body/body';
import { formatLength, parseLength } from '@hopsk/core/body/length';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import type { Caution } from '@hopsk/core/judge/cautions';
import { faultLabel, lengthText } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { HoldsTyping } from '../../parts/holds-typing';
import { SchoolChoicesForm } from '../../parts/school-choices';
import { recordActions, recordsFeature } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { Head } from '../../ui/head';
import { CautionsForm } from './cautions-form';

const MEASURES = ['height', 'hip', 'shoulder', 'leg', 'foot'] as const;

@Component({
  selector: 'hop-athlete',
  imports: [
    Head,
    ReactiveFormsModule,
    MatButton,
    MatFormFieldModule,
    MatInput,
    MatSelectModule,
    RouterLink,
    SchoolChoicesForm,
    CautionsForm,
  ],
  templateUrl: './athlete.html',
  styleUrl: './athlete.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AthleteScreen implements HoldsTyping {
  readonly id = input.required<string>();
  private readonly store = inject(Store);
  protected readonly text = words.people;
  protected readonly common = words.common;
  protected readonly unit = words.units;
  private readonly club = inject(TeachingStore);
  protected readonly schools = this.club.stances;
  protected readonly label = faultLabel;
  protected readonly says = (code: string): string => words.faults[code]?.says ?? '';
  protected readonly choices = {
    ages: AGE_GROUPS,
    levels: LEVELS,
    biases: BIASES,
    faults: FAULTS,
    measures: MEASURES,
    trusts: ['none', 'drill', 'free'] as const,
  };
  private readonly byId = this.store.selectSignal(recordsFeature.selectPeopleById);
  private readonly saves = this.store.selectSignal(recordsFeature.selectSaves);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  protected readonly status = this.store.selectSignal(recordsFeature.selectStatus);
  protected readonly units = computed(() => this.me()?.coach.units ?? 'cm');
  protected readonly athlete = computed(() => this.byId()[this.id()] ?? null);
  protected readonly save = computed(() => this.saves()[this.id()] ?? null);
  protected readonly trouble = computed(() => {
    const save = this.save();
    return save?.state === 'refused' ? save.trouble : null;
  });
  private version = 0;
  /** The form as it was sent last. */
  private sent = '';
  private readonly filled = signal('');

  private readonly length = (control: AbstractControl<string>): ValidationErrors | null =>
    control.value.trim() === '' || parseLength(control.value, this.units()) !== null ? null : { length: true };
  private readonly measure = (): FormControl<string> => new FormControl('', { nonNullable: true, validators: this.length });
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: [Validators.required, Validators.maxLength(80)] }),
    hand: new FormControl<Athlete['hand']>('right', { nonNullable: true }),
    lead: new FormControl<Athlete['lead']>('none', { nonNullable: true }),
    otherLead: new FormControl<Athlete['otherLead']>('none', { nonNullable: true }),
    sport: new FormControl('', { nonNullable: true, validators: [Validators.required, Validators.maxLength(40)] }),
    school: new FormControl('square-ready', { nonNullable: true }),
    level: new FormControl<Athlete['level']>('beginner', { nonNullable: true }),
    ageGroup: new FormControl<Athlete['ageGroup']>('adult', { nonNullable: true }),
    height: this.measure(),
    hip: this.measure(),
    shoulder: this.measure(),
    leg: this.measure(),
    foot: this.measure(),
    schools: new FormControl<Athlete['schools']>({}, { nonNullable: true }),
    cautions: new FormControl<Athlete['cautions']>([], { nonNullable: true }),
    bias: new FormControl<Athlete['bias']>([], { nonNullable: true }),
    focus: new FormControl<Athlete['focus']>([], { nonNullable: true, validators: Validators.maxLength(4) }),
  });
  private readonly typed = toSignal(this.form.valueChanges.pipe(takeUntilDestroyed()));
  /** What the empty fields are taken to be, for this height and age. */
  protected readonly body = computed(() => {
    const value = this.typed() ?? {};
    const metres = (text: string | undefined): number | null => parseLength(text ?? '', this.units());
    return bodyOf({ height: metres(value.height) }, isUnder16(value.ageGroup ?? 'adult'));
  });
  protected readonly focusWords = computed(() => (this.typed()?.focus ?? []).map(faultLabel).join(', '));
  protected readonly rough = computed(() => this.body().hip.origin === 'rough');

  constructor() {
    this.club.load();
    effect(() => {
      const athlete = this.athlete();
      const save = this.save();
      const key = `${athlete?.id}:${athlete?.version}`;
      if (!athlete || this.filled() === key) return;
      const mine = save?.state === 'saved' && save.version === athlete.version;
      const typedSince = this.form.dirty && JSON.stringify(this.form.getRawValue()) !== this.sent;
      // A version that somebody else saved is not put over what is being typed, nor is our own over what was typed since.
      if (this.form.dirty && !mine) return;
      this.filled.set(key);
      if (mine && typedSince) this.version = athlete.version;
      else this.fill(athlete);
    });
    inject(DestroyRef).onDestroy(() => this.store.dispatch(recordActions.settled({ id: this.id() })));
  }

  protected hold(choices: Athlete['schools']): void {
    this.form.controls.schools.setValue(choices);
    this.form.controls.schools.markAsDirty();
  }

  protected mind(cautions: readonly Caution[]): void {
    this.form.controls.cautions.setValue(cautions);
    this.form.controls.cautions.markAsDirty();
  }

  unsaved(): boolean {
    return this.form.dirty;
  }

  protected estimate(part: (typeof MEASURES)[number]): string {
    return part === 'height' ? '' : `≈ ${lengthText(this.body()[part].metres, this.units())}`;
  }

  protected said(path: string): string {
    return this.trouble()?.fields.find((field) => field.path === path || field.path.startsWith(`${path}.`))?.message ?? '';
  }

  protected submit(over = false): void {
    if (this.save()?.state === 'saving') return;
    if (this.form.invalid) {
      this.form.markAllAsTouched();
      return;
    }
    const current = this.trouble()?.current as { version?: number } | undefined;
    if (over && typeof current?.version === 'number') this.version = current.version;
    this.sent = JSON.stringify(this.form.getRawValue());
    this.store.dispatch(recordActions.save({ kind: 'people', record: this.record() }));
  }

  /** Takes the record as somebody else saved it. */
  protected takeTheirs(): void {
    this.form.markAsPristine();
    this.store.dispatch(recordActions.settled({ id: this.id() }));
    this.store.dispatch(recordActions.load({ kind: 'people' }));
  }

  protected archive(archived: boolean): void {
    this.store.dispatch(recordActions.archive({ kind: 'people', id: this.id(), archived }));
  }

  /** What the stance page sets, and this form leaves as it is. */
  private stance: AthleteSave['stance'] = null;

  private record(): AthleteSave {
    const value = this.form.getRawValue();
    const metres = (text: string): number | null => (text.trim() === '' ? null : parseLength(text, this.units()));
    return {
      ...value,
      stance: this.stance,
      id: this.id(),
      version: this.version,
      height: metres(value.height),
      hip: metres(value.hip),
      shoulder: metres(value.shoulder),
      leg: metres(value.leg),
      foot: metres(value.foot),
    };
  }

  private fill(athlete: Athlete): void {
    this.version = athlete.version;
    this.stance = athlete.stance;
    const shown = (metres: number | null): string => (metres === null ? '' : formatLength(metres, this.units(), 1).replace(/\.0 /, ' '));
    const { id: _id, version: _version, archivedAt: _archived, stance: _stance, ...rest } = athlete;
    this.form.reset({
      ...rest,
      height: shown(athlete.height),
      hip: shown(athlete.hip),
      shoulder: shown(athlete.shoulder),
      leg: shown(athlete.leg),
      foot: shown(athlete.foot),
    });
  }
}
