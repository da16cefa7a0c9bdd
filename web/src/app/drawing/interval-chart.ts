import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { words } from '@hopsk/words/words';
import { colours } from '../ui/look/colours';
import type { Tokens } from '../ui/look/tokens';
import { axisLabel, drawChart, intervalMark } from './chart';
import type { EChartsCoreOption } from './echarts';

/** A share with its interval, by what it is called; 0…1. */
export interface IntervalRow {
  readonly label: string;
  readonly rate: number;
  readonly low: number;
  readonly high: number;
}

const ROW = 34;
const per100 = (share: number): number => Math.round(share * 1000) / 10;

/** A row a value, the first on top: its share as a point, and from where to where it may lie. */
export function intervalOption(rows: readonly IntervalRow[], t: Tokens): EChartsCoreOption {
  const label = axisLabel(t);
  return {
    animation: false,
    grid: { left: 8, right: 18, top: 6, bottom: 26, containLabel: true },
    xAxis: {
      type: 'value',
      name: words.book.per100,
      nameLocation: 'middle',
      nameGap: 24,
      nameTextStyle: label,
      min: 0,
      max: Math.min(100, Math.ceil(Math.max(20, ...rows.map(({ high }) => per100(high))) / 20) * 20),
      interval: 20,
      axisLabel: label,
      splitLine: { lineStyle: { color: t.rule } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: rows.map((row) => row.label),
      axisLabel: { ...label, color: t.ink, width: 150, overflow: 'truncate' },
      axisLine: { lineStyle: { color: t.edge } },
      axisTick: { show: false },
    },
    series: [
      {
        type: 'custom',
        silent: true,
        data: rows.map(({ low, high, rate }, i) => [per100(low), i, per100(high), per100(rate)]),
        renderItem: (_: unknown, api: { value(i: number): number; coord(p: number[]): number[] }) => {
          const at = (value: number): number[] => api.coord([api.value(value), api.value(1)]);
          return intervalMark([at(0), at(2)], at(3), t);
        },
      },
    ],
  };
}

@Component({
  selector: 'hop-interval-chart',
  template: '',
  styles: ':host { display: block; max-width: 640px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'img', '[attr.aria-label]': 'label()', '[style.height.px]': 'height()' },
})
export class IntervalChart {
  readonly rows = input.required<readonly IntervalRow[]>();
  readonly label = input('');
  protected readonly height = computed(() => this.rows().length * ROW + 58);

  constructor() {
    drawChart(() => intervalOption(this.rows(), colours()));
  }
}
