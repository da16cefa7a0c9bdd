import type { End } from '../../language/stage-dose.js';
import type { CallList } from '../calls/draw.js';
import { partsOf, type Part } from '../dose-parts.js';
import { clockText } from '../phases.js';
import type { Sound } from '../run-plan.js';
import { callListOf } from './called.js';
import { repetitionsIn } from './repetitions.js';
import { wayAt, type StageSeen } from './seen.js';
import { SESSION_LIMITS, type BlockKind, type Session } from './session.js';

/** One stretch of the session's clock. Seconds from its start; stages from 0, sets, rounds and waves from 1. */
export interface Block {
  readonly kind: BlockKind;
  readonly start: number;
  readonly end: number;
  readonly stage: number;
  readonly set: number;
  readonly round: number;
  readonly wave: number;
  /** 0: as written; 1: the other side or lead. */
  readonly way: 0 | 1;
  readonly reps: number;
  readonly open: boolean;
}

type CueKind = 'explain' | 'go' | 'rest' | 'change' | 'water' | 'count' | 'beat' | 'chime' | 'call' | 'freeze' | 'partner' | 'end';

/** A moment at which something is said, shown or sounded. */
export interface Cue {
  readonly at: number;
  readonly kind: CueKind;
  readonly say: string;
  readonly show: string;
  readonly sound: Sound | null;
  readonly stage: number;
  readonly set: number;
  readonly round: number;
  /** From 1; 0 where none is under way. */
  readonly repetition: number;
  readonly way: 0 | 1;
  /** At a freeze: whether the athlete could go on, as simulated. */
  readonly couldGoOn: boolean | null;
}

/** A session on one clock: blocks without gaps, cues in order. */
export interface Timeline {
  readonly blocks: readonly Block[];
  readonly cues: readonly Cue[];
  readonly total: number;
  /** Whether something is undecided or open: the total is then 'at least'. */
  readonly atLeast: boolean;
  /** Calls of each called work block, by its place among the blocks. */
  readonly calls: ReadonlyMap<number, CallList>;
}

/** Columns of a timeline as a table: one row a cue. */
export const CUE_COLUMNS = ['at', 'clock', 'stage', 'name', 'set', 'round', 'repetition', 'side', 'kind', 'say', 'show', 'sound'] as const;

/** A timeline as rows of a table, for files; seconds to the millisecond. */
export const cueRows = (
  { cues }: Pick<Timeline, 'cues'>,
  stages: readonly { readonly name: string }[],
): Record<(typeof CUE_COLUMNS)[number], string | number>[] =>
  cues.map((cue) => ({
    at: Math.round(cue.at * 1000) / 1000,
    clock: clockText(cue.at),
    stage: cue.stage + 1,
    name: stages[cue.stage]?.name ?? '',
    set: cue.set,
    round: cue.round,
    repetition: cue.repetition,
    side: cue.way === 0 ? 'as written' : 'other',
    kind: cue.kind,
    say: cue.say,
    show: cue.show,
    sound: cue.sound ?? '',
  }));

/** What the clock says, in the language of whoever plans; `{name}` stands for the stage that comes. */
export interface Spoken {
  readonly explain: string;
  readonly change: string;
  readonly water: string;
  readonly rest: string;
  readonly setRest: string;
  readonly end: string;
  readonly otherSide: string;
  readonly otherLead: string;
  readonly changeStation: string;
  readonly freeze: string;
  /** What a partner does after an exchange: one of two. */
  readonly coming: readonly string[];
}

/** Blocks alone, as fast as fitting to a time needs them: change-overs and water between stages, nothing after the last. */
export function blocksOf(seen: readonly StageSeen[], session: Pick<Session, 'settings'>, end: End = 'low'): Block[] {
  const blocks: Block[] = [];
  const { change, water } = session.settings;
  let at = 0;
  let drunk = 0;
  const none = { set: 0, round: 0, wave: 1, way: 0, reps: 0, open: false } as const;
  const push = (
    kind: BlockKind,
    seconds: number,
    stage: number,
    more: Pick<Part, 'set' | 'round' | 'wave' | 'way' | 'reps' | 'open'> = none,
  ): void => {
    if (seconds <= 0) return;
    blocks.push({
      kind,
      start: at,
      end: at + seconds,
      stage,
      set: more.set,
      round: more.round,
      wave: more.wave,
      way: more.way,
      reps: more.reps,
      open: more.open,
    });
    at += seconds;
  };
  seen.forEach(({ stage, dose, pace }, i) => {
    if (i > 0) {
      push('change', change ?? 0, i);
      if (water && at - drunk >= water.every) {
        push('water', water.seconds, i);
        drunk = at;
      }
    }
    push('explain', stage.explain, i);
    for (const part of partsOf(dose, pace, end)) push(part.kind, part.seconds, i, part);
  });
  return blocks;
}

/** Whether a session's sums are 'at least': something is not decided, cannot be read, or open. */
export const isAtLeast = (seen: readonly StageSeen[], session: Pick<Session, 'settings'>): boolean =>
  seen.some((one) => one.questions.length > 0 || one.dose.work.by === 'open' || one.doseErrors.length > 0) ||
  (seen.length > 1 && session.settings.change === null);

/**
 * The whole session on one clock: every cue with its moment, what is spoken, shown and sounded. The parts sum to the total, and
 * nothing that happens on the floor changes it.
 */
