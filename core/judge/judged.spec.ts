import { schoolOf } from '../body/school.js';
import { mirrorText } from '../language/mirror.js';
import type { Performer } from '../motion/simulation.js';
import { CORRECT, FAULTY, type Drill } from '../testing/judged.js';
import { mirroredPerformer, performer } from '../testing/performers.js';
import type { Finding } from './finding.js';
import { study } from './study.js';

/** A drill and its neighbours: the other way round, and on smaller and taller bodies. */
function neighbours({ line, stance }: Drill): readonly (readonly [string, string, Performer])[] {
  const lead = schoolOf(stance)?.staggered ? 'left' : null;
  return [1.7, 1.4, 1.95].flatMap((height) => {
    const who = performer(height, stance, lead);
    return [[`${height} m`, line, who] as const, [`${height} m, mirrored`, mirrorText(line), mirroredPerformer(who)] as const];
  });
}

/** What is said of a line above a note. */
function graveIn(line: string, who: Performer, { schools, sport }: Drill): Finding[] {
  const options = { ...(schools && { schools: { pattern: schools } }), ...(sport !== undefined && { sport }) };
  const { findings, errors } = study(line, who, true, options);
  expect(errors).withContext(line).toEqual([]);
  return findings.filter(({ level }) => level !== 'note');
}

describe('drills as a coach judges them', () => {
  for (const drill of CORRECT)
    it(`nothing above a note: ‘${drill.line}’, ${drill.stance}`, () => {
      for (const [how, line, who] of neighbours(drill))
        expect(graveIn(line, who, drill).map(({ code, level, values }) => [code, level, values]))
          .withContext(how)
          .toEqual([]);
    });

  for (const drill of FAULTY)
    it(`${drill.must}: ‘${drill.line}’, ${drill.stance}`, () => {
      for (const [how, line, who] of neighbours(drill))
        expect(graveIn(line, who, drill).map(({ code }) => code))
          .withContext(how)
          .toContain(drill.must);
    });
});
