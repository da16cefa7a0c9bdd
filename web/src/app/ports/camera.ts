import { drawnFilm } from '@hopsk/core/film/drawn';
import { seenAt } from '@hopsk/core/film/scene';
import { paintScene } from './scene-painter';

/** A camera that is on: what it sees, until it is let go. */
export interface Filming {
  readonly stream: MediaStream;
  readonly close: () => void;
}

/** Why there is none: not allowed, no camera, another program has it, or the browser cannot. */
export type Unseen = 'refused' | 'none' | 'busy' | 'fault';

/** Turns a camera on. One in the hall, or another device's, would come behind this. */
export type OpenCamera = () => Promise<Filming | Unseen>;

const UNSEEN: Readonly<Record<string, Unseen>> = {
  NotFoundError: 'none',
  OverconstrainedError: 'none',
  NotAllowedError: 'refused',
  SecurityError: 'refused',
  NotReadableError: 'busy',
};

const closing =
  (stream: MediaStream, also: () => void = () => undefined) =>
  (): void => {
    also();
    for (const track of stream.getTracks()) track.stop();
  };

/** The camera of this device: the one that looks away from whoever holds it, as many pictures a second as it gives; no sound. */
export const deviceCamera: OpenCamera = async () => {
  try {
    const video = { facingMode: 'environment', frameRate: { ideal: 120 }, width: { ideal: 1920 }, height: { ideal: 1080 } };
    const stream = await navigator.mediaDevices.getUserMedia({ video });
    return { stream, close: closing(stream) };
  } catch (error) {
    return UNSEEN[error instanceof DOMException ? error.name : ''] ?? 'fault';
  }
};

/** Pictures a second of the stand-in. */
const RATE = 30;

/** A stand-in that ships: the engine's own figure on its court, again and again, for whoever has no camera at hand. */
export const drawnCamera: OpenCamera = () => {
  const { scene } = drawnFilm('drawn-60');
  const { picture } = scene.camera;
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [picture.width, picture.height];
  const brush = canvas.getContext('2d', { alpha: false });
  if (!brush) return Promise.resolve('fault');
  const began = performance.now();
  const draw = (): void => {
    const t = ((performance.now() - began) / 1000) % scene.simulation.seconds;
    paintScene(brush, picture, seenAt(scene, t));
  };
  draw();
  const timer = setInterval(draw, 1000 / RATE);
  const stream = canvas.captureStream(RATE);
  return Promise.resolve({ stream, close: closing(stream, () => clearInterval(timer)) });
};
