/** Who is at which station in each turn: `turns[turn][station]` holds the places of athletes in their list. */
export type Rotation = readonly (readonly (readonly number[])[])[];

/**
 * A rotation of n athletes, alone or in pairs, over stations: everybody moves on by one each turn, so that after as many turns as
 * there are stations all have been everywhere. Where there are more groups than stations, groups share one, as evenly as can be.
 * @example rotationOf(3, 3, 1)[1] // [[2], [0], [1]]
 */
export function rotationOf(athletes: number, stations: number, together: 1 | 2): Rotation {
  const groups = Array.from({ length: Math.ceil(athletes / together) }, (_, g) =>
    Array.from({ length: Math.min(together, athletes - g * together) }, (__, k) => g * together + k),
  );
  return Array.from({ length: stations }, (_, turn) =>
    Array.from({ length: stations }, (__, station) => groups.filter((___, g) => (g + turn) % stations === station).flat()),
  );
}
