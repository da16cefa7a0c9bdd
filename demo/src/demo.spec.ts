import { ClubFile } from '@hopsk/contract/club-file';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, type School } from '@hopsk/core/body/school';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { study } from '@hopsk/core/judge/study';
import { countRun } from '@hopsk/core/log/count';
import { planProblems } from '@hopsk/core/plan/session/problems';
import { seeStage } from '@hopsk/core/plan/session/seen';
import { sessionTotals } from '@hopsk/core/plan/session/totals';
import { PATTERNS } from './patterns.js';
import { season } from './season.js';

describe('the demo club', () => {
  const file = season('2026-11-21');
  const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));

  it('is a club file, the same for the same seed and day', () => {
    expect(ClubFile.safeParse(file).error?.issues ?? []).toEqual([]);
    expect(season('2026-11-21')).toEqual(file);
    expect(file.athletes.length).toBe(12);
    expect(file.patterns.length).toBeGreaterThanOrEqual(12);
  });

  it('has patterns that can be read and go wrong nowhere', () => {
    for (const pattern of PATTERNS) {
      const performer = {
        body: bodyOf({ height: 1.7 }),
        school: schoolOf(pattern.school) as School,
        lead: pattern.lead === 'none' ? null : pattern.lead,
        playing: pattern.hand,
      };
      const seen = study(pattern.steps, performer, pattern.shouldClose);
      expect(seen.errors).withContext(pattern.name).toEqual([]);
      expect(seen.findings.map((finding) => finding.code))
        .withContext(pattern.name)
        .toEqual([]);
    }
  });

  it('has sessions that can be done, one with its rests still open, and a template', () => {
    expect(file.sessions.map((one) => [one.template, one.stages.length > 4])).toEqual([
      [false, true],
      [false, true],
      [true, true],
    ]);
    const by = {
      performer: (stage: { school: string; lead: string }) => ({
        body: bodyOf({ height: 1.7 }),
        school: schoolOf(stage.school) as School,
        lead: stage.lead === 'none' ? null : ('left' as const),
        playing: 'right' as const,
      }),
      text: (_: unknown, steps: string): string => steps,
    };
    for (const one of file.sessions) {
      const seen = one.stages.map((stage) => seeStage(stage, one, by));
      const problems = planProblems(seen, sessionTotals(seen, one), one);
      expect(problems.filter((problem) => problem.level === 'stop').map((problem) => problem.code))
        .withContext(one.name)
        .toEqual([]);
      expect(problems.some((problem) => problem.level === 'asks'))
        .withContext(one.name)
        .toBe(one.settings.rest === null);
    }
  });

  it('has faults that rise and fall over three months', () => {
    const ines = file.athletes.find((athlete) => athlete.name === 'Ines')?.id ?? '';
    const tallies = file.runs.flatMap(({ run, events }): SessionTally[] =>
      countRun(run.plan, events, catalogue, run.tapDelay)
        .tallies.filter((tally) => tally.athlete === ines)
        .map((tally) => ({ ...tally, day: run.day })),
    );
    const late = faultBook(tallies).find((entry) => entry.fault === 'split-late');
    const rate = (part: SessionTally[]): number =>
      part.reduce((sum, s) => sum + s.faulty, 0) / part.reduce((sum, s) => sum + s.attempts, 0);
    const sessions = [...(late?.sessions ?? [])].filter((session) => session.attempts > 0);
    expect(sessions.length).toBeGreaterThan(6);
    expect(rate(sessions.slice(0, 4))).toBeGreaterThan(rate(sessions.slice(-4)) + 0.1);
  });
});
