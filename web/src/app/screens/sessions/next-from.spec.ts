import type { Book } from '@hopsk/contract/book';
import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { firstToFix } from '@hopsk/core/evidence/first-to-fix';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { forFault, lineForFault } from '@hopsk/core/plan/build/for-fault';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, type School } from '@hopsk/core/body/school';
import type { Studies } from '../../compute/studies';
import type { Ask, BuildAsk } from '../../compute/study.worker';
import { nextStages } from './next-from';

const weeks = (fault: string, faulty: readonly number[]): SessionTally[] =>
  faulty.map((hits, i) => ({
    ...{ day: `2026-03-0${i + 1}`, fault, attempts: 40, faulty: hits, noted: 0, left: 0, right: 0 },
  }));
const performer = { body: bodyOf({ height: 1.7 }), school: schoolOf('square-ready') as School, lead: null, playing: 'right' as const };
const options: BuildAsk = {
  ...{ chain: 'forward', kinds: [], opposed: 'fed', playbook: null, settings: { rest: 20, setRest: 45 }, focus: [], cautions: [] },
  ...{ otherLead: true, child: false, mastered: new Set(), own: [] },
};
let ids = 0;
/** As the worker answers. */
const asking = {
  ask: (_: string, { fault, options: asked }: Ask<'forFault'>) => {
    const entry = faultsByCode().get(fault);
    if (!entry) return Promise.resolve(null);
    const source = lineForFault(entry, [], () => performer);
    return Promise.resolve({ source, built: forFault(entry, source, performer, { ...asked, newId: () => `id${++ids}` }) });
  },
} as unknown as Studies;

async function made(tallies: readonly SessionTally[], faults?: BuildAsk['faults'], focus: string[] = []): ReturnType<typeof nextStages> {
  const entries = faultBook(tallies);
  const first = firstToFix(entries, [], faultsByCode(), []);
  const book = { entries, first, decisions: [], to: '2026-03-04' } as unknown as Book;
  return nextStages({
    asking,
    book,
    focus,
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
