import { TestBed } from '@angular/core/testing';
import { CLIP_LIMITS } from '@hopsk/contract/films';
import { FilmClub } from '../testing/film-club';
import { ClipSharing, type OnItsWay } from './clip-sharing';
import { FilmsApi } from './films-api';

const CLIP = 'c'.repeat(64);

describe('a clip on its way to the club', () => {
  let club: FilmClub;
  let sharing: ClipSharing;
  const file = new File([Uint8Array.from({ length: 2.5 * CLIP_LIMITS.piece }, (_, i) => i % 251)], 'a.mp4', { type: 'video/mp4' });
  const bytes = async (blob: Blob | null): Promise<Uint8Array> => new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0));
  beforeEach(() => {
    club = new FilmClub();
    TestBed.configureTestingModule({ providers: [{ provide: FilmsApi, useValue: club }] });
    sharing = TestBed.inject(ClipSharing);
  });

  it('is there byte by byte, and comes back as the file that it was', async () => {
    expect((await sharing.send(CLIP, file)).whole).toBe(true);
    expect([club.came, club.sent]).toEqual([[0, 1, 2], { bytes: file.size, type: 'video/mp4' }]);
    const back = await sharing.fetch(CLIP, 'b.mp4');
    expect([back?.name, back?.type]).toEqual(['b.mp4', 'video/mp4']);
    expect(await bytes(back)).toEqual(await bytes(file));
    expect(sharing.onItsWay()).toBeNull();
  });

  it('that breaks off goes on with what is not there yet', async () => {
    club.breaksAfter = 2;
    await expectAsync(sharing.send(CLIP, file)).toBeRejected();
    expect(sharing.onItsWay()).toBeNull();
    club.breaksAfter = Infinity;
    expect((await sharing.send(CLIP, file)).whole).toBe(true);
    expect(club.came).toEqual([0, 1, 2]);
  });

  it('is stopped by who wants that, both ways', async () => {
    const ways: (OnItsWay | null)[] = [];
    const put = club.putPiece;
    spyOn(club, 'putPiece').and.callFake((...args) => {
      ways.push(sharing.onItsWay());
      sharing.stop();
      return put(...args);
    });
    expect(await sharing.send(CLIP, file)).toEqual(jasmine.objectContaining({ whole: false, has: [0] }));
    expect(ways).toEqual([{ clip: CLIP, way: 'to', done: 0, bytes: file.size }]);
    const fetched = club.piece;
    spyOn(club, 'piece').and.callFake((...args) => {
      sharing.stop();
      return fetched(...args);
    });
    expect(await sharing.fetch(CLIP, 'b.mp4')).toBeNull();
  });
});
