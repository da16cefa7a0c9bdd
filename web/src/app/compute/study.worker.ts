/// <reference lib="webworker" />
import { FAULTS } from '@hopsk/core/catalogue/faults';
import type { Placing } from '@hopsk/core/judge/area';
import type { Finding } from '@hopsk/core/judge/finding';
import type { Drift } from '@hopsk/core/judge/drift';
import { onFloor } from '@hopsk/core/judge/area-text';
import { readWith, study, type Study, type StudyOptions } from '@hopsk/core/judge/study';
import type { NotationMessage } from '@hopsk/core/language/messages';
import type { Rounds } from '@hopsk/core/language/rounds';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import type { Performer } from '@hopsk/core/motion/simulation';
import { buildUp, type BuildOptions, type BuildSource } from '@hopsk/core/plan/build/build-up';
import type { BuiltUp } from '@hopsk/core/plan/build/built';
import { forFault, lineForFault } from '@hopsk/core/plan/build/for-fault';
import { gridOf, unreadable, type Axis, type Forbidden, type Grid } from '@hopsk/core/plan/build/grid';
import { taught, type Taught } from '@hopsk/core/plan/build/taught';
import type { Calls } from '@hopsk/core/plan/calls/calls';
import { foreseen, type Foreseen } from '@hopsk/core/plan/calls/foresee';
import type { RunPlan, SessionPlan } from '@hopsk/core/plan/run-plan';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import { landingsThen } from '@hopsk/core/plan/session/landings';
import type { StageLine } from '@hopsk/core/plan/session/stage';
import { fitOnFloor, type Fit } from '@hopsk/core/search/fit';
import type { StepErrors } from '@hopsk/core/motion/step-errors';
import { whatIf, type WhatIfOptions } from '@hopsk/core/search/what-if';
import { thumbnailOf, type Thumbnail } from '@hopsk/core/view/thumbnail';
import { against, type Against, type AgainstAsk } from './against';
import { repetitionOf, type Repetition, type RepetitionAsk } from './repetition';
import { fitIn, lookAt, planOf, type SessionAsk, type SessionLook } from './session';
import { newId } from '../data/ids';

/** How a session is built, without what cannot be sent. */
export type BuildAsk = Omit<BuildOptions, 'newId'>;

/** A session against a fault: the line it was built from, and its stages. */
export interface FaultBuilt {
  readonly source: BuildSource;
  readonly built: BuiltUp;
}

/** Variants over axes, and those whose line cannot be read. */
export interface GridSeen {
  readonly grid: Grid;
  readonly unreadable: readonly { readonly key: string; readonly why: NotationMessage }[];
}

/** What the page may ask, by kind, and what it gets. */
export interface Questions {
  study: { ask: { text: string; performer: Performer; shouldClose: boolean; options: StudyOptions }; answer: Study };
  whatIf: {
    ask: { text: string; performer: Performer; errors: StepErrors; repetitions: number; own: readonly OwnMove[]; judged: WhatIfOptions };
    answer: WhatIfSeen;
  };
  fit: { ask: { text: string; performer: Performer; placing: Placing; own: readonly OwnMove[] }; answer: Fit };
  session: { ask: SessionAsk; answer: SessionLook };
  fitTime: { ask: { session: SessionAsk; seconds: number }; answer: FittedSession };
  sessionPlan: { ask: SessionAsk; answer: RunPlan };
  landingsThen: { ask: SessionPlan; answer: number };
  foreseen: { ask: Calls; answer: Foreseen };
  buildUp: { ask: { source: BuildSource; performer: Performer; options: BuildAsk }; answer: BuiltUp };
  /** Performers stand in the order of the club's lines; the last one is for a line of our own. */
  forFault: {
    ask: { fault: string; club: readonly BuildSource[]; performers: readonly Performer[]; options: BuildAsk };
    answer: FaultBuilt | null;
  };
  grid: { ask: { line: StageLine; axes: readonly Axis[]; forbidden: readonly Forbidden[]; own: readonly OwnMove[] }; answer: GridSeen };
  repetition: { ask: RepetitionAsk; answer: Repetition };
  taught: { ask: { text: string; performer: Performer; sport: string; rounds: Rounds | null }; answer: TaughtSeen };
  against: { ask: AgainstAsk; answer: Against | null };
  thumbnail: { ask: { text: string; performer: Performer; shouldClose: boolean; own: readonly OwnMove[]; area: string }; answer: Seen };
}
export type Kind = keyof Questions;
export type Ask<K extends Kind> = Questions[K]['ask'];
export type Answer<K extends Kind> = Questions[K]['answer'];

/** What the starter library shows of a pattern: its picture, and how it is taught. */
export type TaughtSeen = Omit<Taught, 'simulation'> & { readonly picture: Thumbnail };

/** What a library shows of a pattern. */
export interface Seen {
  readonly picture: Thumbnail;
  readonly seconds: number;
  readonly moves: number;
  /** Both feet's. */
  readonly contacts: number;
  /** Findings that are not meant, and words that cannot be read. */
  readonly wrong: number;
}

/** What errors make of a pattern, without the whole simulation. */
export interface WhatIfSeen {
  readonly findings: readonly Finding[];
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
  whatIf: ({ text, performer, errors, repetitions, own, judged }) => {
    const { simulation, ...rest } = whatIf(readWith(text, own), performer, errors, repetitions, judged);
    return { ...rest, picture: thumbnailOf(simulation) };
  },
  fit: ({ text, performer, placing, own }) => fitOnFloor(readWith(text, own), performer, placing),
  session: lookAt,
  fitTime: ({ session, seconds }) => fitIn(session, seconds),
  sessionPlan: planOf,
  landingsThen: landingsThen,
  foreseen: (calls) => foreseen(calls),
  buildUp: ({ source, performer, options }) => buildUp(source, performer, { ...options, newId }),
  forFault: ({ fault, club, performers, options }) => {
    const entry = (options.faults ?? FAULTS).find((one) => one.code === fault);
    const ours = performers.at(-1);
    if (!entry || !ours) return null;
    const performerOf = (source: BuildSource): Performer => performers[club.indexOf(source)] ?? ours;
    const source = lineForFault(entry, club, performerOf, options.own);
    return { source, built: forFault(entry, source, performerOf(source), { ...options, newId }) };
  },
  grid: ({ line, axes, forbidden, own }) => {
    const grid = gridOf(line, axes, forbidden);
    return { grid, unreadable: unreadable(grid, own) };
  },
  repetition: repetitionOf,
  taught: ({ text, performer, sport, rounds }) => {
    const { simulation, ...rest } = taught(readWith(text), performer, sport, rounds);
    return { ...rest, picture: thumbnailOf(simulation) };
  },
  against,
  thumbnail: ({ text, performer, shouldClose, own, area }) => {
    const seen = study(text, performer, shouldClose, { own, ...onFloor(area) });
    // A note is worth knowing, and nothing wrong.
    const wrong = seen.errors.length + seen.findings.filter(({ intended, level }) => !intended && level !== 'note').length;
    const { seconds, contacts } = seen.totals;
    const moves = seen.simulation.moves.length;
    return { picture: thumbnailOf(seen.simulation), seconds, moves, contacts: contacts.left + contacts.right, wrong };
  },
};

/** Reads and simulates patterns away from the page, so that typing never waits. */
addEventListener('message', ({ data }: MessageEvent<Message>) => {
  const answer = (ANSWERS[data.kind] as (ask: Ask<Kind>) => unknown)(data.ask);
  postMessage({ id: data.id, answer });
});
