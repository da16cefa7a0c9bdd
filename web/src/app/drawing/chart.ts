import { afterNextRender, DestroyRef, effect, ElementRef, inject, signal } from '@angular/core';
import type { Tokens } from '../ui/look/tokens';
import type { ECharts, EChartsCoreOption } from './echarts';

/** How the axes of every chart are labelled. */
export const axisLabel = ({ muted }: Tokens) => ({ color: muted, fontFamily: 'Barlow Semi Condensed', fontSize: 14 });

/** Draws a chart into the component that calls this when it is made, as wide and high as that is, anew with what it is made of. */
export function drawChart(option: () => EChartsCoreOption): void {
  const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  const destroyed = inject(DestroyRef);
  const chart = signal<ECharts | null>(null);
  afterNextRender(() => {
    // The chart library comes only when a chart is looked at.
    void import('./echarts').then(({ init }) => {
      if (destroyed.destroyed) return;
      const drawn = init(host);
      const size = new ResizeObserver(() => drawn.resize());
      size.observe(host);
      destroyed.onDestroy(() => {
        size.disconnect();
        drawn.dispose();
      });
      chart.set(drawn);
    });
  });
  effect(() => chart()?.setOption(option(), { notMerge: true }));
}

/** A value with its interval as every chart shows them: a point on a broad line. @param at where both ends and the value are, pixels. */
export const intervalMark = (ends: readonly (readonly number[])[], at: readonly number[], { left }: Tokens) => {
  const [[x1 = 0, y1 = 0] = [], [x2 = 0, y2 = 0] = []] = ends;
  const [cx = 0, cy = 0] = at;
  return {
    type: 'group',
    children: [
      { type: 'line', shape: { x1, y1, x2, y2 }, style: { stroke: left, lineWidth: 7, opacity: 0.4, lineCap: 'round' } },
      { type: 'circle', shape: { cx, cy, r: 5 }, style: { fill: left } },
    ],
  };
};
