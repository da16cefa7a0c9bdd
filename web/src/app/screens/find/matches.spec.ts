import { matches, type Findable } from './matches';

const of = (kind: Findable['kind'], name: string, more = ''): Findable => ({ kind, id: name, name, more, to: '/' });

describe('what is found', () => {
  const all = [
    of('patterns', 'Two corners'),
    of('people', 'Côme'),
    of('sessions', 'Front corner, Tuesday', 'Alone'),
    of('faults', 'crossed', 'feet cross'),
  ];
  const names = (typed: string): string[] => matches(typed, all).map(({ name }) => name);

  it('begins with the letters, has a word that does, or holds them; accents and capitals do not matter', () => {
    expect(names('co')).toEqual(['Côme', 'Front corner, Tuesday', 'Two corners']);
    expect(names('COME')).toEqual(['Côme']);
    expect(names('cross')).toEqual(['crossed']);
    expect(names('alone')).toEqual(['Front corner, Tuesday']);
  });

  it('is nothing where nothing is looked for, and not endless of one kind', () => {
    expect([names(''), names('  '), names('zz')]).toEqual([[], [], []]);
    const many = Array.from({ length: 40 }, (_, i) => of('patterns', `Corner ${i}`));
    const kinds = matches('corner', [...many, of('people', 'Cornerstone')]).map(({ kind }) => kind);
    expect(kinds.join(' ')).toBe(`${'patterns '.repeat(6)}people`);
  });
});
