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
