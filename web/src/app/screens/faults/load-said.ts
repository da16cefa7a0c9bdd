import type { AthleteLoad } from '@hopsk/contract/load';
import { isUnder16, type Athlete } from '@hopsk/contract/people';
import { judgeLandings, STEEP } from '@hopsk/core/plan/session/landings';
import { words } from '@hopsk/words/words';

type Week = AthleteLoad['weeks'][number];

/** Weeks that are looked at for what is worth a look. */
const LATELY = 4;

const round = (n: number | null, digits = 0): string => (n === null ? '' : n.toFixed(digits));

/** The weeks as a table, the latest first. */
export const weekRows = (weeks: readonly Week[]): string[][] =>
  [...weeks].reverse().map((week) => {
    const { from, evenings, rated, load, monotony, strain, landings, lunges, notKept } = week;
    const part = (n: number | null): string => (n === null ? '' : notKept > 0 ? words.load.atLeast(n) : String(n));
    return [
      ...[from, rated < evenings ? words.load.some(rated, evenings) : String(evenings)],
      ...[round(load), round(monotony, 2), round(strain), part(landings), part(lunges)],
    ];
  });

/** What of the last weeks is worth a look, the latest first: a steep rise, more landings on an evening than are usual. */
export function worthALook(weeks: readonly Week[], { level, ageGroup }: Pick<Athlete, 'level' | 'ageGroup'>): string[] {
  const { load: text } = words;
  return weeks
    .slice(-LATELY)
    .reverse()
    .flatMap(({ from, loadRise, landingsRise, mostLandings }) => {
      const most = judgeLandings(mostLandings, level, isUnder16(ageGroup));
      return [
        ...(loadRise !== null && loadRise > STEEP.beware ? [text.rise(from, loadRise)] : []),
        ...(landingsRise !== null && landingsRise > STEEP.beware ? [text.landingsRise(from, landingsRise)] : []),
        ...(most.level === 'above' && most.guidance
          ? [text.most({ from, landings: mostLandings, low: most.guidance[0], high: most.guidance[1] })]
          : []),
        ...(most.level === 'no number' ? [text.mostOfChild(from, mostLandings)] : []),
      ];
    });
}
