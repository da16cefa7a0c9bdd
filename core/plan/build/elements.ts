import { readWith } from '../../judge/study.js';
import { ruleOf } from '../../language/moves.js';
import type { OwnMove } from '../../language/own-moves.js';
import { bearingWords, printAct } from '../../language/print.js';
import { simulate } from '../../motion/simulate.js';
import type { Performer, SimMove, Simulation } from '../../motion/simulation.js';
import type { LeftOut, NameMessage } from './messages.js';
import { lineOf, mannered, restored, segmentsOf } from './segments.js';

/** The kinds of elements, in the order a coach takes them. */
export const ELEMENT_KINDS = ['stance', 'toes', 'half', 'move', 'turn', 'air', 'back'] as const;
type ElementKind = (typeof ELEMENT_KINDS)[number];

/** A part of a pattern that can be trained alone: a small line that begins and ends in the stance the whole needs. */
export interface Element {
  readonly kind: ElementKind;
  readonly name: NameMessage;
  readonly steps: string;
}

/** A name that needs nothing beside its code. */
const plain = (code: 'stance-held' | 'heel-raises' | 'way-back'): NameMessage => ({ code, values: {} });

const OUT = ['recover', 'pull back'] as const;
const isOut = (move: SimMove | undefined): boolean => move !== undefined && (OUT as readonly string[]).includes(move.step.act.word);

/** Takes a pattern apart. Each distinct move once; a reach keeps the way out of it; turns and air moves are on their own. */
export function elementsOf(
  text: string,
  performer: Performer,
  own: readonly OwnMove[] = [],
): { readonly elements: readonly Element[]; readonly whole: readonly LeftOut[] } {
  const sim = simulate(readWith(text, own), performer);
  const elements: Element[] = [];
  const whole: LeftOut[] = [];
  const known = new Set<string>();
  const add = (kind: ElementKind, name: NameMessage, line: string): void => {
    if (known.has(line)) return;
    known.add(line);
    const steps = restored(line, performer, own);
    if (steps === null) whole.push({ name, code: 'no-ending', values: {} });
    else elements.push({ kind, name, steps });
  };
  add('stance', plain('stance-held'), 'hold 2 s');
  if (onToes(sim)) add('toes', plain('heel-raises'), 'heel raise 3');
  sim.moves.forEach((move, i) => {
    const { act } = move.step;
    const { family } = ruleOf(act.word);
    if (isOut(move) || family === 'set' || family === 'hand') return;
    for (const half of halvesOf(move)) add('half', half.name, mannered(half.steps, sim.manner));
    const next = sim.moves[i + 1];
    const line = lineOf(isOut(next) && next ? [move, next] : [move], sim);
    const kind: ElementKind = family === 'turn' ? 'turn' : family === 'air' ? 'air' : 'move';
    add(kind, { code: 'line', values: { line: printAct(act) } }, line);
  });
  const back = wayBackOf(sim);
  if (back.length > 0) add('back', plain('way-back'), lineOf(back, sim));
  const order = (one: Element): number => ELEMENT_KINDS.indexOf(one.kind);
  return {
    elements: elements
      .map((one, i) => ({ one, i }))
      .sort((a, b) => order(a.one) - order(b.one) || a.i - b.i)
      .map(({ one }) => one),
    whole,
  };
}

/** Whether the stance or a move asks for work on the balls of the feet. */
function onToes(sim: Simulation): boolean {
  const { heels } = sim.target.school;
  return (
    heels.lead !== 'down' ||
    heels.rear !== 'down' ||
    sim.moves.some((move) => ['split', 'bounce', 'preload hop'].includes(move.step.act.word))
  );
}

/** The halves of a gather, each out and in again: the foot that goes first, then the one that is brought up, on its own side. */
function halvesOf(move: SimMove): Element[] {
  const { act } = move.step;
  const [first, second] = move.actions;
  if (!['advance', 'retreat', 'shuffle'].includes(act.word) || !first || !second) return [];
  const size = Math.round(Math.hypot(first.to.x - first.from.x, first.to.y - first.from.y) * 100);
  if (size < 1) return [];
  const bearing = Math.round((act.bearing ?? ruleOf(act.word).usual ?? 0) * 10) / 10;
  const away = bearing <= 0 ? bearing + 180 : bearing - 180;
  return [
    {
      kind: 'half',
      name: { code: 'half', values: { second: false, foot: first.foot, bearing } },
      steps: `half step ${bearingWords(bearing)} ${size} cm ${first.foot} foot`,
    },
    {
      kind: 'half',
      name: { code: 'half', values: { second: true, foot: second.foot, bearing: away } },
      steps: `half step ${bearingWords(away)} ${size} cm ${second.foot} foot`,
    },
  ];
}

/** The last reach or turn and all that comes after it: where the way back begins in its own right. */
function wayBackOf(sim: Simulation): SimMove[] {
  const parts = segmentsOf(sim);
  const reach = parts.map((part) => part.some((move) => ruleOf(move.step.act.word).family === 'reach')).lastIndexOf(true);
  const rest = reach >= 0 ? parts.slice(reach).flat() : [];
  return reach >= 0 && reach < parts.length - 1 ? rest : [];
}
