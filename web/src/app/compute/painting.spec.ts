import { VideoSample, type Rotation } from 'mediabunny';
import { Painting } from './painting';

/** A picture whose four quarters are told apart. */
function quarters(): OffscreenCanvas {
  const canvas = new OffscreenCanvas(64, 32);
  const brush = canvas.getContext('2d');
  ['#c02020', '#20c020', '#2020c0', '#c0c020'].forEach((colour, i) => {
    if (brush) brush.fillStyle = colour;
    brush?.fillRect(32 * (i % 2), 16 * Math.floor(i / 2), 32, 16);
  });
  return canvas;
}

/** The colours in the middle of the four quarters. */
function seen(canvas: OffscreenCanvas): number[] {
  const brush = canvas.getContext('2d');
  const { width, height } = canvas;
  return [0, 1, 2, 3].flatMap((i) => {
    const [x, y] = [width * (i % 2 ? 0.75 : 0.25), height * (i > 1 ? 0.75 : 0.25)];
    return [...(brush?.getImageData(Math.round(x), Math.round(y), 1, 1).data ?? [])];
  });
}

describe('a frame on a canvas', () => {
  // Outside reference: the demuxer's own drawing of a sample.
  for (const rotation of [0, 90, 180, 270] as const satisfies readonly Rotation[])
    for (const flip of [false, true])
      for (const less of [1, 0.5])
        it(`is turned by ${rotation}°${flip ? ', mirrored' : ''} and ${less} as large, as its library draws it`, async () => {
          const sample = new VideoSample(quarters(), { timestamp: 0, rotation, flip });
          const size = { width: sample.displayWidth * less, height: sample.displayHeight * less };
          const painting = new Painting(size);
          const [ours, theirs] = [painting.canvas(), painting.canvas()];
          sample.draw(theirs.getContext('2d') as OffscreenCanvasRenderingContext2D, 0, 0, size.width, size.height);
          await painting.paint(sample, ours);
          expect(seen(ours)).toEqual(seen(theirs));
          expect(new Set(seen(ours).map((_, i, all) => (i % 4 === 0 ? all.slice(i, i + 4).join(' ') : ''))).size).toBe(5);
          sample.close();
        });

  it('whose bytes the browser does not give is drawn all the same', async () => {
    const sample = new VideoSample(quarters(), { timestamp: 0 });
    const painting = new Painting({ width: 64, height: 32 });
    const [plain, drawn] = [painting.canvas(), painting.canvas()];
    await painting.paint(sample, plain);
    const copied = spyOn(VideoFrame.prototype, 'copyTo').and.rejectWith(new DOMException('no', 'NotSupportedError'));
    await painting.paint(sample, drawn);
    expect(copied).toHaveBeenCalled();
    expect(seen(drawn)).toEqual(seen(plain));
    sample.close();
  });
});
