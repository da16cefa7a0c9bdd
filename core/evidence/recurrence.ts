import { BOOK_RULES } from './book-rules.js';
import { differenceBy, type Difference } from './difference.js';
import {
  andPeriod,
  intervalBy,
  likenessBy,
  NO_SPREAD,
  sumsFrom,
  sumsUpTo,
  totalOf,
  type Cluster,
  type Likeness,
  type Sums,
} from './likeness.js';

/** The coach's numbers for what recurs. */
export interface RecurrenceRule {
  /** A review comes after so many evenings that could show the fault. */
  readonly every: number;
  /** It recurs when it was seen in at least `seen` of the last `of` evenings that could show it. */
  readonly seen: number;
  readonly of: number;
  /** Chance in a season of ever being told 'better' or 'gone' when nothing changed. */
  readonly wrong: number;
  /** Reviews of a season, which share that chance. */
  readonly reviews: number;
  /** Below this rate it counts as gone. */
  readonly gone: number;
}

/** new: seen, not yet in as many evenings as recurring asks for. clear: looked for and never seen. */
export type FaultState = 'clear' | 'new' | 'recurring' | 'fading' | 'cleared' | 'returned';

/** Why a state is what it is, by the numbers that decided. */
export type Why =
  | { readonly code: 'unseen'; readonly evenings: number; readonly n: number }
  | { readonly code: 'first'; readonly evenings: number; readonly more: number }
  /** rarer: in fewer than are asked, and not enough is known to say that it fades. */
  | { readonly code: 'seen' | 'rarer'; readonly seen: number; readonly of: number; readonly asked: number }
  | ({ readonly code: 'lower' } & Difference)
  | { readonly code: 'gone'; readonly evenings: number; readonly n: number; readonly high: number; readonly below: number };

/** What a review found. */
interface Review {
  /** After how many evenings that could show it. */
  readonly after: number;
  readonly state: FaultState;
  readonly why: Why;
}

export interface Recurrence {
  readonly state: FaultState;
  readonly why: Why;
  /** In the order of time. */
  readonly reviews: readonly Review[];
  /** Evenings that could show it until the next review. */
  readonly next: number;
}

/**
 * How alike chances of one evening are, after none of these evenings, after the first, and so on: what changes from one review to the
 * next is not taken for it. Each is computed on from the one before.
 * @param could evenings that could show it, in the order of time
 */
export function likenessBetweenReviews(could: readonly Cluster[], { every }: RecurrenceRule = BOOK_RULES.recurrence): Likeness[] {
  let reviewed = NO_SPREAD;
  return [
    likenessBy(reviewed),
    ...could.map((_, i) => {
      const now = andPeriod(reviewed, could.slice(i - (i % every), i + 1));
      if ((i + 1) % every === 0) reviewed = now;
      return likenessBy(now);
    }),
  ];
}

const seenIn = (evenings: readonly Cluster[]): number => evenings.filter(({ hits }) => hits > 0).length;

/**
 * What a fault does over a season: decided at reviews, never between them, each at an equal part of the chance that a season may be told
 * wrong.
 *
 * - recurring: seen in at least k of the last m evenings that could show it; after it was cleared: returned.
 * - fading: in the evenings since the last review its rate is lower than before, by an interval that all reviews of a season share.
 *   What it is held against is the time before it was first lower, so that it stays fading as long as it stays lower.
 * - cleared: not seen since so many evenings and chances that its rate is below `gone`.
 *
 * @param evenings in the order of time; those that could not show it are passed over.
 */
