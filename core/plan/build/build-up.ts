import type { StageKind } from '../exercise.js';
import { SIDES } from '../../body/foot.js';
import type { FaultEntry } from '../../catalogue/fault.js';
import { FAULTS } from '../../catalogue/faults.js';
import type { Caution } from '../../body/caution.js';
import { forbiddenBy, usualCautions } from '../../judge/cautions.js';
import { readWith } from '../../judge/study.js';
import { cut } from '../../language/cut.js';
import { ruleOf } from '../../language/moves.js';
import { keepsNamedFoot, operate } from '../../language/operations.js';
import type { OwnMove } from '../../language/own-moves.js';
import { simulate } from '../../motion/simulate.js';
import type { Performer, Simulation } from '../../motion/simulation.js';
import { said } from '../../said.js';
import { callable } from '../calls/callable.js';
import { alternative, CALL_LIMITS, USUAL_CALLS, type Alternative } from '../calls/calls.js';
import { namedAlternatives } from '../calls/named.js';
import { scenarioCalls, type Playbook } from '../playbook.js';
import type { SessionSettings } from '../session/session.js';
import { STAGE_LIMITS, stageOf, type Stage, type StageLine } from '../session/stage.js';
import { beatWords } from './beat-words.js';
import type { BuiltStage, BuiltUp } from './built.js';
import type { LeftOut, LeftOutMessages, NameMessage } from './messages.js';
import { elementsOf } from './elements.js';
import { times } from './grid.js';
import { lineOf, restored, segmentsOf } from './segments.js';
import { exposed, watchList } from './watch-list.js';

/** How the parts are put together again. */
export const CHAINS = ['forward', 'backward', 'whole-part-whole'] as const;
export type Chain = (typeof CHAINS)[number];

/** What a session is built for. */
export interface BuildOptions {
  readonly chain: Chain;
  /** Which kinds of stages are wanted. */
  readonly kinds: readonly StageKind[];
  /** Whether opposition comes as a feed or as a partner. */
  readonly opposed: 'fed' | 'partner';
  /** Scenarios of the last stages, if there are any. */
  readonly playbook: Playbook | null;
  readonly settings: Pick<SessionSettings, 'rest' | 'setRest'>;
  /** What the athlete works on now, their standing cautions, and whether their other lead is trusted. */
  readonly focus: readonly string[];
  /** Faults that can be watched; missing: the catalogue. */
  readonly faults?: readonly FaultEntry[];
  readonly cautions: readonly Caution[];
  readonly otherLead: boolean;
  readonly child: boolean;
  /** Lines that the athlete's record says are mastered. */
  readonly mastered: ReadonlySet<string>;
  readonly own: readonly OwnMove[];
  readonly newId: () => string;
}

export interface BuildSource extends StageLine {
  readonly name: string;
  readonly pattern: Stage['pattern'];
}

/** Doses to begin with, as ranges inside which a session is fitted (common practice, no source). */
const DOSES: Readonly<Record<StageKind, string>> = {
  isolate: '15–30 s',
  beats: '6–10, beats aloud',
  combine: '6–10',
  whole: '1–3 sets of 6–8',
  'other side': '1–3 sets of 5–8 each side',
  'other lead': '1–2 sets of 5–8 each lead',
  'more steps': '2–4 × 30–45 s',
  tempo: '2–3 × 6–8',
  'without and with': '1–2 sets of 10',
  'called in order': '1–3 × 8–12 calls',
  called: '2–4 × 8–12 calls',
  fed: '2–4 × 8–10',
  partner: '2–4 × 45–60 s',
  pressure: '2–3 × 8–10 calls',
  role: '2–3 × 60–90 s',
  free: '1–2 × 2–3 min',
};

