import { signal } from '@angular/core';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import type { SoundAnswer, SoundAsk } from './sound.worker';

/** Where the sound is made before it is saved: one at a time, the next takes its place. */
const FILE = 'session.wav';

/** What came of it: the file and the words that could not be said in it; stopped by whoever asked; or why there is none. */
export type Made = { readonly file: File; readonly unsaid: readonly string[] } | 'stopped' | 'full' | 'fault';

/** Makes the sound of a plan away from the page, written to the browser's own files as it is made. */
export class SoundMaking {
  /** How far it is, 0…1; null: nothing is made. */
  readonly part = signal<number | null>(null);
  private worker: Worker | null = null;
  private done: (made: Made) => void = () => undefined;

  make(plan: RunPlan): Promise<Made> {
    this.stop();
    const worker = new Worker(new URL('./sound.worker', import.meta.url), { type: 'module' });
    this.worker = worker;
    this.part.set(0);
    const made = new Promise<Made>((done) => (this.done = done));
    worker.onmessage = ({ data }: MessageEvent<SoundAnswer>) => {
      if ('part' in data) this.part.set(data.part);
      else if ('failed' in data) this.end(data.failed);
      else
        void fileOf().then(
          (file) => this.end({ file, unsaid: data.unsaid }),
          () => this.end('fault'),
        );
    };
    worker.onerror = () => this.end('fault');
    worker.postMessage({ plan, file: FILE } satisfies SoundAsk);
    return made;
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

const fileOf = async (): Promise<File> => (await (await navigator.storage.getDirectory()).getFileHandle(FILE)).getFile();
