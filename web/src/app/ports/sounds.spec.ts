import { TestBed } from '@angular/core/testing';
import { beepsOf } from '@hopsk/core/log/beeps';
import { stretchesOfRounds } from '@hopsk/core/plan/rounds';
import { Clips } from './clips';
import { Sounds } from './sounds';

/** An audio clock that stands where the spec puts it, and remembers what was asked of it. */
class FakeAudio {
  static last: FakeAudio;
  currentTime = 100;
  destination = {};
  readonly started: { at: number; until: number; pitch: number; cut: boolean }[] = [];
  constructor() {
    FakeAudio.last = this;
  }
  state = 'suspended';
  onstatechange: () => void = () => undefined;
  resume(): Promise<void> {
    this.turn('running');
    return Promise.resolve();
  }
  turn(state: string): void {
    this.state = state;
    this.onstatechange();
  }
  createGain() {
    const gain = { setValueAtTime: () => gain, linearRampToValueAtTime: () => gain };
    return { gain, connect: <T>(to: T): T => to };
  }
  readonly buffers: { at: number; seconds: number; cut: boolean }[] = [];
  createBuffer(_channels: number, length: number, rate: number) {
    return { length, rate, copyToChannel: () => undefined };
  }
  createBufferSource() {
    const word = { at: 0, seconds: 0, cut: false };
    this.buffers.push(word);
    return {
      set buffer(of: { length: number; rate: number }) {
        word.seconds = of.length / of.rate;
      },
      connect: <T>(to: T): T => to,
      start: (at: number) => (word.at = at),
      stop: () => (word.cut = true),
    };
  }
  createOscillator() {
    const note = { at: 0, until: 0, pitch: 0, cut: false };
    this.started.push(note);
    return {
      frequency: {
        set value(pitch: number) {
          note.pitch = pitch;
        },
      },
      connect: <T>(to: T): T => to,
      start: (at: number) => (note.at = at),
      stop: (at?: number) => (at === undefined ? (note.cut = true) : (note.until = at)),
      onended: null,
    };
  }
}

