import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { faultsByCode } from '../catalogue/faults.js';
import { faultBook, type SessionTally } from './book.js';
import { causeMap } from './cause-map.js';
import type { Together } from './together.js';

const season = (fault: string, faulty: readonly number[]): SessionTally[] =>
  faulty.map((n, i) => ({ day: `2026-03-0${i + 1}`, fault, attempts: 20, faulty: n, noted: 0, left: 0, right: 0 }));
const pair = (fault: string, other: string, of: Partial<Together> = {}): Together => ({
  ...{ fault, other, runs: 8, both: 15, one: 5, second: 10, neither: 70, chance: 0, found: true },
  ...of,
});
/** By code, what can cause it. */
const linked = (causes: Readonly<Record<string, readonly string[]>>): Map<string, { causes: readonly string[] }> =>
  new Map(Object.entries(causes).map(([code, of]) => [code, { causes: of }]));
const chain = linked({ slow: ['heels', 'tall'], heels: ['weight'], tall: [], weight: [] });
const book = [...season('slow', [8, 8, 8, 8]), ...season('heels', [6, 6, 6, 6])];

describe('a map of causes', () => {
  it('names the root that the log bears out first, and keeps what can cause it apart from what was seen', () => {
    const { nodes, links, others } = causeMap(faultBook(book), [pair('heels', 'slow')], chain);
    expect(nodes.map(({ fault, level, state, root }) => [fault, level, state, root])).toEqual([
      ['weight', 0, 'not looked for', false],
      ['heels', 1, 'recurring', true],
      ['tall', 1, 'not looked for', false],
      ['slow', 2, 'recurring', false],
    ]);
    expect(nodes.map(({ rate }) => rate)).toEqual([null, 0.3, null, 0.4]);
    expect(links).toEqual([
      { cause: 'heels', fault: 'slow', log: 'found', showed: { with: 15, ofWith: 25, without: 5, ofWithout: 75 } },
      { cause: 'tall', fault: 'slow', log: 'too few', showed: null },
      { cause: 'weight', fault: 'heels', log: 'too few', showed: null },
    ]);
    expect(others).toEqual([]);
  });

  it('no root without the log, nor behind one that it bears out', () => {
    const roots = (together: readonly Together[], more: readonly SessionTally[] = []): string[] =>
      causeMap(faultBook([...book, ...more]), together, chain).nodes.flatMap(({ fault, root }) => (root ? [fault] : []));
    expect(roots([])).toEqual([]);
    expect(roots([pair('heels', 'slow', { found: false })])).toEqual([]);
    const weight = season('weight', [3, 3, 3, 3]);
    expect(roots([pair('heels', 'slow'), pair('heels', 'weight')], weight)).toEqual(['weight']);
    // Looked for and never seen: it brings nothing.
    expect(roots([pair('heels', 'slow'), pair('heels', 'weight')], season('weight', [0, 0, 0, 0]))).toEqual(['heels']);
  });

  it('says what was asked and not found, from the side of what it would bring, and what comes together without a link', () => {
    const notes = [pair('heels', 'slow', { found: false, both: 4, one: 11, second: 16 }), pair('slow', 'tell', {})];
    const { links, others } = causeMap(faultBook([...book, ...season('tell', [4, 4, 4, 4])]), notes, chain);
    expect(links[0]).toEqual({
      cause: 'heels',
      fault: 'slow',
      log: 'not found',
      showed: { with: 4, ofWith: 20, without: 11, ofWithout: 81 },
    });
    expect(others).toEqual([notes[1] as Together]);
    // What is over is no part of it, and a cause that is looked for by nobody here and was never seen is none.
    const over = causeMap(faultBook([...book, ...season('tell', [0, 0, 0, 0])]), notes, chain, (code) => code !== 'tall');
    expect(over.others).toEqual([]);
    expect(over.nodes.map(({ fault }) => fault)).not.toContain('tall');
  });

  it('two that cause each other are both where it may begin', () => {
    const ring = linked({ heels: ['slow'], slow: ['heels'] });
    const { nodes } = causeMap(faultBook(book), [pair('heels', 'slow')], ring);
    expect(nodes.map(({ fault, level, root }) => [fault, level, root])).toEqual([
      ['slow', 0, true],
      ['heels', 1, true],
    ]);
  });

  it('each stands once, behind all of its causes where the links run in no ring; every link has both its ends', () => {
    const codes = [...faultsByCode().keys()];
    holds(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...codes), { maxLength: 12 }),
        fc.array(fc.tuple(fc.constantFrom(...codes), fc.constantFrom(...codes)), { maxLength: 12 }),
        (seen, pairs) => {
          const entries = faultBook(seen.flatMap((fault, i) => season(fault, [i, 3, 3, 3])));
          const together = pairs.map(([a, b]) => pair(a, b));
          const { nodes, links } = causeMap(entries, together, faultsByCode());
          const at = new Map(nodes.map((node) => [node.fault, node.level]));
          expect(at.size).toBe(nodes.length);
          expect(seen.every((fault) => at.has(fault))).toBe(true);
          expect(links.every(({ cause, fault }) => at.has(cause) && at.has(fault))).toBe(true);
          expect([...at.values()].every((level) => level < nodes.length)).toBe(true);
          const before = (from: string, met: readonly string[]): boolean =>
            links.some(({ cause, fault }) => fault === from && (met.includes(cause) || before(cause, [...met, cause])));
          for (const { cause, fault } of links) if (!before(fault, [fault])) expect(at.get(cause) ?? 0).toBeLessThan(at.get(fault) ?? 0);
        },
      ),
    );
  });
});
