import { computed, type Signal } from '@angular/core';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { beepsOfPlan, clockAt } from '@hopsk/core/log/clock';
import { countRun } from '@hopsk/core/log/count';
import { undoneIds, type RunEvent } from '@hopsk/core/log/event';
import { watchings } from '@hopsk/core/log/watching';
import { isSession, isTapped, stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { faultLabel } from '@hopsk/words/naming';
import type { KeptRun } from '../data/device-store';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));

/** Seconds for which a freeze is asked about. */
const FREEZE_ASKED = 8;
/** Sides of the last taps that a tile shows. */
const DOTS = 8;

/** A run as this device has it, and the wall clock, milliseconds. */
interface RunOf {
  readonly run: Signal<KeptRun | null>;
  readonly events: Signal<readonly RunEvent[]>;
  readonly now: Signal<number>;
}

/** What a run is at this moment: clock, exercise, cue, who is watched, and what counts. All of it is derived from its log. */
export class RunNow {
  constructor(private readonly of: RunOf) {}

  readonly stretches = computed(() => (this.of.run() ? stretchesOfPlan(this.of.run()!.head.plan) : []));
  readonly beeps = computed(() => (this.of.run() ? beepsOfPlan(this.of.run()!.head.plan) : []));
  /** The session under way; null where rounds of one pattern are run. */
  readonly session = computed(() => {
    const plan = this.of.run()?.head.plan;
    return plan && isSession(plan) ? plan : null;
  });
  private readonly place = computed(() => {
    const { stretch, t } = this.clock();
    return t < 0 || stretch === null ? 0 : this.stretches().indexOf(stretch);
  });
  readonly exercise = computed(() => this.session()?.exercises[this.session()?.phases[this.place()]?.exercise ?? 0] ?? null);
  /** Which exercise of how many; null where there is one. */
  readonly placed = computed(() => {
    const session = this.session();
    const stretch = session?.phases[this.place()];
    return session && stretch ? { exercise: stretch.exercise + 1, of: session.exercises.length } : null;
  });
  readonly title = computed(() => this.exercise()?.name ?? this.of.run()?.head.name ?? '');
  /** What the clock shows of the plan: the last cue that fell due. */
  readonly cue = computed(() => {
    const t = this.clock().t;
    return this.session()?.cues.findLast((cue) => cue.at <= t + 1e-6) ?? null;
  });
  /** The last freeze is asked about until it was answered, or long enough. */
  readonly freeze = computed(() => {
    const t = this.clock().t;
    const cue = this.session()?.cues.findLast((one) => one.kind === 'freeze' && one.at <= t + 1e-6 && t - one.at < FREEZE_ASKED);
    const answered = cue && this.of.events().some((event) => event.kind === 'freeze' && event.t >= cue.at);
    return cue && !answered ? cue : null;
  });
  readonly clock = computed(() => clockAt(this.of.events(), this.stretches(), this.of.now()));
  readonly status = computed(() => this.clock().status);
  readonly watching = computed(() => watchings(this.of.events()).at(-1));
  readonly tapped = computed(() => this.of.run() !== null && isTapped(this.of.run()!.head.plan));
  readonly athletes = computed(() => (this.of.run()?.head.athletes ?? []).map((id) => ({ id, name: this.of.run()?.names[id] ?? '–' })));
  private readonly second = computed(() => Math.floor(this.clock().t));
  /** Counted up to now, as if the clock stood: once a second and with each tap. */
  private readonly counted = computed(() => {
    const run = this.of.run();
    if (!run) return null;
    const stop: RunEvent = { kind: 'pause', id: 'now', n: Number.MAX_SAFE_INTEGER, at: 0, t: this.second() };
    return countRun(run.head.plan, [...this.of.events(), stop], catalogue, run.head.tapDelay);
  });
  readonly chips = computed(() => {
    const counted = this.counted();
    return this.athletes().map((athlete) => {
      const rows = counted?.tallies.filter((tally) => tally.athlete === athlete.id) ?? [];
      return { ...athlete, seen: Math.max(0, ...rows.map((row) => row.attempts)), on: this.watching()?.athlete === athlete.id };
    });
  });
  readonly tiles = computed(() => {
    const watching = this.watching();
    const undone = undoneIds(this.of.events());
    return (watching?.board ?? []).map((code, i) => {
      const fault = catalogue.get(code);
      const taps = this.of
        .events()
        .filter((event) => event.kind === 'fault' && event.fault === code && event.athlete === watching?.athlete && !undone.has(event.id));
      const tally = this.counted()?.tallies.find((row) => row.fault === code && row.athlete === watching?.athlete);
      return {
        code,
        key: i + 1,
        label: faultLabel(code),
        count: (tally?.faulty ?? 0) + (tally?.noted ?? 0),
        shown: fault?.view === watching?.view,
        dots: taps.flatMap((tap) => (tap.kind === 'fault' && tap.side ? [tap.side] : [])).slice(-DOTS),
      };
    });
  });
  readonly praise = computed(() => this.counted()?.praise[this.watching()?.athlete ?? ''] ?? 0);
  readonly results = computed(() =>
    Object.values(this.counted()?.results[this.watching()?.athlete ?? ''] ?? {}).reduce((a, b) => a + b, 0),
  );
}
