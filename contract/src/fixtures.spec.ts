import type { Caution } from '@hopsk/core/body/caution';
import { readdirSync, readFileSync } from 'node:fs';
import { readPatternFile, writePatternFile } from '@hopsk/core/language/pattern-file';
import { readSession, writeSession } from '@hopsk/core/plan/session/session-file';
import { fromEarlier, type EarlierEvent } from '@hopsk/core/log/earlier';
import { isSession } from '@hopsk/core/plan/run-plan';
import { CLUB_FILE_VERSION } from './club-format.js';
import { ClubFile } from './club-file.js';
import { PatternFile } from './pattern.js';
import type { RunPlan } from './run.js';
import { SessionFile } from './session.js';
import { meaningsOf, type LineMeaning } from './testing/lines.js';

/** What was one line of text once is a note now, to the letter. */
const notesOfOld = (one: Caution | string): Caution =>
  typeof one === 'string' ? { part: 'other', side: null, forbids: [], landings: null, note: one } : one;

/** What is planned was called a progression by the first versions. */
const calledNow = (text: string): unknown =>
  JSON.parse(text.replaceAll('"progressions":', '"sessions":').replaceAll('"progressionId":', '"sessionId":'));

/** How many landings were planned is kept with newer plans only; of older ones it is not known. */
const plansOfOld = (plan: RunPlan): RunPlan => (isSession(plan) ? { ...plan, landings: plan.landings ?? null } : plan);

const folder = new URL('../../fixtures/', import.meta.url);
const versions = readdirSync(folder, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

for (const version of versions) {
  describe(`files that ${version} wrote`, () => {
    const text = (file: string): string => readFileSync(new URL(`${version}/${file}`, folder), 'utf8');
    const json = (file: string): unknown => JSON.parse(text(file));

    it('are read with nothing wrong and nothing changed', () => {
      expect(SessionFile.parse(json('session.json')) as unknown).toEqual(json('session.json'));
      expect(PatternFile.parse(json('pattern.json')) as unknown).toEqual(json('pattern.json'));
      const club = calledNow(text('club.hopsk.json')) as ClubFile;
      const athletes = club.athletes.map((one) => ({
        ...one,
        agreed: null,
        cautions: (one.cautions as (Caution | string)[]).map(notesOfOld),
      })) as ClubFile['athletes'];
      const teaching = club.teaching && { ...club.teaching, views: {}, numbers: null, faults: [] };
      const runs = club.runs.map(({ run, events }) => ({
        run: { ...run, plan: plansOfOld(run.plan) },
        events: fromEarlier(run.id, events as unknown as EarlierEvent[]),
      }));
      expect<ClubFile>(ClubFile.parse(json('club.hopsk.json'))).toEqual({ ...club, version: CLUB_FILE_VERSION, teaching, athletes, runs });
    });

    it('are read as text and written again with all that they said; what is written now is read as the same', () => {
      const words = { cue: (fault: string) => fault };
      const session = readSession(text('session.txt'), words);
      expect(session.errors).toEqual([]);
      const now = writeSession(session.session);
      const lines = now.split('\n');
      expect(
        text('session.txt')
          .split('\n')
          .filter((line) => !lines.includes(line)),
      ).toEqual([]);
      expect(readSession(now, words)).toEqual(session);
      const patterns = readPatternFile(text('pattern.txt'));
      expect(patterns.errors).toEqual([]);
      expect(writePatternFile(patterns.patterns)).toBe(text('pattern.txt'));
    });

    it('hold lines of steps that mean what they did, to the millisecond and the contact', () => {
      const meant = json('lines.json') as LineMeaning[];
      expect(meant.length).toBeGreaterThan(10);
      expect(meaningsOf(ClubFile.parse(json('club.hopsk.json')))).toEqual(meant);
    });
  });
}
