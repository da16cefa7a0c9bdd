import { otherSide, type Side } from '../body/foot.js';
import type { Nothing, Said } from '../said.js';

/** What is asked: metres from the athlete to where the last foot should land. */
export interface ReachQuestion {
  readonly distance: number;
  /** Shortest and longest step, metres. */
  readonly step: { readonly least: number; readonly most: number };
  /** How far one reaches without a step, metres. */
  readonly inReach: number;
  /** The foot that starts, and the one that must land last; null: either. */
  readonly first: Side | null;
  readonly last: Side | null;
  /** Whether a gather or chassé may come first: it does not change which foot is last. */
  readonly gather: boolean;
}

interface ReachStep {
  readonly kind: 'step' | 'gather';
  readonly foot: Side | null;
  readonly metres: number;
}

export interface ReachAnswer {
  /** The fewest that fit, longer first; empty where the distance is in reach; null where none fit. */
  readonly steps: readonly ReachStep[] | null;
  /** Why it is so many. */
  readonly rule: Said<ReachMessages>;
  /** Counts that nearly fit: what each step would have to be, and what is against it. */
  readonly nearMisses: readonly { readonly count: number; readonly metres: number; readonly why: Said<NearMissMessages> }[];
}

/** Why so many steps. `odd`: whether the feet ask for an odd number; null where they ask for nothing. */
export interface ReachMessages {
  readonly 'in-reach': Nothing;
  readonly none: Nothing;
  readonly fewest: { readonly count: number; readonly last: Side | null; readonly odd: boolean | null; readonly gather: boolean };
}

/** What is against a number of steps; metres. */
export interface NearMissMessages {
  readonly long: { readonly metres: number; readonly most: number };
  readonly short: { readonly metres: number; readonly least: number };
  readonly 'last-foot': { readonly foot: Side };
  readonly fits: Nothing;
}

/** More steps than this are no approach any more. */
const MOST_STEPS = 40;

/**
 * The fewest alternating steps that cover a distance.
 * @throws RangeError when the question makes no sense: a negative distance, or a range of steps that is none.
 */
export function stepsToReach(question: ReachQuestion): ReachAnswer {
  const { distance, step, inReach, first, last } = question;
  if (!(distance >= 0) || !(step.least > 0) || !(step.most >= step.least) || !(inReach >= 0)) {
    throw new RangeError('A distance of 0 m or more, and steps from more than 0 m up, are needed.');
  }
  const missing = distance - inReach;
  if (missing <= 1e-9) return { steps: [], rule: { code: 'in-reach', values: {} }, nearMisses: [] };
  const parity = first === null || last === null ? null : first === last ? 1 : 0;
  const fits = (count: number, metres: number): boolean => metres >= count * step.least - 1e-9 && metres <= count * step.most + 1e-9;
  const allowed = (count: number): boolean => parity === null || count % 2 === parity;

  for (let count = 1; count <= MOST_STEPS; count++) {
    if (!fits(count, missing) || !allowed(count)) continue;
    return {
      steps: lengths(count, missing, step, startFoot(question, count)),
      rule: ruleOf(question, count, false),
      nearMisses: nearMisses(question, missing, count),
    };
  }
  if (question.gather) {
    // A gather takes up what alternating steps cannot: the shortest one that lets them fit.
    for (let count = 1; count <= MOST_STEPS; count++) {
      if (!allowed(count)) continue;
      const gathered = Math.max(step.least, missing - count * step.most);
      if (gathered > step.most + 1e-9 || !fits(count, missing - gathered)) continue;
      const steps = lengths(count, missing - gathered, step, startFoot(question, count));
      return {
        steps: [{ kind: 'gather', foot: null, metres: gathered }, ...steps],
        rule: ruleOf(question, count, true),
        nearMisses: nearMisses(question, missing, count),
      };
    }
  }
  return { steps: null, rule: { code: 'none', values: {} }, nearMisses: nearMisses(question, missing, null) };
}

function startFoot({ first, last }: ReachQuestion, count: number): Side | null {
  if (first !== null) return first;
  return last === null ? null : count % 2 === 1 ? last : otherSide(last);
}

function ruleOf({ first, last }: ReachQuestion, count: number, gather: boolean): Said<ReachMessages> {
  const odd = first === null || last === null ? null : first === last;
  return { code: 'fewest', values: { count, last, odd, gather } };
}

/** Lengths that add up exactly, longer first: the first as much above the mean as half the room allows. */
function lengths(count: number, total: number, { least, most }: ReachQuestion['step'], first: Side | null): ReachStep[] {
  const mean = total / count;
  const spread = count === 1 ? 0 : Math.min(most - mean, mean - least) / 2;
  return Array.from({ length: count }, (_, i) => ({
    kind: 'step',
    foot: first === null ? null : i % 2 === 0 ? first : otherSide(first),
    metres: count === 1 ? mean : mean + spread * (1 - (2 * i) / (count - 1)),
  }));
}

/** The counts on either side of the answer, or of what would fit without the rule of feet. */
function nearMisses({ step, first, last }: ReachQuestion, missing: number, found: number | null): ReachAnswer['nearMisses'] {
  const about = found ?? Math.max(1, Math.round((2 * missing) / (step.least + step.most)));
  return [about - 1, ...(found === null ? [about] : []), about + 1]
    .filter((count) => count >= 1)
    .map((count) => {
      const metres = missing / count;
      const why: Said<NearMissMessages> =
        metres > step.most + 1e-9
          ? { code: 'long', values: { metres, most: step.most } }
          : metres < step.least - 1e-9
            ? { code: 'short', values: { metres, least: step.least } }
            : first !== null && last !== null && (count % 2 === 1) !== (first === last)
              ? { code: 'last-foot', values: { foot: count % 2 === 1 ? first : otherSide(first) } }
              : { code: 'fits', values: {} };
      return { count, metres, why };
    });
}
