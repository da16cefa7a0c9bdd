/** Round formats of published rules, as a dose is typed (values from memory of the rules named). */
export interface RoundFormat {
  readonly code: string;
  readonly dose: string;
  readonly source: string;
}

export const ROUND_FORMATS: readonly RoundFormat[] = [
  { code: 'boxing-elite', dose: '3 × 3 min, rest 60 s', source: 'IBA technical rules' },
  { code: 'boxing-championship', dose: '12 × 3 min, rest 60 s', source: 'championship rules' },
  { code: 'mixed-rules', dose: '3 × 5 min, rest 60 s', source: 'unified rules' },
  { code: 'mixed-rules-title', dose: '5 × 5 min, rest 60 s', source: 'unified rules' },
  { code: 'kickboxing', dose: '3 × 2 min, rest 60 s', source: 'WAKO rules' },
  { code: 'taekwondo', dose: '3 × 2 min, rest 60 s', source: 'WT rules' },
  { code: 'karate-seniors', dose: '3 min', source: 'WKF rules' },
  { code: 'fencing-direct-bout', dose: '3 × 3 min, rest 60 s', source: 'FIE rules' },
  { code: 'fencing-pool', dose: '3 min', source: 'FIE rules' },
];

/** Breaks of published rules, seconds (values from memory). */
export const RULE_BREAKS = {
  'tennis-between-points': 25,
  'tennis-change-of-ends': 90,
  'tennis-between-sets': 120,
  'badminton-at-eleven': 60,
  'badminton-between-games': 120,
} as const;

/** Doses to begin with, as they are typed (common practice, no source). */
export const USUAL_DOSES = [
  '30–60 s',
  '6 × 45 s, rest 20 s',
  '4 sets of 2 × 8, rest 20 s, set rest 45 s',
  '3 × 8 each side, rest 20 s',
  '3 × 10 calls, rest 30 s',
  'until comfortable',
] as const;

/** Examples for boxes that take the notation. */
export const EXAMPLES = {
  dose: '3 × 8, rest 20 s',
  strokes: 'as written, other side, forehand, backhand',
  axis: 'cut: cut right 30 cm | gallop: gallop back 40 cm',
  back: 'home: shuffle left 40 cm | forward: advance 30 cm; they: retreat 30 cm',
  opponent: 'partner at 1.2 m ahead right foot leading',
  does: 'advance 20 cm + "jab" on landing',
} as const;
