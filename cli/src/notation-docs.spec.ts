import { readFileSync } from 'node:fs';
import { understand } from '@hopsk/core/language/plain';

const page = readFileSync(new URL('../../docs/notation.md', import.meta.url), 'utf8');
/** The rows of a table of the page, by the words over its columns; what stands in `` ` ``. */
function rows(heads: string): string[][] {
  const [, table = ''] = page.split(`| ${heads} |\n`);
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