describe('beeps on the audio clock', () => {
  const real = globalThis.AudioContext;
  let sounds: Sounds;
  const beeps = beepsOf(stretchesOfRounds({ mode: 'seconds', work: 10, rounds: 2, sets: 1, rest: 5, setRest: null }, null));

  beforeEach(() => {
    globalThis.AudioContext = FakeAudio as unknown as typeof AudioContext;
    sounds = TestBed.inject(Sounds);
    sounds.wake();
  });
  afterEach(() => (globalThis.AudioContext = real));

  it('are planned ahead at the very second of the plan, not by a timer', () => {
    sounds.plan(beeps, -5);
    // Ticks at 3, 2 and 1 s before each change, a tone at each change: work at 0, rest at 10, work at 15, end at 25.
    expect(FakeAudio.last.started.map((note) => note.at - 105)).toEqual([-3, -2, -1, 0, 7, 8, 9, 10, 12, 13, 14, 15, 22, 23, 24, 25]);
  });

  it('when a call takes the sound away, nothing of what was planned comes late, and the next touch goes on with what is to come', async () => {
    sounds.plan(beeps, -5);
    expect(sounds.ready()).toBeTrue();
    FakeAudio.last.currentTime = 107.5;
    FakeAudio.last.turn('interrupted');
    expect(sounds.ready()).toBeFalse();
    const planned = [...FakeAudio.last.started];
    // What was heard was heard; all the rest is taken back, and nothing is put on a clock that stands.
    expect(planned.map(({ at, cut }) => [at > 107.5, cut])).toEqual(planned.map(({ at }) => [at > 107.5, at > 107.5]));
    sounds.plan(beeps, 8.4);
    expect(FakeAudio.last.started.length).toBe(planned.length);
    // The audio clock stood; the plan went on to its ninth second.
    sounds.wake();
    await Promise.resolve();
    expect(sounds.ready()).toBeTrue();
    sounds.plan(beeps, 9.5);
    expect(FakeAudio.last.started.slice(planned.length).map(({ at }) => at - 98)).toEqual([10, 12, 13, 14, 15, 22, 23, 24, 25]);
  });

  it('where the run’s time is put right, they come at their new moments and not at the old ones', () => {
    sounds.plan(beeps, -5);
    FakeAudio.last.currentTime = 101;
    // It went on for eight seconds that this device slept through; a little otherwise it is left alone.
    sounds.plan(beeps, -3.97);
    expect(FakeAudio.last.started.every(({ cut }) => !cut)).toBeTrue();
    sounds.plan(beeps, 4);
    const heard = FakeAudio.last.started.filter(({ cut }) => !cut).map(({ at }) => at - 97);
    expect(heard).toEqual([7, 8, 9, 10, 12, 13, 14, 15, 22, 23, 24, 25]);
  });

  it('words that have clips are said at their very second: a call in place of its tone, another behind its tone', async () => {
    const clips = TestBed.inject(Clips);
    spyOn(clips, 'load').and.resolveTo();
    spyOn(clips, 'say').and.callFake((text) => (text === 'by heart' ? null : { rate: 22_050, samples: new Float32Array(11_025) }));
    const plan = [
      { at: 10, sound: 'work' },
      { at: 12, sound: 'call' },
      { at: 14, sound: 'call' },
    ] as const;
    const words = [
      { at: 10, say: 'rest' },
      { at: 12, say: 'left' },
      { at: 14, say: 'by heart' },
      { at: 16, say: '' },
    ];
    sounds.wake();
    for (let i = 0; i < 100 && !sounds.says('left'); i++) await new Promise((next) => requestAnimationFrame(next));
    sounds.plan(plan, 0, words);
    expect(FakeAudio.last.buffers.map(({ at, seconds }) => [at - 100, seconds])).toEqual([
      [10.5, 0.5],
      [12, 0.5],
    ]);
    expect(FakeAudio.last.started.map(({ at }) => at - 100)).toEqual([10, 14]);
    expect([sounds.says('left'), sounds.says('by heart')]).toEqual([true, false]);
    sounds.plan(plan, 0, words);
    expect([FakeAudio.last.buffers.length, FakeAudio.last.started.length]).toEqual([2, 2]);
    FakeAudio.last.currentTime = 111;
    sounds.silence();
    expect(FakeAudio.last.buffers.map(({ cut }) => cut)).toEqual([false, true]);
  });

  it('planning again adds only what is missing', () => {
    sounds.plan(beeps, -5);
    const before = FakeAudio.last.started.length;
    sounds.plan(beeps, -5);
    expect(FakeAudio.last.started.length).toBe(before);
  });

  it('are taken back by a pause; a tone that sounds already may finish', () => {
    sounds.plan(beeps, -5);
    FakeAudio.last.currentTime = 130.2;
    sounds.silence();
    // The last tone began at 130 (25 s of the plan) and is not cut.
    expect(FakeAudio.last.started.filter((note) => !note.cut).length).toBe(beeps.length);
    FakeAudio.last.currentTime = 100;
    sounds.plan(beeps, -5);
    sounds.silence();
    expect(FakeAudio.last.started.slice(beeps.length).every((note) => note.cut)).toBeTrue();
  });

  it('what is past, or too far ahead, is not planned', () => {
    sounds.plan(
      [
        { at: 1, sound: 'tick' },
        { at: 4, sound: 'tick' },
        { at: 200, sound: 'end' },
      ],
      2,
    );
    expect(FakeAudio.last.started.map((note) => note.at)).toEqual([102]);
  });

  it('without sound nothing breaks', () => {
    globalThis.AudioContext = class {
      constructor() {
        throw new Error('no sound here');
      }
    } as unknown as typeof AudioContext;
    const silent = TestBed.runInInjectionContext(() => new Sounds());
    silent.wake();
    expect(() => silent.plan(beeps, 0)).not.toThrow();
  });
});
