import fc from 'fast-check';
import type { View } from '../catalogue/fault.js';
import { faultsByCode } from '../catalogue/faults.js';
import { occasionsOf, windowsOf } from '../plan/occasions.js';
import { repsOfPlan, stretchesOfPlan, type RunPlan } from '../plan/run-plan.js';
import { cleanOf } from '../testing/clean.js';
import { holds } from '../testing/holds.js';
import { logOf, type Loose } from '../testing/logs.js';
import { clockOf, planAt, COUNT_DOWN } from './clock.js';
import { countRun, type RunCount, type Tally } from './count.js';
import type { Part, Where } from './details.js';
import { inOrder, isControl, type RunEvent } from './event.js';
import { RunLog } from './run-log.js';

/** A run's log on several devices, held against a recount that goes through the run tenth by tenth of a second. */

const catalogue = faultsByCode({ views: { 'no-split': ['side', 'front'], tall: ['side'], 'follow-uneven': ['front', 'side'] } });
const DELAY = 1;
/** Three rounds of four repetitions: two splits, three steps, in 3 s. */
const plan: RunPlan = {
  dose: { mode: 'seconds', work: 12, rounds: 3, sets: 1, rest: 4, setRest: null },
  rep: { seconds: 3, chances: { repetition: [0], split: [0, 1.5], step: [0.6, 1.2, 1.8] }, direction: 'ahead left' },
};
const TOTAL = 44;
const CODES = ['split-late', 'tall', 'follow-uneven', 'no-split', 'not of ours'];

type Said = RunEvent extends infer E
  ? E extends RunEvent
    ? Omit<E, 'id' | 'device' | 'seq' | 'order' | 'm' | 'at' | 'answers' | 'shown'>
    : never
  : never;
interface Step {
  readonly device: 'a' | 'b' | 'c';
  /** Tenths of a second after the step before it. */
  readonly after: number;
  /** Whether the device has heard of all that was written before. */
  readonly heard: boolean;
  readonly said: Said;
}

/** The log that devices write which hear of one another now and then. */
function written(steps: readonly Step[]): RunEvent[] {
  const all: RunEvent[] = [];
  const known = new Map<string, RunEvent[]>();
  const seqs = new Map<string, number>();
  let [m, started] = [0, false];
  for (const [i, { device, after, heard, said }] of steps.entries()) {
    m += started ? after * 100 : 0;
    const mine = heard ? [...all] : (known.get(device) ?? []);
    const seq = (seqs.get(device) ?? 0) + 1;
    const order = mine.reduce((most, event) => Math.max(most, event.order), 0) + 1;
    const body = { ...said, id: `e${i}`, device, seq, order, m, at: 0 } as RunEvent;
    const answers = clockOf(mine.filter(isControl), TOTAL).last;
    const event = (isControl(body) ? { ...body, answers } : 'source' in body ? { ...body, shown: null } : body) as RunEvent;
    started ||= event.kind === 'go';
    seqs.set(device, seq);
    known.set(device, [...mine, event]);
    all.push(event);
  }
  return all;
}

const who = fc.constantFrom('ada', 'bea', null);
const observed = { athlete: who, source: fc.constantFrom('floor' as const, 'film' as const), clip: fc.constant(null) };
const target = fc.integer({ min: 0, max: 45 }).map((n) => `e${n}`);
const anySaid: fc.Arbitrary<Said> = fc.oneof(
  { weight: 3, arbitrary: fc.record({ kind: fc.constantFrom('pause' as const, 'resume' as const) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constantFrom('go' as const, 'end' as const) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('skip' as const), to: fc.integer({ min: 0, max: 430 }).map((t) => t / 10) }) },
  { weight: 3, arbitrary: fc.record({ kind: fc.constant('watch' as const), athlete: who }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('board' as const), faults: fc.subarray(CODES) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('view' as const), view: fc.constantFrom('front' as const, 'side' as const) }) },
  {
    weight: 8,
    arbitrary: fc.record({
      kind: fc.constant('fault' as const),
      fault: fc.constantFrom(...CODES),
      side: fc.constantFrom('left' as const, 'right' as const, null),
      ...observed,
    }),
  },
  { weight: 6, arbitrary: fc.record({ kind: fc.constant('ball' as const), source: fc.constant('floor' as const) }) },
  {
    weight: 2,
    arbitrary: fc.record({
      kind: fc.constant('opens' as const),
      exercise: fc.constant(0),
      by: fc.constantFrom('plan' as const, 'coach' as const, 'coach' as const),
    }),
  },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('right' as const), fault: fc.constant(null), ...observed }) },
  {
    weight: 2,
    arbitrary: fc.record({ kind: fc.constant('result' as const), result: fc.constantFrom('in' as const, 'out' as const), ...observed }),
  },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('undo' as const), target }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('move' as const), target, by: fc.integer({ min: -3, max: 3 }) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('assign' as const), target, athlete: fc.constantFrom('ada', 'bea') }) },
  {
    weight: 1,
    arbitrary: fc.record({
      kind: fc.constant('correct' as const),
      target,
      fault: fc.constantFrom(...CODES),
      side: fc.constantFrom('left' as const, null),
    }),
  },
);
const anySteps = fc.array(
  fc.record({
    device: fc.constantFrom('a' as const, 'b' as const, 'c' as const),
    after: fc.integer({ min: 0, max: 40 }),
    heard: fc.boolean(),
    said: anySaid,
  }),
  { maxLength: 40 },
);
const begin = (device: Step['device'], athlete = 'ada', view: 'front' | 'side' = 'side'): Step[] =>
  (
    [
      { kind: 'board', faults: CODES },
      { kind: 'view', view },
      { kind: 'watch', athlete },
    ] as const
  ).map((said) => ({ device, after: 0, heard: true, said }));
