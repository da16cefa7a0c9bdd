import { LIGHT } from '../ui/look/tokens';
import { intervalOption, type IntervalRow } from './interval-chart';

interface Option {
  xAxis: { max: number };
  yAxis: { data: string[]; inverse: boolean };
  series: {
    data: number[][];
    renderItem(
      _: unknown,
      api: { value(i: number): number; coord(p: number[]): number[] },
    ): {
      children: [{ shape: { x1: number; x2: number; y1: number } }, { shape: { cx: number; cy: number } }];
    };
  }[];
}
const rows: IntervalRow[] = [
  { label: 'first third', rate: 0.114, low: 0.047, high: 0.254 },
  { label: 'last third', rate: 0.596, low: 0.402, high: 0.764 },
];
const option = (of: readonly IntervalRow[]): Option => intervalOption(of, LIGHT) as unknown as Option;

describe('the chart of intervals', () => {
  it('has a row a value, the first on top, in hundredths, and ends at the next twenty', () => {
    const { xAxis, yAxis, series } = option(rows);
    expect([yAxis.data, yAxis.inverse]).toEqual([['first third', 'last third'], true]);
    expect(series[0]?.data).toEqual([
      [4.7, 0, 25.4, 11.4],
      [40.2, 1, 76.4, 59.6],
    ]);
    expect([xAxis.max, option(rows.slice(0, 1)).xAxis.max]).toEqual([80, 40]);
    expect(option([{ label: 'a', rate: 1, low: 0.9, high: 1 }]).xAxis.max).toBe(100);
  });

  it('draws each share on the line of its interval', () => {
    const { series } = option(rows);
    const [line, point] =
      series[0]?.renderItem(null, {
        value: (i) => series[0]?.data[1]?.[i] ?? NaN,
        coord: ([x = 0, y = 0]) => [x * 10, y * 30],
      }).children ?? [];
    expect([line?.shape.x1, line?.shape.x2, line?.shape.y1]).toEqual([402, 764, 30]);
    expect([point?.shape.cx, point?.shape.cy]).toEqual([596, 30]);
  });
});
