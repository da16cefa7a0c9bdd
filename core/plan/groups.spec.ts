import { groupOf, groupsOf } from './groups.js';

describe('groups that take turns', () => {
  const names = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
  it('are filled in the order of those who are there, as evenly as they fit', () => {
    expect(names.map((name) => groupOf(names, 3, name))).toEqual([1, 1, 1, 2, 2, 2, 3]);
    expect(names.map((name) => groupOf(names, 1, name))).toEqual([1, 1, 1, 1, 1, 1, 1]);
    // Fewer came than was planned for.
    expect(['a', 'b'].map((name) => groupOf(['a', 'b'], 3, name))).toEqual([1, 2]);
    expect(groupOf(names, 3, 'nobody')).toBe(0);
  });

  it('whoever comes later is of the smallest, and moves nobody', () => {
    const late = ['x', 'y', 'z'];
    expect(late.map((name) => groupOf(names, 3, name, late))).toEqual([3, 3, 1]);
    expect(names.map((name) => groupOf(names, 3, name, late))).toEqual(names.map((name) => groupOf(names, 3, name)));
    // Fewer than groups began.
    expect(late.map((name) => groupOf(['a'], 3, name, late))).toEqual([2, 3, 1]);
  });

  it('are as many in each exercise as its stretches say', () => {
    const stretch = { kind: 'work' as const, start: 0, end: 10, set: 1, round: 1, open: false, done: [] };
    const groups = groupsOf([
      { ...stretch, exercise: 0, wave: 2 },
      { ...stretch, exercise: 0 },
      { ...stretch, exercise: 1 },
    ]);
    expect([...groups]).toEqual([
      [0, 2],
      [1, 1],
    ]);
  });
});