export function recurrenceOf(evenings: readonly Cluster[], rule: RecurrenceRule = BOOK_RULES.recurrence): Recurrence {
  const could = evenings.filter(({ n }) => n > 0);
  const likeness = likenessBetweenReviews(could, rule);
  const known = pastOf(could);
  const reviews: Review[] = [];
  // Of the time since it was first seen, or came back: where that begins, and where it was first lower.
  let [from, lowerSince]: [number, number | null] = [0, null];
  for (let after = rule.every; after <= could.length; after += rule.every) {
    const before = reviews.at(-1)?.state ?? null;
    const episode = { from, until: lowerSince ?? after - rule.every, before };
    const [state, why] = reviewed(known, after, episode, likeness[after] as Likeness, rule);
    if (state === 'returned' && before === 'cleared') [from, lowerSince] = [after - rule.every, null];
    if (state === 'fading') lowerSince ??= after - rule.every;
    else if (state !== 'cleared') lowerSince = null;
    reviews.push({ after, state, why });
  }
  const last = reviews.at(-1);
  const next = rule.every - (could.length % rule.every);
  return { ...(last ? { state: last.state, why: last.why } : unreviewed(could, next)), reviews, next };
}

/** Before the first review: whether it was seen at all. */
function unreviewed(could: readonly Cluster[], more: number): { readonly state: FaultState; readonly why: Why } {
  const seen = seenIn(could);
  if (seen > 0) return { state: 'new', why: { code: 'first', evenings: seen, more } };
  return { state: 'clear', why: { code: 'unseen', evenings: could.length, n: totalOf(could).n } };
}

interface Episode {
  /** Evenings from which and until which it is held against. */
  readonly from: number;
  readonly until: number;
  readonly before: FaultState | null;
}

/** What was known after each of so many evenings: a review of a long history costs what one of a short one does. */
interface Past {
  /** Of `sumsUpTo`. */
  readonly sums: readonly Sums[];
  /** In how many it was seen, and behind which it was seen last; 0: in none. */
  readonly seen: readonly number[];
  readonly lastSeen: readonly number[];
}

function pastOf(could: readonly Cluster[]): Past {
  const [seen, lastSeen] = [[0], [0]];
  could.forEach(({ hits }, i) => {
    seen.push((seen[i] as number) + Number(hits > 0));
    lastSeen.push(hits > 0 ? i + 1 : (lastSeen[i] as number));
  });
  return { sums: sumsUpTo(could), seen, lastSeen };
}

function reviewed(
  known: Past,
  after: number,
  { from, until, before }: Episode,
  likeness: Likeness,
  rule: RecurrenceRule,
): readonly [FaultState, Why] {
  const { sums, seen } = known;
  if (seen[after] === 0) return ['clear', { code: 'unseen', evenings: after, n: (sums[after] as Sums).n }];
  // Told on one side only: the interval misses twice as much on both together.
  const missed = (2 * rule.wrong) / rule.reviews;
  const gone = goneSince(known, after, likeness, missed, rule);
  if (gone) return ['cleared', gone];
  const of = Math.min(rule.of, after);
  const times = (seen[after] as number) - (seen[after - of] as number);
  const recurs = times >= rule.seen;
  const asked: Why = { code: recurs ? 'seen' : 'rarer', seen: times, of, asked: rule.seen };
  if (before === 'cleared') return [recurs ? 'returned' : 'cleared', asked];
  const recent = sumsFrom(sums, after - rule.every, after);
  const lower = from < until ? differenceBy(sumsFrom(sums, from, until), recent, likeness, missed) : null;
  if (lower && lower.high < 0) return ['fading', { code: 'lower', ...lower }];
  if (recurs) return [before === 'returned' ? 'returned' : 'recurring', asked];
  return [before === null || before === 'clear' ? 'new' : before, asked];
}

/** The evenings since it was last seen, where they say that its rate is below what counts as gone; else null. */
function goneSince({ sums, lastSeen }: Past, after: number, likeness: Likeness, missed: number, rule: RecurrenceRule): Why | null {
  const since = sumsFrom(sums, lastSeen[after] as number, after);
  if (since.evenings < rule.every) return null;
  const { high } = intervalBy(since, likeness, missed);
  return high < rule.gone ? { code: 'gone', evenings: since.evenings, n: since.n, high, below: rule.gone } : null;
}
