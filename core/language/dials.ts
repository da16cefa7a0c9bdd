import type { Act, Item, Step } from './ast.js';
import { ENGINE } from './engine.js';
import { ruleOf, type MoveWord } from './moves.js';
import { parse } from './parse.js';
import { printPattern } from './print.js';
import { hasOwnSize, scaleAct } from './turn-round.js';

/** How a line is varied without being another: what is left out stays as it is. */
export interface Dials {
  /** So many of each step that goes somewhere: n there and n back. */
  readonly steps?: number;
  /** Factor on how far it goes ahead and back, and to the sides. */
  readonly further?: number;
  readonly wider?: number;
  /** Degrees by which all ways are turned to the right (negative: left): less straight, more diagonal. */
  readonly diagonal?: number;
}

/** Moves that come back by themselves, or whose direction says from where. */
const NO_WAY: readonly MoveWord[] = ['recover', 'pull back', 'half step', 'drop step'];

const goes = ({ word, aim, side }: Act): boolean =>
  ruleOf(word).way === 'bearing' && aim === null && side === null && !NO_WAY.includes(word);

const travels = (act: Act): boolean => goes(act) && ['gather', 'pass'].includes(ruleOf(act.word).family);

const tidy = (value: number): number => Math.round(value * 1000) / 1000;
const degrees = (radians: number): number => tidy((radians * 180) / Math.PI);

function turned(act: Act, by: number): Act {
  const bearing = act.bearing ?? ruleOf(act.word).usual ?? 0;
  // An angle in (−180, 180].
  const so = tidy(180 - ((((180 - bearing - by) % 360) + 360) % 360));
  return { ...act, word: ruleOf(act.word).fixed ? 'shuffle' : act.word, bearing: so };
}

function stretched(act: Act, further: number, wider: number): Act {
  const bearing = ((act.bearing ?? ruleOf(act.word).usual ?? 0) * Math.PI) / 180;
  const [across, along] = [Math.sin(bearing) * wider, Math.cos(bearing) * further];
  const scaled = scaleAct(act, Math.hypot(across, along), ENGINE);
  const size = scaled.size && { ...scaled.size, value: tidy(scaled.size.value) };
  const second = scaled.second && { ...scaled.second, value: tidy(scaled.second.value) };
  const so = degrees(Math.atan2(across, along));
  return { ...scaled, size, second, bearing: ruleOf(act.word).fixed || act.bearing === null ? act.bearing : so };
}

function stepOf(step: Step, { steps, further = 1, wider = 1, diagonal = 0 }: Dials): Step {
  let { act } = step;
  if (goes(act) && (act.size !== null || hasOwnSize(act))) {
    if (further !== 1 || wider !== 1) act = stretched(act, further, wider);
    if (diagonal !== 0) act = turned(act, diagonal);
  }
  return { ...step, act, times: steps !== undefined && travels(act) ? steps : step.times };
}

const itemOf = (item: Item, dials: Dials): Item =>
  item.kind === 'step'
    ? stepOf(item, dials)
    : item.kind === 'group'
      ? { ...item, branches: item.branches.map((branch) => branch.map((one) => itemOf(one, dials))) }
      : item;

/**
 * A line with its dials turned, in its plain form; one that cannot be read wholly stays as it is.
 * @example dialled('advance 20 cm, retreat 20 cm', { steps: 3 }) // 'advance 20 cm 3 times, retreat 20 cm 3 times'
 */
export function dialled(text: string, dials: Dials): string {
  const parsed = parse(text);
  if (parsed.errors.length > 0) return text;
  const all = (items: readonly Item[]): Item[] => items.map((item) => itemOf(item, dials));
  const definitions = parsed.definitions.map((one) => ({ ...one, items: all(one.items) }));
  return printPattern({ ...parsed, items: all(parsed.items), definitions });
}
