import { CUE_COLUMNS } from '@hopsk/core/plan/session/timeline';
import { parse } from 'papaparse';
import { athlete } from '../testing/run';
import { draft, evening, stage } from '../testing/sessions';
import { EMPTY } from './session-draft';
import { lookAt } from '../compute/session';
import { asCsv, asJson, asText, readFile } from './session-files';

describe('a session as a file', () => {
  const whole = draft([stage('3 × 8 each side, rest 20 s', { explain: 30, cueing: 'beat', watch: ['split-late'] }), stage('30 s')], {
    minutes: 40,
    area: 'squash',
    athletes: [athlete().id],
  });

  it('comes back from JSON as it went out, but for whom it is', async () => {
    const { draft: read, wrong } = await readFile(asJson(whole), 'x');
    expect(wrong).toEqual([]);
    expect(read).toEqual({ ...whole, athletes: [], differences: [], template: false });
    expect(asJson(whole)).not.toContain(whole.athletes[0] ?? '?');
  });

  it('of an earlier Hopsk says what it did, doses too', async () => {
    const file = JSON.parse(
      asJson({ ...whole, stages: whole.stages.map((one, i) => (i === 0 ? { ...one, dose: '3 × 8, set rest 60 s' } : one)) }),
    ) as object;
    expect((await readFile(JSON.stringify(file), 'x')).draft?.stages[0]?.dose).toBe('3 × 8, set rest 60 s');
    const { draft: read, wrong } = await readFile(JSON.stringify({ ...file, language: undefined }), 'x');
    expect(read?.stages.map(({ dose }) => dose)).toEqual(['3 × 8', '30 s']);
    expect(wrong.map((one) => one.replace(/^[^:]*: /, ''))).toEqual([
      'this file is of an earlier Hopsk, where ‘3 × 8, set rest 60 s’ said ‘3 × 8’; that stands.',
    ]);
  });

  it('comes back from text with its doses, settings and explanations', async () => {
    const { draft: read, wrong } = await readFile(asText(whole), 'Tuesday');
    expect(wrong).toEqual([]);
    expect(read?.stages.map((one) => [one.name, one.dose, one.explain, one.cueing, one.steps])).toEqual(
      whole.stages.map((one) => [one.name, one.dose, one.explain, one.cueing, one.steps]),
    );
    expect([read?.settings, read?.minutes, read?.area, read?.name]).toEqual([whole.settings, 40, 'squash', 'Tuesday']);
  });

  it('that cannot be read is said with its place, and never throws', async () => {
    expect((await readFile('{', 'x')).wrong[0]).toContain('no whole JSON');
    expect((await readFile('{"format": "other"}', 'x')).wrong[0]).toContain('file is not a Hopsk file of this kind');
    expect(await readFile('', 'x')).toEqual({ draft: null, wrong: ['This file holds no stage.'] });
    const bad = { ...JSON.parse(asJson(whole)), session: { ...EMPTY, name: 'x', minutes: -4 } } as object;
    expect((await readFile(JSON.stringify(bad), 'x')).wrong).toEqual(['minutes must lie between 1 and 360 min']);
    expect((await readFile('== a\u202eb\n\nsplit', 'x')).wrong[0]).toContain('holds characters that cannot be seen');
    const many = await readFile(Array.from({ length: 70 }, (_, i) => `== Stage ${i}\n\nsplit\n`).join('\n'), 'x');
    expect([many.draft?.stages.length, many.wrong]).toEqual([60, ['70 stages are more than a session holds; the first 60 were kept.']]);
    const odd = await readFile('change: soon\n\n== One\ndose: 8\n\nsplit', 'x');
    expect([odd.draft?.stages.length, odd.wrong[0]]).toEqual([1, 'line 1: ‘soon’ is no time; it was left open.']);
  });

  it('as a table has a row a cue, and nothing that a spreadsheet would take for a formula', () => {
    const seen = lookAt(evening());
    const rows = parse<Record<string, string>>(asCsv(seen.cues, draft([stage('1', { name: '=1+1' })])), { header: true });
    expect(rows.meta.fields).toEqual([...CUE_COLUMNS]);
    expect(rows.data.length).toBe(seen.cues.length);
    expect(rows.data[0]).toEqual(jasmine.objectContaining({ at: '0', kind: 'go', name: "'=1+1" }));
    for (const [name, shown] of [
      ['=1+1\nx', "'=1+1 x"],
      ['\t@SUM(A1)', "' @SUM(A1)"],
      ['－2', "'－2"],
      ['a\r"b",c', 'a "b",c'],
    ] as const) {
      const read = parse<Record<string, string>>(asCsv(seen.cues, draft([{ ...stage('1'), name }])), { header: true });
      expect([read.data.length, read.data[0]?.['name']]).toEqual([seen.cues.length, shown]);
    }
  });
});
