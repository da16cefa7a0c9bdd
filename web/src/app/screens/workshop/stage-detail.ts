import { cut } from '@hopsk/core/language/cut';
import { oneLine } from '@hopsk/core/language/one-line';
import { type Opener, CUEINGS, IMPLEMENTS, STAGE_KINDS, type Cueing } from '@hopsk/core/plan/exercise';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import type { Athlete } from '@hopsk/contract/people';
import { SIDES } from '@hopsk/core/body/foot';
import type { OwnSchool } from '@hopsk/core/body/school';
import { FAULT_UNITS, VIEWS } from '@hopsk/core/catalogue/fault';
import { rotationOf } from '@hopsk/core/plan/build/rotation';
import { alternative, USUAL_CALLS } from '@hopsk/core/plan/calls/calls';
import { SESSION_PARTS, openerOf } from '@hopsk/core/plan/session/stage';
import type { WorkTotals } from '@hopsk/core/plan/session/totals';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { TeachingStore } from '../../data/teaching';
import { CallsForm } from './calls-form';
import { stanceOf, type Draft, type DraftStage } from '../../parts/session-draft';
import type { SessionLook, StageLook } from '../../compute/session';
import { LineBox } from '../../parts/line-box';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { namedOptions, type Option } from '../../ui/options';
import { lists, numbers, texts } from '../../ui/reads';
import { PartnerForm } from './partner-form';
import { booksOf } from '../../parts/sources';

type Difference = Draft['differences'][number];

/** Everything of one stage, to be changed. Every change goes up at once; an empty name is not taken. */
@Component({
  selector: 'hop-stage-detail',
  imports: [Box, CallsForm, Choice, LineBox, MatButton, MatCheckbox, PartnerForm],
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
  protected readonly choices = {
    kinds: namedOptions(STAGE_KINDS, words.build.kinds),
    parts: namedOptions(SESSION_PARTS, words.build.partNames),
    cueings: namedOptions(CUEINGS, words.build.cueings),
    implements: namedOptions(IMPLEMENTS, words.build.implements),
    priorities: ([1, 2, 3] as const).map((value) => ({ value, label: words.build.priorities[value - 1] ?? '' })),
    units: namedOptions(FAULT_UNITS, words.build.unitNames),
    hands: namedOptions(SIDES, words.common.sides),
    leads: namedOptions<DraftStage['lead']>(SIDES, { ...words.common.sides, none: words.common.none }),
    views: namedOptions(VIEWS, words.steps.seenFrom),
  };
  protected readonly reads = {
    name: texts(80, 1),
    tempo: numbers({ low: 0.25, high: 4, step: 0.05 }),
    explain: numbers({ low: 0, high: 1800, unit: 's' }),
    theme: texts(120),
    cues: lists(6, 80),
    cautions: lists(10, 200),
    next: numbers({ low: 50, high: 100, unit: '%', scale: 100 }),
    back: numbers({ low: 0, high: 100, unit: '%', scale: 100 }),
    attempts: numbers({ low: 1, high: 500, whole: true }),
    sessions: numbers({ low: 1, high: 10, whole: true }),
    station: texts(60, 1),
    dose: texts(400),
    note: texts(200),
  };
  protected readonly stanceOptions = computed(() => this.stances().map(({ code, name }) => ({ value: code, label: name })));
  protected readonly unwatched = computed(() => this.club.faultOptions().filter(({ value }) => !this.stage().watch.includes(value)));
  /** Who opens what is counted: its calls only where there are any. */
  protected readonly openers = computed((): readonly Option<'usual' | Opener>[] => {
    const { opensUsually, openers } = words.build;
    return [
      { value: 'usual', label: opensUsually(openers[openerOf({ ...this.stage(), opens: undefined })]) },
      ...namedOptions<Opener>([this.stage().calls ? 'calls' : 'plan', 'coach'], openers),
    ];
  });
  protected readonly opener = computed((): 'usual' | Opener => (this.stage().opens === undefined ? 'usual' : openerOf(this.stage())));
  protected readonly oneLine = oneLine;
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

  protected evidence(change: Partial<DraftStage['evidence']>): void {
    this.changed.emit({ evidence: { ...this.stage().evidence, ...change } });
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

  protected open(by: 'usual' | Opener): void {
    this.changed.emit({ opens: by === 'usual' ? undefined : by });
  }

  /** How an athlete knows when to begin; being called needs something to call. */
  protected cue(cueing: Cueing): void {
    const called = cueing === 'called' || cueing === 'called in order';
    const { calls, steps, name } = this.stage();
    this.changed.emit({
      cueing,
      calls: !called ? null : { ...(calls ?? this.usualCalls(name, steps)), order: cueing === 'called' ? 'random' : 'known' },
    });
  }

  private readonly usualCalls = (name: string, steps: string): NonNullable<DraftStage['calls']> => ({
    ...USUAL_CALLS,
    alternatives: [alternative(cut(name, 60), steps)],
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
