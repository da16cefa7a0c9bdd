import { Injectable } from '@angular/core';
import type { Study, StudyOptions } from '@hopsk/core/judge/study';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { Answer, Ask, Kind, Message } from './study.worker';

interface Waiting {
  readonly done: (answer: never) => void;
  readonly failed: (error: Error) => void;
}

/** One worker and the questions it has not answered. */
class Desk {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private next = 0;

  ask<K extends Kind>(kind: K, ask: Ask<K>): Promise<Answer<K>> {
    const id = this.next++;
    const message: Message<K> = { id, kind, ask };
    return new Promise((done, failed) => {
      // Posted before it is waited for: what cannot be sent throws here and leaves nothing behind.
      this.ready().postMessage(message);
      this.waiting.set(id, { done, failed });
    });
  }

  private ready(): Worker {
    if (this.worker) return this.worker;
    const worker = new Worker(new URL('./study.worker', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: never }>) => {
      this.waiting.get(data.id)?.done(data.answer);
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

/** Asks for what is computed away from the page. Typing has a worker of its own: a long library never stands in its way. */
@Injectable({ providedIn: 'root' })
export class Studies {
  private readonly typing = new Desk();
  private readonly heavy = new Desk();

  study(text: string, performer: Performer, shouldClose: boolean, options: StudyOptions = {}): Promise<Study> {
    return this.typing.ask('study', { text, performer, shouldClose, options });
  }

  ask<K extends Exclude<Kind, 'study'>>(kind: K, ask: Ask<K>): Promise<Answer<K>> {
    return (kind === 'session' || kind === 'repetition' ? this.typing : this.heavy).ask(kind, ask);
  }
}
