import type { Box } from '@hopsk/core/body/polygon';
import type { Vec } from '@hopsk/core/body/vec';

/** Floor metres in a drawing: x to the right, ahead is up. */
export const at = (p: Vec): string => `${p.x.toFixed(4)},${(-p.y).toFixed(4)}`;

/** A closed outline with softened corners: the curve goes through the middles of its edges. */
export function softPath(outline: readonly Vec[]): string {
  const middle = (i: number): Vec => {
    const a = outline[i % outline.length] as Vec;
    const b = outline[(i + 1) % outline.length] as Vec;
    return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
  };
  return `M${at(middle(0))}${outline.map((_, i) => `Q${at(outline[(i + 1) % outline.length] as Vec)} ${at(middle(i + 1))}`).join('')}Z`;
}

export const polyline = (points: readonly Vec[]): string => points.map(at).join(' ');

export const viewBox = (box: Box): string => `${box.minX} ${-box.maxY} ${box.maxX - box.minX} ${box.maxY - box.minY}`;

/** The box made at least so wide and so high, about its middle. */
export function atLeast(box: Box, width: number, height: number): Box {
  const dx = Math.max(0, width - (box.maxX - box.minX)) / 2;
  const dy = Math.max(0, height - (box.maxY - box.minY)) / 2;
  return { minX: box.minX - dx, maxX: box.maxX + dx, minY: box.minY - dy, maxY: box.maxY + dy };
}

/** The pointer's place on the floor of a drawing, metres. */
export function placeOf(event: PointerEvent): Vec {
  const svg = (event.currentTarget as SVGElement).ownerSVGElement as SVGSVGElement;
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()?.inverse());
  return { x: p.x, y: -p.y };
}

let count = 0;
/** A fresh id for patterns of one drawing, so that two drawings on a page do not share them. */
export const drawingId = (): string => `d${count++}`;
