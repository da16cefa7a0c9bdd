import { Injectable } from '@angular/core';
import type { Performer, Study } from '@hopsk/core';
import type { StudyQuestion } from './study.worker';

/** Asks the worker for studies of patterns. */
@Injectable({ providedIn: 'root' })
export class Studies {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, { done: (study: Study) => void; failed: (error: Error) => void }>();
  private next = 0;

  study(text: string, performer: Performer, shouldClose: boolean): Promise<Study> {
    const id = this.next++;
    const question: StudyQuestion = { id, text, performer, shouldClose };
    return new Promise((done, failed) => {
      // Posted before it is waited for: what cannot be sent throws here and leaves nothing behind.
      this.ready().postMessage(question);
      this.waiting.set(id, { done, failed });
    });
  }

  private ready(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(new URL('./study.worker', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ id: number; study: Study }>) => {
      this.waiting.get(data.id)?.done(data.study);
      this.waiting.delete(data.id);
    };
    worker.onerror = () => {
      // A broken worker must not leave a screen waiting: say so, and begin with a new one.
      for (const { failed } of this.waiting.values()) failed(new Error('the simulation stopped'));
      this.waiting.clear();
      worker.terminate();
      this.worker = null;
    };
    this.worker = worker;
    return worker;
  }
}