/** Minutes to show and explain, as seconds, by what is new (common practice, no source). */
const EXPLAIN: Readonly<Partial<Record<StageKind, number>>> = {
  isolate: 20,
  combine: 20,
  partner: 45,
  fed: 45,
  role: 60,
  pressure: 30,
  called: 30,
};
const PRIORITY: Readonly<Partial<Record<StageKind, 1 | 2 | 3>>> = {
  whole: 1,
  called: 1,
  fed: 1,
  partner: 1,
  beats: 3,
  tempo: 3,
  'called in order': 3,
  'without and with': 3,
  free: 3,
};

/** Builds a session from one pattern: its elements, then the whole in the order of the kinds. Nothing is random. */
export function buildUp(source: BuildSource, performer: Performer, options: BuildOptions): BuiltUp {
  return new Builder(source, performer, options).all();
}

class Builder {
  private readonly stages: BuiltStage[] = [];
  private readonly leftOut: LeftOut[] = [];
  private readonly sim: Simulation;

  constructor(
    private readonly source: BuildSource,
    private readonly performer: Performer,
    private readonly options: BuildOptions,
  ) {
    this.sim = this.simulated(source.steps);
  }

  all(): BuiltUp {
    const { kinds } = this.options;
    for (const kind of kinds) this.kind(kind);
    return { stages: this.stages, leftOut: this.leftOut };
  }

  /** The steps on the other side; the same where they have none. */
  private get turnedRound(): string {
    const { steps, hand } = this.source;
    return operate('other side', { text: steps, hand, lead: null, area: '' }).text;
  }

  private simulated(steps: string): Simulation {
    return simulate(readWith(steps, this.options.own), this.performer);
  }

  private kind(kind: StageKind): void {
    const { source } = this;
    const { name, steps } = source;
    switch (kind) {
      case 'isolate': {
        const { elements, whole } = elementsOf(steps, this.performer, this.options.own);
        for (const one of elements) this.add(kind, one.name, one.steps, one.kind === 'stance' ? { dose: 'until comfortable' } : {});
        for (const one of whole) this.leftOut.push(one);
        return;
      }
      case 'beats': {
        // Said aloud on its beats, a line is its own cue.
        const said = cut(
          beatWords(this.sim)
            .map(({ word }) => word)
            .join(', '),
          STAGE_LIMITS.cue,
        );
        return this.add(kind, { code: 'beats', values: { name } }, steps, { tempo: 2, cueing: 'beat', cues: said === '' ? [] : [said] });
      }
      case 'combine':
        return this.combine();
      case 'whole':
        return this.add(kind, { code: 'own', values: { name } }, steps);
      case 'other side':
        return this.otherSide();
      case 'other lead':
        if (source.lead === 'none') return;
        if (!this.options.otherLead) return this.leave({ code: 'other-lead', values: { name } }, 'other-lead', {});
        return this.add(kind, { code: 'both-leads', values: { name } }, steps);
      case 'more steps':
        return this.moreSteps();
      case 'tempo':
        this.add(kind, { code: 'slow', values: { name } }, steps, { tempo: 2 });
        return this.add(kind, { code: 'quick', values: { name } }, steps, { tempo: 0.7 });
      case 'without and with':
        return this.add(kind, { code: 'without-and-with', values: { name } }, steps, {
          implement: 'alternating',
          dose: `${DOSES[kind]}, alternating without and with`,
        });
      case 'called in order':
        return this.called(kind, { code: 'called-in-order', values: { name } }, { order: 'known' });
      case 'called':
        return this.called(kind, { code: 'called', values: { name } }, {});
      case 'fed':
        return this.opposed('fed');
      case 'partner':
        return this.opposed('partner');
      case 'pressure':
        return this.pressure();
      case 'role':
        return this.role();
      case 'free':
        return this.add(kind, { code: 'free', values: { name } }, steps, { theme: name, cueing: 'free', implement: 'with' });
    }
  }

