import { readFileSync } from 'node:fs';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { areaOf } from '@hopsk/core/judge/area-text';
import { placedOn } from '@hopsk/core/judge/area';
import { study } from '@hopsk/core/judge/study';
import { parse } from '@hopsk/core/language/parse';
import { readPatternFile, writePatternFile, type FiledPattern } from '@hopsk/core/language/pattern-file';
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
  it('holds at least 40 patterns across eight sports, each with its own name and tags', () => {
    expect(errors).toEqual([]);
    expect(patterns.length).toBeGreaterThanOrEqual(40);
    expect(new Set(patterns.map((pattern) => pattern.sport)).size).toBeGreaterThanOrEqual(8);
    expect(new Set(patterns.map((pattern) => pattern.name)).size).toBe(patterns.length);
    for (const pattern of patterns) expect(pattern.tags.length).withContext(pattern.name).toBeGreaterThan(0);
  });

  for (const pattern of patterns) {
    it(`${pattern.sport}, ${pattern.name}: read without error, and nothing is found that is not meant`, () => {
      const area = areaOf(pattern.area);
      const options = area ? { placing: placedOn(area) } : {};
      const seen = study(pattern.steps, performerOf(pattern, 1.72), pattern.shouldClose, options);
      expect(seen.errors).toEqual([]);
      expect(seen.simulation.moves.length).toBeGreaterThan(0);
      expect(seen.findings.filter((finding) => !finding.intended).map((finding) => finding.code)).toEqual([]);
    });
  }

  it('can be written and read again', () => {
    const again = readPatternFile(writePatternFile(patterns));
    expect(again.errors).toEqual([]);
    expect(again.patterns.map(({ line: _, ...rest }) => rest)).toEqual(patterns.map(({ line: _, ...rest }) => rest));
    expect(patterns.every((pattern) => parse(pattern.steps).errors.length === 0)).toBeTrue();
  });
});
