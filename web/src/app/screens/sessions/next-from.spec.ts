import type { Book } from '@hopsk/contract/book';
import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { firstToFix } from '@hopsk/core/evidence/first-to-fix';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { forFault, lineForFault } from '@hopsk/core/plan/build/for-fault';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, type School } from '@hopsk/core/body/school';
import { StageSchema, type Session } from '@hopsk/contract/session';
import { newId } from '../../data/ids';
import type { Studies } from '../../compute/studies';
import type { Ask, BuildAsk } from '../../compute/study.worker';
import { nextStages, offeredTo } from './next-from';

const weeks = (fault: string, faulty: readonly number[]): SessionTally[] =>
  faulty.map((hits, i) => ({
    ...{ day: `2026-03-0${i + 1}`, fault, attempts: 40, faulty: hits, noted: 0, left: 0, right: 0 },
  }));
const performer = { body: bodyOf({ height: 1.7 }), school: schoolOf('square-ready') as School, lead: null, playing: 'right' as const };
const options: BuildAsk = {
  ...{ chain: 'forward', kinds: [], opposed: 'fed', playbook: null, settings: { rest: 20, setRest: 45 }, focus: [], cautions: [] },
  ...{ otherLead: true, child: false, mastered: new Set(), own: [] },
};
/** As the worker answers. */
const asking = {
  ask: (_: string, { fault, options: asked }: Ask<'forFault'>) => {
    const entry = faultsByCode().get(fault);
    if (!entry) return Promise.resolve(null);
    const source = lineForFault(entry, [], () => performer);
    return Promise.resolve({ source, built: forFault(entry, source, performer, { ...asked, newId }) });
  },
} as unknown as Studies;

async function made(
  tallies: readonly SessionTally[],
  faults?: BuildAsk['faults'],
  focus: string[] = [],
  before: Session[] = [],
): ReturnType<typeof nextStages> {
  const entries = faultBook(tallies);
  const first = firstToFix(entries, [], faultsByCode(), []);
  const book = { entries, first, decisions: [], to: '2026-03-04' } as unknown as Book;
  return nextStages({
    asking,
    book,
    focus,
    before,
    today: '2026-03-08',
    club: [],
    performers: [performer],
    options: { ...options, ...(faults && { faults }) },
  });
}

describe('a session for what a fault book asks for', () => {
  it('has stages for each fault in its turn, each with why, and says how the last evening went', async () => {
    const { stages, why, last, name } = await made(weeks('split-late', [20, 20, 21, 22]));
    expect(stages[0]?.name).toContain('split late');
    expect(stages.map(({ watch }) => watch)).toEqual(stages.map(() => ['split-late']));
    expect([...(why?.keys() ?? [])]).toEqual(stages.map(({ id }) => id));
    expect(new Set(why?.values())).toEqual(new Set(['split late: 52 per 100 lately, for 4 evenings; step back by the rule of thumb.']));
    expect([last, name]).toEqual(['Last time, 2026-03-04: split late 55 per 100.', 'Next session, 2026-03-08']);
  });

  it('what was offered is kept with why; what was left out of it is said the next time, with why not', async () => {
    const built = await made(weeks('split-late', [20, 20, 21, 22]));
    const offered = offeredTo('ada', built);
    expect(offered.stages.map(({ stage, because }) => [stage, because])).toEqual(
      built.stages.map(({ id }) => [id, built.why?.get(id) ?? 'nothing']),
    );
    const [out, ...rest] = offered.stages;
    const said = { ...offered, stages: [{ ...(out as (typeof rest)[number]), whyNot: 'sore heel' }, ...rest] };
    const kept = { offered: said, stages: built.stages.slice(1).map((one) => StageSchema.parse(one)), savedAt: '2026-03-05T20:00:00Z' };
    const older = { ...kept, stages: [], savedAt: '2026-03-01T20:00:00Z' };
    const next = await made(weeks('split-late', [20]), undefined, [], [older, kept] as unknown as Session[]);
    expect(next.last).toMatch(/Left out of the session of 2026-03-05: [^;]+ \(sore heel\)\.$/);
    const all = { ...kept, stages: built.stages };
    expect((await made(weeks('split-late', [20]), undefined, [], [all] as unknown as Session[])).last).not.toContain('Left out');
  });

  it('asks nothing for what the club hides', async () => {
    const offered = [...faultsByCode().values()].filter(({ code }) => code !== 'split-late');
    const [late, both] = [
      weeks('split-late', [20, 20, 21, 22]),
      [...weeks('split-late', [20, 20, 21, 22]), ...weeks('no-recovery', [9, 9, 9, 9])],
    ];
    expect((await made(late, offered)).stages).toEqual([]);
    // Nor where it is still in somebody's focus and nobody watched it.
    expect((await made([], offered, ['split-late'])).stages).toEqual([]);
    expect((await made([], undefined, ['split-late'])).stages).not.toEqual([]);
    const { stages } = await made(both, offered);
    expect([...new Set(stages.flatMap(({ watch }) => watch))]).toEqual(['no-recovery']);
  });

  it('a stage that two faults ask for says why for both, with both cues', async () => {
    const { stages, why } = await made([...weeks('no-recovery', [9, 9, 9, 9]), ...weeks('recovery-place', [8, 8, 8, 8])]);
    const both = stages.find(({ watch }) => watch.length > 1);
    expect(both?.cues.length).toBe(2);
    expect(why?.get(both?.id ?? '')).toMatch(/^no recovery: .*\. .*per 100 lately, for 4 evenings; .*\.$/);
  });
});
