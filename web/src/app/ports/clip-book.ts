import { decoded } from './adpcm';
import { phraseOf, wordsIn } from './clip-words';

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

/** A word, or a few, in somebody's own voice: IMA ADPCM in base64, at the rate of the clips. */
export interface RecordedSound {
  readonly word: string;
  readonly samples: number;
  readonly sound: string;
}

/** A recorded word as samples. */
export const heardAs = ({ samples, sound }: Omit<RecordedSound, 'word'>): Float32Array<ArrayBuffer> =>
  decoded(
    Uint8Array.from(atob(sound), (letter) => letter.charCodeAt(0)),
    samples,
  );

/** Words that the clock says as clips, so that they fall on time as its beeps do; all of them come at once, and are kept for the hall. */
export class ClipBook {
  private loading: Promise<void> | null = null;
  private index: Index | null = null;
  private bytes = new Uint8Array();
  private recorded: ReadonlyMap<string, RecordedSound> = new Map();
  private readonly known = new Map<string, Spoken | null>();

  /** Fetches them, once; where they cannot be had the device’s own voice speaks, and the next time they are asked for again. */
  load(): Promise<void> {
    return (this.loading ??= this.fetched().catch(() => void (this.loading = null)));
  }

  /** Words in somebody's own voice: each is said so. */
  have(recorded: readonly RecordedSound[]): void {
    this.recorded = new Map(recorded.map((one) => [one.word, one]));
    this.known.clear();
  }

  /** The words of it that can be said by no clip; none where it was recorded as a whole, and before the clips are here. */
  lacks(text: string): string[] {
    const { index } = this;
    if (index === null || this.recorded.has(phraseOf(text))) return [];
    return wordsIn(text).filter((word) => !this.recorded.has(word) && !Object.hasOwn(index.words, word));
  }

  /** Says it; null where a word of it has no clip, or none are here. */
  say(text: string): Spoken | null {
    const { index } = this;
    if (index === null) return null;
    const known = this.known.get(text);
    if (known !== undefined) return known;
    const whole = phraseOf(text);
    const words = this.recorded.has(whole) ? [whole] : wordsIn(text);
    const spoken = words.length === 0 || this.lacks(text).length > 0 ? null : this.joined(words, index);
    this.known.set(text, spoken);
    return spoken;
  }

  private joined(words: readonly string[], { rate, words: places }: Index): Spoken {
    const gap = Math.round(GAP * rate);
    const said = words.map((word) => {
      const recorded = this.recorded.get(word);
      if (recorded) return heardAs(recorded);
      const [from, length] = places[word] ?? [0, 0];
      return decoded(this.bytes.subarray(from, from + Math.ceil(length / 2)), length);
    });
    const samples = new Float32Array(said.reduce((sum, { length }) => sum + length + gap, -gap));
    let at = 0;
    for (const one of said) {
      samples.set(one, at);
      at += one.length + gap;
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
