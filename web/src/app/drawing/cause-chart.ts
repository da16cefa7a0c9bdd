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

const ROW = 82;
const BOX = 60;
/** What is left between two columns, of a column. */
const GAP = 0.24;
const HEAD = 8;

/** The place in a column that an arrow passes through. */
const lane = ({ cause, fault }: Arrow, level: number): string => `${cause} ${fault} ${level}`;

/**
 * Where each fault stands: its column and its row in it, in the order given; shorter columns begin in the middle. An arrow that passes a
 * column has a place of its own in it, below what stands there, so that it runs behind no box.
 */
export function placesOf(
  nodes: readonly Drawn[],
  arrows: readonly Arrow[],
): { readonly at: ReadonlyMap<string, Point>; readonly columns: number; readonly rows: number } {
  const levels = new Map(nodes.map(({ fault, level }) => [fault, level]));
  const columns = Array.from({ length: 1 + Math.max(0, ...levels.values()) }, (_, level) => [
    ...nodes.filter((node) => node.level === level).map(({ fault }) => fault),
    ...arrows.filter((one) => passed(one, levels).includes(level)).map((one) => lane(one, level)),
  ]);
  const rows = Math.max(1, ...columns.map((column) => column.length));
  const places = columns.flatMap((column, level) =>
    column.map((key, i): [string, Point] => [key, [level, i + (rows - column.length) / 2]]),
  );
  return { at: new Map(places), columns: columns.length, rows };
}

/** The columns that an arrow passes. */
function passed({ cause, fault }: Arrow, levels: ReadonlyMap<string, number>): number[] {
  const [from, to] = [levels.get(cause) ?? 0, levels.get(fault) ?? 0];
  return Array.from({ length: Math.max(0, to - from - 1) }, (_, i) => from + 1 + i);
}

/** An arrow through places: its curves, and its head; what points back in a ring leaves below and comes in below. */
function arrowOf(through: readonly Point[], half: number, stroke: string, full: boolean): object {
  const [[fromX, fromY], [toX, toY]] = [through[0] as Point, through.at(-1) as Point];
  const style = { stroke, fill: 'none', lineWidth: full ? 3 : 1.5, lineDash: full ? undefined : [4, 4] };
  const head = (points: number[][]): object => ({ type: 'polygon', shape: { points }, style: { fill: stroke } });
  if (toX <= fromX) {
    const [y1, y2] = [fromY + BOX / 2, toY + BOX / 2];
    const curve = { x1: fromX, y1, x2: toX, y2: y2 + HEAD, cpx1: fromX, cpy1: y1 + ROW / 2, cpx2: toX, cpy2: y2 + ROW / 2 };
    const points = [
      [toX, y2],
      [toX - HEAD / 2, y2 + HEAD],
      [toX + HEAD / 2, y2 + HEAD],
    ];
    return { type: 'group', children: [{ type: 'bezierCurve', shape: curve, style }, head(points)] };
  }
  // Straight along each column that it passes, bent between two.
  const stops = through.flatMap(([x, y], i): Point[] =>
    i === 0
      ? [[x + half, y]]
      : i === through.length - 1
        ? [[x - half - HEAD, y]]
        : [
            [x - half, y],
            [x + half, y],
          ],
  );
  const curves = stops.slice(1).map(([x2, y2], i) => {
    const [x1, y1] = stops[i] as Point;
    const middle = (x1 + x2) / 2;
    return { type: 'bezierCurve', shape: { x1, y1, x2, y2, cpx1: middle, cpy1: y1, cpx2: middle, cpy2: y2 }, style };
  });
  const points = [
    [toX - half, toY],
    [toX - half - HEAD, toY - HEAD / 2],
    [toX - half - HEAD, toY + HEAD / 2],
  ];
  return { type: 'group', children: [...curves, head(points)] };
}

/** A box with what stands in it. */
function boxOf([x, y]: Point, half: number, { label, below, as }: Drawn, t: Tokens): object {
  const [fill, ink, quiet] = as === 'root' ? [t.accent, t.onAccent, t.onAccent] : [t.raised, t.ink, t.muted];
  const text = {
    x,
    align: 'center',
    fontFamily: 'Barlow Semi Condensed',
    width: 2 * half - 10,
    overflow: 'break',
    lineOverflow: 'truncate',
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
      // A label of two lines grows upwards.
      {
        type: 'text',
        style: {
          ...text,
          y,
          verticalAlign: 'bottom',
          height: 30,
          text: label,
          fill: as === 'quiet' ? quiet : ink,
          fontSize: 15,
          fontWeight: 600,
        },
      },
      { type: 'text', style: { ...text, y: y + 2, verticalAlign: 'top', height: 30, text: below, fill: quiet, fontSize: 13 } },
    ],
  };
}

/** Boxes in columns, causes before what they can cause, with arrows between them. */
export function causeOption(nodes: readonly Drawn[], arrows: readonly Arrow[], t: Tokens): EChartsCoreOption {
  const { at, columns, rows } = placesOf(nodes, arrows);
  const levels = new Map(nodes.map(({ fault, level }) => [fault, level]));
  const hidden = (data: number): object => ({ type: 'value', min: -0.5, max: data - 0.5, show: false });
  const place = (api: Api, key: string): Point => {
    const [x = 0, y = 0] = api.coord([...(at.get(key) ?? [0, 0])]);
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
          const arrow = arrows[dataIndex] as Arrow;
          const keys = [arrow.cause, ...passed(arrow, levels).map((level) => lane(arrow, level)), arrow.fault];
          return arrowOf(
            keys.map((key) => place(api, key)),
            half(api),
            arrow.full ? t.left : t.edge,
            arrow.full,
          );
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
  protected readonly height = computed(() => placesOf(this.nodes(), this.arrows()).rows * ROW);

  constructor() {
    drawChart(() => causeOption(this.nodes(), this.arrows(), colours()));
  }
}
