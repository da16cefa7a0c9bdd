import { standIns } from './stand-ins';
import type { Heard } from './things';

describe('stand-ins for things that nobody has at hand', () => {
  beforeEach(() => jasmine.clock().install());
  afterEach(() => jasmine.clock().uninstall());

  const heard = () => {
    const all: (readonly unknown[])[] = [];
    const of: Heard = {
      touched: (call, ms) => all.push(['touched', call, ms]),
      beats: (bpm) => all.push(['beats', bpm]),
      released: () => all.push(['released']),
    };
    return { all, of };
  };

  it('a light is touched once behind each call, after as long as it says; nothing comes of it when it is gone', () => {
    const { all, of } = heard();
    const light = standIns(() => 0.5)('light', of);
    light.called(3);
    jasmine.clock().tick(409);
    expect(all).toEqual([]);
    jasmine.clock().tick(1);
    expect(all).toEqual([['touched', 3, 410]]);
    light.called(7);
    light.close();
    jasmine.clock().tick(10_000);
    expect(all.length).toBe(1);
  });

  it('a heart goes up with work and down with rest, and never beyond what a strap may say', () => {
    const { all, of } = heard();
    const strap = standIns()('strap', of);
    strap.works(true);
    jasmine.clock().tick(120_000);
    const beats = () => all.map(([, bpm]) => Number(bpm));
    expect(beats().length).toBe(24);
    beats()
      .slice(1)
      .forEach((bpm, i) => expect(bpm).toBeGreaterThanOrEqual(beats()[i] ?? 0));
    const highest = beats().at(-1) ?? 0;
    expect(highest).toBeGreaterThan(160);
    strap.works(false);
    jasmine.clock().tick(60_000);
    expect(beats().at(-1)).toBeLessThan(highest - 30);
    expect(Math.max(...beats())).toBeLessThan(200);
    strap.close();
    const n = all.length;
    jasmine.clock().tick(60_000);
    expect(all.length).toBe(n);
  });

  it('a feeder releases one ball for each call, and what a thing does not do it leaves', () => {
    const { all, of } = heard();
    const [feeder, counter] = [standIns()('feeder', of), standIns()('counter', of)];
    for (const thing of [feeder, counter]) thing.called(1);
    feeder.works(true);
    jasmine.clock().tick(1000);
    expect(all).toEqual([['released']]);
  });
});