const go: Step = { device: 'a', after: 0, heard: true, said: { kind: 'go' } };
const fed: Step = { device: 'a', after: 0, heard: true, said: { kind: 'opens', exercise: 0, by: 'coach' } };
const begun = [...begin('a'), ...begin('b', 'bea', 'front')];
/** A lesson fed ball by ball, by two devices that seldom look away. */
const fedStep = fc.record({
  device: fc.constantFrom('a' as const, 'b' as const),
  after: fc.integer({ min: 3, max: 18 }),
  heard: fc.constant(true),
  said: fc.oneof(
    { weight: 6, arbitrary: fc.constant<Said>({ kind: 'ball', source: 'floor' }) },
    {
      weight: 5,
      arbitrary: fc.constantFrom<Said>(
        ...['split-late', 'tall'].map(
          (fault) => ({ kind: 'fault', fault, side: null, athlete: 'ada', source: 'floor', clip: null }) as const,
        ),
      ),
    },
    { weight: 1, arbitrary: fc.constantFrom<Said>({ kind: 'pause' }, { kind: 'resume' }, { kind: 'skip', to: 16 }) },
    { weight: 1, arbitrary: target.map((target): Said => ({ kind: 'undo', target })) },
  ),
});
const anyRun = fc.oneof(
  anySteps.map((steps) => written([...begun, go, ...steps])),
  fc
    .array(fedStep, { minLength: 12, maxLength: 36 })
    .map((steps) => written([...begin('a'), ...begin('b'), fed, { ...go, after: 0 }, ...steps])),
);

/** Tallies in one order, without those of nothing. */
const sorted = (tallies: readonly Tally[]): Tally[] =>
  tallies
    .filter((row) => row.attempts + row.faulty + row.again + row.noted > 0)
    .sort((x, y) => (`${x.athlete} ${x.fault}` < `${y.athlete} ${y.fault}` ? -1 : 1));

/** What one athlete showed of one fault in one occasion (−1: in none), and whether it was clean for them. */
type Entry = Part & { readonly i: number };
interface CleanEntry {
  readonly athlete: string;
  readonly result: string;
  readonly n: readonly number[];
}

