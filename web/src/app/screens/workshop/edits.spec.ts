import { draft, stage } from '../../testing/sessions';
import { pattern } from '../../testing/run';
import { doseWith, lineOf, withAthlete, withFit, withInserted, withMoved, withoutStage, withRests, withStage } from './edits';

describe('what a press changes of a session', () => {
  const stages = ['A', 'B', 'C'].map((name) => stage('3 × 8', { name }));
  const [a, b] = stages as [(typeof stages)[0], (typeof stages)[0]];
  const whole = draft(stages);
  const names = (change: { readonly stages?: typeof whole.stages } | null): string => change?.stages?.map((one) => one.name).join('') ?? '';

  it('never the draft itself', () => {
    const before = structuredClone(whole);
    withMoved(whole, 0, 2);
    withInserted(whole, a);
    withoutStage(whole, a.id);
    withRests(whole, new Map([[a.id, [{ code: 'rest', stage: 0, level: 'asks', values: {} } as never]]]), {
      rest: 9,
      setRest: 1,
      change: 2,
    });
    expect(whole).toEqual(before);
  });

  it('moves, adds, doubles in place and takes out', () => {
    expect([names(withMoved(whole, 0, 2)), names(withMoved(whole, 2, 0)), names(withMoved(whole, 1, 1))]).toEqual(['BCA', 'CAB', 'ABC']);
    expect([withMoved(whole, 0, 3), withMoved(whole, 0, -1), withMoved(whole, 3, 0)]).toEqual([null, null, null]);
    expect([names(withInserted(whole, b)), names(withInserted(whole, b, 1))]).toEqual(['ABCB', 'ABBC']);
    expect(names(withStage(whole, b.id, { name: 'X' }))).toBe('AXC');
    expect(names(withStage(whole, 'unknown', { name: 'X' }))).toBe('ABC');
  });

  it('with a stage goes what somebody does otherwise in it, with an athlete what they do otherwise', () => {
    const other = (athlete: string, of: string) => ({ athlete, stage: of, skip: true, dose: '', note: '' });
    const differing = { ...whole, athletes: ['ada', 'bea'], differences: [other('ada', a.id), other('bea', b.id)] };
    expect(withoutStage(differing, a.id).differences).toEqual([other('bea', b.id)]);
    expect(withAthlete(differing, 'bea')).toEqual({ athletes: ['ada'], differences: [other('ada', a.id)] });
    expect(withAthlete(differing, 'cyd')).toEqual({ athletes: ['ada', 'bea', 'cyd'] });
  });

  it('one answer goes to all stages that ask for it, and to no other; what is empty stays open', () => {
    const asks = (code: 'rest' | 'set-rest' | 'sides') => ({ code, stage: 0, level: 'asks', values: {} }) as never;
    const open = { ...whole, settings: { ...whole.settings, change: null } };
    const asked = new Map([
      [a.id, [asks('rest'), asks('set-rest'), asks('sides')]],
      [b.id, [asks('set-rest')]],
    ]);
    const doses = (answers: Parameters<typeof withRests>[2]) => withRests(open, asked, answers).stages?.map(({ dose }) => dose);
    expect(doses({ rest: 20, setRest: null, change: null })).toEqual(['3 × 8, rest 20 s', '3 × 8', '3 × 8']);
    expect(doses({ rest: 20, setRest: 60, change: null })).toEqual(['3 × 8, rest 20 s, set rest 60 s', '3 × 8, set rest 60 s', '3 × 8']);
    expect(withRests(open, asked, { rest: null, setRest: null, change: 15 }).settings?.change).toBe(15);
    // What is decided already is not decided anew.
    expect(
      withRests({ ...whole, settings: { ...whole.settings, change: 9 } }, asked, { rest: null, setRest: null, change: 15 }).settings
        ?.change,
    ).toBe(9);
  });

  it('an answer is written behind the dose, or is all of it', () => {
    expect([doseWith(' 3 × 8 ', 'rest 20 s'), doseWith('  ', 'each side'), doseWith('8')]).toEqual(['3 × 8, rest 20 s', 'each side', '8']);
  });

  it('takes what was fitted: doses as chosen, what does not fit is left out', () => {
    const fitted = {
      stages: [
        { id: a.id, kept: true, dose: '2 × 8' },
        { id: b.id, kept: false, dose: '' },
      ],
    } as never;
    expect(withFit(whole, fitted).stages?.map(({ name, dose }) => `${name} ${dose}`)).toEqual(['A 2 × 8', 'C 3 × 8']);
  });

  it('a stage follows its pattern in what the line is, and in nothing else', () => {
    const of = pattern({ steps: 'split', hand: 'left', version: 7 });
    expect(lineOf(of)).toEqual({
      pattern: { id: of.id, version: 7 },
      steps: 'split',
      school: of.school,
      hand: 'left',
      lead: of.lead,
      shouldClose: of.shouldClose,
    });
  });
});
