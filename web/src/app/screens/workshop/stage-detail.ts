import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Athlete } from '@hopsk/contract';
import type { OwnSchool } from '@hopsk/core/body/school';
import { FAULT_UNITS } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { rotationOf } from '@hopsk/core/plan/build/rotation';
import { alternative, USUAL_CALLS } from '@hopsk/core/plan/calls/calls';
import { CUEINGS, IMPLEMENTS, SESSION_PARTS, STAGE_KINDS } from '@hopsk/core/plan/session/stage';
import type { WorkTotals } from '@hopsk/core/plan/session/totals';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { TeachingStore } from '../../data/teaching';
import { CallsForm } from './calls-form';
import { oneLine, stanceOf, type Draft, type DraftStage } from '../../parts/session-draft';
import type { SessionLook, StageLook } from '../../compute/session';
import { PartnerForm } from './partner-form';
import { booksOf } from '../../parts/sources';

type Difference = Draft['differences'][number];

/** Everything of one stage, to be changed. Every change goes up at once; an empty name is not taken. */
@Component({
  selector: 'hop-stage-detail',
  imports: [CallsForm, MatButton, PartnerForm],
  templateUrl: './stage-detail.html',
  styleUrl: './stage-detail.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StageDetail {
  readonly stage = input.required<DraftStage>();
  readonly look = input.required<StageLook | null>();
  readonly totals = input.required<WorkTotals | null>();
  readonly lists = input.required<SessionLook['lists']>();
  readonly stances = input.required<readonly OwnSchool[]>();
  readonly group = input.required<readonly Athlete[]>();
  readonly differences = input.required<readonly Difference[]>();
  readonly changed = output<Partial<DraftStage>>();
  readonly differ = output<Difference[]>();
  readonly doubled = output();
  readonly removed = output();
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly kinds = STAGE_KINDS;
  protected readonly parts = SESSION_PARTS;
  protected readonly cueings = CUEINGS;
  protected readonly implementsOf = IMPLEMENTS;
  protected readonly units = FAULT_UNITS;
  protected readonly oneLine = oneLine;
  protected readonly faults = FAULTS;
  protected readonly playbooks = computed(() => booksOf(this.club.teaching()));
  protected readonly label = faultLabel;
  protected readonly staggered = computed(() => stanceOf(this.stage(), this.stances()).staggered);
  /** Who is where in which round, where there are stations. */
  protected readonly rotation = computed(() => {
    const { stations, partner } = this.stage();
    if (stations.length === 0 || this.group().length === 0) return [];
    const names = this.group().map((athlete) => athlete.name);
    return rotationOf(names.length, stations.length, partner ? 2 : 1).map((round) =>
      round.map((those, at) => `${stations[at]?.name ?? ''}: ${those.map((one) => names[one] ?? '').join(', ') || '–'}`).join(' · '),
    );
  });

  protected rename(box: HTMLInputElement): void {
    const name = box.value.trim();
    if (name === '') box.value = this.stage().name;
    else this.changed.emit({ name });
  }

  protected number(key: 'tempo' | 'explain', box: HTMLInputElement, low: number, high: number): void {
    const n = Number(box.value);
    if (box.value === '' || !Number.isFinite(n)) box.value = String(this.stage()[key]);
    else this.changed.emit({ [key]: Math.min(high, Math.max(low, n)) });
  }

  protected evidence(key: keyof DraftStage['evidence'], box: HTMLInputElement, low: number, high: number, unit = 1): void {
    const n = Number(box.value) / unit;
    if (box.value === '' || !Number.isFinite(n)) box.value = String(this.stage().evidence[key] * unit);
    else this.changed.emit({ evidence: { ...this.stage().evidence, [key]: Math.min(high, Math.max(low, n)) } });
  }

  protected lines(value: string, most: number, long: number): string[] {
    return value
      .split('\n')
      .map((line) => line.trim().slice(0, long))
      .filter((line) => line !== '')
      .slice(0, most);
  }

  protected standIn(school: string): void {
    const staggered = stanceOf({ school }, this.stances()).staggered;
    const { lead } = this.stage();
    this.changed.emit({ school, lead: !staggered ? 'none' : lead === 'none' ? 'left' : lead });
  }

  protected watch(code: string, on: boolean): void {
    const watch = this.stage().watch.filter((one) => one !== code);
    this.changed.emit({ watch: on ? [...watch, code].slice(0, 8) : watch });
  }

  /** How an athlete knows when to begin; being called needs something to call. */
  protected cue(cueing: string): void {
    const called = cueing === 'called' || cueing === 'called in order';
    const { calls, steps, name } = this.stage();
    this.changed.emit({
      cueing: cueing as DraftStage['cueing'],
      calls: !called ? null : { ...(calls ?? this.usualCalls(name, steps)), order: cueing === 'called' ? 'random' : 'known' },
    });
  }

  private readonly usualCalls = (name: string, steps: string): NonNullable<DraftStage['calls']> => ({
    ...USUAL_CALLS,
    alternatives: [alternative(name.slice(0, 60), steps)],
  });

  protected withPartner(on: boolean): void {
    this.changed.emit({ partner: on ? { steps: '', what: '', when: '', reAim: '', coming: false, kit: '', contact: 'none' } : null });
  }

  protected station(at: number, change: Partial<DraftStage['stations'][number]>): void {
    this.changed.emit({ stations: this.stage().stations.map((one, i) => (i === at ? { ...one, ...change } : one)) });
  }

  protected addStation(): void {
    const { stations, steps } = this.stage();
    this.changed.emit({ stations: [...stations, { name: `${this.text.station} ${stations.length + 1}`, steps }].slice(0, 12) });
  }

  protected dropStation(at: number): void {
    this.changed.emit({ stations: this.stage().stations.filter((_, i) => i !== at) });
  }

  protected difference(athlete: string): Difference {
    const stage = this.stage().id;
    return (
      this.differences().find((one) => one.athlete === athlete && one.stage === stage) ?? {
        athlete,
        stage,
        skip: false,
        dose: '',
        note: '',
      }
    );
  }

  protected doOtherwise(athlete: string, change: Partial<Difference>): void {
    const next = { ...this.difference(athlete), ...change };
    const others = this.differences().filter((one) => one.athlete !== athlete || one.stage !== next.stage);
    const nothing = !next.skip && next.dose === '' && next.note === '';
    this.differ.emit(nothing ? [...others] : [...others, next]);
  }
}
