import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { ATHLETE_FILE_NAME, LEAST_BEHIND, type Erasure, type GivenOut } from '@hopsk/contract/people-data';
import { faultLabel, lengthText, schoolWords } from '@hopsk/words/naming';
import { schoolOf } from '@hopsk/core/body/school';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { TEMPO_KINDS } from '@hopsk/core/motion/tempo-kinds';
import { firstValueFrom } from 'rxjs';
import { KeptApi } from '../../data/kept-api';
import { people } from '../../data/records';
import { signInFeature } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { saveFile } from '../../drawing/export';
import { inWords } from '../../parts/own-time';
import { Sending, Sent } from '../../parts/sending';
import { Ask } from '../../ui/ask';
import { Head } from '../../ui/head';
import { once } from '../../ui/once';
import { Print } from '../../ui/print';
import { Table } from '../../ui/table';

const MEASURES = ['height', 'hip', 'shoulder', 'leg', 'foot'] as const;

const ofChances = (faulty: number, attempts: number): string => (attempts === 0 ? '–' : words.common.seenOf(faulty, attempts, 0));

/** Of each fault what all runs say together. */
function seenIn(runs: GivenOut['runs']): string[][] {
  const all = new Map<string, { attempts: number; faulty: number; noted: number; runs: number }>();
  for (const { tallies } of runs)
    for (const { fault, attempts, faulty, again, noted } of tallies) {
      const one = all.get(fault) ?? { attempts: 0, faulty: 0, noted: 0, runs: 0 };
      all.set(fault, {
        attempts: one.attempts + attempts,
        faulty: one.faulty + faulty,
        noted: one.noted + noted + again,
        runs: one.runs + 1,
      });
    }
  return [...all].map(([fault, { attempts, faulty, noted, runs: n }]) => [
    faultLabel(fault),
    ofChances(faulty, attempts),
    String(noted),
    String(n),
  ]);
}

/** All that a club keeps of one athlete, as a page to read and to print; from here it is saved as a file, and erased. For owners. */
@Component({
  selector: 'hop-athlete-data',
  imports: [Head, MatButton, NgTemplateOutlet, Print, Sent, Table],
  templateUrl: './athlete-data.html',
  styles: `
    hop-table {
      max-width: 760px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AthleteData {
  readonly id = input.required<string>();
  private readonly api = inject(KeptApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly questions = inject(Ask);
  private readonly me = this.store.selectSignal(signInFeature.selectMe);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.kept;
  protected readonly sending = new Sending();
  protected readonly erasing = new Sending();
  protected readonly data = signal<GivenOut | null>(null);
  /** Where else the name stands, once somebody asked to erase. */
  protected readonly mentions = signal<Erasure['mentions']>([]);
  protected readonly made = computed(() => new Date(this.data()?.madeAt ?? 0).toLocaleDateString());
  protected readonly cautions = computed(() =>
    (this.data()?.athlete.cautions ?? []).map((one) =>
      this.text.caution(words.cautions.one(one), one.forbids.map((what) => words.cautions.forbidden[what]).join(', '), one.landings),
    ),
  );
  protected readonly seen = computed(() => seenIn(this.data()?.runs ?? []));
  protected readonly looks = computed(() =>
    (this.data()?.looks ?? []).map(({ lastAt, who, what, times, run, day }) => [
      new Date(lastAt).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' }),
      who ?? this.text.rule,
      this.text.done([this.text.whats[what], ...(run === null ? [] : [this.text.runOf(run, day ?? '')])].join(' '), times),
    ]),
  );
  protected readonly record = computed(() => {
    const athlete = this.data()?.athlete;
    if (!athlete) return [];
    const of = words.people;
    const units = this.me()?.coach.units ?? 'cm';
    const listed = (all: readonly string[]): string => (all.length === 0 ? this.text.none : all.join(', '));
    const school = this.club.stances().find(({ code }) => code === athlete.school) ?? schoolOf(athlete.school);
    return [
      [words.common.name, athlete.name],
      [of.sport, athlete.sport],
      [of.hand, words.common[athlete.hand]],
      [of.lead, athlete.lead === 'none' ? of.leadNone : words.common[athlete.lead]],
      [of.otherLead, of.otherLeads[athlete.otherLead]],
      [of.school, school ? schoolWords(school).name : athlete.school],
      [of.level, of.levels[athlete.level]],
      [of.ageGroup, of.ages[athlete.ageGroup]],
      ...(athlete.agreed === null ? [] : [[of.agreed, athlete.agreed]]),
      ...MEASURES.map((part) => {
        const metres = athlete[part];
        return [of[part], metres === null ? this.text.notMeasured : lengthText(metres, units)];
      }),
      [of.focus, listed(athlete.focus.map(faultLabel))],
      [of.bias, listed(athlete.bias.map((one) => of.biases[one]))],
      [of.tempo, listed(TEMPO_KINDS.flatMap((kind) => inWords(kind, athlete.tempo[kind])))],
    ];
  });
  protected readonly runs = computed(() =>
    (this.data()?.runs ?? []).map(({ name, day, praise, tallies }) => {
      const sum = (key: 'faulty' | 'attempts'): number => tallies.reduce((all, tally) => all + tally[key], 0);
      return [name, day, ofChances(sum('faulty'), sum('attempts')), praise === 0 ? '' : String(praise)];
    }),
  );

  constructor() {
    this.club.load();
    effect(() => {
      const id = this.id();
      untracked(() => void this.look(id));
    });
  }

  private look(id: string): Promise<void> {
    return this.sending.send(async () => {
      this.data.set(await firstValueFrom(this.api.data(id)));
      return '';
    });
  }

  protected readonly saveFile = once(() =>
    this.sending.send(async () => {
      saveFile(await firstValueFrom(this.api.file(this.id())), ATHLETE_FILE_NAME);
      return '';
    }),
  );

  protected readonly erase = once(() =>
    this.erasing.send(async () => {
      const { name } = this.data()?.athlete ?? { name: '' };
      const found = await firstValueFrom(this.api.erasure(this.id()));
      this.mentions.set(found.mentions);
      if (found.underWay !== null) return { kind: 'refused', message: this.text.underWay(found.underWay), fields: [] };
      const label = this.text.typeName(name);
      const elsewhere = found.mentions.length > 0 ? [this.text.mentions(found.mentions.length)] : [];
      const typed = await this.questions.word({
        question: [this.text.eraseTitle(name), this.text.eraseAsk(found, LEAST_BEHIND), ...elsewhere].join(' '),
        yes: this.text.eraseDo,
        no: this.text.eraseNo,
        box: { label, most: 80, wrong: (said) => (said.trim() === name.trim() ? '' : label) },
      });
      if (typed === null) return '';
      await firstValueFrom(this.api.erase(this.id(), typed));
      this.store.dispatch(people.actions.load());
      await this.router.navigate(['/people']);
      return '';
    }),
  );
}