  /** Adds a stage with what is usual for its kind; leaves it out where a caution forbids it or the record says mastered. */
  private add(kind: StageKind, name: NameMessage, steps: string, more: Partial<Stage> = {}): void {
    const cueing = more.cueing ?? 'self';
    const given = exposed(readWith(steps, this.options.own), this.performer, cueing);
    const sim = given.simulation;
    const forbidden = forbiddenBy({ partner: more.partner ?? null, kind }, sim, this.options.cautions);
    if (forbidden) return this.leave(name, 'caution', forbidden);
    if (this.options.mastered.has(steps)) return this.leave(name, 'mastered', {});
    const { focus, faults = FAULTS } = this.options;
    const seen = watchList(given, focus, faults);
    const dose = this.withRests(more.dose ?? DOSES[kind]);
    const stage = stageOf(
      this.options.newId(),
      '',
      { ...this.source, steps },
      {
        kind,
        pattern: this.source.pattern,
        explain: EXPLAIN[kind] ?? 0,
        priority: PRIORITY[kind] ?? 2,
        watch: seen.watch,
        view: seen.view,
        unit: faults.find(({ code }) => code === seen.watch[0])?.per ?? 'repetition',
        ...more,
        dose,
      },
    );
    const { school, hand, lead, shouldClose } = this.source;
    this.stages.push({
      stage: { ...stage, school, hand, lead, shouldClose: kind === 'isolate' ? false : shouldClose },
      name,
      cues: stage.cues.length > 0 ? [] : seen.watch.slice(0, 1),
      cautions: usualCautions(sim),
    });
  }

  private leave<Code extends keyof LeftOutMessages>(name: NameMessage, code: Code, values: LeftOutMessages[Code]): void {
    this.leftOut.push({ ...said<LeftOutMessages, Code>(code, values), name });
  }

  /** Rests come from the coach's settings; where none are set the dose stays open and asks. */
  private withRests(dose: string): string {
    const { rest, setRest } = this.options.settings;
    const rounds = /×/.test(dose.replace(/sets of/, ''));
    const sets = /sets of/.test(dose);
    return [dose, rounds && rest !== null ? `rest ${rest} s` : '', sets && setRest !== null ? `set rest ${setRest} s` : '']
      .filter((part) => part !== '')
      .join(', ');
  }

  private combine(): void {
    const parts = segmentsOf(this.sim);
    const { chain } = this.options;
    const { name } = this.source;
    if (parts.length < 2) return;
    if (chain === 'whole-part-whole') {
      this.add('combine', { code: 'whole-slow', values: { name } }, this.source.steps, { tempo: 2 });
      const hardest = parts.reduce((a, b) => (hardness(b) > hardness(a) ? b : a));
      this.chained({ code: 'hardest', values: {} }, lineOf(hardest, this.sim));
      this.add('combine', { code: 'whole-again', values: { name } }, this.source.steps);
      return;
    }
    for (let n = 2; n < parts.length; n++) {
      const taken = chain === 'forward' ? parts.slice(0, n) : parts.slice(parts.length - n);
      this.chained({ code: chain === 'forward' ? 'from-start' : 'to-end', values: { parts: n } }, lineOf(taken.flat(), this.sim));
    }
  }

  private chained(name: NameMessage, line: string): void {
    const steps = restored(line, this.performer, this.options.own);
    if (steps === null) this.leave(name, 'other-stance', {});
    else this.add('combine', name, steps, { shouldClose: false });
  }

  /** Both sides, where there are two; a foot named left or right is the other one there. */
  private otherSide(): void {
    const { name, steps } = this.source;
    if (this.turnedRound === steps) return this.leave({ code: 'both-sides', values: { name } }, 'no-side', {});
    const byLead = this.performer.lead === null && keepsNamedFoot(steps);
    const dose = DOSES['other side'].replace('each side', byLead ? 'each lead' : 'each side');
    this.add('other side', { code: 'both-sides', values: { name } }, steps, { dose });
  }

