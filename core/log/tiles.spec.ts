import fc from 'fast-check';
import { BOARD_HOLDS, boardFor, boardOf, OWN_TILES } from './tiles.js';
import { holds } from '../testing/holds.js';

const code = fc.constantFrom('tall', 'narrow', 'crossed', 'rises', 'flat', 'late', 'heels', 'drops', 'leans', 'crowds', 'turned');
const codes = fc.uniqueArray(code, { maxLength: 11 });

describe('the board while somebody is watched', () => {
  it('what is everybody’s never moves, what is one’s own stands behind it, and no tile stands twice', () => {
    holds(
      fc.property(codes, codes, codes, (everybodys, own, order) => {
        const board = boardFor({ everybodys, own, order });
        expect(board.slice(0, everybodys.length)).toEqual(everybodys.slice(0, BOARD_HOLDS));
        expect(new Set(board).size).toBe(board.length);
        expect(board.length).toBeLessThanOrEqual(BOARD_HOLDS);
        const theirs = board.slice(everybodys.length);
        expect(theirs.length).toBeLessThanOrEqual(OWN_TILES);
        // What matters most of them is there, as many as there is room for.
        const wanted = own.filter((one) => !everybodys.includes(one));
        const room = Math.max(0, Math.min(OWN_TILES, BOARD_HOLDS - everybodys.length));
        expect([...theirs].sort()).toEqual(wanted.slice(0, room).sort());
      }),
    );
  });

  it('what two people have both stands in one order for both', () => {
    holds(
      fc.property(codes, codes, codes, (everybodys, one, other) => {
        const order = [...one, ...other];
        const [first, second] = [one, other].map((own) => boardFor({ everybodys, own, order }));
        const both = (board: readonly string[] = [], with_: readonly string[] = []) => board.filter((fault) => with_.includes(fault));
        expect(both(first, second)).toEqual(both(second, first));
      }),
    );
  });
});

describe('the board of those who are here', () => {
  it('holds what they work on, the shared ones first; where that is too much there is room for what is one’s own', () => {
    expect(
      boardOf([
        ['tall', 'crossed'],
        ['crossed', 'rises'],
      ]),
    ).toEqual(['crossed', 'tall', 'rises']);
    expect(boardOf([])).toEqual([]);
    const many = Array.from({ length: 5 }, (_, i) => [`a-${i}`, 'shared', `b-${i}`]);
    const board = boardOf(many);
    expect([board.length, board[0]]).toEqual([BOARD_HOLDS - OWN_TILES, 'shared']);
    expect(boardOf([many.flat().slice(0, BOARD_HOLDS)]).length).toBeGreaterThan(BOARD_HOLDS - OWN_TILES);
  });
});
