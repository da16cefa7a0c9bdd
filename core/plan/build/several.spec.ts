import fc from 'fast-check';
import { FAULTS, faultsByCode } from '../../catalogue/faults.js';
import { holds } from '../../testing/holds.js';
import { performer } from '../../testing/performers.js';
import type { BuildOptions } from './build-up.js';
import { forFault, lineForFault } from './for-fault.js';
import { forSeveral, type ForOne } from './several.js';

const catalogue = faultsByCode();
const ada = performer();
let ids = 0;
const options: BuildOptions = {
  ...{ chain: 'forward', kinds: ['isolate', 'whole', 'other side'], opposed: 'fed', playbook: null, focus: [], cautions: [], own: [] },
  ...{ settings: { rest: 20, setRest: 45 }, otherLead: true, child: false, mastered: new Set<string>(), newId: () => `id${++ids}` },
};
const builtFor = (fault: string, part: ForOne['part'] = 'main'): ForOne => {
  const entry = catalogue.get(fault);
  if (!entry) throw new Error(`no fault ${fault}`);
  return {
    fault,
    part,
    built: forFault(
      entry,
      lineForFault(entry, [], () => ada),
      ada,
      options,
    ),
  };
};

describe('a session for several faults', () => {
  it('what two ask for alike is done once, from where both are seen, their cues in turn; each keeps its own remedy', () => {
    // No recovery is seen from the side and the front, the place of it from the front alone.
    const { stages, faults } = forSeveral([builtFor('no-recovery'), builtFor('recovery-place')], catalogue);
    const both = stages.filter(({ stage }) => stage.watch.length > 1);
    expect(both.length).toBeGreaterThan(0);
    for (const { stage, cues } of both)
      expect([stage.view, stage.watch, cues, faults.get(stage.id)]).toEqual([
        'front',
        ['no-recovery', 'recovery-place'],
        ['no-recovery', 'recovery-place'],
        ['no-recovery', 'recovery-place'],
      ] as never);
    const remedies = stages.flatMap(({ name }) => (name.code === 'remedy' ? [name.values.fault] : []));
    expect(remedies).toEqual(['no-recovery', 'recovery-place']);
    // In another part of the session it is another thing.
    expect(
      forSeveral([builtFor('no-recovery', 'warm-up'), builtFor('recovery-place')], catalogue).stages.every(({ cues }) => cues.length < 2),
    ).toBeTrue();
  });

  it('loses nothing of what was built for any, looks for two at most, and only for what can be seen', () => {
    const codes = fc.uniqueArray(fc.constantFrom(...FAULTS.map(({ code }) => code)), { minLength: 1, maxLength: 4 });
    holds(
      fc.property(codes, (chosen) => {
        const all = chosen.map((code) => builtFor(code));
        const { stages, faults } = forSeveral(all, catalogue);
        expect(new Set(stages.map(({ stage }) => stage.id)).size).toBe(stages.length);
        for (const { stage, cues } of stages) {
          expect([stage.watch, cues]).toEqual([faults.get(stage.id), faults.get(stage.id)] as never);
          expect(stage.watch.length).toBeLessThanOrEqual(2);
          for (const fault of stage.watch) expect(catalogue.get(fault)?.views).toContain(stage.view);
        }
        for (const { fault, built } of all)
          for (const { stage } of built.stages)
            expect(
              stages.some((one) => one.stage.steps === stage.steps && one.stage.kind === stage.kind && one.stage.watch.includes(fault)),
            )
              .withContext(`${fault}: ${stage.name}`)
              .toBeTrue();
      }),
    );
  });
});
