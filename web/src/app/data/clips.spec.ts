import { TestBed } from '@angular/core/testing';
import { filmWorkFrom, NO_WORK } from '@hopsk/contract/film-work';
import { athlete, emptyDevice, me } from '../testing/run';
import { house } from '../testing/screen';
import { makeLockKey } from './lock-key';
import { Clips, type KeptClip } from './clips';
import { DeviceStore } from './device-store';
import { ErasedClips } from './erased-clips';
import { FilmWorks } from './film-works';

/** All files of a folder; its names are known to the browser, not to the types. */
async function filesIn(folder: FileSystemDirectoryHandle): Promise<File[]> {
  const files: File[] = [];
  for await (const handle of (folder as unknown as { values(): AsyncIterable<FileSystemFileHandle> }).values())
    files.push(await handle.getFile());
  return files;
}

/** Waits for what is written behind. */
async function until(holds: () => Promise<boolean>): Promise<void> {
  for (let n = 0; n < 400; n++) {
    if (await holds()) return;
    await new Promise((done) => setTimeout(done));
  }
  throw new Error(`never: ${String(holds)}`);
}

describe('clips that a device keeps', () => {
  const ada = athlete({ name: 'Ada' });
  let clips: Clips;
  const file = new File(['frames of a film'], 'a.mp4', { type: 'video/mp4' });
  const kept = async (one = file, athlete: string | null = null): Promise<KeptClip> => {
    const done = await clips.keep(one, athlete);
    if (typeof done === 'string') throw new Error(done);
    return done;
  };
  const folder = async (): Promise<FileSystemDirectoryHandle> =>
    (await (await navigator.storage.getDirectory()).getDirectoryHandle('clips', { create: true })).getDirectoryHandle(me.coach.id, {
      create: true,
    });

  beforeEach(async () => {
    await house({ people: [ada] });
    const root = await navigator.storage.getDirectory();
    await root.removeEntry('clips', { recursive: true }).catch(() => undefined);
    const { to } = await makeLockKey('1234');
    await TestBed.inject(DeviceStore).keep('me', { ...me, sealTo: to });
    clips = TestBed.inject(Clips);
    await clips.load();
  });

  it('are there again, as they were, and nobody reads them in its files', async () => {
    const one = await kept();
    const again = TestBed.runInInjectionContext(() => new Clips());
    await again.load();
    expect(again.all()).toEqual([one]);
    const back = await again.open(one);
    expect([await back?.text(), back?.name, back?.type]).toEqual(['frames of a film', 'a.mp4', 'video/mp4']);
    const files = await filesIn(await folder());
    for (const file of files) expect(await file.text()).not.toMatch(/frames|a\.mp4/);
    expect(files.map(({ name }) => name).sort()).toEqual([one.id, 'index', 'key'].sort());
  });

  it('cannot be read when their coach has left', async () => {
    const one = await kept();
    await emptyDevice();
    const after = TestBed.runInInjectionContext(() => new Clips());
    await after.load();
    expect(after.all()).toEqual([]);
    expect(await after.open(one)).toBeNull();
  });

  it('are erased with whom they show, as soon as it is known that the club has them no more', async () => {
    const erased = crypto.randomUUID();
    const [stays, goes] = [await kept(file, ada.id), await kept(file, erased)];
    const works = TestBed.inject(FilmWorks);
    await works.keep('theirs', { ...NO_WORK, athlete: erased });
    await works.keep('hers', { ...NO_WORK, athlete: ada.id });
    await until(async () => (await clips.allMarks()).size === 2);
    TestBed.inject(ErasedClips);
    TestBed.tick();
    await until(async () => (await clips.allMarks()).size === 1 && clips.all().length === 1);
    expect(clips.all()).toEqual([stays]);
    expect(await TestBed.inject(DeviceStore).recall('film theirs')).toBeNull();
    expect((await works.of('hers', 5)).athlete).toBe(ada.id);
    expect((await filesIn(await folder())).map(({ name }) => name)).not.toContain(goes.id);
  });

  it('have what was marked in them beside them: nobody reads it, and it outlives signing out', async () => {
    const works = TestBed.inject(FilmWorks);
    const marks = [5, 9, 12].map((frame) => ({ kind: 'back' as const, frame }));
    for (let n = 1; n <= marks.length; n++) await works.keep('abc', { ...NO_WORK, marks: marks.slice(0, n) });
    await until(async () => filmWorkFrom(await clips.marksIn('abc'))?.marks.length === 3);
    for (const one of await filesIn(await folder())) expect(await one.text()).not.toContain('back');
    // What the device keeps of whoever is in is gone; the key is there again when they are.
    const device = TestBed.inject(DeviceStore);
    await device.keep('film abc', null);
    expect((await works.of('abc', 11)).marks).toEqual(marks.slice(0, 2));
    expect(await works.of('other', 11)).toEqual(NO_WORK);
  });

  it('are all there where several are kept at once, by several pages, the first of all among them: one key opens each', async () => {
    const pages = [1, 2, 3].map(() => TestBed.runInInjectionContext(() => new Clips()));
    const marks = TestBed.inject(FilmWorks).keep('abc', NO_WORK);
    const all = await Promise.all(pages.flatMap((page) => [page.keep(file, null), page.keep(file, ada.id)]));
    await marks;
    const after = TestBed.runInInjectionContext(() => new Clips());
    await after.load();
    expect(after.all().length).toBe(6);
    for (const one of all) expect(await (typeof one === 'string' ? null : await after.open(one))?.text()).toBe('frames of a film');
  });

  it('go for good when they are erased', async () => {
    const [one, other] = [await kept(), await kept()];
    await clips.erase(one.id);
    expect(clips.all()).toEqual([other]);
    expect(await clips.open(one)).toBeNull();
    await expectAsync((await folder()).getFileHandle(one.id)).toBeRejected();
  });

  it('leave nothing half written where there is no room', async () => {
    spyOn(FileSystemWritableFileStream.prototype, 'write').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    expect(await clips.keep(file, null)).toBe('no-room');
    expect((await filesIn(await folder())).filter(({ name }) => name.length === 36)).toEqual([]);
    expect(clips.all()).toEqual([]);
  });

  it('say whom they show, and since when they are needed', async () => {
    const one = await kept();
    await clips.assign(one.id, 'ada');
    await clips.keepOn(one.id);
    expect(clips.all()).toEqual([jasmine.objectContaining({ id: one.id, athlete: 'ada' })]);
    expect(clips.all()[0]?.keptAt).toBeGreaterThanOrEqual(one.keptAt);
  });
});
