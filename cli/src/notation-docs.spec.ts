import { readFileSync } from 'node:fs';
import { understandDose } from '@hopsk/core/language/dose-plain';
import { understand } from '@hopsk/core/language/plain';

const pageOf = (name: string): string => readFileSync(new URL(`../../docs/${name}`, import.meta.url), 'utf8');
const page = pageOf('notation.md');
/** The rows of a table of a page, by the words over its columns; what stands in `` ` ``. */
function rows(heads: string, of = page): string[][] {
  const [, table = ''] = of.split(`| ${heads} |\n`);
  return table
    .split('\n')
    .slice(1)
    .filter((_, i, all) => all.slice(0, i + 1).every((line) => line.startsWith('|')))
    .map((line) => [...line.matchAll(/`([^`]+)`/g)].map((match) => match[1] ?? ''));
}

describe('docs/notation.md', () => {
  it('what is said is read as it says, without a question', () => {
    const said = rows('said | is');
    expect(said.length).toBeGreaterThan(10);
    for (const [typed = '', plain] of said) {
      const { parsed, plain: read } = understand(typed);
      expect([read, ...parsed.errors.map(({ code }) => code)])
        .withContext(typed)
        .toEqual([plain ?? '']);
    }
  });

  it('what it says is asked is asked', () => {
    const asked = rows('asked | because').flat();
    expect(asked.length).toBeGreaterThan(6);
    for (const line of asked)
      expect(understand(line).parsed.errors.some(({ readings }) => readings.length > 0))
        .withContext(line)
        .toBeTrue();
  });

  it('each example of a move is read', () => {
    for (const [line = ''] of rows('move | takes | does | without more'))
      expect(understand(line).parsed.errors).withContext(line).toEqual([]);
  });
});

describe('docs/sessions.md', () => {
  const doses = pageOf('sessions.md');

  it('a dose is read as it says', () => {
    const said = rows('said | read as', doses);
    expect(said.length).toBeGreaterThan(10);
    for (const [typed = '', plain] of said) {
      const { plain: read, errors } = understandDose(typed);
      expect([read, ...errors.map(({ code }) => code)])
        .withContext(typed)
        .toEqual([plain ?? '']);
    }
  });

  it('what it says is asked of a dose is asked', () => {
    const asked = rows('asked | because a dose may mean', doses).flat();
    expect(asked.length).toBe(5);
    for (const typed of asked)
      expect(understandDose(typed).errors.some(({ readings }) => readings.length > 0))
        .withContext(typed)
        .toBeTrue();
  });
});
