import { all } from '@hopsk/words/en/all';
import { speak } from '@hopsk/words/words';
import { examplesOf, nearly, sourcesOf, valueOf, type Example } from './testing/examples.js';

type Names = Readonly<Record<string, unknown>>;

/** What a workspace exports, by file and together. */
async function exportsOf(
  folder: URL,
  files: readonly string[],
): Promise<{ readonly all: Names; readonly own: ReadonlyMap<string, Names> }> {
  const own = new Map<string, Names>();
  for (const file of files) own.set(file, (await import(new URL(file, folder).href)) as Names);
  return { all: Object.assign({}, ...own.values()) as Names, own };
}

/** Types have no value to show. */
const shows = ({ file, code }: Example): boolean => !(file === 'said.ts' && code.startsWith('type '));

for (const workspace of ['core', 'contract/src', 'words']) {
  const folder = new URL(`../../${workspace}/`, import.meta.url);
  const files = sourcesOf(folder);
  const examples = examplesOf(folder, files).filter(shows);

  describe(`examples in the docstrings of ${workspace}`, () => {
    let names: Awaited<ReturnType<typeof exportsOf>>;
    beforeAll(async () => {
      names = await exportsOf(folder, files);
    });
    beforeEach(() => {
      speak(all);
      jasmine.addCustomEqualityTester(nearly);
    });

    it('are there', () => {
      expect(examples.length).toBeGreaterThan(0);
    });

    for (const { file, line, code, gives } of examples) {
      it(`${file}:${line} gives what it says`, () => {
        const known = { ...names.all, ...names.own.get(file) };
        expect(gives).not.toBe('');
        expect(valueOf(code, known)).toEqual(valueOf(gives, known));
      });
    }
  });
}

describe('every room of core', () => {
  it('has an example', () => {
    const folder = new URL('../../core/', import.meta.url);
    const rooms = new Set(examplesOf(folder, sourcesOf(folder)).map(({ file }) => file.split('/')[0]));
    for (const room of ['body', 'language', 'motion', 'judge', 'plan', 'log', 'evidence', 'search', 'view'])
      expect(rooms.has(room)).withContext(room).toBeTrue();
  });
});
