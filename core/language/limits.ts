/** Longest text that is read, characters; most repetitions of one step or group; deepest brackets; longest step; most errors. */
export const NOTATION_LIMITS = { characters: 20_000, times: 1_000, depth: 12, metres: 10, turn: 720, name: 40, errors: 50 } as const;

/** Of a text file of patterns: its characters, patterns, and of each of them the characters of its name and its tags. */
export const FILE_LIMITS = { characters: 2_000_000, patterns: 2_000, name: 80, tags: 12, held: 400 } as const;

/** Metres of one unit; 'shoe' and the words of size depend on the body. */
export const METRES_OF: Readonly<Record<'cm' | 'm' | 'in' | 'ft', number>> = { cm: 0.01, m: 1, in: 0.0254, ft: 0.3048 };

/** Characters of a club's own move, at most. */
export const OWN_MOVE_LIMITS = { name: 24, steps: 2000 } as const;
