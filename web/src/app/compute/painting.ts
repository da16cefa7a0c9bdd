import type { Picture as Size } from '@hopsk/core/film/calibration';
import type { VideoSample } from 'mediabunny';

/**
 * Puts decoded frames into canvases. Their bytes are copied, where a browser gives them: of each frame that is drawn from the decoder itself
 * a browser keeps a picture of its own, up to half a gigabyte of them.
 */
export class Painting {
  private bytes: Uint8ClampedArray<ArrayBuffer> | null = null;
  /** A frame as it was decoded, where it is to be turned or made smaller. */
  private readonly scratch = new OffscreenCanvas(1, 1);

  /** @param size as it is to be seen. */
  constructor(private readonly size: Size) {}

  /** A canvas as large as a frame is to be seen. */
  canvas(): OffscreenCanvas {
    return new OffscreenCanvas(this.size.width, this.size.height);
  }

  async paint(sample: VideoSample, canvas: OffscreenCanvas): Promise<void> {
    const brush = canvas.getContext('2d');
    const { width, height } = this.size;
    const image = await this.copied(sample);
    if (image === null) sample.draw(brush as OffscreenCanvasRenderingContext2D, 0, 0, width, height);
    else if (sample.rotation === 0 && !sample.flip && image.width === width && image.height === height) brush?.putImageData(image, 0, 0);
    else this.turned(image, sample, brush);
  }

  /** Its bytes; null where the browser does not give them, as of a frame that never left the graphics card. */
  private async copied(sample: VideoSample): Promise<ImageData | null> {
    const frame = sample.toVideoFrame();
    try {
      const { width = 0, height = 0 } = frame.format === null ? {} : (frame.visibleRect ?? {});
      if (width === 0 || height === 0) return null;
      if (this.bytes?.length !== 4 * width * height) this.bytes = new Uint8ClampedArray(4 * width * height);
      await frame.copyTo(this.bytes, { format: 'RGBA' });
      return new ImageData(this.bytes, width, height);
    } catch {
      return null;
    } finally {
      frame.close();
    }
  }

  /** As the camera was held, and as large as it is to be seen. */
  private turned(image: ImageData, { rotation, flip }: VideoSample, brush: OffscreenCanvasRenderingContext2D | null): void {
    Object.assign(this.scratch, { width: image.width, height: image.height });
    this.scratch.getContext('2d')?.putImageData(image, 0, 0);
    const { width, height } = this.size;
    const [across, down] = rotation % 180 === 0 ? [width, height] : [height, width];
    if (!brush) return;
    brush.setTransform(flip ? -1 : 1, 0, 0, 1, width / 2, height / 2);
    brush.rotate((rotation * Math.PI) / 180);
    brush.drawImage(this.scratch, -across / 2, -down / 2, across, down);
    brush.resetTransform();
  }
}
