import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { parse } from './parse.js';
import { shallow } from './shallow.js';

describe('brackets deeper than anybody reads', () => {
  it('are refused, all else is read where it stands, and nothing but brackets is left out', () => {
    for (const n of [40, 99, 100, 101, 5000]) {
      const { items, errors } = parse(`${'('.repeat(n)}splitt${')'.repeat(n)}, shuffle left`);
      expect(items.map((item) => item.kind === 'step' && [item.act.word, item.span.from])).toEqual([['shuffle', 2 * n + 8]]);
      expect(errors.map(({ code }) => code)).toContain('bracket-deep');
    }
  });

  it('are none in quotes and in remarks', () => {
    const said = `hit “${'('.repeat(30)}”, # ${'['.repeat(200)}\n`.repeat(5);
    expect(shallow(`${said}(split)`)).toBe(`${said}(split)`);
    // A quote that does not end in its line is none.
    expect(shallow(`"${'('.repeat(150)}\n`)).not.toContain('('.repeat(101));
  });

  it('are blanks: the text keeps its length and all else', () => {
    const one = fc.constantFrom('(', '(', '[', ')', ']', '"', '“', '”', '#', '\n', 'a');
    holds(
      fc.property(fc.array(one, { minLength: 100, maxLength: 900 }), (list) => {
        const text = list.join('');
        const flat = shallow(text);
        expect(flat.length).toBe(text.length);
        list.forEach((was, i) => was !== flat[i] && expect(`${was}${flat[i]}`).toMatch(/^[()[\]] $/));
        expect(shallow(flat)).toBe(flat);
      }),
    );
  });
});
