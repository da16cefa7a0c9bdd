import { draftOf } from './pattern-draft';
import { asJson, asText, readPatterns } from './pattern-files';

const draft = {
  ...draftOf(null),
  name: 'Evening',
  steps: 'split,\n  shuffle right 40 cm # kept',
  tags: ['a'],
  sport: 'squash',
  area: 'squash',
};

describe('pattern files', () => {
  it('come back as they went out, as text and as JSON', async () => {
    expect((await readPatterns(asText([draft]))).drafts).toEqual([draft]);
    const rounds = { ...draft, dose: { mode: 'seconds' as const, work: 30, rounds: 3, sets: 2, rest: 20, setRest: 60 } };
    expect(await readPatterns(asText([rounds]))).toEqual({ drafts: [rounds], wrong: [] });
    const whole = {
      ...draft,
      schools: { crossing: 'never' as const },
      dose: { mode: 'reps' as const, work: 5, rounds: 2, sets: 1, rest: null, setRest: null },
    };
    expect(await readPatterns(asJson([whole]))).toEqual({ drafts: [whole], wrong: [] });
  });

  it('of an earlier Hopsk say what they did, and tell which lines would not', async () => {
    const now = asJson([{ ...draft, steps: 'advance 3x' }]);
    expect(await readPatterns(now)).toEqual({ drafts: [{ ...draft, steps: 'advance 3x' }], wrong: [] });
    const then = JSON.stringify({ ...(JSON.parse(now) as object), language: undefined, engine: undefined });
    const { drafts, wrong } = await readPatterns(then);
    expect(drafts.map(({ steps }) => steps)).toEqual(['tempo flat, advance 3×']);
    expect(wrong).toEqual(['Evening: this file is of an earlier Hopsk, where ‘advance 3x’ said ‘tempo flat, advance 3×’; that stands.']);
    // One that says with which language and engine it was read is read so.
    const spoken = JSON.stringify({ ...(JSON.parse(now) as object), language: 2, engine: 1 });
    expect((await readPatterns(spoken)).drafts.map(({ steps }) => steps)).toEqual(['advance 3x']);
    const sized = JSON.stringify({ ...(JSON.parse(asJson([{ ...draft, steps: 'cut right 30 cm' }])) as object), language: 2, engine: 1 });
    expect((await readPatterns(sized)).drafts[0]?.steps).toMatch(/^(?:tempo flat|engine 1), cut right 30 cm$/);
  });

  it('say what is wrong and where, and never throw', async () => {
    expect((await readPatterns('{"format": "other"}')).wrong[0]).toContain('file is not a Hopsk file of this kind');
    expect((await readPatterns('{')).wrong[0]).toContain('no whole JSON');
    expect((await readPatterns(asJson([{ ...draft, name: '' }]))).wrong).toEqual(['1: name is empty']);
    const odd = await readPatterns('== One\narea: the moon\n\nsplit');
    expect([odd.drafts.length, odd.wrong[0]]).toEqual([0, 'line 4: floor is no floor we know']);
    const more = await readPatterns('== One\ndose: 3 × 8 each side\n\nsplit');
    expect([more.drafts[0]?.dose, more.wrong[0]]).toEqual([
      null,
      'line 4: the dose ‘3 × 8 each side’ is more than rounds of one pattern; the workshop reads it.',
    ]);
    expect((await readPatterns('')).drafts).toEqual([]);
  });
});
