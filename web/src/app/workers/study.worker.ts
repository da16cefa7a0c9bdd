/// <reference lib="webworker" />
import { study, type Performer } from '@hopsk/core';

export interface StudyQuestion {
  readonly id: number;
  readonly text: string;
  readonly performer: Performer;
  readonly shouldClose: boolean;
}

/** Reads and simulates patterns away from the page, so that typing never waits. */
addEventListener('message', ({ data }: MessageEvent<StudyQuestion>) => {
  postMessage({ id: data.id, study: study(data.text, data.performer, data.shouldClose) });
});
