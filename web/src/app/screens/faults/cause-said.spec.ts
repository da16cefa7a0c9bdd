import type { CauseMap } from '@hopsk/contract/cause-map';
import { causeOption, placesOf } from '../../drawing/cause-chart';
import { LIGHT } from '../../ui/look/tokens';
import { drawnOf, linkRows, saidOf } from './cause-said';

const showed = { with: 12, ofWith: 15, without: 3, ofWithout: 60 };
const map: CauseMap = {
  nodes: [
    { fault: 'heels-down', state: 'recurring', rate: 0.3, level: 0, root: true },
    { fault: 'tall', state: 'clear', rate: 0, level: 0, root: false },
    { fault: 'heavy-foot', state: 'not looked for', rate: null, level: 0, root: false },
    { fault: 'slow-first', state: 'recurring', rate: 0.256, level: 1, root: false },
  ],
  links: [
    { cause: 'tall', fault: 'slow-first', log: 'not found', showed: { with: 0, ofWith: 15, without: 0, ofWithout: 60 } },
    { cause: 'heavy-foot', fault: 'slow-first', log: 'too few', showed: null },
    { cause: 'heels-down', fault: 'slow-first', log: 'found', showed },
  ],
  others: [{ fault: 'slow-first', other: 'tell', runs: 9, both: 4, one: 6, second: 1, neither: 39, chance: 0.001, found: true }],
};

describe('a cause map in words', () => {
  it('says where it may begin, with how often and how often without, what is to be looked for and what was ruled out', () => {
    expect(saidOf(map)).toEqual({
      roots: ['heels down: in 12 of 15 occasions with ‘slow first’, and in 3 of 60 without.'],
      look: ['heavy foot: can cause ‘slow first’.', 'tall: looked for and not seen.'],
      others: ['tell: in 4 of 10 occasions with ‘slow first’, and in 1 of 40 without.'],
    });
    expect(linkRows(map)).toEqual([
      ['heels down', 'slow first', 'come together', '12 of 15', '3 of 60'],
      ['tall', 'slow first', 'no more than by chance', '0 of 15', '0 of 60'],
      ['heavy foot', 'slow first', 'too few looked at', '', ''],
    ]);
  });

  it('is drawn in columns, each fault in a place of its own, the shorter column in the middle', () => {
    const { nodes, arrows } = drawnOf(map);
    expect(nodes.map(({ label, below, as }) => [label, below, as])).toEqual([
      ['heels down', '30 per 100', 'root'],
      ['tall', 'looked for, not seen', 'quiet'],
      ['heavy foot', 'not looked for', 'quiet'],
      ['slow first', '26 per 100', 'seen'],
    ]);
    expect(arrows.map(({ full }) => full)).toEqual([false, false, true]);
    const { at, columns, rows } = placesOf(nodes, arrows);
    expect([columns, rows]).toEqual([2, 3]);
    expect([...at.values()].map(String)).toEqual(['0,0', '0,1', '0,2', '1,1']);
    // An arrow that passes a column has a place of its own there.
    const far = [...nodes.map((node) => ({ ...node, level: node.fault === 'slow-first' ? 2 : node.fault === 'tall' ? 1 : 0 }))];
    const wide = placesOf(far, arrows);
    expect(wide.columns).toBe(3);
    expect(new Set([...wide.at.values()].map(String)).size).toBe(far.length + 2);
  });

  it('an arrow ends at the box it points to, ahead or back, and within the drawing', () => {
    const { nodes } = drawnOf(map);
    type Shape = { type: string; shape: { points: number[][]; x: number; y: number; width: number; height: number } };
    type Item = (of: { dataIndex: number }, api: object) => { children: Shape[] };
    const api = { coord: ([x = 0, y = 0]: number[]) => [100 + 200 * x, 34 + 68 * y], size: () => [200, 68], value: () => 0 };
    for (const [cause, fault] of [
      ['heels-down', 'slow-first'],
      ['slow-first', 'heels-down'],
    ] as const) {
      const { series } = causeOption(nodes, [{ cause, fault, full: true }], LIGHT) as unknown as { series: { renderItem: Item }[] };
      const [x = 0, y = 0] = series[0]?.renderItem({ dataIndex: 0 }, api).children.at(-1)?.shape.points[0] ?? [];
      const box = series[1]?.renderItem({ dataIndex: nodes.findIndex((one) => one.fault === fault) }, api).children[0]?.shape;
      const at = { x: x - (box?.x ?? 0), y: y - (box?.y ?? 0) };
      expect([at.x === 0 || (at.x > 0 && at.x < (box?.width ?? 0)), at.y > 0 && at.y <= (box?.height ?? 0)]).toEqual([true, true]);
    }
  });
});
