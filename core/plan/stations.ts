import { groupOf } from './groups.js';

/**
 * At which station a group is in a round: in the first round each at its own, then each at the one that follows, round and round.
 * @param group from 1, as the round; the station from 0.
 * @example stationOf(2, 2, 3) // 2
 */
export const stationOf = (group: number, round: number, stations: number): number => (group + round - 2) % Math.max(1, stations);

/** A station, and those who are at it. */
export interface Station {
  readonly name: string;
  readonly people: readonly string[];
}

/**
 * Who is at which station in a round: those of a run in their order, in as many groups as there are stations, and whoever came later.
 * @example atStations(['mirror', 'lunges'], ['ada', 'bo', 'cy'], 2) // [{ name: 'mirror', people: ['cy'] }, { name: 'lunges', people: ['ada', 'bo'] }]
 */
export const atStations = (
  names: readonly string[],
  athletes: readonly string[],
  round: number,
  late: readonly string[] = [],
): Station[] => {
  const groups = groupsAt(names.length, athletes.length);
  const at = (one: string): number => stationOf(groupOf(athletes, groups, one, late), round, names.length);
  return names.map((name, station) => ({ name, people: [...athletes, ...late].filter((one) => at(one) === station) }));
};

/** How many groups there are: no more than people. */
export const groupsAt = (stations: number, athletes: number): number => Math.min(stations, Math.max(1, athletes));
