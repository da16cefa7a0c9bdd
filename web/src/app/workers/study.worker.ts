/// <reference lib="webworker" />
import {
  fitOnFloor,
  readWith,
  study,
  thumbnailOf,
  whatIf,
  type Drift,
  type Fit,
  type OwnMove,
  type Performer,
  type Placing,
  type StepErrors,
  type Study,
  type StudyOptions,
  type Thumbnail,
} from '@hopsk/core';

/** What the page may ask, by kind, and what it gets. */
export interface Questions {
  study: { ask: { text: string; performer: Performer; shouldClose: boolean; options: StudyOptions }; answer: Study };
  whatIf: {
    ask: { text: string; performer: Performer; errors: StepErrors; repetitions: number; own: readonly OwnMove[] };
    answer: WhatIfSeen;
  };
  fit: { ask: { text: string; performer: Performer; placing: Placing; own: readonly OwnMove[] }; answer: Fit };
  thumbnail: { ask: { text: string; performer: Performer; shouldClose: boolean; own: readonly OwnMove[] }; answer: Seen };
}
export type Kind = keyof Questions;
export type Ask<K extends Kind> = Questions[K]['ask'];
export type Answer<K extends Kind> = Questions[K]['answer'];

/** What a library shows of a pattern. */
export interface Seen {
  readonly picture: Thumbnail;
  readonly seconds: number;
  readonly moves: number;
  /** Findings that are not meant, and words that cannot be read. */
  readonly wrong: number;
}

/** What errors make of a pattern, without the whole simulation. */
export interface WhatIfSeen {
  readonly once: Drift;
  readonly after: Drift;
  readonly repetitions: number;
  readonly lostAfter: number | null;
  readonly closesAfter: number | null;
  readonly picture: Thumbnail;
}

export interface Message<K extends Kind = Kind> {
  readonly id: number;
  readonly kind: K;
  readonly ask: Ask<K>;
}

const ANSWERS: { readonly [K in Kind]: (ask: Ask<K>) => Answer<K> } = {
  study: ({ text, performer, shouldClose, options }) => study(text, performer, shouldClose, options),
  whatIf: ({ text, performer, errors, repetitions, own }) => {
    const { simulation, ...rest } = whatIf(readWith(text, own), performer, errors, repetitions);
    return { ...rest, picture: thumbnailOf(simulation) };
  },
  fit: ({ text, performer, placing, own }) => fitOnFloor(readWith(text, own), performer, placing),
  thumbnail: ({ text, performer, shouldClose, own }) => {
    const seen = study(text, performer, shouldClose, { own });
    const wrong = seen.errors.length + seen.findings.filter((finding) => !finding.intended).length;
    return { picture: thumbnailOf(seen.simulation), seconds: seen.totals.seconds, moves: seen.simulation.moves.length, wrong };
  },
};

/** Reads and simulates patterns away from the page, so that typing never waits. */
addEventListener('message', ({ data }: MessageEvent<Message>) => {
  const answer = (ANSWERS[data.kind] as (ask: Ask<Kind>) => unknown)(data.ask);
  postMessage({ id: data.id, answer });
});
