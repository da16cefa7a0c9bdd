import { studentQuantile } from '../evidence/quantiles.js';
import type { Moment } from './frames.js';

/** Time from one mark to another, seconds. */
export interface Took {
  readonly seconds: number;
  /** The frames say so much: it lies within this of that for certain. */
  readonly frames: number;
  /** Whoever marks says so much more, 19 times in 20. */
  readonly marks: number;
  /** Whether that was measured; else it is a frame a mark. */
  readonly measured: boolean;
  /** Its standard deviation: that of a difference of two even ones, and of two marks. */
  readonly sd: number;
}

/** How well a coach marks the same again: 19 of 20 times within so much (s); null where that was not measured. */
export type Repeats = number | null;

/** How often within a bound of 19 in 20 a standard deviation goes, of what is spread as usual. */
const OF_TWENTY = 1.96;

/**
 * From one mark to another. What lies between two frames is as likely anywhere: the difference of two such is a triangle (of equal frames)
 * about its value, no further than one frame from it; the variance of each is a twelfth of its frame squared.
 * @param repeats how well the same is marked again; a frame until that was measured.
 * @example between({ at: 0.1, within: 0.01 }, { at: 0.3, within: 0.01 }, 0).frames // 0.02
 */
export function between(from: Moment, to: Moment, repeats: Repeats = null): Took {
  const frames = from.within + to.within;
  const marks = Math.SQRT2 * (repeats ?? frames);
  const variance = (from.within ** 2 + to.within ** 2) / 3 + (marks / OF_TWENTY) ** 2;
  return { seconds: to.at - from.at, frames, marks, measured: repeats !== null, sd: Math.sqrt(variance) };
}

/** A time lies within so much of its value. */
export const within = ({ frames, marks }: Pick<Took, 'frames' | 'marks'>): number => frames + marks;

/**
 * How well the same marks are made again, from marks made twice: the standard deviation of one mark is that of the differences over √2
 * (Bland and Altman 1986, within-subject standard deviation of two replicates).
 * @param twice pairs of the same mark, seconds; at least two.
 * @example repeatsOf([[0.1, 0.1], [0.2, 0.2]]) // 0
 */
export function repeatsOf(twice: readonly (readonly [number, number])[]): Repeats {
  if (twice.length < 2) return null;
  const sum = twice.reduce((all, [one, other]) => all + (one - other) ** 2, 0);
  return OF_TWENTY * Math.sqrt(sum / (2 * twice.length));
}

/** What of a window can be said: inside it, outside, or that this film cannot tell. */
export type Told = 'inside' | 'outside' | 'cannot-tell';

/** Rates that cameras have, pictures a second. */
const RATES = [30, 60, 120, 240, 480, 960] as const;

/** A time judged against a window. */
export interface Judged {
  readonly told: Told;
  /** Where it cannot be told: the lowest rate at which it could, were this the time; null where none could. */
  readonly rate: number | null;
}

/**
 * Whether a time lies in a window of seconds: only where all that it may be is on one side of its edges.
 * @param frame seconds between two frames of this film.
 * @example againstWindow({ seconds: 0.01, frames: 0.03, marks: 0.02, measured: false, sd: 0.02 }, [-0.06, 0.04], 1 / 30).rate // 60
 */
export function againstWindow(took: Took, [from, to]: readonly [number, number], frame: number): Judged {
  const told = (rate: number): Told => {
    // With the frame shrinks what it hides, and what was taken for how well a coach marks while nobody measured that.
    const share = 1 / (rate * frame);
    const half = within({ frames: took.frames * share, marks: took.measured ? took.marks : took.marks * share });
    if (took.seconds - half >= from && took.seconds + half <= to) return 'inside';
    return took.seconds + half < from || took.seconds - half > to ? 'outside' : 'cannot-tell';
  };
  const now = told(1 / frame);
  const rate = now === 'cannot-tell' ? (RATES.find((one) => one * frame > 1 && told(one) !== 'cannot-tell') ?? null) : null;
  return { told: now, rate };
}

/** The same time of several attempts. */
export interface Several {
  readonly n: number;
  readonly mean: number;
  /** Spread of the attempts, what the film adds to it among it; null of one. */
  readonly sd: number | null;
  /** The mean of all such attempts lies within so much of it, 19 in 20 (Student); null of one. */
  readonly within: number | null;
}

/**
 * Mean, spread and interval of a time over several attempts; null of none.
 * @param least what one such time is uncertain by at least (standard deviation): times that fell into the same frame are not alike to the
 * millisecond, and the interval is no narrower than that leaves it.
 * @example ofSeveral([0.2, 0.3])?.mean // 0.25
 */
export function ofSeveral(seconds: readonly number[], least = 0): Several | null {
  const n = seconds.length;
  if (n === 0) return null;
  const mean = seconds.reduce((sum, one) => sum + one, 0) / n;
  if (n === 1) return { n, mean, sd: null, within: null };
  const sd = Math.sqrt(seconds.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (n - 1));
  return { n, mean, sd, within: (studentQuantile(0.975, n - 1) * Math.max(sd, least)) / Math.sqrt(n) };
}
