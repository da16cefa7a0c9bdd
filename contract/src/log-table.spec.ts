import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { logSchema } from './file-schemas.js';
import { LogFile } from './log-table.js';

describe('a log as JSON', () => {
  it('is described by a schema that is published, and that says of rows what the contract says', () => {
    const text = logSchema();
    expect(readFileSync(new URL('../../web/public/schema/hopsk-log.schema.json', import.meta.url), 'utf8')).toBe(text);
    const ajv = new Ajv2020({ strict: false });
    (addFormats as unknown as (to: Ajv2020) => void)(ajv);
    const valid = ajv.compile(JSON.parse(text) as object);
    const row = { day: '2026-11-03', fault: 'split-late', attempts: 20, faulty: 4 };
    const file = (...rows: object[]) => ({ format: 'hopsk-log', version: 1, rows });
    for (const [given, fine] of [
      [file(row), true],
      [file({ ...row, athlete: 'Ada', third: 3, kind: 'fed', tempo: 1.5 }), true],
      [file(), true],
      [file({ ...row, third: 4 }), false],
      [file({ ...row, kind: 'moon' }), false],
      [file({ ...row, attempts: 1.5 }), false],
      [file({ day: '2026-11-03' }), false],
      [{ ...file(row), version: 2 }, false],
    ] as const) {
      expect(LogFile.safeParse(given).success).withContext(JSON.stringify(given)).toBe(fine);
      expect(valid(given)).withContext(JSON.stringify(given)).toBe(fine);
    }
    // What only a program can check.
    expect(LogFile.safeParse(file({ ...row, faulty: 21 })).success).toBe(false);
  });
});
