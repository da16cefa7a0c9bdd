import { decoded } from './adpcm';
import { wordsIn } from './clip-words';

/** Between two words, seconds. */
const GAP = 0.05;

interface Index {
  readonly rate: number;
  /** Where each word begins (bytes), and how many samples it has. */
  readonly words: Readonly<Record<string, readonly [number, number]>>;
}

/** What is said, as samples (−1…1). */
export interface Spoken {
  readonly rate: number;
  readonly samples: Float32Array<ArrayBuffer>;
}

/** Words that the clock says as clips, so that they fall on time as its beeps do; all of them come at once, and are kept for the hall. */
export class ClipBook {
  private loading: Promise<void> | null = null;
  private index: Index | null = null;
  private bytes = new Uint8Array();
  private readonly known = new Map<string, Spoken | null>();

  /** Fetches them, once; where they cannot be had the device’s own voice speaks, and the next time they are asked for again. */
  load(): Promise<void> {
    return (this.loading ??= this.fetched().catch(() => void (this.loading = null)));
  }

  /** Says it; null where a word of it has no clip, or none are here. */
  say(text: string): Spoken | null {
    const { index } = this;
    if (index === null) return null;
    const known = this.known.get(text);
    if (known !== undefined) return known;
    const places = wordsIn(text).map((word) => (Object.hasOwn(index.words, word) ? index.words[word] : undefined));
    const spoken = places.length === 0 || places.includes(undefined) ? null : this.joined(places as [number, number][], index.rate);
    this.known.set(text, spoken);
    return spoken;
  }

  private joined(places: readonly (readonly [number, number])[], rate: number): Spoken {
    const gap = Math.round(GAP * rate);
    const samples = new Float32Array(places.reduce((sum, [, length]) => sum + length + gap, -gap));
    let at = 0;
    for (const [from, length] of places) {
      samples.set(decoded(this.bytes.subarray(from, from + Math.ceil(length / 2)), length), at);
      at += length + gap;
    }
    return { rate, samples };
  }

  private async fetched(): Promise<void> {
    const [index, bytes] = await Promise.all([fetch('/clips/en.json'), fetch('/clips/en.bin')]);
    if (!index.ok || !bytes.ok) throw new Error('no clips');
    const read = (await index.json()) as Index;
    this.bytes = new Uint8Array(await bytes.arrayBuffer());
    this.known.clear();
    this.index = read;
  }
}
