import { PatternFile, SessionFile } from './files.js';
import type { Caution } from '@hopsk/core/body/caution';
import { readdirSync, readFileSync } from 'node:fs';
import { keptDose, keptMoves, keptSteps } from '@hopsk/core/language/earlier/kept';
import { printDose } from '@hopsk/core/language/dose-print';
import { readDose } from '@hopsk/core/language/dose-text';
import { readPatternFile, writePatternFile } from '@hopsk/core/language/pattern-file';
import { readSession, writeSession } from '@hopsk/core/plan/session/session-file';
import { fromEarlier, type EarlierEvent } from '@hopsk/core/log/earlier';
import { isSession } from '@hopsk/core/plan/run-plan';
import { CLUB_FILE_VERSION } from './club-format.js';
import { ClubFile } from './club-file.js';
import { CLUB_RECORDS, type ClubRecord } from './club-lines.js';
import type { RunPlan } from './run.js';
import { rewordBy } from './reworded.js';
import { clubOf } from './testing/club-of.js';
import { meaningOf, type LineMeaning } from './testing/lines.js';

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

/** Versions whose club file was one document, with no line that reads otherwise today. */
const before = (version: string): boolean => version < 'v3';
const textOf = (version: string, file: string): string => readFileSync(new URL(`${version}/${file}`, folder), 'utf8');
const clubIn = (version: string): ClubFile =>
  before(version) ? ClubFile.parse(JSON.parse(textOf(version, 'club.hopsk.json'))) : clubOf(textOf(version, 'club.hopsk.jsonl'));

/** What a line says so that it goes on being done as it was. */
const MANNER = /^(?:engine 1|tempo flat)\n/;

for (const version of versions) {
  describe(`files that ${version} wrote`, () => {
    const text = (file: string): string => textOf(version, file);
    const json = (file: string): unknown => JSON.parse(text(file));

    it('are read with nothing wrong and nothing changed', () => {
      expect(SessionFile.parse(json('session.json')) as unknown).toEqual(json('session.json'));
      expect(PatternFile.parse(json('pattern.json')) as unknown).toEqual(json('pattern.json'));
      if (!before(version)) {
        const [, ...records] = text('club.hopsk.jsonl').trimEnd().split('\n').slice(0, -1);
        for (const line of records)
          for (const [kind, record] of Object.entries(JSON.parse(line) as object) as [ClubRecord['kind'], unknown][])
            expect<unknown>(CLUB_RECORDS[kind].parse(record))
              .withContext(kind)
              .toEqual(kind === 'athlete' ? { tempo: {}, ...(record as object) } : record);
        return;
      }
      const club = calledNow(text('club.hopsk.json')) as ClubFile;
      const athletes = club.athletes.map((one) => ({
        ...one,
        agreed: null,
        tempo: {},
        cautions: (one.cautions as (Caution | string)[]).map(notesOfOld),
      })) as ClubFile['athletes'];
      const teaching = club.teaching && { ...club.teaching, views: {}, numbers: null, faults: [] };
      const runs = club.runs.map(({ run, events }) => ({
        run: { ...run, plan: plansOfOld(run.plan) },
        events: fromEarlier(run.id, events as unknown as EarlierEvent[]),
      }));
      expect<ClubFile>(clubIn(version)).toEqual({ ...club, version: CLUB_FILE_VERSION, teaching, athletes, runs });
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
      const { teaching } = clubIn(version);
      const { moves, own } = keptMoves(teaching?.moves ?? [], 1);
      const now = teaching && { ...teaching, moves: [...moves] };
      const reword = rewordBy({ language: 1, engine: 1, known: true, most: Infinity }, own);
      const reworded = meant.map((line) => {
        const kept = keptSteps(line.steps, 1, own);
        const stands = reword({ place: 'steps', part: 'line', of: '', text: line.steps, for: line, stage: null });
        const is = meaningOf({ ...line, steps: stands }, now);
        // What stands for a line that reads otherwise today is its plain form of then, and nothing of that is marked; what was dropped in
        // silence is marked today.
        expect(is)
          .withContext(line.steps)
          .toEqual({ ...line, steps: is.steps, print: is.print, errors: kept ? [] : before(version) ? line.errors : is.errors });
        if (!own.names.size) expect(is.print.replace(MANNER, '')).withContext(line.steps).toBe(line.print);
        return kept !== null;
      });
      expect(reworded.filter(Boolean).length)
        .withContext('lines that read otherwise today')
        .toBe(before(version) ? 0 : 26);
    });

    it('hold doses that say what they did, in the plain form of then', () => {
      const doses = before(version) ? [] : (json('doses.json') as { dose: string; print: string | null }[]);
      const otherwise = doses.flatMap(({ dose, print }) => {
        const kept = keptDose(dose, 1);
        const stands = readDose(kept?.stands ?? dose).dose;
        if (!kept)
          expect(stands && printDose(stands))
            .withContext(dose)
            .toBe(print);
        return kept ? [[dose, kept.stands]] : [];
      });
      // A rest that never came is left out: ‘set rest’ of one set, ‘rest’ between the rounds of one.
      expect(otherwise).toEqual(
        before(version)
          ? []
          : [
              ['3 × 8, set rest 60 s', '3 × 8'],
              ['2 sets of 5 reps, rest 1 min', '2 sets of 5'],
              ['10, rest 5, rest 20', '10, rest 20 s'],
              ['2 × 6, set rest 30 s', '2 × 6'],
              ['3 × 45 s, rest 15 s, 2 sets, set rest 60 s', '3 × 45 s, rest 15 s, set rest 60 s'],
            ],
      );
    });
  });
}
