import { TestBed } from '@angular/core/testing';
import { DeviceStore } from '../../data/device-store';
import { Sounds } from '../../ports/sounds';
import { house } from '../../testing/screen';
import { RunSound } from './run-sound';

describe('how loud the clock is', () => {
  const made = (): RunSound => TestBed.runInInjectionContext(() => new RunSound());

  it('goes from loud to quiet to silent and back, heard at once; silent, the phone shakes', async () => {
    await house();
    const sounds = TestBed.inject(Sounds);
    spyOn(sounds, 'wake');
    const tried = spyOn(sounds, 'try');
    const shaken = spyOn(navigator, 'vibrate').and.returnValue(true);
    const sound = made();
    sound.shake();
    expect(shaken).not.toHaveBeenCalled();
    sound.next();
    expect([sound.loudness(), sounds.volume()]).toEqual(['quiet', 0.35]);
    sound.next();
    expect([sound.loudness(), sounds.volume(), shaken.calls.count()]).toEqual(['silent', 0, 1]);
    sound.next();
    expect([sound.loudness(), sounds.volume(), tried.calls.count()]).toEqual(['loud', 1, 3]);
  });

  it('is as it was the last time on this device', async () => {
    await house();
    await TestBed.inject(DeviceStore).keep('loudness', 'silent');
    const sound = made();
    for (let i = 0; i < 100 && sound.loudness() !== 'silent'; i++) await new Promise((next) => requestAnimationFrame(next));
    expect([sound.loudness(), TestBed.inject(Sounds).volume()]).toEqual(['silent', 0]);
  });
});
