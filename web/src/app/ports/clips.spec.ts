import { TestBed } from '@angular/core/testing';
import { encoded } from './adpcm';
import { wordsIn } from './clip-words';
import { Clips } from './clips';

describe('words as clips', () => {
  const word = (level: number): Float32Array => Float32Array.from({ length: 1000 }, () => level);
  const [left, two] = [encoded(word(0.5)), encoded(word(-0.5))];
  const index = { rate: 22_050, words: { left: [0, 1000], '2': [left.length, 1000] } };
  let asked: string[];
  let there: boolean;

  beforeEach(() => {
    asked = [];
    there = true;
    spyOn(globalThis, 'fetch').and.callFake((asks) => {
      const url = asks as string;
      asked.push(url);
      if (!there) return Promise.reject(new Error('no network'));
      const body = url.endsWith('.json') ? JSON.stringify(index) : new Uint8Array([...left, ...two]);
      return Promise.resolve(new Response(body));
    });
  });

  it('are told apart by letters and figures', () => {
    expect(wordsIn('Next: front corner, 2')).toEqual(['next', 'front', 'corner', '2']);
    expect(wordsIn('chassé · other side')).toEqual(['chassé', 'other', 'side']);
    expect(wordsIn(' – ')).toEqual([]);
  });

  it('are said one behind the other with a little between them, where each of them is there', async () => {
    const clips = TestBed.inject(Clips);
    expect(clips.say('left')).toBeNull();
    await clips.load();
    const said = clips.say('Left, 2');
    // A twentieth of a second lies between.
    expect(said?.samples.length).toBe(1000 + Math.round(0.05 * 22_050) + 1000);
    expect([said?.samples[900] ?? 0, said?.samples[1200] ?? 0, said?.samples.at(-1) ?? 0].map((one) => Math.round(one * 10) / 10)).toEqual([
      0.5, 0, -0.5,
    ]);
    expect([clips.say('left hook'), clips.say('constructor'), clips.say('')]).toEqual([null, null, null]);
    await clips.load();
    expect(asked).toEqual(['/clips/en.json', '/clips/en.bin']);
  });

  it('in somebody’s own voice take part in what is said, and what has no clip is named', async () => {
    const clips = TestBed.inject(Clips);
    expect(clips.lacks('zigzag left')).toEqual([]);
    await clips.load();
    expect([clips.lacks('Zigzag, left 3'), clips.say('zigzag left')]).toEqual([['zigzag', '3'], null]);
    const own = word(0.25).slice(0, 501);
    clips.have([{ word: 'zigzag', samples: 501, sound: btoa(String.fromCharCode(...encoded(own))) }]);
    const said = clips.say('zigzag left');
    expect(clips.lacks('zigzag left')).toEqual([]);
    expect(said?.samples.length).toBe(501 + Math.round(0.05 * 22_050) + 1000);
    expect([said?.samples[450] ?? 0, said?.samples.at(-1) ?? 0].map((one) => Math.round(one * 20) / 20)).toEqual([0.25, 0.5]);
    // A whole sentence that was said once is said as it was, and not word by word.
    clips.have([{ word: 'show the left chest', samples: 501, sound: btoa(String.fromCharCode(...encoded(own))) }]);
    expect([clips.lacks('Show the left chest!'), clips.say('Show the left chest!')?.samples.length]).toEqual([[], 501]);
    expect(clips.lacks('the left chest')).toEqual(['the', 'chest']);
    clips.have([]);
    expect(clips.say('zigzag left')).toBeNull();
  });

  it('that cannot be had are asked for again, and nothing breaks', async () => {
    const clips = TestBed.inject(Clips);
    there = false;
    await clips.load();
    expect(clips.say('left')).toBeNull();
    there = true;
    await clips.load();
    expect(clips.say('left')?.rate).toBe(22_050);
  });
});
