import type { Cue } from './cue.js';
import { endingAt, laid } from './laid.js';
import { ms } from './ms.js';
import type { PlanChange } from './replan.js';
import { cuesOf, repsOfPlan, stretchesOfPlan, type RepPlan, type RunPlan, type RunStretch } from './run-plan.js';

/** What is said at the beats of a tempo: the number of the repetition, the coach's words in turn, one a repetition, or nothing. */
export const TEMPO_SAYS = ['numbers', 'words', 'nothing'] as const;
/** One tone, two that take turns, or none. */
export const TEMPO_TONES = ['one', 'two', 'none'] as const;
/** What of the work stays as it was planned: how long it is, or how many repetitions it holds. */
export const TEMPO_KEEPS = ['time', 'repetitions'] as const;

/** A tempo that a coach taps, and what is heard in it. */
export interface InTempo {
  /** Seconds from one beat to the next. */
  readonly beat: number;
  /** Names of a repetition's beats; without any, a repetition is one beat. */
  readonly beats: readonly string[];
  readonly says: (typeof TEMPO_SAYS)[number];
  /** Where words are said: one a repetition, round and round. */
  readonly words: readonly string[];
  readonly tones: (typeof TEMPO_TONES)[number];
  readonly keeps: (typeof TEMPO_KEEPS)[number];
}

/** Seconds of a beat: quicker nobody counts, slower nobody taps (common practice, no source). */
export const BEAT_SECONDS = [0.2, 10] as const;

/** From the press to the first beat at least, seconds: what is heard is handed over before. */
const LEAD = 0.3;
const NEAR = 1e-6;

/** Whether work holds a count of repetitions: it ends as the last one does. */
export function isCounted(plan: RunPlan, { start, end, done, open }: RunStretch): boolean {
  const [at, rep] = done.at(-1) ?? [0, -1];
  return !open && rep >= 0 && Math.abs(start + at + (repsOfPlan(plan)[rep]?.seconds ?? 0) - end) < 0.002;
}

/** The work that a tempo is set for at a second of a plan: what is on, or the next of the same exercise; −1: none. */
function workAt(stretches: readonly RunStretch[], t: number): number {
  const at = stretches.findIndex(({ end }) => t < end);
  const work = stretches.findIndex(({ kind }, i) => at >= 0 && i >= at && kind === 'work');
  return stretches[work]?.exercise === stretches[at]?.exercise ? work : -1;
}

/** The work that a tempo is set for at a second of a plan; null: none, or none that has a tempo: what is called, chimed, or at stations. */
export function tempoFor(plan: RunPlan, t: number): RunStretch | null {
  const stretches = stretchesOfPlan(plan);
  const first = workAt(stretches, t);
  const block = blockFrom(stretches, first);
  const [start, end] = [block[0]?.start ?? 0, block.at(-1)?.end ?? 0];
  const reps = repsOfPlan(plan);
  const chimed = block.some(({ done, others }) => others !== undefined || done.some(([, rep]) => reps[rep]?.chimed !== undefined));
  const called = cuesOf(plan).some(({ kind, at }) => kind === 'call' && at >= start - NEAR && at < end);
  return chimed || called ? null : (block[0] ?? null);
}

/** The stretches of an exercise from one of them on. */
function blockFrom(stretches: readonly RunStretch[], from: number): readonly RunStretch[] {
  if (from < 0) return [];
  const ends = stretches.findIndex(({ exercise }, i) => i > from && exercise !== stretches[from]?.exercise);
  return stretches.slice(from, ends < 0 ? stretches.length : ends);
}

/**
 * The change after which the work that is on, and all that is left of its exercise, goes in a tempo that was tapped: from the first beat
 * behind the repetition that is on, in step with the taps, each repetition takes a beat, or as many as have names. Beats are seconds of
 * the plan, so that a pause moves none against another. Repetitions are as much quicker or slower as the longest one is.
 * @param t the second of the plan that the clock is at.
 * @param tapped the second of the plan of the last tap.
 * @returns null where nothing is worked at that has a tempo.
 */
export function inTempo(plan: RunPlan, t: number, tapped: number, tempo: InTempo): PlanChange | null {
  const stretches = stretchesOfPlan(plan);
  if (tempoFor(plan, t) === null) return null;
  const from = workAt(stretches, t);
  const block = blockFrom(stretches, from);
  const set = new Setting(plan, block, tempo);
  const phases: RunStretch[] = [];
  const cues: Cue[] = [];
  let at = block[0]?.start ?? 0;
  for (const stretch of block) {
    const on = stretch.kind === 'work' && stretch.start <= t;
    const part = stretch.kind === 'work' ? set.work(stretch, at, on ? set.begins(stretch, t, tapped) : 0) : laid(plan, at, [stretch]);
    phases.push(...part.phases);
    cues.push(...part.cues);
    at = part.end;
  }
  const then = laid(plan, at, stretches.slice(from + block.length));
  return {
    ...{ from, exercises: [], reps: set.made },
    phases: [...phases, ...then.phases],
    cues: [...cues, ...then.cues, ...endingAt(plan, then.end)].sort((a, b) => a.at - b.at),
  };
}