/** The recount: what holds in each tenth of a second is written down first, and then read. */
function recount(log: readonly RunEvent[]): { readonly entries: readonly Entry[]; readonly clean: readonly CleanEntry[] } {
  const events = [...log].sort(inOrder);
  const corrections = ['undo', 'move', 'assign', 'correct'];
  const last = events.reduce((most, event) => (corrections.includes(event.kind) ? most : Math.max(most, event.m)), 0);
  const effective: { m: number; event: RunEvent }[] = [];
  let [status, latest] = ['waiting', null as string | null];
  for (const event of events) {
    if (!isControl(event) || event.answers !== latest) continue;
    const sense: Record<string, readonly string[]> = {
      go: ['waiting'],
      pause: ['running'],
      resume: ['paused'],
      skip: ['running', 'paused'],
      end: ['waiting', 'running', 'paused'],
    };
    if (!sense[event.kind]?.includes(status)) continue;
    effective.push({ m: Math.max(event.m, effective.at(-1)?.m ?? 0), event });
    latest = event.id;
    status = { go: 'running', pause: 'paused', resume: 'running', skip: status, end: 'ended' }[event.kind];
  }
  // What the clock shows at each tenth, and whether it moves from there.
  const ticks: { t: number; leg: number; moves: boolean }[] = [];
  let [t, leg, moves, at] = [-COUNT_DOWN * 10, 0, false, 0];
  let closed = false;
  for (let m = 0; m <= last; m += 100) {
    for (; at < effective.length && (effective[at] as { m: number }).m <= m; at++) {
      const { event } = effective[at] as { event: RunEvent };
      if (event.kind === 'go' || event.kind === 'resume') moves = true;
      if (event.kind === 'pause' || event.kind === 'end') moves = false;
      closed ||= event.kind === 'end';
      if (event.kind === 'skip') [t, leg] = [Math.min(Math.round(event.to * 10), TOTAL * 10), leg + 1];
    }
    ticks.push({ t, leg, moves });
    if (moves && t < TOTAL * 10) t++;
  }
  const undoneBy = (event: RunEvent): RunEvent | undefined =>
    events.find((one) => one.kind === 'undo' && one.target === event.id && inOrder(one, event) > 0 && !undoneBy(one));
  const standing = events.filter((event) => !undoneBy(event));
  const watching = (device: string, m: number, fault: string): string | null => {
    let [athlete, view, board] = [null as string | null, 'side', [] as readonly string[]];
    for (const event of events.filter((one) => one.device === device && one.m <= m).sort((x, y) => x.seq - y.seq)) {
      if (event.kind === 'watch') athlete = event.athlete;
      if (event.kind === 'view') view = event.view;
      if (event.kind === 'board') board = event.faults;
    }
    return board.includes(fault) && catalogue.get(fault)?.views.some((from) => from === view) ? athlete : null;
  };
  const viewOf = (device: string, m: number): string =>
    events
      .filter((one) => one.device === device && one.m <= m)
      .sort((x, y) => x.seq - y.seq)
      .reduce<string>((view, one) => (one.kind === 'view' ? one.view : view), 'side');
  const occasions = occasionsOf(plan);
  const legs = [...new Set(ticks.map((tick) => tick.leg))];
  const legFrom = (n: number): number => ticks.find((tick) => tick.leg === n)?.t ?? 0;
  const ranOf = (n: number, upTo: number): number[] =>
    ticks.flatMap((tick, k) => (tick.leg === n && tick.moves && k * 100 < upTo && tick.t < TOTAL * 10 ? [tick.t] : []));
  const entries: Entry[] = [];
  const touched = (n: number, upTo: number): number[] => {
    const to = Math.max(legFrom(n), ...ranOf(n, upTo).map((one) => one + 1));
    return occasions.flatMap((one, i) => (one.end * 10 > legFrom(n) + 1e-6 && one.start * 10 < to - 1e-6 ? [i] : []));
  };
  // Balls are numbered on behind the plan's repetitions; the last thing that was opened by each tenth is written down.
  const opener = (k: number): string =>
    events
      .filter((one) => one.kind === 'opens' && one.m <= k * 100)
      .sort((x, y) => x.m - y.m || inOrder(x, y))
      .map((one) => (one.kind === 'opens' ? one.by : ''))
      .at(-1) ?? 'plan';
  const works = stretchesOfPlan(plan).filter(({ kind }) => kind === 'work');
  const begun = (effective[0] as { m: number } | undefined)?.m ?? Infinity;
  const endedAt = effective.find(({ event }) => event.kind === 'end')?.m ?? Infinity;
  const waits = ({ t: at, leg: n, moves: on }: (typeof ticks)[number]): boolean =>
    !on && legFrom(n) < at && works.some(({ end }) => Math.round(end * 10) === at);
  const balls: { k: number; device: string }[] = [];
  const homeAt: number[] = [];
  let [home, was] = [-1, ''];
  ticks.forEach((tick, k) => {
    const here = occasions.findLastIndex((one) => one.start * 10 <= tick.t + 1e-6);
    const one = occasions[here];
    const ran = one !== undefined && k * 100 >= begun && one.end * 10 > legFrom(tick.leg) + 1e-6;
    const first = one !== undefined && tick.t === Math.max(Math.round(one.start * 10), legFrom(tick.leg));
    if (ran && (was !== `${here} ${tick.leg}` || (first && tick.moves))) {
      was = `${here} ${tick.leg}`;
      if (opener(k) !== 'coach') home = here;
      else if (home < occasions.length) home = -1;
    }
    for (const event of standing.filter((one) => one.kind === 'ball' && one.m === k * 100).sort(inOrder)) {
      const working = tick.moves ? works.some(({ start, end }) => tick.t >= start * 10 - 1e-6 && tick.t < end * 10 - 1e-6) : waits(tick);
      if (!working || k * 100 < begun || k * 100 >= endedAt || opener(k) !== 'coach') continue;
      const last = balls.at(-1);
      if (!last || last.device === event.device || k - last.k >= 10) balls.push({ k, device: event.device });
      home = occasions.length + balls.length - 1;
    }
    homeAt.push(home);
  });
  const homes = new Map<string, number>();
  const meantBy = (tap: RunEvent & { source: string }): number => tap.m - (tap.source === 'floor' ? DELAY * 1000 : 0);
  const homeOf = (tap: RunEvent & { source: string }): number => homeAt[Math.floor(meantBy(tap) / 100)] ?? -1;
  for (const tap of standing) {
    if (tap.kind !== 'fault') continue;
    const meant = meantBy(tap);
    let home = homeOf(tap);
    const by = standing.reduce((sum, one) => sum + (one.kind === 'move' && one.target === tap.id && inOrder(one, tap) > 0 ? one.by : 0), 0);
    if (home >= occasions.length && by !== 0) {
      const to = balls[home - occasions.length + by];
      home = to && to.k * 100 <= Math.max(last, meant) ? home + by : -1;
    } else if (home >= 0 && by !== 0) {
      const run = [...new Set(legs.flatMap((n) => touched(n, Math.max(last, meant))))];
      const place = run.indexOf(home);
      if (place >= 0) home = run[place + by] ?? -1;
    }
    homes.set(tap.id, home);
  }
  const whereOf = (i: number): Where => {
    const ball = balls[i - occasions.length];
    const tenth = ball ? (ticks[ball.k]?.t ?? 0) : Math.round((occasions[i]?.start ?? 0) * 10);
    const round = works.findLastIndex(({ start }) => Math.round(start * 10) <= tenth);
    const work = works[round];
    if (i < 0 || !work) return { exercise: 0, set: 0, round: 0, third: 0, way: '', direction: '' };
    const through = (tenth / 10 - work.start) / (work.end - work.start);
    const third = through < 1 / 3 - 1e-9 ? 1 : through < 2 / 3 - 1e-9 ? 2 : 3;
    return { exercise: 0, set: 1, round: round + 1, third, way: 'written', direction: 'ahead left' };
  };
  const truthOf = (tap: RunEvent): { fault: string; side: 'left' | 'right' | null } | null =>
    standing.reduce<{ fault: string; side: 'left' | 'right' | null } | null>(
      (to, one) => (one.kind === 'correct' && one.target === tap.id && inOrder(one, tap) > 0 ? one : to),
      tap.kind === 'fault' ? tap : null,
    );
  const athleteOf = (tap: RunEvent & { athlete: string | null }): string | null =>
    standing.reduce<string | null>(
      (to, one) => (one.kind === 'assign' && one.target === tap.id && inOrder(one, tap) > 0 ? one.athlete : to),
      tap.athlete,
    );
  const looked = (device: string, k: number, athlete: string): boolean =>
    CODES.some((fault) => watching(device, k * 100, fault) === athlete);
  const wholeOf = (i: number, athlete: string): boolean => {
    const [ball, occasion] = [balls[i - occasions.length], occasions[i]];
    const spans: number[][] = [];
    if (ball) {
      const over = ticks.findIndex((tick, k) => k > ball.k && (tick.leg !== ticks[ball.k]?.leg || k * 100 >= endedAt));
      const end = Math.min(ball.k + 30, balls[i - occasions.length + 1]?.k ?? Infinity, over < 0 ? Infinity : over);
      const during = Array.from({ length: Math.max(0, end - ball.k) }, (_, k) => ball.k + k);
      const ran = during.every((k) => ticks[k] !== undefined && (ticks[k].moves || waits(ticks[k])));
      if (end * 100 <= last && ran) spans.push(during);
    }
    if (occasion)
      for (const n of legs) {
        const [from, to] = [Math.round(occasion.start * 10), Math.round(occasion.end * 10)];
        const ran = ticks.flatMap((tick, k) =>
          tick.leg === n && tick.moves && tick.t >= from && tick.t < to && k * 100 < last ? [k] : [],
        );
        const [first, final] = [Math.min(...ran), Math.max(...ran)];
        const span = ran.length === to - from ? Array.from({ length: final - first + 1 }, (_, k) => first + k) : [];
        if (span.every((k) => opener(k) !== 'coach')) spans.push(span);
      }
    return spans.some((span) => span.length > 0 && ['a', 'b', 'c'].some((device) => span.every((k) => looked(device, k, athlete))));
  };
  for (let i = -1; i < occasions.length + balls.length; i++) {
    const occasion = occasions[i];
    for (const fault of CODES) {
      for (const athlete of ['ada', 'bea']) {
        const taps = standing
          .filter((tap) => tap.kind === 'fault' && homes.get(tap.id) === i && truthOf(tap)?.fault === fault && athleteOf(tap) === athlete)
          .sort((x, y) => x.m - y.m || inOrder(x, y));
        const unit = catalogue.get(fault)?.per;
        let [chances, devices, looks] = [0, new Map<string, number>(), new Set<string>()];
        const ball = balls[i - occasions.length];
        if (ball && unit) {
          const over = ticks.findIndex((tick, k) => k > ball.k && (tick.leg !== ticks[ball.k]?.leg || k * 100 >= endedAt));
          const ends = [ball.k + 30, balls[i - occasions.length + 1]?.k ?? Infinity, over < 0 ? Infinity : over];
          const end = Math.min(...ends);
          const during = ticks.slice(ball.k, end);
          const whole = end * 100 <= last && end > ball.k && during.every((tick) => tick.moves || waits(tick));
          const watchers = ['a', 'b', 'c'].filter((device) =>
            during.every((_, k) => watching(device, (ball.k + k) * 100, fault) === athlete),
          );
          if (whole && watchers.length > 0) {
            chances = windowsOf(repsOfPlan(plan)[0], unit).length;
            devices = new Map(watchers.map((device) => [device, chances]));
            for (const device of watchers) during.forEach((_, k) => looks.add(viewOf(device, (ball.k + k) * 100)));
          }
        }
        if (occasion && unit) {
          const best = legs
            .map((n) => {
              const ran = new Set(ranOf(n, last));
              const watchers = new Map<string, number>();
              const looks = new Set<string>();
              const whole = windowsOf(repsOfPlan(plan)[0], unit).filter(([from, to]) => {
                const tenths = Array.from({ length: Math.round((to - from) * 10) }, (_, k) => Math.round((occasion.start + from) * 10) + k);
                if (!tenths.every((tenth) => ran.has(tenth))) return false;
                const over = n < (legs.at(-1) ?? 0) || closed || ran.has(Math.round(occasion.end * 10) - 1);
                if (!over) return false;
                const all = ticks.flatMap((tick, k) =>
                  tick.leg === n && tick.moves && tick.t >= occasion.start * 10 - 1e-6 && tick.t < occasion.end * 10 - 1e-6 ? [k] : [],
                );
                for (let k = Math.min(...all); k <= Math.max(...all); k++) if (opener(k) === 'coach') return false;
                const times = ticks.flatMap((tick, k) => (tick.leg === n && tick.moves && tenths.includes(tick.t) ? [k] : []));
                const [first, end] = [Math.min(...times), Math.max(...times)];
                let seen = false;
                for (const device of ['a', 'b', 'c']) {
                  const all = Array.from({ length: end - first + 1 }, (_, k) => watching(device, (first + k) * 100, fault) === athlete);
                  if (!all.every(Boolean)) continue;
                  seen = true;
                  watchers.set(device, (watchers.get(device) ?? 0) + 1);
                  all.forEach((_, k) => looks.add(viewOf(device, (first + k) * 100)));
                }
                return seen;
              }).length;
              return { whole, watchers, looks };
            })
            .reduce((most, one) => (one.whole > most.whole ? one : most));
          [chances, devices, looks] = [best.whole, best.watchers, best.looks];
        }
        const times: Record<string, number> = {};
        const here = {
          ...{ i, athlete, fault, ...whereOf(i), attempts: chances, faulty: 0, again: 0, noted: 0, left: 0, right: 0 },
          view: looks.size === 1 ? ([...looks][0] as View) : null,
          source: 'floor' as const,
          devices: [...devices.keys()].sort(),
        };
        // What was seen on film where nobody watched stands apart.
        const onFilm = { ...here, source: 'film' as const, view: null, devices: [], attempts: 0, noted: 0, left: 0, right: 0 };
        for (const tap of taps) {
          const counts = devices.has(tap.device);
          const n = (times[tap.device] = (times[tap.device] ?? 0) + (counts ? 1 : 0));
          if (!counts && tap.kind === 'fault' && tap.source === 'film') {
            onFilm.noted++;
            const side = truthOf(tap)?.side ?? null;
            if (side !== null) onFilm[side]++;
            continue;
          }
          if (!counts) here.noted++;
          else if (n > chances) here.again++;
          const side = truthOf(tap)?.side ?? null;
          if (side !== null && !(counts && n > chances)) here[side]++;
        }
        here.faulty = Math.max(0, ...Object.values(times).map((n) => Math.min(n, chances)));
        const alike = [...devices].filter(([, n]) => n === chances).map(([device]) => Math.min(times[device] ?? 0, chances));
        const shared = alike.length > 1 ? chances : 0;
        const disagree = shared > 0 ? Math.max(...alike) - Math.min(...alike) : 0;
        if (chances + taps.length > onFilm.noted) entries.push({ ...here, shared, disagree });
        if (onFilm.noted > 0) entries.push({ ...onFilm, shared: 0, disagree: 0 });
      }
    }
  }
  const clean: CleanEntry[] = [];
  for (let i = -1; i < occasions.length + balls.length; i++)
    for (const athlete of ['ada', 'bea']) {
      const showed = entries.some((one) => one.i === i && one.athlete === athlete && one.faulty + one.again > 0);
      const whole = wholeOf(i, athlete);
      const row = (result: string): CleanEntry => ({ athlete, result, n: [whole && !showed, whole && showed, !whole].map(Number) });
      if (whole) clean.push(row('-'));
      for (const one of standing) if (one.kind === 'result' && athleteOf(one) === athlete && homeOf(one) === i) clean.push(row(one.result));
    }
  return { entries, clean };
}

