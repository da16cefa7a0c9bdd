import { InputVideoTrack } from 'mediabunny';
import { FOREIGN_CLIPS } from '../testing/foreign-clips';
import { filmed, heard, lightOf } from '../testing/filmed';
import { nameOf } from '../data/clip-name';
import { openClip, type Clip } from './clip';

const opened = async (file: Blob): Promise<Clip> => {
  const clip = await openClip(file);
  if ('code' in clip) throw new Error(clip.code);
  return clip;
};
async function lightAt(clip: Clip, frame: number): Promise<number> {
  const picture = await clip.at(frame);
  const copy = new OffscreenCanvas(1, 1).getContext('2d');
  if (!picture || !copy) return NaN;
  copy.drawImage(picture, 0, 0, 1, 1);
  return copy.getImageData(0, 0, 1, 1).data[0] ?? NaN;
}
const foreign = (name: keyof typeof FOREIGN_CLIPS): File =>
  new File([Uint8Array.from(atob(FOREIGN_CLIPS[name].bytes), (letter) => letter.charCodeAt(0))], `${name}.mp4`);
const every = (seconds: number, count: number): number[] => Array.from({ length: count }, (_, k) => k * seconds);

describe('a clip', () => {
  it('has the frame times of its container, whatever its rate and however it changes', async () => {
    const changing = [0, 0.033, 0.066, 0.12, 0.128, 0.3, 0.31];
    for (const [stamps, as, within] of [
      [every(1 / 120, 40), 'mp4', 1e-4],
      [every(1 / 30, 20), 'mp4', 1e-4],
      [changing, 'mp4', 1e-4],
      // A WebM counts in milliseconds.
      [changing, 'webm', 6e-4],
    ] as const) {
      const clip = await opened(await filmed(stamps, as));
      expect(clip.frames.length).toBe(stamps.length);
      expect(clip.frames.every((at, i) => Math.abs(at - (stamps[i] ?? NaN)) < within))
        .withContext(`${as} ${clip.frames.join(' ')}`)
        .toBeTrue();
      clip.close();
    }
  });

  it('shows each frame as it was filmed, on and back, and turned as the phone was', async () => {
    const clip = await opened(await filmed(every(1 / 60, 90), 'mp4', 90));
    expect(clip.picture).toEqual({ width: 64, height: 128 });
    for (const frame of [0, 1, 2, 50, 49, 48, 89, 3]) {
      const light = await lightAt(clip, frame);
      expect(Math.abs(light - lightOf(frame)))
        .withContext(`frame ${frame}: ${light}`)
        .toBeLessThan(12);
    }
    clip.close();
  });

  it('says how many pictures a second its camera took, where that is written in it', async () => {
    for (const [raw, taken] of [
      ['240', 240],
      // A float of four bytes, as phones write it: 240.
      [new Uint8Array([0x43, 0x70, 0, 0]), 240],
      ['fast', null],
    ] as const) {
      const clip = await opened(await filmed(every(1 / 30, 10), 'mp4', 0, { 'com.android.capture.fps': raw }));
      expect(clip.taken).withContext(String(raw)).toBe(taken);
      clip.close();
    }
    const plain = await opened(await filmed(every(1 / 30, 10), 'mp4'));
    expect(plain.taken).toBeNull();
    plain.close();
  });

  // Outside reference: made by ffmpeg, with its frame times as ffprobe gives them.
  it('that another program wrote is as that program says: its times, how it was held, how fast it was taken', async () => {
    for (const [name, picture, taken] of [
      ['turned', { width: 48, height: 64 }, null],
      ['slow', { width: 64, height: 48 }, 240],
      ['uneven', { width: 64, height: 48 }, null],
    ] as const) {
      const { stamps } = FOREIGN_CLIPS[name];
      const clip = await opened(foreign(name));
      expect([clip.picture, clip.taken, clip.frames.length]).toEqual([picture, taken, stamps.length]);
      expect(Math.max(...clip.frames.map((at, i) => Math.abs(at - (stamps[i] ?? NaN)))))
        .withContext(name)
        .toBeLessThan(1e-5);
      for (const frame of [0, 5, 4, 11]) expect(Math.abs((await lightAt(clip, frame)) - 128)).toBeLessThan(12);
      clip.close();
    }
  });

  it('of a phone that films at high efficiency says in what it was written, where a browser cannot show it', async () => {
    const hevc = await openClip(foreign('hevc'));
    if ('code' in hevc) expect([hevc.code, hevc.codec]).toEqual(['cannot-decode', 'hevc']);
    else expect([hevc.frames.length, hevc.close()]).toEqual([8, undefined]);
  });

  describe('that is played and not given to be decoded', () => {
    beforeEach(() => spyOn(InputVideoTrack.prototype, 'canDecode').and.resolveTo(false));

    it('is stepped through as it is played: each frame is the one that was asked for, on, back and anywhere', async () => {
      const changing = [0, 0.033, 0.066, 0.12, 0.128, 0.3, 0.31, 0.4];
      for (const [stamps, as, rotation] of [
        [every(1 / 60, 90), 'mp4', 90],
        [every(1 / 120, 60), 'webm', 0],
        [changing, 'mp4', 0],
      ] as const) {
        const clip = await opened(await filmed(stamps, as, rotation));
        expect(clip.picture).toEqual(rotation === 90 ? { width: 64, height: 128 } : { width: 128, height: 64 });
        const last = stamps.length - 1;
        for (const frame of [0, 1, 2, 5, 4, 3, last, 2, last - 1, 0]) {
          const light = await lightAt(clip, frame);
          expect(Math.abs(light - lightOf(frame)))
            .withContext(`${as}, frame ${frame}: ${light}`)
            .toBeLessThan(12);
        }
        clip.close();
      }
    });

    it('goes on ahead of whoever steps on: all frames in their order are the ones that were asked for, and after a leap', async () => {
      const clip = await opened(await filmed(every(1 / 60, 60), 'mp4'));
      const right = async (frame: number): Promise<void> => {
        const light = await lightAt(clip, frame);
        expect(Math.abs(light - lightOf(frame)))
          .withContext(`frame ${frame}: ${light}`)
          .toBeLessThan(12);
      };
      for (let frame = 0; frame < 60; frame++) await right(frame);
      // In the midst of it somewhere else, and back; the last one, and what lies before it.
      for (const frame of [10, 11, 12, 40, 13, 14, 58, 59, 57, 0]) await right(frame);
      clip.close();
    });

    it('has the times of its container, whatever wrote it, and another zero than it where the file begins later', async () => {
      for (const name of ['turned', 'slow', 'uneven'] as const) {
        const { stamps } = FOREIGN_CLIPS[name];
        const clip = await opened(foreign(name));
        expect(Math.max(...clip.frames.map((at, i) => Math.abs(at - (stamps[i] ?? NaN))))).toBeLessThan(1e-5);
        for (const frame of [0, 5, 4, 11, 9, 10, 3]) expect(Math.abs((await lightAt(clip, frame)) - 128)).toBeLessThan(12);
        clip.close();
      }
      const late = await opened(
        await filmed(
          every(1 / 30, 20).map((at) => at + 0.5),
          'webm',
        ),
      );
      for (const frame of [0, 7, 19]) expect(Math.abs((await lightAt(late, frame)) - lightOf(frame))).toBeLessThan(12);
      late.close();
    });

    it('says that it cannot be shown where it is not played either, or where a browser does not say what it shows', async () => {
      const hevc = await openClip(foreign('hevc'));
      expect('code' in hevc ? [hevc.code, hevc.codec] : 'a clip').toEqual(['cannot-decode', 'hevc']);
      const { prototype } = HTMLVideoElement;
      const callback = Object.getOwnPropertyDescriptor(prototype, 'requestVideoFrameCallback');
      if (!callback) throw new Error('this browser has none');
      Reflect.deleteProperty(prototype, 'requestVideoFrameCallback');
      const older = await openClip(await filmed(every(1 / 30, 5), 'webm'));
      Object.defineProperty(prototype, 'requestVideoFrameCallback', callback);
      expect('code' in older ? older.code : 'a clip').toBe('cannot-decode');
    });
  });

  it('is smaller where it is looked at beside others, and as it was', async () => {
    const clip = await openClip(await filmed(every(1 / 60, 20), 'mp4'), 32);
    if ('code' in clip) throw new Error(clip.code);
    expect(clip.picture).toEqual({ width: 64, height: 32 });
    expect(Math.abs((await lightAt(clip, 7)) - lightOf(7))).toBeLessThan(12);
    clip.close();
  });

  it('that is none says why', async () => {
    const code = async (file: Blob): Promise<string> => {
      const clip = await openClip(file);
      return 'code' in clip ? clip.code : 'a clip';
    };
    expect(await code(new File(['what, name'], 'marks.csv'))).toBe('no-film');
    expect(await code(new File([], 'empty.mp4'))).toBe('no-film');
    expect(await code(await heard())).toBe('no-picture');
    expect(await code(await filmed([0], 'mp4'))).toBe('no-frames');
    const whole = await filmed(every(1 / 30, 20), 'mp4');
    expect(await code(whole.slice(0, 200))).toBe('torn');
    // By another ending it is what it is.
    expect(await code(new File([whole], 'drill.txt'))).toBe('a clip');
  });

  it('is known again by what is in it, whatever it is called', async () => {
    const [one, other] = [await filmed(every(1 / 30, 5), 'webm'), await filmed(every(1 / 30, 6), 'webm')];
    expect(await nameOf(new File([one], 'renamed.webm'))).toBe(await nameOf(one));
    expect(await nameOf(other)).not.toBe(await nameOf(one));
    // Of much larger ones three places are looked at.
    const large = new Uint8Array(5 << 20);
    const name = await nameOf(new Blob([large]));
    large[large.length - 1] = 1;
    expect(await nameOf(new Blob([large]))).not.toBe(name);
    // A page that was not opened over HTTPS knows it by the same name.
    const subtle = Object.getOwnPropertyDescriptor(Crypto.prototype, 'subtle');
    if (!subtle) throw new Error('this browser has none');
    Reflect.deleteProperty(Crypto.prototype, 'subtle');
    const plain = await nameOf(one);
    Object.defineProperty(Crypto.prototype, 'subtle', subtle);
    expect(plain).toBe(await nameOf(one));
  });
});
