import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Player } from './player';

describe('playing a pattern', () => {
  const seconds = signal(2);
  let player: Player;
  let frames: ((now: number) => void)[];
  let now: number;

  beforeEach(() => {
    frames = [];
    now = 1000;
    seconds.set(2);
    spyOn(window, 'requestAnimationFrame').and.callFake((frame) => frames.push(frame));
    spyOn(performance, 'now').and.callFake(() => now);
    player = TestBed.runInInjectionContext(() => new Player(seconds));
  });
  const pass = (ms: number): void => {
    now += ms;
    frames.splice(0).forEach((frame) => frame(now));
  };

  it('goes with the clock of the screen, round and round', () => {
    player.toggle();
    pass(500);
    expect(player.t()).toBeCloseTo(0.5, 9);
    pass(1750);
    expect(player.t()).toBeCloseTo(0.25, 9);
  });

  it('at half speed takes twice the time, and stands when paused', () => {
    player.speed.set(0.5);
    player.toggle();
    pass(1000);
    expect(player.t()).toBeCloseTo(0.5, 9);
    player.toggle();
    pass(1000);
    expect(player.t()).toBeCloseTo(0.5, 9);
  });

  it('is never outside the pattern, which may become shorter while typing', () => {
    player.seek(9);
    expect(player.t()).toBe(2);
    player.seek(-1);
    expect(player.t()).toBe(0);
    player.seek(1.8);
    seconds.set(1);
    expect(player.t()).toBe(1);
  });

  it('a pattern without time does not divide by it', () => {
    seconds.set(0);
    player.toggle();
    pass(100);
    expect(player.t()).toBe(0);
  });
});
