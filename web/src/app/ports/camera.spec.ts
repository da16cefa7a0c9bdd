import { deviceCamera, drawnCamera } from './camera';

describe('a camera', () => {
  it('says why there is none', async () => {
    const asked = spyOn(navigator.mediaDevices, 'getUserMedia');
    for (const [name, why] of [
      ['NotAllowedError', 'refused'],
      ['NotFoundError', 'none'],
      ['NotReadableError', 'busy'],
      ['TypeError', 'fault'],
    ] as const) {
      asked.and.rejectWith(new DOMException('no', name));
      expect(await deviceCamera())
        .withContext(name)
        .toBe(why);
    }
  });

  it('is let go of when it is closed', async () => {
    const stream = document.createElement('canvas').captureStream(1);
    spyOn(navigator.mediaDevices, 'getUserMedia').and.resolveTo(stream);
    const filming = await deviceCamera();
    if (typeof filming === 'string') throw new Error(filming);
    filming.close();
    expect(stream.getTracks().map(({ readyState }) => readyState)).toEqual(['ended']);
  });

  it('has a stand-in that shows the drawn figure', async () => {
    const filming = await drawnCamera();
    if (typeof filming === 'string') throw new Error(filming);
    const [track] = filming.stream.getVideoTracks();
    expect([track?.getSettings().width, track?.getSettings().height]).toEqual([1280, 720]);
    filming.close();
    expect(track?.readyState).toBe('ended');
  });
});
