/**
 * Body dimensions estimated as shares of height: Drillis & Contini 1966, as in Winter,
 * Biomechanics and Motor Control of Human Movement. Adult figures; rough for children.
 */
const SHARES_OF_HEIGHT = {
  foot: 0.152,
  breadth: 0.055,
  hip: 0.191,
  shoulder: 0.259,
  leg: 0.53,
} as const;

export type BodyPart = keyof typeof SHARES_OF_HEIGHT;

/** What a coach measured, metres. What is absent is estimated. */
export interface Measures {
  readonly height?: number | null;
  readonly hip?: number | null;
  readonly shoulder?: number | null;
  readonly leg?: number | null;
  readonly foot?: number | null;
}

/** 'rough': estimated under 16 or under 1.45 m, better measured. 'assumed': no height known either. */
type Origin = 'measured' | 'estimated' | 'rough' | 'assumed';

interface Dimension {
  readonly metres: number;
  readonly origin: Origin;
}

export type Body = Readonly<Record<BodyPart | 'height', Dimension>>;

/** Height taken when none is known (common practice, no source). */
const ASSUMED_HEIGHT = 1.7;

/** Plausible limits of typed measures in metres; outside them a typing slip is likelier than a body. */
export const MEASURE_LIMITS: Readonly<Record<Exclude<BodyPart, 'breadth'> | 'height', readonly [number, number]>> = {
  height: [0.8, 2.4],
  hip: [0.15, 0.6],
  shoulder: [0.18, 0.7],
  leg: [0.35, 1.4],
  foot: [0.12, 0.4],
};

/**
 * An athlete's dimensions in metres, each with where it comes from.
 * @param under16 whether the age group says so; estimates are then 'rough'.
 * @example bodyOf({ height: 1.7 }).height // { metres: 1.7, origin: 'measured' }
 */
export function bodyOf(measures: Measures, under16 = false): Body {
  const known = measures.height ?? null;
  const height = known ?? ASSUMED_HEIGHT;
  const guess: Origin = known === null ? 'assumed' : under16 || known < 1.45 ? 'rough' : 'estimated';
  const part = (name: BodyPart, measured?: number | null): Dimension =>
    measured == null ? { metres: height * SHARES_OF_HEIGHT[name], origin: guess } : { metres: measured, origin: 'measured' };
  return {
    height: { metres: height, origin: known === null ? 'assumed' : 'measured' },
    hip: part('hip', measures.hip),
    shoulder: part('shoulder', measures.shoulder),
    leg: part('leg', measures.leg),
    foot: part('foot', measures.foot),
    breadth: part('breadth'),
  };
}