/** The work of an exercise, set to a tempo. */
class Setting {
  /** Repetitions in the tempo, behind those of the plan. */
  readonly made: RepPlan[] = [];
  private readonly places = new Map<number, number>();
  private readonly reps: readonly RepPlan[];
  private readonly longest: number;
  private readonly each: number;

  constructor(
    private readonly plan: RunPlan,
    block: readonly RunStretch[],
    private readonly tempo: InTempo,
  ) {
    this.reps = repsOfPlan(plan);
    this.longest = Math.max(0, ...block.flatMap(({ done }) => done.map(([, rep]) => this.reps[rep]?.seconds ?? 0)));
    this.each = tempo.beat * Math.max(1, tempo.beats.length);
  }

  /** When the first beat comes in work that is on, seconds of the stretch. */
  begins({ start, done }: RunStretch, t: number, tapped: number): number {
    const now = t - start;
    const on = done.findLast(([at]) => at <= now + NEAR);
    const over = on ? on[0] + (this.reps[on[1]]?.seconds ?? 0) : 0;
    const least = Math.max(now + LEAD, over);
    const last = tapped - start;
    return last + Math.ceil((least - last) / this.tempo.beat - NEAR) * this.tempo.beat;
  }

  work(stretch: RunStretch, at: number, begins: number): ReturnType<typeof laid> {
    const { done } = stretch;
    const kept = done.filter(([start, rep]) => start + (this.reps[rep]?.seconds ?? 0) <= begins + NEAR);
    const long = stretch.end - stretch.start;
    const room = Math.max(0, Math.floor((long - begins) / this.each + NEAR));
    const n = this.tempo.keeps === 'repetitions' && done.length > 0 ? done.length - kept.length : room;
    const length = this.tempo.keeps === 'repetitions' && isCounted(this.plan, stretch) && n > 0 ? begins + n * this.each : long;
    const starts = Array.from({ length: n }, (_, k) => begins + k * this.each);
    const end = ms(at + Math.max(length, ...starts.map((start) => start + this.each)));
    const later = done.slice(kept.length);
    const again = later.length > 0 ? later : done;
    const repAt = (k: number): number => this.placeOf(again[k % again.length]?.[1] ?? 0);
    return {
      phases: [
        {
          ...stretch,
          ...{ start: at, end },
          done: done.length === 0 ? [] : [...kept, ...starts.map((start, k) => [ms(start), repAt(k)] as const)],
        },
      ],
      cues: [...this.stays(stretch, at, begins, end), ...starts.flatMap((start, k) => this.beats(at + start, kept.length + k))],
      end,
    };
  }

  /** What was said up to the first beat, and later what belongs to no repetition. */
  private stays({ start, end }: RunStretch, at: number, begins: number, newEnd: number): Cue[] {
    const inRepetition: readonly Cue['kind'][] = ['count', 'beat', 'partner'];
    return cuesOf(this.plan).flatMap((cue): Cue[] => {
      const here = cue.kind !== 'end' && cue.at >= start - NEAR && cue.at < end - NEAR;
      const said = ms(cue.at + at - start);
      if (!here || said >= newEnd) return [];
      return inRepetition.includes(cue.kind) && cue.at >= start + begins - NEAR ? [] : [{ ...cue, at: said }];
    });
  }

  /** The beats of one repetition: what is said, and which tone. */
  private beats(at: number, repetition: number): Cue[] {
    const { beat, beats, says, words, tones } = this.tempo;
    const named = beats.length > 0;
    return Array.from({ length: Math.max(1, beats.length) }, (_, j): Cue => {
      const counted =
        says === 'numbers' ? String(repetition + 1) : says === 'words' ? (words[repetition % Math.max(1, words.length)] ?? '') : '';
      const say = named ? (beats[j] ?? '') : counted;
      const low = (repetition * Math.max(1, beats.length) + j) % 2 === 1;
      const sound = tones === 'none' ? null : tones === 'two' && low ? 'low' : 'beat';
      return { at: ms(at + j * beat), kind: named ? 'beat' : 'count', say, show: say, sound, couldGoOn: null };
    });
  }

  private placeOf(rep: number): number {
    const known = this.places.get(rep);
    if (known !== undefined) return known;
    const one = this.reps[rep];
    const factor = this.longest > 0 ? this.each / this.longest : 1;
    const scaled = (moments: readonly number[]): number[] => moments.map((moment) => ms(moment * factor));
    const place = this.reps.length + this.made.length;
    if (one)
      this.made.push({
        ...one,
        seconds: ms(one.seconds * factor),
        chances: Object.fromEntries(Object.entries(one.chances).map(([unit, moments]) => [unit, scaled(moments)])),
      });
    this.places.set(rep, place);
    return place;
  }
}
