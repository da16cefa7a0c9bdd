import type { Picture } from '@hopsk/core/film/calibration';
import type { Stroke, Tone } from '@hopsk/core/film/scene';

/** A drawn hall is a picture, not a part of the page: it has its own colours. */
const TONES: Readonly<Record<Tone, string>> = {
  hall: '#8b8478',
  floor: '#3f6f64',
  line: '#f4f0e4',
  net: '#e9e4d4',
  shadow: '#2b4a44',
  'left-shoe': '#f2b632',
  'right-shoe': '#e8643c',
  thigh: '#2c2f3f',
  shank: '#b98463',
  trunk: '#e6ddc6',
  arm: '#b98463',
  head: '#b98463',
  racket: '#1d1f2a',
  ball: '#fff36b',
};
const WALL = '#5b5a66';

type Brush = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** Paints what a camera sees, from the back to the front. */
export function paintScene(brush: Brush, { width, height }: Picture, strokes: readonly Stroke[]): void {
  brush.fillStyle = WALL;
  brush.fillRect(0, 0, width, height);
  brush.lineCap = 'round';
  for (const stroke of strokes) {
    brush.beginPath();
    brush.fillStyle = brush.strokeStyle = TONES[stroke.tone];
    if (stroke.kind === 'plane') {
      for (const { x, y } of stroke.points) brush.lineTo(x, y);
      brush.fill();
    } else if (stroke.kind === 'rod') {
      brush.lineWidth = stroke.wide;
      brush.moveTo(stroke.from.x, stroke.from.y);
      brush.lineTo(stroke.to.x, stroke.to.y);
      brush.stroke();
    } else {
      brush.arc(stroke.at.x, stroke.at.y, stroke.radius, 0, 2 * Math.PI);
      brush.fill();
    }
  }
}
