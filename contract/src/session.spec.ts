import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { default as formats } from 'ajv-formats';
import { fieldsOf } from './problem.js';
import { RunPlan } from './run.js';
import { SESSION_FILE, SessionFile } from './files.js';
import { SessionDraft } from './session-draft.js';
import { sessionSchema } from './file-schemas.js';
import { sampleSession } from './testing/samples.js';

const { template: _template, athletes: _athletes, differences: _differences, ...session } = sampleSession;
const file = { format: SESSION_FILE, version: 1, session } as const;

describe('a session file', () => {
  const ajv = new Ajv2020({ strict: false });
  (formats as unknown as (to: Ajv2020) => void)(ajv);
  const valid = ajv.compile(JSON.parse(sessionSchema()) as object);

  it('is published with the schema that the contract has now', () => {
    // Renewed by `npm run schema`.
    const published = readFileSync(new URL('../../web/public/schema/hopsk-session.schema.json', import.meta.url), 'utf8');
    expect(published).toBe(sessionSchema());
  });

  it('is taken and refused alike by the contract and by an independent validator of the published schema', () => {
    const [stage] = session.stages;
    const cases: [string, unknown, boolean][] = [
      ['as it is written', file, true],
      ['without stages', { ...file, session: { ...session, stages: [] } }, true],
      ['of another format', { ...file, format: 'other' }, false],
      ['of a later version', { ...file, version: 2 }, false],
      ['without its settings', { ...file, session: { ...session, settings: undefined } }, false],
      ['with a priority that is none', { ...file, session: { ...session, stages: [{ ...stage, priority: 4 }] } }, false],
      ['with a rest below nothing', { ...file, session: { ...session, settings: { ...session.settings, rest: -1 } } }, false],
      ['with nothing', {}, false],
    ];
    for (const [what, input, good] of cases) {
      const written = JSON.parse(JSON.stringify(input)) as unknown;
      expect([valid(written), SessionFile.safeParse(written).success])
        .withContext(what)
        .toEqual([good, good]);
    }
  });

  it('names what cannot be by its place in the nearest shape', () => {
    const wrong = { ...sampleSession, stages: [{ ...sampleSession.stages[0], view: 'above' }] };
    const read = SessionDraft.safeParse(wrong);
    expect(read.success ? [] : fieldsOf(read.error, wrong)).toEqual([
      { path: 'stages.0.view', code: 'one-of', values: { known: ['front', 'side'] } },
    ]);
    // A plan is either rounds or a session: what is said is of the one that was meant.
    const plan = { dose: { mode: 'seconds', work: 0, rounds: 1, sets: 1, rest: null, setRest: null }, rep: null };
    const run = RunPlan.safeParse(plan);
    expect(run.success ? [] : fieldsOf(run.error, plan).map(({ path }) => path)).toEqual(['dose.work']);
  });
});
