import { TestBed } from '@angular/core/testing';
import { NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { holdsLater } from '@hopsk/core/testing/holds';
import fc from 'fast-check';
import { failing, FilmClub } from '../testing/film-club';
import { DeviceStore } from './device-store';
import { FilmSending } from './film-sending';
import { FilmsApi } from './films-api';

const CLIP = 'a'.repeat(64);
/** A device with what it keeps of the clip, as the desk writes it. */
class Device {
  private readonly kept = new Map<string, unknown>();
  readonly sending: FilmSending;

  constructor(club: FilmClub) {
    const store = {
      keep: (key: string, value: unknown) => Promise.resolve(void this.kept.set(key, structuredClone(value))),
      recall: (key: string) => Promise.resolve(this.kept.get(key)),
    };
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [
        { provide: DeviceStore, useValue: store },
        { provide: FilmsApi, useValue: club },
      ],
    });
    this.sending = TestBed.inject(FilmSending);
  }

  get work(): FilmWork {
    return (this.kept.get(`film ${CLIP}`) as FilmWork | undefined) ?? NO_WORK;
  }

  get standing(): string | undefined {
    return this.sending.standing().get(CLIP)?.is;
  }

  async put(work: FilmWork): Promise<void> {
    this.kept.set(`film ${CLIP}`, work);
    await this.sending.waits(CLIP, 'a.mp4');
  }

  mark(frame: number): Promise<void> {
    return this.put({ ...this.work, marks: [...this.work.marks, { kind: 'contact', frame }] });
  }

  async open(): Promise<void> {
    const theirs = await this.sending.meet(CLIP, 'a.mp4', this.work);
    if (theirs) await this.put(theirs);
  }

  async choose(mine: boolean): Promise<void> {
    const standing = this.sending.standing().get(CLIP);
    if (standing?.is !== 'elsewhere') return;
    if (mine) await this.sending.keepOurs(CLIP, 'a.mp4', standing.theirs);
    else await this.put(await this.sending.takeTheirs(CLIP, standing.theirs));
  }

  get frames(): number[] {
    return this.work.marks.map(({ frame }) => frame);
  }
}

describe('what was marked in clips on its way to the club', () => {
  let club: FilmClub;
  const inClub = (): number[] => (club.kept?.work.marks ?? []).map(({ frame }) => frame);
  beforeEach(() => (club = new FilmClub()));

  it('is sent, comes to another device, and goes on from there', async () => {
    const [phone, laptop] = [new Device(club), new Device(club)];
    await phone.mark(3);
    expect(phone.standing).toBe('waits');
    await phone.sending.sendAll();
    expect([phone.standing, inClub(), club.saves]).toEqual(['sent', [3], 1]);
    await laptop.open();
    await laptop.mark(5);
    await laptop.sending.sendAll();
    expect(inClub()).toEqual([3, 5]);
    // Nothing was marked on the phone since: it has what the laptop marked, and nobody is asked.
    await phone.open();
    await phone.sending.sendAll();
    expect([phone.frames, phone.standing, club.saves]).toEqual([[3, 5], 'sent', 2]);
  });

  it('waits while the club is away, and is sent when it is there', async () => {
    const phone = new Device(club);
    club.away = true;
    await phone.mark(3);
    await phone.sending.sendAll();
    expect([phone.standing, club.kept]).toEqual(['waits', null]);
    club.away = false;
    await phone.sending.sendAll();
    expect([phone.standing, inClub()]).toEqual(['sent', [3]]);
    // What signing out made this device forget is known by the clip again.
    await new Device(club).open();
    expect(club.saves).toBe(2);
  });

  it('is never put over what somebody else marked, nor under it, before somebody has chosen', async () => {
    for (const mine of [true, false]) {
      club = new FilmClub();
      const [phone, laptop] = [new Device(club), new Device(club)];
      await phone.mark(3);
      await phone.sending.sendAll();
      await laptop.mark(7);
      await laptop.sending.sendAll();
      expect([laptop.standing, laptop.frames, inClub()]).toEqual(['elsewhere', [7], [3]]);
      await laptop.choose(mine);
      await laptop.sending.sendAll();
      expect([laptop.standing, laptop.frames, inClub()]).toEqual(mine ? ['sent', [7], [7]] : ['sent', [3], [3]]);
    }
  });

  it('that the club forgot is asked about', async () => {
    const phone = new Device(club);
    await phone.mark(3);
    await phone.sending.sendAll();
    club.kept = null;
    await phone.open();
    expect([phone.standing, phone.frames]).toEqual(['elsewhere', [3]]);
    await phone.choose(true);
    await phone.sending.sendAll();
    expect([phone.standing, inClub()]).toEqual(['sent', [3]]);
    // Found out while sending it is the same.
    club.kept = null;
    await phone.mark(4);
    await phone.sending.sendAll();
    expect([phone.standing, phone.frames]).toEqual(['elsewhere', [3, 4]]);
  });

  it('that the club does not take stays here, with why', async () => {
    const phone = new Device(club);
    const refuse = failing(409, { error: 'not-agreed', values: {}, fields: [] });
    spyOn(club, 'save').and.returnValue(refuse);
    await phone.mark(3);
    await phone.sending.sendAll();
    const standing = phone.sending.standing().get(CLIP);
    expect(standing?.is === 'refused' && standing.why).toMatch(/guardian/);
    expect(phone.frames).toEqual([3]);
  });

  it('is lost by nothing but a choice, whatever three devices do, with the network there or not', async () => {
    const step = fc.record({ who: fc.nat(2), act: fc.constantFrom('mark', 'send', 'open', 'ours', 'theirs', 'net') });
    await holdsLater(
      fc.asyncProperty(fc.array(step, { minLength: 6, maxLength: 30, size: 'max' }), async (steps) => {
        club = new FilmClub();
        const devices = [new Device(club), new Device(club), new Device(club)];
        /** Marks that are known to whoever looks, at the club or on the device that made them. */
        const made = new Set<number>();
        let frame = 0;
        for (const { who, act } of steps) {
          const device = devices[who] as Device;
          if (act === 'mark') made.add(++frame);
          if (act === 'mark') await device.mark(frame);
          else if (act === 'send') await device.sending.sendAll();
          else if (act === 'open') await device.open();
          else if (act === 'net') club.away = !club.away;
          else {
            // Whoever chooses gives up what the other one has, and knows it.
            const gives = device.standing === 'elsewhere' ? (act === 'ours' ? inClub() : device.frames) : [];
            const stays = act === 'ours' ? device.frames : inClub();
            await device.choose(act === 'ours');
            for (const one of gives) if (!stays.includes(one)) made.delete(one);
          }
          const there = new Set([...inClub(), ...devices.flatMap(({ frames }) => frames)]);
          expect([...made].filter((one) => !there.has(one))).toEqual([]);
        }
        // When all is quiet, whatever is not with the club is asked about.
        club.away = false;
        for (const device of devices) await device.sending.sendAll();
        for (const device of devices)
          if (device.standing !== 'elsewhere') expect(device.frames.filter((one) => made.has(one) && !inClub().includes(one))).toEqual([]);
      }),
      200,
    );
  });
});
