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
  it('come back as they went out, as text and as JSON', () => {
    expect(readPatterns(asText([draft])).drafts).toEqual([draft]);
    const rounds = { ...draft, dose: { mode: 'seconds' as const, work: 30, rounds: 3, sets: 2, rest: 20, setRest: 60 } };
    expect(readPatterns(asText([rounds]))).toEqual({ drafts: [rounds], wrong: [] });
    const whole = {
      ...draft,
      schools: { crossing: 'never' as const },
      dose: { mode: 'reps' as const, work: 5, rounds: 2, sets: 1, rest: null, setRest: null },
    };
    expect(readPatterns(asJson([whole]))).toEqual({ drafts: [whole], wrong: [] });
  });

  it('say what is wrong and where, and never throw', () => {
    expect(readPatterns('{"format": "other"}').wrong[0]).toContain('file is not a Hopsk file of this kind');
    expect(readPatterns('{').wrong[0]).toContain('no whole JSON');
    expect(readPatterns(asJson([{ ...draft, name: '' }])).wrong).toEqual(['1: name is empty']);
    const odd = readPatterns('== One\narea: the moon\n\nsplit');
    expect([odd.drafts.length, odd.wrong[0]]).toEqual([0, 'line 4: floor is no floor we know']);
    const more = readPatterns('== One\ndose: 3 × 8 each side\n\nsplit');
    expect([more.drafts[0]?.dose, more.wrong[0]]).toEqual([
      null,
      'line 4: the dose ‘3 × 8 each side’ is more than rounds of one pattern; the workshop reads it.',
    ]);
    expect(readPatterns('').drafts).toEqual([]);
  });
});
