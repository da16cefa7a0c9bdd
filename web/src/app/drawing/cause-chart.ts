import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { colours } from '../ui/look/colours';
import type { Tokens } from '../ui/look/tokens';
import { drawChart } from './chart';
import type { EChartsCoreOption } from './echarts';

/** A fault of the drawing: in which column, what stands in its box, and how it stands out. */
export interface Drawn {
  readonly fault: string;
  readonly level: number;
  readonly label: string;
  readonly below: string;
  /** Where one begins; seen; or neither: only what could cause one that is seen. */
  readonly as: 'root' | 'seen' | 'quiet';
}

/** An arrow from what can cause to what it can cause; full where the log bears it out. */
export interface Arrow {
  readonly cause: string;
  readonly fault: string;
  readonly full: boolean;
}

interface Api {
  value(i: number): number;
  coord(p: number[]): number[];
  size(p: number[]): number[];
}
type Point = readonly [number, number];

const ROW = 68;
const BOX = 46;
/** What is left between two columns, of a column. */
const GAP = 0.24;
const HEAD = 8;

/** Where each fault stands: its column and its row in it, in the order given; shorter columns begin in the middle. */
export function placesOf(nodes: readonly Drawn[]): {
  readonly at: ReadonlyMap<string, Point>;
  readonly columns: number;
  readonly rows: number;
} {
  const columns = 1 + Math.max(0, ...nodes.map(({ level }) => level));
  const inColumn = (level: number): Drawn[] => nodes.filter((node) => node.level === level);
  const rows = Math.max(1, ...Array.from({ length: columns }, (_, level) => inColumn(level).length));
  const at = new Map(
    Array.from({ length: columns }, (_, level) =>
      inColumn(level).map(({ fault }, i, all): [string, Point] => [fault, [level, i + (rows - all.length) / 2]]),
    ).flat(),
  );
  return { at, columns, rows };
}

/** The curve of an arrow between two boxes, and its head; what points back in a ring leaves below and comes in below. */
function arrowOf(from: Point, to: Point, half: number, stroke: string, full: boolean): object {
  const ahead = to[0] > from[0];
  const [x1, y1] = ahead ? [from[0] + half, from[1]] : [from[0], from[1] + BOX / 2];
  const [x2, y2] = ahead ? [to[0] - half, to[1]] : [to[0], to[1] + BOX / 2];
  const bend = (x2 - x1) / 2;
  const curve = ahead
    ? { x1, y1, x2: x2 - HEAD, y2, cpx1: x1 + bend, cpy1: y1, cpx2: x2 - bend, cpy2: y2 }
    : { x1, y1, x2, y2: y2 + HEAD, cpx1: x1, cpy1: y1 + ROW / 2, cpx2: x2, cpy2: y2 + ROW / 2 };
  const points = ahead
    ? [
        [x2, y2],
        [x2 - HEAD, y2 - HEAD / 2],
        [x2 - HEAD, y2 + HEAD / 2],
      ]
    : [
        [x2, y2],
        [x2 - HEAD / 2, y2 + HEAD],
        [x2 + HEAD / 2, y2 + HEAD],
      ];
  return {
    type: 'group',
    children: [
      {
        type: 'bezierCurve',
        shape: curve,
        style: { stroke, fill: 'none', lineWidth: full ? 3 : 1.5, lineDash: full ? undefined : [4, 4] },
      },
      { type: 'polygon', shape: { points }, style: { fill: stroke } },
    ],
  };
}

/** A box with what stands in it. */
function boxOf([x, y]: Point, half: number, { label, below, as }: Drawn, t: Tokens): object {
  const [fill, ink, quiet] = as === 'root' ? [t.accent, t.onAccent, t.onAccent] : [t.raised, t.ink, t.muted];
  const text = {
    x,
    align: 'center',
    verticalAlign: 'middle',
    fontFamily: 'Barlow Semi Condensed',
    width: 2 * half - 10,
    overflow: 'break',
    lineHeight: 15,
  };
  return {
    type: 'group',
    children: [
      {
        type: 'rect',
        shape: { x: x - half, y: y - BOX / 2, width: 2 * half, height: BOX, r: 4 },
        style: { fill, stroke: as === 'quiet' ? t.rule : t.edge, lineWidth: 1, lineDash: as === 'quiet' ? [4, 3] : undefined },
      },
      { type: 'text', style: { ...text, y: y - 9, text: label, fill: as === 'quiet' ? quiet : ink, fontSize: 15, fontWeight: 600 } },
      { type: 'text', style: { ...text, y: y + 10, text: below, fill: quiet, fontSize: 13 } },
    ],
  };
}

/** Boxes in columns, causes before what they can cause, with arrows between them. */
export function causeOption(nodes: readonly Drawn[], arrows: readonly Arrow[], t: Tokens): EChartsCoreOption {
  const { at, columns, rows } = placesOf(nodes);
  const hidden = (data: number): object => ({ type: 'value', min: -0.5, max: data - 0.5, show: false });
  const place = (api: Api, fault: string): Point => {
    const [x = 0, y = 0] = api.coord([...(at.get(fault) ?? [0, 0])]);
    return [x, y];
  };
  const half = (api: Api): number => ((api.size([1, 0])[0] ?? 0) * (columns === 1 ? 0.6 : 1 - GAP)) / 2;
  return {
    animation: false,
    grid: { left: 0, right: 0, top: 0, bottom: 0 },
    xAxis: hidden(columns),
    yAxis: { ...hidden(rows), inverse: true },
    series: [
      {
        type: 'custom',
        data: arrows.map((_, i) => [0, 0, i]),
        silent: true,
        renderItem: ({ dataIndex }: { dataIndex: number }, api: Api) => {
          const { cause, fault, full } = arrows[dataIndex] as Arrow;
          return arrowOf(place(api, cause), place(api, fault), half(api), full ? t.left : t.edge, full);
        },
      },
      {
        type: 'custom',
        data: nodes.map(({ fault }) => [...(at.get(fault) ?? [0, 0])]),
        silent: true,
        renderItem: ({ dataIndex }: { dataIndex: number }, api: Api) => {
          const node = nodes[dataIndex] as Drawn;
          return boxOf(place(api, node.fault), half(api), node, t);
        },
      },
    ],
  };
}

@Component({
  selector: 'hop-cause-chart',
  template: '',
  styles: ':host { display: block; max-width: 900px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'img', '[attr.aria-label]': 'label()', '[style.height.px]': 'height()' },
})
export class CauseChart {
  readonly nodes = input.required<readonly Drawn[]>();
  readonly arrows = input.required<readonly Arrow[]>();
  readonly label = input('');
  protected readonly height = computed(() => placesOf(this.nodes()).rows * ROW);

  constructor() {
    drawChart(() => causeOption(this.nodes(), this.arrows(), colours()));
  }
}
