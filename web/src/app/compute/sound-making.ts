import { signal } from '@angular/core';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import type { RecordedSound } from '../ports/clip-book';
import type { SoundKind } from './sound-kinds';
import type { SoundAnswer, SoundAsk } from './sound.worker';

/** Where the sound is made before it is saved: one of a kind at a time, the next takes its place. */
const fileOf = ({ ending }: SoundKind): string => `session.${ending}`;

/** What came of it: the file and the words that could not be said in it; stopped by whoever asked; or why there is none. */
export type Made = { readonly file: File; readonly unsaid: readonly string[] } | 'stopped' | 'full' | 'fault';

/** Makes the sound of a plan away from the page, written to the browser's own files as it is made. */
export class SoundMaking {
  /** How far it is, 0…1; null: nothing is made. */
  readonly part = signal<number | null>(null);
  private worker: Worker | null = null;
  private done: (made: Made) => void = () => undefined;

  make(plan: RunPlan, kind: SoundKind, recorded: readonly RecordedSound[]): Promise<Made> {
    this.stop();
    const worker = new Worker(new URL('./sound.worker', import.meta.url), { type: 'module' });
    this.worker = worker;
    this.part.set(0);
    const file = fileOf(kind);
    const result = new Promise<Made>((done) => (this.done = done));
    worker.onmessage = ({ data }: MessageEvent<SoundAnswer>) => {
      if ('part' in data) this.part.set(data.part);
      else if ('failed' in data) this.end(data.failed);
      else
        void made(file).then(
          (whole) => this.end({ file: whole, unsaid: data.unsaid }),
          () => this.end('fault'),
        );
    };
    worker.onerror = () => this.end('fault');
    worker.postMessage({ plan, kind, file, recorded } satisfies SoundAsk);
    return result;
  }

  /** It is not wanted any more. */
  stop(): void {
    if (this.worker) this.end('stopped');
  }

  private end(made: Made): void {
    this.worker?.terminate();
    this.worker = null;
    this.part.set(null);
    this.done(made);
  }
}

const made = async (file: string): Promise<File> => (await (await navigator.storage.getDirectory()).getFileHandle(file)).getFile();