/** Numbers of rows that have one label, added up; without those that are nothing. */
function totals<R>(
  rows: readonly R[],
  label: (row: R) => string,
  numbers: (row: R) => readonly number[],
): Record<string, readonly number[]> {
  const sums: Record<string, readonly number[]> = {};
  for (const row of rows) {
    const mine = numbers(row);
    if (mine.every((n) => n === 0)) continue;
    sums[label(row)] = mine.map((n, i) => n + (sums[label(row)]?.[i] ?? 0));
  }
  return sums;
}
const ofTally = ({ athlete, fault }: Tally): string => `${athlete} ${fault}`;
const counted = ({ attempts, faulty, again, noted, left, right }: Tally): number[] => [attempts, faulty, again, noted, left, right];
const ofPart = ({ athlete, fault, set, round, third, way, direction, view, source, devices }: Part): string =>
  [athlete, fault, set, round, third, way, direction, view ?? '–', source, ...devices].join(' ');
const shares = (part: Part): number[] => [...counted(part), part.shared, part.disagree];

/** Of two faults that could be seen of one athlete in one occasion: both, the one, the other, neither. */
function pairsOf(entries: readonly Entry[]): Record<string, readonly number[]> {
  const seen = entries.filter(({ attempts }) => attempts > 0);
  const together = seen.flatMap((a) =>
    seen.filter((b) => b.i === a.i && b.athlete === a.athlete && a.fault < b.fault).map((b) => [a, b] as const),
  );
  return totals(
    together,
    ([a, b]) => `${a.athlete} ${a.fault} ${b.fault}`,
    ([a, b]) =>
      [
        [1, 1],
        [1, 0],
        [0, 1],
        [0, 0],
      ].map(([x, y]) => Number(Math.sign(a.faulty) === x && Math.sign(b.faulty) === y)),
  );
}

