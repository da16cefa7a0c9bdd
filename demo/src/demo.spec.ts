import { ClubFile } from '@hopsk/contract/club-file';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, type School } from '@hopsk/core/body/school';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { runPartsOf, type PartRow } from '@hopsk/core/evidence/run-parts';
import { splitsOf } from '@hopsk/core/evidence/splits';
import { comingTogether, pairSums } from '@hopsk/core/evidence/together';
import { study } from '@hopsk/core/judge/study';
import { countRun } from '@hopsk/core/log/count';
import { RunLog } from '@hopsk/core/log/run-log';
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
      const seen = study(pattern.steps, performer, pattern.shouldClose, { sport: pattern.sport });
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

  /** What the book says of somebody, computed as the server does. */
  function storyOf(name: string) {
    const id = file.athletes.find((athlete) => athlete.name === name)?.id ?? '';
    const theirs = file.runs.filter(({ run }) => run.athletes.includes(id));
    const logs = theirs.map(({ run, events }) => {
      const log = new RunLog(run.plan, catalogue, run.tapDelay, run.athletes);
      log.take(events);
      return { run, ...log.details() };
    });
    const book = faultBook(
      theirs.flatMap(({ run, events }): SessionTally[] =>
        countRun(run.plan, events, catalogue, run.tapDelay)
          .tallies.filter((tally) => tally.athlete === id)
          .map((tally) => ({ ...tally, day: run.day })),
      ),
    );
    const days = new Map(logs.map(({ run }) => [run.id, run.day]));
    return {
      entry: (fault: string) => book.find((one) => one.fault === fault),
      splits: (fault: string) =>
        splitsOf(
          runPartsOf(
            logs.flatMap(({ run, parts }) => {
              const most = (of: 'set' | 'round'): number => Math.max(...parts.map((part) => part[of]));
              return parts
                .filter((part) => part.athlete === id && part.fault === fault)
                .map((part): PartRow => ({
                  ...{ run: run.id, began: run.startedAt, name: run.name, stage: '', kind: '', cueing: '', implement: '', tempo: null },
                  opponent: '',
                  ...{ ...part, view: part.view ?? '', sets: most('set'), rounds: most('round') },
                }));
            }),
            (of) => days.get(of) ?? '',
          ),
        ),
      pairs: () => comingTogether(pairSums(logs.flatMap(({ pairs }) => pairs.filter(({ athlete }) => athlete === id)))),
    };
  }

  it('Ines splits in time now: it fades, by more than chance', () => {
    const late = storyOf('Ines').entry('split-late');
    expect(late?.recurrence.state).toBe('fading');
    expect(late?.lately?.high).toBeLessThan(0);
  });

  it('Kjell’s long step was rare, and is there again since his break, by more than chance', () => {
    const long = storyOf('Kjell').entry('long-step');
    expect(long?.sinceBreak?.days).toBeGreaterThanOrEqual(28);
    expect(long?.sinceBreak?.low).toBeGreaterThan(0);
  });

  it('Teyo’s left side is late when tired, his right is not', () => {
    const { third, left, right } = storyOf('Teyo').splits('split-late');
    expect(third?.low).toBeGreaterThan(0);
    expect(left?.low).toBeGreaterThan(0);
    expect(right?.low).toBeLessThan(0);
  });

  it('Samira’s slow first step comes together with her heels, and nothing else of hers does', () => {
    const found = storyOf('Samira')
      .pairs()
      .filter((pair) => pair.found);
    expect(found.map(({ fault, other }) => [fault, other])).toEqual([['heels-down', 'slow-first']]);
    expect(catalogue.get('slow-first')?.causes).toContain('heels-down');
  });
});
