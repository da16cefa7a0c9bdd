import { AthleteDraft, Dose, fieldsOf, RunUpload, SignIn } from './index.js';
import { sampleAthlete } from './testing/samples.js';

const athlete = sampleAthlete;
const dose = { mode: 'seconds', work: 30, rounds: 3, sets: 2, rest: 20, setRest: 60 };
function said(schema: typeof AthleteDraft | typeof Dose, input: unknown): string[] {
  const result = schema.safeParse(input);
  return result.success ? [] : fieldsOf(result.error, input).map((field) => `${field.path} ${field.message}`);
}

describe('what crosses the wire', () => {
  it('takes names in any script, with emoji', () => {
    for (const name of ['Ada', 'נועה', '山田 花', 'Zoë 🏓', 'O’Brien-Núñez']) expect(said(AthleteDraft, { ...athlete, name })).toEqual([]);
  });

  it('says field and sentence for what cannot be', () => {
    expect(said(AthleteDraft, { ...athlete, name: '  ', height: 17, hand: 'both' })).toEqual([
      'name is empty',
      'hand must be one of: left, right',
      'height must lie between 0.8 and 2.4 m',
    ]);
    expect(said(AthleteDraft, { ...athlete, name: 'a\u202eb' })).toEqual(['name holds characters that cannot be seen']);
    expect(said(AthleteDraft, { ...athlete, name: undefined })).toEqual(['name is missing']);
    expect(said(AthleteDraft, { ...athlete, name: 'x'.repeat(81) })[0]).toContain('80');
    expect(said(AthleteDraft, { ...athlete, school: 'Tri Pod' })).toEqual(['school is not a code']);
  });

  it('keeps doses within a day’s sense', () => {
    expect(said(Dose, dose)).toEqual([]);
    expect(said(Dose, { ...dose, rest: null })).toEqual([]);
    expect(said(Dose, { ...dose, rounds: 10_000 })).toEqual(['rounds must lie between 1 and 100']);
    expect(said(Dose, { ...dose, rest: -5 })).toEqual(['rest must lie between 0 and 3600 s']);
    expect(said(Dose, { ...dose, work: 3000, rounds: 20 })).toEqual(['rounds make more than 6 hours together']);
    expect(said(Dose, { ...dose, mode: 'reps', work: 2.5 })[0]).toContain('whole number');
    expect(said(Dose, { ...dose, work: NaN })[0]).toContain('not a number');
  });

  it('reads an address in small letters and refuses an event it does not know', () => {
    expect(SignIn.parse({ email: 'Coach@Example.test', password: 'x' }).email).toBe('coach@example.test');
    expect(RunUpload.safeParse({ run: {}, events: [{ kind: 'explode' }] }).success).toBeFalse();
  });
});