const plain = (count: RunCount): unknown => ({ ...count, tallies: sorted(count.tallies) });

describe('a log of several devices', () => {
  it('counts as a recount that goes through the run tenth by tenth', () => {
    holds(
      fc.property(anyRun, (log) => {
        const { entries, clean } = recount(log);
        const { tallies } = countRun(plan, log, catalogue, DELAY);
        expect(totals(tallies, ofTally, counted)).toEqual(totals(entries, ofTally, counted));
        const folded = new RunLog(plan, catalogue, DELAY);
        folded.take(log);
        const details = folded.details();
        expect(totals(details.parts, ofPart, shares)).toEqual(totals(entries, ofPart, shares));
        expect(new Set(details.parts.map(ofPart)).size).toBe(details.parts.length);
        const pairs = totals(
          details.pairs,
          (one) => `${one.athlete} ${one.fault} ${one.other}`,
          (one) => [one.both, one.one, one.second, one.neither],
        );
        expect(pairs).toEqual(pairsOf(entries));
        const results = totals(
          details.clean,
          (one) => `${one.athlete} ${one.result ?? '-'}`,
          (one) => [one.clean, one.faulty, one.unwatched],
        );
        expect(results).toEqual(
          totals(
            clean,
            (one) => `${one.athlete} ${one.result}`,
            ({ n }) => n,
          ),
        );
      }),
    );
  });

  it('adds up to the same in any order, in any parts, as often as it comes, whenever it is asked in between', () => {
    holds(
      fc.property(
        anyRun.chain((log) => fc.tuple(fc.constant(log), fc.shuffledSubarray([...log, ...log], { minLength: log.length }))),
        fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 8 }),
        ([log, muddled], parts) => {
          const folded = new RunLog(plan, catalogue, DELAY);
          for (let at = 0, i = 0; at < muddled.length; i++) {
            const part = muddled.slice(at, (at += parts[i % parts.length] as number));
            folded.take(part);
            if (i % 2 === 0) folded.talliesAt(folded.latest);
          }
          folded.take(log);
          expect(plain(folded.counts())).toEqual(plain(countRun(plan, log, catalogue, DELAY)));
        },
      ),
    );
  });

  it('a screen that asks at every tick gets in the end what counting from scratch gives', () => {
    holds(
      fc.property(anyRun, (log) => {
        const live = new RunLog(plan, catalogue, DELAY);
        const byTime = [...log].sort((x, y) => x.m - y.m);
        let m = 0;
        for (const event of byTime) {
          for (; m < event.m; m += 700) live.talliesAt(m);
          live.take([event]);
        }
        const scratch = new RunLog(plan, catalogue, DELAY);
        scratch.take(log);
        expect(plain(live.counts(m))).toEqual(plain(scratch.counts(m)));
      }),
    );
  });

  const steps = (...more: readonly Step[]): RunEvent[] => written([...begin('a'), ...begin('b'), go, ...more]);
  const step = (device: Step['device'], after: number, said: Said, heard = true): Step => ({ device, after, heard, said });
  const tap = (device: Step['device'], after: number, fault = 'split-late'): Step =>
    step(device, after, { kind: 'fault', fault, side: null, athlete: 'ada', source: 'floor', clip: null }, false);
  const rowOf = (log: RunEvent[], fault = 'split-late'): Tally | undefined =>
    countRun(plan, log, catalogue, DELAY).tallies.find((one) => one.fault === fault && one.athlete === 'ada');

  it('two that press pause leave one pause, and one that answers what is no longer there does nothing', () => {
    const log = steps(step('a', 80, { kind: 'pause' }), step('b', 2, { kind: 'pause' }, false), step('b', 50, { kind: 'resume' }));
    const clock = clockOf(log.filter(isControl), TOTAL);
    expect(clock.pieces.map(({ m, t, moving }) => [m, t, moving])).toEqual([
      [0, -5, true],
      [8000, 3, false],
      [13_200, 3, true],
    ]);
    // The second one has not heard of the pause and skips: it stays where the first left it.
    const late = steps(step('a', 80, { kind: 'pause' }), step('b', 2, { kind: 'skip', to: 20 }, false));
    expect(clockOf(late.filter(isControl), TOTAL).status).toBe('paused');
    // A device that had heard of the start can say which did nothing, and where its own clock stood by it.
    const both = new RunLog(plan, catalogue, DELAY);
    const heard = step('b', 1, { kind: 'view', view: 'side' });
    both.take([...steps(heard, step('a', 80, { kind: 'pause' }), step('b', 2, { kind: 'skip', to: 20 }, false))].reverse());
    const idle = both.idle(new Set(['b']));
    expect(idle?.kind).toBe('skip');
    expect(idle && planAt(both.clockBy(idle), idle.m + 1000)).toBe(21);
    expect(both.idle(new Set(['a']))).toBeNull();
    expect([...both.devices].sort()).toEqual(['a', 'b']);
  });

  it('taps in one repetition are as many as its chances at most; the third of two splits is again', () => {
    const log = steps(tap('a', 65), tap('a', 5), tap('a', 5), step('a', 430, { kind: 'end' }));
    expect(rowOf(log)).toEqual(jasmine.objectContaining({ attempts: 24, faulty: 2, again: 1, noted: 0 }));
  });

  it('a chance counts once, whoever watched; what one of two saw is seen, what both saw is one fault', () => {
    const log = steps(tap('a', 65), tap('b', 1), tap('b', 30), step('a', 430, { kind: 'end' }));
    expect(rowOf(log)).toEqual(jasmine.objectContaining({ attempts: 24, faulty: 2, again: 0, noted: 0 }));
  });

  it('who is watched changes in a pause between two repetitions: both are watched throughout', () => {
    const watch = (athlete: string): Step => step('a', 20, { kind: 'watch', athlete });
    const one = written([
      ...begin('a'),
      go,
      step('a', 110, { kind: 'pause' }),
      watch('bea'),
      step('a', 20, { kind: 'resume' }),
      step('a', 60, { kind: 'end' }),
    ]);
    const rows = countRun(plan, one, catalogue, DELAY).tallies.filter(({ fault }) => fault === 'split-late');
    expect(rows.map(({ athlete, attempts }) => [athlete, attempts])).toEqual([
      ['ada', 4],
      ['bea', 4],
    ]);
  });

  it('a move is heard before the run has come to where it leads', () => {
    const log = steps(tap('a', 65), step('a', 1, { kind: 'move', target: 'e7', by: 2 }), step('a', 430, { kind: 'end' }));
    expect(log[7]?.kind).toBe('fault');
    const folded = new RunLog(plan, catalogue, DELAY);
    folded.take(log.slice(0, -1));
    expect(folded.counts().placed[0]?.occasion).toBeNull();
    folded.take(log);
    expect(folded.counts().placed[0]?.occasion?.repetition).toBe(3);
  });

  it('what the screen showed holds, whatever control comes later', () => {
    const end = step('a', 430, { kind: 'end' });
    const paused = steps(tap('b', 85), step('a', 0, { kind: 'pause' }), step('a', 100, { kind: 'resume' }), end);
    const [shown, bare] = [{ stretch: 0, occasion: 3 }, null].map((place) =>
      countRun(
        plan,
        paused.map((event) => ('shown' in event ? { ...event, shown: place } : event)),
        catalogue,
        DELAY,
      ).placed.map((one) => one.occasion?.repetition),
    );
    expect([shown, bare]).toEqual([[4], [1]]);
  });
});

