import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { aStage, seenOf, sessionOf, asWritten, SPOKEN } from '../testing/sessions.js';
import { sessionPlanOf } from './session/session-plan.js';
import { timelineOf } from './session/timeline.js';
import { sessionTotals } from './session/totals.js';
import { atStations, stationOf } from './stations.js';

describe('a rotation of stations', () => {
  it('has everybody at one station a round, and at each of them once in as many rounds', () => {
    holds(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 30 }),
        (stations, people, round) => {
          const names = Array.from({ length: stations }, (_, i) => `s${i}`);
          const athletes = Array.from({ length: people }, (_, i) => `a${i}`);
          const at = atStations(names, athletes, round);
          expect(at.flatMap((one) => [...one.people]).sort()).toEqual([...athletes].sort());
          for (const one of athletes.slice(0, 3)) {
            const been = names.map((_, k) => atStations(names, athletes, round + k).findIndex(({ people: there }) => there.includes(one)));
            expect(new Set(been).size).toBe(stations);
          }
        },
      ),
    );
    expect([1, 2, 3].map((group) => stationOf(group, 1, 3))).toEqual([0, 1, 2]);
  });

  it('is said at each change: who goes where, for as many groups as there are people for', () => {
    const stations = ['mirror', 'lunges', 'ladder'].map((name) => ({ name, steps: 'split' }));
    const session = sessionOf([aStage('3 × 20 s, rest 10 s', { stations, explain: 10 })]);
    const said = (athletes: number): string[] => {
      const seen = seenOf(session, { ...asWritten, athletes });
      return timelineOf(seen, session, SPOKEN)
        .cues.filter(({ kind }) => kind === 'rest' || kind === 'explain')
        .map(({ say }) => say);
    };
    expect(said(6)).toEqual([
      'next: a stage: group 1 to mirror, group 2 to lunges, group 3 to ladder',
      'change stations: group 1 to lunges, group 2 to ladder, group 3 to mirror',
      'change stations: group 1 to ladder, group 2 to mirror, group 3 to lunges',
    ]);
    expect(said(2)[1]).toBe('change stations: group 1 to lunges, group 2 to ladder');
    // One alone goes through them all.
    expect(said(1)[1]).toBe('change stations: lunges');
    const seen = seenOf(session);
    const plan = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
    expect(plan.exercises[0]?.stations).toEqual(['mirror', 'lunges', 'ladder']);
  });
});
