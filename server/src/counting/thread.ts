import { parentPort, workerData } from 'node:worker_threads';
import { Counter } from './counter.js';
import { Folds } from './folds.js';
import type { Asked, Remembers } from './threads.js';

/** The thread's side: one question after the other, each answered. */
const counter = new Counter(new Folds((workerData as Remembers).most));
parentPort?.on('message', (asked: Asked) => {
  const [kind, ...given] = asked;
  // Each question names a function of the counter and what it is given.
  const answer = (counter[kind] as (...given: unknown[]) => unknown)(...given) ?? null;
  parentPort?.postMessage(answer);
});