describe('a clean attempt', () => {
  it('was watched whole and had no fault of those that could be seen: not the worst fault counts, but any', () => {
    // Source: two faults on four different attempts each, of forty: 32 of 40 are clean (worked by hand).
    const forty: RunPlan = {
      dose: { mode: 'reps', work: 40, rounds: 1, sets: 1, rest: null, setRest: null },
      rep: { seconds: 2, chances: { repetition: [0], split: [0], arrival: [1.5] } },
    };
    const taps = [0, 5, 10, 15].flatMap((rep): Loose[] => [
      { kind: 'fault', fault: 'split-late', t: rep * 2 + 1 },
      { kind: 'fault', fault: 'tall', t: rep * 2 + 5 },
      // Once more in the same attempt, and what cannot be seen from there.
      { kind: 'fault', fault: 'tall', t: rep * 2 + 5.2 },
      { kind: 'fault', fault: 'sway', t: rep * 2 + 9 },
    ]);
    const run = (...more: Loose[]): { n: number; hits: number } => {
      const log = new RunLog(forty, catalogue, 0);
      log.take(
        logOf([
          { kind: 'board', t: -5, faults: ['split-late', 'tall', 'toe-angle', 'sway'] },
          { kind: 'watch', t: -5 },
          { kind: 'go', t: -5 },
          ...[...taps, ...more].sort((a, b) => a.t - b.t),
          { kind: 'end', t: 80 },
        ]),
      );
      return cleanOf(log, 0, 'ada');
    };
    expect(run()).toEqual({ n: 40, hits: 8 });
    // Who looks away for a moment has not seen that attempt whole; a fault in it says nothing.
    const away: Loose[] = [
      { kind: 'watch', t: 30.5, athlete: null },
      { kind: 'watch', t: 31 },
    ];
    expect(run(...away)).toEqual({ n: 39, hits: 7 });
    expect(run({ kind: 'skip', t: 41, to: 60 })).toEqual({ n: 30, hits: 8 });
    expect(run({ kind: 'undo', t: 79, target: 'e3' })).toEqual({ n: 40, hits: 7 });
  });
});

