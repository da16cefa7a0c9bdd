import { readFileSync } from 'node:fs';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { areaOf } from '@hopsk/core/judge/area-text';
import { placedOn } from '@hopsk/core/judge/area';
import { readSchools } from '@hopsk/core/judge/schools-text';
import { study } from '@hopsk/core/judge/study';
import type { Dose } from '@hopsk/core/language/dose';
import { readDose } from '@hopsk/core/language/dose-text';
import { parse } from '@hopsk/core/language/parse';
import { readPatternFile, writePatternFile, type FiledPattern } from '@hopsk/core/language/pattern-file';
import { toRounds } from '@hopsk/core/language/rounds';
import { faults } from '@hopsk/words/en/faults';
import { taught } from '@hopsk/core/plan/build/taught';
import type { Performer } from '@hopsk/core/motion/simulation';

const file = readFileSync(new URL('../../web/public/starters/en.txt', import.meta.url), 'utf8');
const { patterns, errors } = readPatternFile(file);

function performerOf(pattern: FiledPattern, height: number): Performer {
  const school = schoolOf(pattern.school) ?? SCHOOLS[0];
  return {
    body: bodyOf({ height }),
    school,
    lead: school.staggered && pattern.lead !== 'none' ? pattern.lead : null,
    playing: pattern.hand,
  };
}

describe('the starter library', () => {
  it('holds at least 100 patterns across eight sports, each with its own name and tags', () => {
    expect(errors).toEqual([]);
    expect(patterns.length).toBeGreaterThanOrEqual(100);
    expect(new Set(patterns.map((pattern) => pattern.sport)).size).toBeGreaterThanOrEqual(8);
    expect(new Set(patterns.map((pattern) => pattern.name)).size).toBe(patterns.length);
    for (const pattern of patterns) expect(pattern.tags.length).withContext(pattern.name).toBeGreaterThan(0);
  });

  for (const pattern of patterns) {
    it(`${pattern.sport}, ${pattern.name}: read without error, and nothing is found that is not meant`, () => {
      const area = areaOf(pattern.area);
      const { choices, wrong } = readSchools(pattern.held);
      expect(wrong).toEqual([]);
      const options = { sport: pattern.sport, schools: { pattern: choices }, ...(area ? { placing: placedOn(area) } : {}) };
      const seen = study(pattern.steps, performerOf(pattern, 1.72), pattern.shouldClose, options);
      expect(seen.errors).toEqual([]);
      expect(seen.simulation.moves.length).toBeGreaterThan(0);
      const { dose, errors } = pattern.dose === '' ? { dose: null, errors: [] } : readDose(pattern.dose);
      expect([errors, dose === null ? pattern.dose : toRounds(dose) === null]).toEqual([[], dose === null ? '' : false]);
      expect(seen.findings.filter((finding) => !finding.intended).map((finding) => finding.code)).toEqual([]);
      // Neither for a child, nor for somebody tall.
      for (const height of [1.45, 1.95]) {
        const { findings } = study(pattern.steps, performerOf(pattern, height), pattern.shouldClose, options);
        expect(findings.filter(({ intended, level }) => !intended && level !== 'note').map(({ code }) => code))
          .withContext(String(height))
          .toEqual([]);
      }
    });

    it(`${pattern.sport}, ${pattern.name}: has a dose, something to look for with a cue and attempts, and its calls`, () => {
      const dose = toRounds(readDose(pattern.dose).dose as Dose);
      const { watch, attempts, calls } = taught(parse(pattern.steps), performerOf(pattern, 1.72), pattern.sport, dose);
      expect(dose).not.toBeNull();
      expect(watch.length).toBeGreaterThan(0);
      expect(faults.faults[watch[0] ?? '']?.cue.length).toBeGreaterThan(3);
      expect(attempts).toBeGreaterThan(2);
      if (pattern.tags.includes('called')) expect(calls.length).toBeGreaterThan(1);
    });
  }

  it('can be written and read again', () => {
    const again = readPatternFile(writePatternFile(patterns));
    expect(again.errors).toEqual([]);
    expect(again.patterns.map(({ line: _, ...rest }) => rest)).toEqual(patterns.map(({ line: _, ...rest }) => rest));
    expect(patterns.every((pattern) => parse(pattern.steps).errors.length === 0)).toBeTrue();
  });
});
