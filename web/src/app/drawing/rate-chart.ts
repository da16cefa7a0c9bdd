import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { BookSession } from '@hopsk/core/evidence/book';
import { words } from '@hopsk/words/words';
import { colours } from '../ui/look/colours';
import type { Tokens } from '../ui/look/tokens';
import { axisLabel, drawChart } from './chart';
import type { EChartsCoreOption } from './echarts';

/** Whether a session lies outside where it would lie if it went on as before; one on a limit is inside. */
export const isOutside = (rate: number | null, limits: BookSession['limits']): boolean =>
  rate !== null && limits !== null && (rate < limits.low - 1e-9 || rate > limits.high + 1e-9);

/**
 * What the chart shows: rate by session with its interval, and between which limits it would lie if it went on as before; one outside is a
 * square. Sessions without a watched attempt are left out, never zero.
 */
export function chartOption(sessions: readonly BookSession[], t: Tokens): EChartsCoreOption {
  const seen = sessions.filter((session) => session.interval !== null);
  const per100 = (share: number): number => Math.round(share * 1000) / 10;
  const label = axisLabel(t);
  return {
    animation: false,
    grid: { left: 44, right: 14, top: 34, bottom: 30 },
    tooltip: {
      trigger: 'axis',
      backgroundColor: t.raised,
      borderColor: t.edge,
      textStyle: { color: t.ink, fontFamily: 'Atkinson Hyperlegible' },
      formatter: (points: { dataIndex: number }[]) => {
        const session = seen[points[0]?.dataIndex ?? 0];
        return session?.interval
          ? `${session.day}<br>${session.faulty} / ${session.attempts} = ${per100(session.rate ?? 0)}<br>${per100(session.interval.low)}–${per100(session.interval.high)}`
          : '';
      },
    },
    xAxis: {
      type: 'category',
      data: seen.map((session) => session.day.slice(5)),
      axisLabel: label,
      axisLine: { lineStyle: { color: t.edge } },
      axisTick: { show: false },
    },
    yAxis: {
      type: 'value',
      name: words.book.per100,
      nameTextStyle: { ...label, align: 'left', padding: [0, 0, 0, -36] },
      min: 0,
      max: Math.min(
        100,
        Math.ceil(Math.max(20, ...seen.map(({ interval, limits }) => per100(Math.max(interval?.high ?? 0, limits?.high ?? 0)))) / 20) * 20,
      ),
      interval: 20,
      axisLabel: label,
      splitLine: { lineStyle: { color: t.rule } },
    },
    series: [
      {
        type: 'custom',
        name: words.book.interval,
        data: seen.map((session, i) => [i, per100(session.interval?.low ?? 0), per100(session.interval?.high ?? 0)]),
        silent: true,
        renderItem: (_: unknown, api: { value(i: number): number; coord(p: number[]): number[] }) => {
          const [x = 0, low = 0] = api.coord([api.value(0), api.value(1)]);
          const [, high = 0] = api.coord([api.value(0), api.value(2)]);
          return {
            type: 'line',
            shape: { x1: x, y1: low, x2: x, y2: high },
            style: { stroke: t.left, lineWidth: 7, opacity: 0.4, lineCap: 'round' },
          };
        },
      },
      ...(['low', 'high'] as const).map((side) => ({
        type: 'line',
        name: words.recurrence.limits,
        data: seen.map(({ limits }) => (limits ? per100(limits[side]) : null)),
        step: 'middle',
        symbol: 'none',
        silent: true,
        lineStyle: { color: t.muted, width: 1, type: 'dashed' },
      })),
      {
        type: 'line',
        name: words.book.per100,
        data: seen.map(({ rate, limits }) => ({
          value: per100(rate ?? 0),
          symbol: isOutside(rate, limits) ? 'rect' : 'circle',
          symbolSize: isOutside(rate, limits) ? 13 : 9,
        })),
        lineStyle: { color: t.left, width: 2 },
        itemStyle: { color: t.left },
      },
    ],
  };
}

@Component({
  selector: 'hop-rate-chart',
  template: '',
  styles: ':host { display: block; height: 260px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'img', '[attr.aria-label]': 'label()' },
})
export class RateChart {
  readonly sessions = input.required<readonly BookSession[]>();
  readonly label = input('');

  constructor() {
    drawChart(() => chartOption(this.sessions(), colours()));
  }
}