describe('the delay of a tap is the run’s time', () => {
  /** Repetitions of 1.5 s; taps come two seconds late. */
  const short: RunPlan = {
    dose: { mode: 'seconds', work: 15, rounds: 1, sets: 1, rest: null, setRest: null },
    rep: { seconds: 1.5, chances: { split: [0] } },
  };
  const start: Loose[] = [
    { kind: 'board', t: -5, faults: ['split-late'] },
    { kind: 'watch', t: -5 },
    { kind: 'go', t: -5 },
  ];
  const placed = (...loose: Loose[]): unknown =>
    countRun(short, logOf([...start, ...loose]), catalogue, 2).placed.map(({ occasion, as }) => [occasion?.repetition, as]);
  const fault = (t: number, at: number): Loose => ({ kind: 'fault', fault: 'split-late', t, at: at * 1000 });

  it('after a pause the tap belongs to what was on when the clock stopped', () => {
    expect(placed({ kind: 'pause', t: 4.5 }, fault(4.5, 7.5), { kind: 'resume', t: 4.5, at: 9000 }, { kind: 'end', t: 15 })).toEqual([
      [4, 'counted'],
    ]);
  });

  it('after a skip it belongs to what was on before it, and is moved among what was run', () => {
    const skip: Loose = { kind: 'skip', t: 4.5, to: 10.5 };
    expect(placed(skip, fault(10.7, 4.7), { kind: 'end', t: 15 })).toEqual([[2, 'counted']]);
    // One further is the third; two further is the first after the skip.
    const moved = (by: number): unknown =>
      placed(skip, fault(10.7, 4.7), { kind: 'move', t: 12, target: 'e4', by }, { kind: 'end', t: 15 });
    expect([moved(-1), moved(1), moved(2)]).toEqual([[[1, 'counted']], [[3, 'counted']], [[8, 'counted']]]);
  });
});
