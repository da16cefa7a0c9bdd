import { AHEAD, HandOver, type Due, type Output } from './hand-over';

/** An output with a clock that a test turns; what it was given, when, and what it took back. */
class Deck implements Output<Due, number> {
  now = 1000;
  sounds = true;
  readonly given: { readonly key: string; readonly planned: number; readonly at: number; readonly when: number }[] = [];
  readonly stopped = new Set<number>();
  play(due: Due, at: number): number {
    return this.given.push({ key: due.key, planned: due.at, at, when: this.now }) - 1;
  }
  stop(handle: number): void {
    this.stopped.add(handle);
  }
  /** What is heard, by the second of the output’s clock. */
  get heard() {
    return this.given.filter((_, i) => !this.stopped.has(i));
  }
}

/** An hour of cues, every second and in between. */
const HOUR: readonly Due[] = Array.from({ length: 3600 * 2 }, (_, i) => ({ at: i * 0.5 + (i % 7) * 0.013, key: `cue ${i}` }));

describe('what is handed to the audio clock', () => {
  it('is there in time through an hour of timers that fire late, a minute late too; nothing twice', () => {
    const deck = new Deck();
    const hand = new HandOver<Due, number>(deck);
    const began = deck.now;
    // Five seconds apart as they should be, now and then one late, and for a while only once in a minute, as in a hidden tab.
    const late = [0, 1, 0, 0, 60, 0, 1, 60, 60, 0];
    for (let i = 0; deck.now - began < 3600; i++) {
      hand.plan(HOUR, deck.now - began);
      deck.now += 5 + (late[i % late.length] ?? 0);
    }
    // Those of the first moment were due before anything could be handed over.
    const due = deck.heard.filter(({ planned }) => planned > 0.02);
    expect(due.length).toBe(HOUR.filter(({ at }) => at > 0.02).length);
    expect(new Set(due.map(({ key }) => key)).size).toBe(due.length);
    const off = due.map(({ planned, at }) => Math.abs(at - began - planned));
    expect(Math.max(...off)).toBeLessThan(0.001);
    // Handed over before its moment, but for what fell within the first look.
    expect(Math.min(...due.filter(({ planned }) => planned > AHEAD).map(({ at, when }) => at - when))).toBeGreaterThan(0.1);
    expect(AHEAD).toBeGreaterThan(65);
  });

  it('stands for five minutes while nothing sounds, and goes on at the right place: nothing late, nothing twice', () => {
    const deck = new Deck();
    const hand = new HandOver<Due, number>(deck);
    hand.plan(HOUR, 0.5);
    // The device slept: its audio clock stood, the run went on for five minutes.
    deck.sounds = false;
    hand.takeBack();
    hand.plan(HOUR, 100);
    deck.sounds = true;
    deck.now += 1;
    hand.plan(HOUR, 301.5);
    const heard = deck.heard.filter(({ at }) => at > deck.now);
    expect(Math.min(...heard.map(({ planned }) => planned))).toBeGreaterThan(301.5);
    for (const { at, planned } of heard) expect(at - deck.now).toBeCloseTo(planned - 301.5, 6);
    expect(new Set(heard.map(({ key }) => key)).size).toBe(heard.length);
  });

  it('is taken back by any control at once; what sounds already may finish', () => {
    const deck = new Deck();
    const hand = new HandOver<Due, number>(deck);
    hand.plan(HOUR, 0.5);
    deck.now += 10;
    hand.takeBack();
    expect(deck.heard.every(({ at }) => at <= deck.now)).toBeTrue();
    // Gone on from elsewhere, it is there again.
    hand.plan(HOUR, 2000);
    expect(deck.heard.filter(({ at }) => at > deck.now).map(({ planned }) => Math.floor(planned))[0]).toBe(2000);
  });

  it('comes at its new moment where the run’s time is put right, and is left alone where it is hardly off', () => {
    const deck = new Deck();
    const hand = new HandOver<Due, number>(deck);
    hand.plan(HOUR, 0);
    const before = deck.given.length;
    hand.plan(HOUR, 0.04);
    expect(deck.stopped.size).toBe(0);
    hand.plan(HOUR, 8);
    const coming = deck.heard.filter(({ at }) => at > deck.now);
    expect(coming.every(({ at, planned }) => Math.abs(at - deck.now - (planned - 8)) < 1e-9)).toBeTrue();
    expect(deck.given.length).toBeGreaterThan(before);
  });
});