  /** More steps per cycle, n there and n back with n rising, and a reach on the clock where the pattern has one. */
  private moreSteps(): void {
    const reach = segmentsOf(this.sim).find((part) => part.some((move) => ruleOf(move.step.act.word).family === 'reach'));
    const chime = reach ? restored(lineOf(reach, this.sim), this.performer, this.options.own) : null;
    for (const n of [2, 3]) {
      const dose = `${DOSES['more steps']}${chime === null ? '' : `, every 15 s (${chime}) at cycle end`}`;
      const { steps } = this.source;
      const there = times(steps, n, this.source);
      // Where the line comes back by itself, n there and n back; else n to each side, if it has one.
      const byItself = there !== `(${steps}) ${n}`;
      const sided = !byItself && this.turnedRound !== steps;
      const name = { code: byItself || sided ? 'there-and-back' : 'in-a-row', values: { steps: n } } as const;
      this.add('more steps', name, `${there}${sided ? ' each side' : ''}`, { dose, shouldClose: byItself });
    }
  }

  /** What the pattern names, or it to both sides; where it has none, it or nothing. */
  private alternatives(): Alternative[] {
    const { steps } = this.source;
    const other = this.turnedRound;
    const named = namedAlternatives(readWith(steps, this.options.own));
    if (named.length > 1) return named.slice(0, CALL_LIMITS.alternatives);
    if (other === steps) return [alternative(cut(this.source.name, CALL_LIMITS.name), steps), alternative('', '', { kind: 'stay' })];
    const bearing =
      this.sim.moves
        .map((move) => move.step.act.bearing ?? move.step.act.turn)
        .find((one) => one !== null && one !== 0 && Math.abs(one) !== 180) ?? 90;
    const [here, there] = bearing < 0 ? SIDES : (['right', 'left'] as const);
    const both = [alternative('', steps, { side: here }), alternative('', other, { side: there })];
    return both.map((one) => {
      const ready = callable(one, this.performer, this.options.own).hindrance === null;
      return ready ? one : { ...one, steps: restored(one.steps, this.performer, this.options.own) ?? `${one.steps}, square up` };
    });
  }

  private called(kind: 'called in order' | 'called', name: NameMessage, more: { order?: 'known' }): void {
    this.add(kind, name, this.source.steps, { cueing: kind, calls: { ...USUAL_CALLS, alternatives: this.alternatives(), ...more } });
  }

  private opposed(kind: 'fed' | 'partner'): void {
    if (kind !== this.options.opposed) return;
    const { name } = this.source;
    if (kind === 'fed') {
      this.add(kind, { code: 'fed', values: { name } }, this.source.steps, { cueing: 'fed', implement: 'with' });
      return;
    }
    this.add(kind, { code: 'partner', values: { name } }, this.source.steps, {
      cueing: 'partner',
      implement: 'with',
      partner: {
        steps: 'advance 20 cm, retreat 20 cm',
        what: '',
        when: '',
        reAim: '',
        coming: true,
        kit: '',
        contact: this.options.child ? 'none' : 'touch',
      },
    });
  }

  /** Less time and more distance: calls as fast as they can be done, sizes a fifth larger. */
  private pressure(): void {
    const alternatives = this.alternatives().map((one) => ({ ...one, steps: `longer = (${one.steps}), longer 1.2×` }));
    this.add('pressure', { code: 'pressed', values: { name: this.source.name } }, this.source.steps, {
      cueing: 'called',
      calls: { ...USUAL_CALLS, alternatives, reaction: 0.2 },
      implement: 'with',
    });
  }

  private role(): void {
    const { playbook } = this.options;
    if (playbook === null) return this.leave({ code: 'role-open', values: {} }, 'no-playbook', {});
    this.add('role', { code: 'role', values: { book: playbook.name } }, this.source.steps, {
      cueing: 'called',
      implement: 'with',
      calls: { ...USUAL_CALLS, alternatives: scenarioCalls(playbook), reaction: 1 },
      theme: playbook.name,
    });
  }
}

/** How much a part asks: reaches, turns and air moves more than steps (common practice, no source). */
function hardness(part: readonly Simulation['moves'][number][]): number {
  const weight: Readonly<Record<string, number>> = { air: 4, reach: 3, turn: 2, pass: 1.5 };
  return part.reduce((sum, move) => sum + (weight[ruleOf(move.step.act.word).family] ?? 1), 0);
}
