import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { AthleteLoad } from '@hopsk/contract/load';
import { words } from '@hopsk/words/words';
import { colours } from '../ui/look/colours';
import type { Tokens } from '../ui/look/tokens';
import { axisLabel, drawChart } from './chart';
import type { EChartsCoreOption } from './echarts';

type Week = AthleteLoad['weeks'][number];

/** A bar a week; paler where not of every evening it was said how hard it was, none where it was said of none. */
export function loadOption(weeks: readonly Week[], t: Tokens): EChartsCoreOption {
  const label = axisLabel(t);
  return {
    animation: false,
    grid: { left: 48, right: 10, top: 30, bottom: 28 },
    xAxis: {
      type: 'category',
      data: weeks.map(({ from }) => from.slice(5)),
      axisLabel: label,
      axisLine: { lineStyle: { color: t.edge } },
      axisTick: { show: false },
    },
    yAxis: {
      type: 'value',
      name: words.load.heads[2],
      nameTextStyle: { ...label, align: 'left', padding: [0, 0, 0, -40] },
      axisLabel: label,
      splitLine: { lineStyle: { color: t.rule } },
    },
    series: [
      {
        type: 'bar',
        barMaxWidth: 28,
        data: weeks.map(({ load, rated, evenings }) => ({
          value: load,
          itemStyle: { color: t.left, opacity: rated < evenings ? 0.4 : 1 },
        })),
      },
    ],
  };
}

@Component({
  selector: 'hop-load-chart',
  template: '',
  styles: ':host { display: block; height: 220px; max-width: 900px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'img', '[attr.aria-label]': 'label()' },
})
export class LoadChart {
  readonly weeks = input.required<readonly Week[]>();
  readonly label = input('');

  constructor() {
    drawChart(() => loadOption(this.weeks(), colours()));
  }
}
