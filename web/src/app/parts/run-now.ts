import { computed, type Signal } from '@angular/core';
import type { RunHead } from '@hopsk/contract/run';
import type { Side } from '@hopsk/core/body/foot';
import { worthSaying } from '@hopsk/core/evidence/worth-saying';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { beepsOfPlan } from '@hopsk/core/log/beeps';
import { clockAt, planAt, unstarted } from '@hopsk/core/log/clock';
import type { RunEvent } from '@hopsk/core/log/event';
import { shows, type Watching } from '@hopsk/core/log/watching';
import type { Direction } from '@hopsk/core/plan/direction';
import { tempoFor } from '@hopsk/core/plan/in-tempo';
import { groupOf, groupsOf } from '@hopsk/core/plan/groups';
import { cuesOf, isSession, isTapped, stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { unitsOf } from '@hopsk/core/plan/occasions';
import { atStations } from '@hopsk/core/plan/stations';
import { blocksOf } from '@hopsk/core/plan/to-come';
import type { Stretch } from '@hopsk/core/plan/stretch';
import { faultLabel, faultWords } from '@hopsk/words/naming';
import type { Folded } from '../data/folded';

/** Seconds for which it is asked what was seen in an exercise that is over. */
const SEEN = 10;
/** Seconds for which a freeze is asked about. */
const FREEZE_ASKED = 8;
/** Sides of the last taps that a tile shows. */
const DOTS = 8;

/** A run as this device has it, its log, and its own time now, milliseconds. */
interface RunOf {
  readonly run: Signal<{ readonly head: RunHead } | null>;
  readonly events: Signal<readonly RunEvent[]>;
  readonly fold: Signal<Folded | null>;
  /** What the coach at this device watches. */
  readonly watching: Signal<Watching | null>;
  readonly now: Signal<number>;
  readonly nameOf: (athlete: string) => string;
}

/** What a run is at this moment: clock, exercise, cue, who is watched, and what counts. All of it is derived from its log. */
export class RunNow {
  readonly watching: Signal<Watching | null>;
  constructor(private readonly of: RunOf) {
    this.watching = of.watching;
  }

  /** The plan as it is now; null without a run. */
  private readonly plan = computed(() => this.of.fold()?.log.plan ?? null);
  readonly stretches = computed((): readonly Stretch[] => {
    const plan = this.plan();
    return plan ? stretchesOfPlan(plan) : [];
  });
  readonly beeps = computed(() => {
    const plan = this.plan();
    return plan ? beepsOfPlan(plan) : [];
  });
  /** What is said and shown at which second of the plan. */
  readonly cues = computed(() => {
    const plan = this.plan();
    return plan ? cuesOf(plan) : [];
  });
  /** The work that a tempo can be set for now; null: none. */
  readonly tempo = computed(() => {
    const plan = this.plan();
    return plan && this.opener().by === 'plan' && this.status() !== 'ended' ? tempoFor(plan, this.clock().t) : null;
  });
  /** The session under way; null where rounds of one pattern are run. */
  readonly session = computed(() => {
    const plan = this.plan();
    return plan && isSession(plan) ? plan : null;
  });
  private readonly place = computed(() => {
    const { stretch, t } = this.clock();
    return t < 0 || stretch === null ? 0 : this.stretches().indexOf(stretch);
  });
  private readonly exerciseAt = computed(() => this.session()?.phases[this.place()]?.exercise ?? 0);
  readonly exercise = computed(() => this.session()?.exercises[this.exerciseAt()] ?? null);
  /** Which exercise of how many; null where there is one. */
  readonly placed = computed(() => {
    const session = this.session();
    if (!session) return null;
    const blocks = blocksOf(session);
    return { exercise: blocks.findLastIndex(({ first }) => first <= this.place()) + 1, of: blocks.length };
  });
  /** Where groups take turns: which is at it, of how many; null where all are, or nobody works now. */
  readonly group = computed(() => {
    const stretch = this.session()?.phases[this.place()];
    const groups = stretch?.kind === 'work' ? (this.groups().get(stretch.exercise) ?? 1) : 1;
    return groups > 1 ? { group: stretch?.wave ?? 1, of: groups } : null;
  });
  private readonly groups = computed(() => groupsOf(this.session()?.phases ?? []));
  /** Those who came while it was on, in the order in which they came. */
  private readonly late = computed(() => {
    const first = this.of.run()?.head.athletes ?? [];
    return (this.of.fold()?.log.all ?? []).filter((id) => !first.includes(id));
  });
  /** Who is at which station now, or goes there next; empty where there are none. */
  readonly stations = computed(() => {
    const [session, at] = [this.session(), this.place()];
    const names = this.exercise()?.stations ?? [];
    const next = session?.phases.slice(at).find(({ kind }) => kind === 'work');
    return next && names.length > 0 ? atStations(names, this.of.run()?.head.athletes ?? [], next.round, this.late()) : [];
  });
  /** On the board whoever is watched: what this exercise, or the last one that says anything, is watched for; in rounds what they began with. */
  readonly everybodys = computed((): readonly string[] => {
    const upTo = this.session()?.exercises.slice(0, this.exerciseAt() + 1) ?? [];
    return upTo.findLast(({ watch }) => watch.length > 0)?.watch ?? this.firstBoard();
  });
  private readonly firstBoard = computed(() => this.of.events().find((event) => event.kind === 'board')?.faults ?? []);
  private readonly units = computed(() => {
    const plan = this.plan();
    return plan && unitsOf(plan, this.exerciseAt());
  });
  readonly title = computed(() => this.exercise()?.name ?? this.of.run()?.head.name ?? '');
  /** Up to where in the plan all has fallen due: at the end of work that waits, what is said then has not. */
  readonly due = computed(() => {
    const { t, stretch, status } = this.clock();
    return status !== 'ended' && stretch?.end === t ? t - 0.001 : t;
  });
  /** What the clock shows of the plan: the last cue that fell due. */
  readonly cue = computed(() => {
    const upTo = this.due() + 1e-6;
    return this.cues().findLast((cue) => cue.at <= upTo) ?? null;
  });
  /** Which way a call leads, while it is the last that fell due; null where it leads nowhere. */
  readonly callLeads = computed((): Direction | null => {
    const [cue, session] = [this.cue(), this.session()];
    const phase = session?.phases[this.place()];
    if (cue?.kind !== 'call' || !session || !phase) return null;
    const done = phase.done.find(([start]) => Math.abs(phase.start + start - cue.at) < 0.002);
    const direction = done && session.reps[done[1]]?.direction;
    return direction === undefined || direction === 'place' ? null : direction;
  });
  /** The run as it began. */
  readonly head = computed(() => this.of.run()?.head ?? null);
  /** What is on and is no work: a rest, a change-over; null in work, before the first and when all is over. */
  readonly between = computed(() => {
    const { stretch, t, status } = this.clock();
    return t >= 0 && status !== 'ended' && stretch && stretch.kind !== 'work' ? stretch : null;
  });
  /** After the last work of an exercise, for a little: its name, while what was seen in it is still tapped. Null else. */
  readonly seeing = computed(() => {
    const [session, at, { t }] = [this.session(), this.place(), this.clock()];
    const now = session?.phases[at];
    if (!session || !now || now.kind === 'work' || this.status() === 'ended') return null;
    // The stretches between two exercises are one: a change-over, a drink, what is explained.
    const last = session.phases.slice(0, at).findLastIndex(({ kind }) => kind === 'work');
    const work = session.phases[last];
    return work && work.exercise !== now.exercise && t - work.end < SEEN ? (session.exercises[work.exercise]?.name ?? null) : null;
  });
  /** What can be acted on in a rest: one fault of whoever is watched, with its cue. */
  readonly worth = computed(() => {
    const athlete = this.watching()?.athlete;
    if (this.between() === null || athlete == null) return null;
    const said = worthSaying(this.counted().filter((tally) => tally.athlete === athlete));
    return said && { ...said, label: faultLabel(said.fault), cue: faultWords(said.fault)?.cue ?? '' };
  });
  /** The steps of what is on, as they were planned. */
  readonly line = computed(() => this.exercise()?.steps ?? this.of.run()?.head.steps ?? '');
  /** The last freeze is asked about until it was answered, or long enough. */
  readonly freeze = computed(() => {
    const t = this.clock().t;
    const cue = this.cues().findLast((one) => one.kind === 'freeze' && one.at <= t + 1e-6 && t - one.at < FREEZE_ASKED);
    const clock = this.of.fold()?.log.clock;
    const answered = cue && clock && this.answers().some(({ m }) => planAt(clock, m) >= cue.at);
    return cue && !answered ? cue : null;
  });
  private readonly answers = computed(() => this.of.events().filter((event) => event.kind === 'freeze'));
  readonly clock = computed(() => clockAt(this.of.fold()?.log.clock ?? unstarted(0), this.stretches(), this.of.now()));
  readonly status = computed(() => this.clock().status);
  /** Who opens what is counted now, in which exercise, and who was to. */
  readonly opener = computed(() => {
    const exercise = this.clock().stretch?.exercise ?? this.stretches()[0]?.exercise ?? 0;
    const planned = this.session()?.exercises[exercise]?.opens ?? 'plan';
    return { exercise, planned, by: this.of.fold()?.log.openerAt(exercise, this.of.now()) ?? planned };
  });
  /** Where the coach opens what is counted: how many feeds there were in this round, of how many that were planned; else null. */
  readonly feeds = computed(() => {
    const [at, log] = [this.place(), this.of.fold()?.log];
    if (this.clock().stretch?.kind !== 'work' || this.opener().by !== 'coach') return null;
    const ball = log?.ballAt(this.of.now());
    const planned = this.session()?.phases[at];
    return { n: ball?.stretch === at ? ball.repetition : 0, of: (planned?.open && planned.done.length) || null };
  });
  readonly tapped = computed(() => {
    const plan = this.plan();
    return plan !== null && isTapped(plan);
  });
  readonly athletes = computed(() => (this.of.fold()?.log.here ?? []).map((id) => ({ id, name: this.of.nameOf(id) })));
  private readonly second = computed(() => Math.floor(this.of.now() / 1000));
  /** Counted up to now: once a second and with each tap. */
  private readonly counted = computed(() => this.of.fold()?.log.talliesAt(this.second() * 1000) ?? []);
  readonly chips = computed(() => {
    const [counted, group] = [this.counted(), this.group()];
    const all = this.of.run()?.head.athletes ?? [];
    return this.athletes().map((athlete) => {
      const rows = counted.filter((tally) => tally.athlete === athlete.id);
      return {
        ...athlete,
        seen: Math.max(0, ...rows.map((row) => row.attempts)),
        on: this.watching()?.athlete === athlete.id,
        waits: group !== null && groupOf(all, group.of, athlete.id, this.late()) !== group.group,
        station: this.stations().find(({ people }) => people.includes(athlete.id))?.name ?? '',
      };
    });
  });
  /** Sides of the taps of the one who is watched, by fault, without those taken back. */
  private readonly sides = computed(() => {
    const [folded, athlete] = [this.of.fold(), this.watching()?.athlete];
    const sides = new Map<string, Side[]>();
    for (const event of this.of.events()) {
      if (event.kind !== 'fault' || event.side === null || event.athlete !== athlete || folded?.log.undoOf(event)) continue;
      sides.set(event.fault, [...(sides.get(event.fault) ?? []).slice(1 - DOTS), event.side]);
    }
    return sides;
  });
  private readonly catalogue = computed(() => this.of.fold()?.log.catalogue ?? faultsByCode());
  readonly tiles = computed(() => {
    const [watching, catalogue] = [this.watching(), this.catalogue()];
    return (watching?.board ?? []).map((code, i) => {
      const fault = catalogue.get(code);
      const tally = this.counted().find((row) => row.fault === code && row.athlete === watching?.athlete);
      return {
        code,
        key: i + 1,
        label: faultLabel(code),
        count: (tally?.faulty ?? 0) + (tally?.noted ?? 0),
        shown: fault !== undefined && watching !== null && shows(fault, watching.view),
        dots: this.sides().get(code) ?? [],
      };
    });
  });
  /** Whether what is on gives a chance for a fault to show. */
  canShow(code: string): boolean {
    const [fault, units] = [this.catalogue().get(code), this.units()];
    return fault !== undefined && (units === null || units.has(fault.per));
  }
  /** What was tapped of somebody in this run while it had no tile. */
  noted(athlete: string): string[] {
    return this.counted().flatMap((row) => (row.athlete === athlete && row.noted > 0 ? [row.fault] : []));
  }
  readonly praise = computed(() => this.of.fold()?.log.praise()[this.watching()?.athlete ?? ''] ?? 0);
  readonly results = computed(() => this.of.fold()?.log.resultsOf(this.watching()?.athlete ?? '') ?? 0);
}
