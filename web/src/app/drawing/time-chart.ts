import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { words } from '@hopsk/words/words';
import { colours } from '../ui/look/colours';
import type { Tokens } from '../ui/look/tokens';
import { axisLabel, drawChart, intervalMark } from './chart';
import type { EChartsCoreOption } from './echarts';

/** A time of one attempt, milliseconds: it lies within so much of its value. */
export interface TimePoint {
  readonly attempt: number;
  readonly ms: number;
  readonly within: number;
}

/** One time over attempts: each with what its film leaves open, before the window that it should lie in, where it has one. */
function timeOption(points: readonly TimePoint[], window: readonly [number, number] | null, t: Tokens): EChartsCoreOption {
  const label = axisLabel(t);
  return {
    animation: false,
    grid: { left: 8, right: 12, top: 12, bottom: 28, containLabel: true },
    xAxis: {
      type: 'category',
      name: words.film.timeHeads[0],
      nameLocation: 'middle',
      nameGap: 26,
      nameTextStyle: label,
      data: points.map(({ attempt }) => attempt),
      axisLabel: label,
      axisLine: { lineStyle: { color: t.edge } },
    },
    yAxis: { type: 'value', scale: true, axisLabel: { ...label, formatter: '{value} ms' }, splitLine: { lineStyle: { color: t.rule } } },
    series: [
      {
        type: 'custom',
        silent: true,
        data: points.map(({ ms, within }, i) => [i, ms, ms - within, ms + within]),
        encode: { x: 0, y: [1, 2, 3] },
        markArea: window && {
          silent: true,
          itemStyle: { color: t.good, opacity: 0.18 },
          data: [[{ yAxis: window[0] }, { yAxis: window[1] }]],
        },
        renderItem: (_: unknown, api: { value(i: number): number; coord(p: number[]): number[] }) => {
          const at = (value: number): number[] => api.coord([api.value(0), api.value(value)]);
          return intervalMark([at(2), at(3)], at(1), t);
        },
      },
    ],
  };
}

@Component({
  selector: 'hop-time-chart',
  template: '',
  styles: ':host { display: block; height: 220px; max-width: 640px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'img', '[attr.aria-label]': 'label()' },
})
export class TimeChart {
  readonly points = input.required<readonly TimePoint[]>();
  readonly window = input.required<readonly [number, number] | null>();
  readonly label = input.required<string>();

  constructor() {
    drawChart(() => timeOption(this.points(), this.window(), colours()));
  }
}