export function timelineOf(seen: readonly StageSeen[], session: Session, spoken: Spoken, end: End = 'low'): Timeline {
  const blocks = blocksOf(seen, session, end);
  const total = blocks.at(-1)?.end ?? 0;
  // Longer than anybody can run it, what is said inside the rounds would only fill the memory.
  const runnable = total <= SESSION_LIMITS.seconds;
  const cues: Cue[] = [];
  const calls = new Map<number, CallList>();
  blocks.forEach((block, i) => {
    const one = seen[block.stage];
    if (!one) return;
    const cue = (at: number, kind: CueKind, say: string, more: Partial<Cue> = {}): void => {
      cues.push({
        at,
        kind,
        say,
        show: say,
        sound: null,
        stage: block.stage,
        set: block.set,
        round: block.round,
        repetition: 0,
        way: block.way,
        couldGoOn: null,
        ...more,
      });
    };
    const name = one.stage.name;
    if (block.kind === 'explain') cue(block.start, 'explain', spoken.explain.replace('{name}', name), { sound: 'rest' });
    else if (block.kind === 'change') cue(block.start, 'change', spoken.change.replace('{name}', name), { sound: 'rest' });
    else if (block.kind === 'water') cue(block.start, 'water', spoken.water, { sound: 'rest' });
    else if (block.kind !== 'work') {
      const say = one.stage.stations.length > 0 ? spoken.changeStation : block.kind === 'rest' ? spoken.rest : spoken.setRest;
      cue(block.start, 'rest', say, { sound: 'rest' });
    } else {
      const side = block.way === 0 ? '' : one.dose.sides?.of === 'lead' ? spoken.otherLead : spoken.otherSide;
      const { cues: said } = one.stage;
      const coach = said[(block.round - 1) % Math.max(1, said.length)] ?? '';
      cue(block.start, 'go', [side, coach].filter((word) => word !== '').join(', '), { show: side || coach || name, sound: 'work' });
      if (!runnable) return;
      if (one.stage.calls) {
        const list = callListOf(one, session, i, block);
        calls.set(i, list);
        callCues(one, list, block, spoken, cue);
      } else workCues(one, block, spoken, cue, session.seed + i);
    }
  });
  if (blocks.length > 0) {
    const last = blocks[blocks.length - 1] as Block;
    cues.push({
      at: total,
      kind: 'end',
      say: spoken.end,
      show: spoken.end,
      sound: 'end',
      stage: last.stage,
      set: last.set,
      round: last.round,
      repetition: 0,
      way: last.way,
      couldGoOn: null,
    });
  }
  cues.sort((a, b) => a.at - b.at);
  return { blocks, cues, total, atLeast: isAtLeast(seen, session), calls };
}

type Add = (at: number, kind: CueKind, say: string, more?: Partial<Cue>) => void;

function callCues(one: StageSeen, list: CallList, block: Block, spoken: Spoken, cue: Add): void {
  list.calls.forEach((call, k) => {
    const name = one.stage.calls?.alternatives[call.which]?.name ?? '';
    cue(block.start + call.at, 'call', name, { repetition: k + 1, sound: 'chime' });
    if (call.freeze)
      cue(block.start + call.at + call.freeze.after, 'freeze', spoken.freeze, {
        repetition: k + 1,
        sound: 'chime',
        couldGoOn: call.freeze.couldGoOn,
      });
  });
}

/** Counts, beats, chimes and the partner's turns inside a work block. */
function workCues(one: StageSeen, block: Block, spoken: Spoken, cue: Add, seed: number): void {
  const way = wayAt(one, block);
  const { dose, stage } = one;
  const { starts, chimes } = repetitionsIn(one, block);
  for (const chimed of chimes) cue(block.start + chimed.from, 'chime', dose.chimes[chimed.chime]?.does ?? '', { sound: 'chime' });
  starts.forEach((start, k) => {
    const turn = dose.alternate ? (k % 2 === 0 ? dose.alternate.a : dose.alternate.b) : '';
    const counted = dose.speaks === 'counts' ? String(k + 1) : '';
    const say = [counted, turn].filter((word) => word !== '').join(', ');
    if (say !== '') cue(block.start + start, 'count', say, { repetition: k + 1 });
    if (dose.speaks === 'beats') {
      const stepped = way.simulation.moves.filter((move) => move.actions.length > 0);
      stepped.forEach((move, beat) =>
        cue(block.start + start + move.start, 'beat', String(beat + 1), { repetition: k + 1, sound: 'beat' }),
      );
    }
    if (stage.partner?.coming)
      cue(block.start + start + (way.rep?.seconds ?? 0) * 0.5, 'partner', spoken.coming[drawnAt(seed, k)] ?? '', { repetition: k + 1 });
  });
}

/** 0 or 1 by chance, the same for the same seed and turn (an integer hash, no source needed: fairness is tested). */
function drawnAt(seed: number, turn: number): 0 | 1 {
  let x = Math.imul((seed ^ 0x9e3779b9) + Math.imul(turn + 1, 0x85ebca6b), 0xc2b2ae35);
  x ^= x >>> 15;
  x = Math.imul(x, 0x27d4eb2f);
  return ((x ^ (x >>> 13)) & 1) as 0 | 1;
}
