import { said } from '../said.js';
import { doseBy, DOSE_LIMITS, exactly, type Dose } from './dose.js';
import { parser } from './dose.generated.js';
import { printDose } from './dose-print.js';
import { timeOf } from './dose-numbers.js';
import { DoseReader, type DoseError } from './dose-reader.js';
import type { DoseMessages } from './messages.js';
import { childrenOf } from './tree.js';

/** A dose as it was read; null where not even its work could be. */
export interface ReadDose {
  readonly dose: Dose | null;
  readonly errors: readonly DoseError[];
}

/** Brackets in brackets that are read. */
const DEEPEST = 3;

/**
 * Reads a dose as a coach says it: '4 sets of 2 × 8', '6 × 45 s, rest 20 s', '5 x 3:00/1:00', 'three rounds of two minutes', '10 per side',
 * 'until comfortable', 'pyramid 5', '60 s with a lunge every 15 s'. Clauses may come in any order. Never throws; what cannot be read is
 * said with its place, what can be meant in several ways is asked, everything else is kept.
 * @example readDose('3 × 8, rest 20 s').dose.rest // 20
 */
export function readDose(text: string): ReadDose {
  if (text.length > DOSE_LIMITS.characters)
    return none(text, said<DoseMessages, 'too-long'>('too-long', { most: DOSE_LIMITS.characters }), null);
  if (text.trim() === '') return none(text, { code: 'empty', values: {} }, '3 × 30 s');
  const reader = readerOf(text);
  const dose = reader.dose();
  if (dose !== null) return { dose, errors: reader.errors };
  const { errors } = reader;
  // What might have been meant is said; that each other word says nothing goes without saying.
  const near = errors.filter(({ code, instead }) => code !== 'not-understood' || instead !== null);
  return { dose, errors: [...near, ...none(text, { code: 'no-dose', values: { said: text } }, nearestTo(text, reader)).errors] };
}

/** The nearest dose to a text that says none: with its words as they may have been meant, or with what it says besides. */
function nearestTo(text: string, reader: DoseReader): string {
  const respelled = reader.errors.reduceRight(
    (now, { from, to, instead }) => (instead === null ? now : now.slice(0, from) + instead + now.slice(to)),
    text,
  );
  const dose = respelled === text ? null : readerOf(respelled).dose();
  return printDose(dose ?? doseBy({ by: 'time', seconds: exactly(30) }, { rounds: exactly(3), ...reader.besides() }));
}

const none = (text: string, message: Pick<DoseError, 'code' | 'values'>, instead: string | null): ReadDose => ({
  dose: null,
  errors: [{ ...message, from: 0, to: text.length, instead, readings: [] } as DoseError],
});

/** Reads a dose, or one in brackets inside another. */
function readerOf(text: string, depth = 0): DoseReader {
  const reader = new DoseReader(text, (inside) => (depth < DEEPEST ? readerOf(inside, depth + 1) : null));
  for (const clause of childrenOf(parser.parse(text).topNode)) reader.take(clause);
  return reader;
}

/**
 * A time alone, in seconds; null where a text says anything else, or a range.
 * @example secondsSaid('1 min 30') // 90
 */
export function secondsSaid(text: string): number | null {
  const clauses = childrenOf(parser.parse(text).topNode);
  const time = clauses.length === 1 && clauses[0]?.name === 'Product' ? childrenOf(clauses[0]) : [];
  const seconds = time.length === 1 && time[0]?.name === 'Time' ? timeOf(text, time[0]) : null;
  return seconds && seconds.low === seconds.high ? seconds.low : null;
}

/**
 * The nearest dose that can be read as a whole; null where nothing is wrong, or something is asked. What could be read of it is kept.
 * @example mendedDose('3 × 8, with feeling') // '3 × 8'
 */
export function mendedDose(text: string): string | null {
  const { dose, errors } = readDose(text);
  if (errors.every(({ readings }) => readings.length > 0)) return null;
  if (!dose) return errors.flatMap(({ instead }) => instead ?? []).find((one) => readDose(one).errors.length === 0) ?? '3 × 30 s';
  // A rest that could not be read was left open: the nearest one takes its place.
  const open = { rest: dose.rest === null, 'set rest': dose.setRest === null };
  const rests = errors.flatMap(({ code, instead }) =>
    instead !== null && code.startsWith('rest-') && open[instead.startsWith('set') ? 'set rest' : 'rest'] ? [instead] : [],
  );
  const mended = readDose([printDose(dose), ...new Set(rests)].join(', '));
  return mended.dose ? printDose(mended.dose) : printDose(dose);
}
