import { understandDose } from '@hopsk/core/language/dose-plain';
import { mendedDose } from '@hopsk/core/language/dose-text';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import { textFor } from '@hopsk/core/language/written-for';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { CallList } from '@hopsk/core/plan/calls/draw';
import type { Hindrance } from '@hopsk/core/plan/calls/messages';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { fitToTime, type FittedSession } from '@hopsk/core/plan/session/fit-time';
import { planProblems, type Around, type PlanProblem } from '@hopsk/core/plan/session/problems';
import { capacityOf, seeStage, type StageSeen } from '@hopsk/core/plan/session/seen';
import type { Session } from '@hopsk/core/plan/session/session';
import { sessionPlanOf } from '@hopsk/core/plan/session/session-plan';
import { timelineOf, type Spoken } from '@hopsk/core/plan/session/timeline';
import type { PlannedStretch } from '@hopsk/core/plan/stretch';
import type { PlannedCue } from '@hopsk/core/plan/cue';
import { sessionTotals, type SessionTotals } from '@hopsk/core/plan/session/totals';
import { thumbnailOf, type Thumbnail } from '@hopsk/core/view/thumbnail';

/** A session, who does it, and what is known beside it. Performers stand in the order of the stages. */
export interface SessionAsk {
  readonly session: Session;
  readonly performers: readonly Performer[];
  readonly own: readonly OwnMove[];
  readonly athletes: number;
  readonly around: Around;
  /** What the clock says, in the coach's language. */
  readonly spoken: Spoken;
}

/** A stage as the workshop shows it. */
export interface StageLook {
  readonly id: string;
  /** The line as it is done, and on the other side or lead where the dose asks for it. */
  readonly texts: readonly [string, string];
  readonly picture: Thumbnail;
  /** Seconds of one repetition; null where there is none. */
  readonly repetition: number | null;
  readonly capacity: number;
  /** What each call needs, reaction included, and what hinders it. */
  readonly calls: readonly { readonly name: string; readonly seconds: number; readonly hindrance: Hindrance | null }[];
  /** The nearest dose that works, where the one as typed cannot be read as a whole. */
  readonly mended: string | null;
  /** How the dose was understood, where that is not as it was typed and nothing of it is asked or marked; else empty. */
  readonly dosePlain: string;
}

function plainOf(typed: string): string {
  const { errors, same, plain } = understandDose(typed);
  return errors.length > 0 || same ? '' : plain;
}

/** Everything that a page says of a session. Plain data: it comes from a worker. */
export interface SessionLook {
  readonly stages: readonly StageLook[];
  readonly totals: SessionTotals;
  readonly problems: readonly PlanProblem[];
  readonly stretches: readonly PlannedStretch[];
  readonly cues: readonly PlannedCue[];
  readonly total: number;
  readonly atLeast: boolean;
  /** Calls as they are drawn, a list a called round. */
  readonly lists: readonly { readonly stage: number; readonly set: number; readonly round: number; readonly list: CallList }[];
}

const seenIn = ({ session, performers, own, athletes }: SessionAsk): StageSeen[] =>
  session.stages.map((stage, i) => {
    const performer = performers[i] as Performer;
    const as = { hand: performer.playing, lead: performer.lead };
    return seeStage(stage, session, {
      performer: () => performer,
      text: (of, steps) => textFor(steps, of, as, performer.school.staggered).text,
      own,
      athletes,
    });
  });

export function lookAt(ask: SessionAsk): SessionLook {
  const { session, around } = ask;
  const seen = seenIn(ask);
  const totals = sessionTotals(seen, session);
  const { stretches, cues, total, atLeast, calls } = timelineOf(seen, session, ask.spoken);
  return {
    stages: seen.map((one) => ({
      id: one.stage.id,
      texts: [one.ways[0].text, one.ways[1].text],
      picture: thumbnailOf(one.ways[0].drawn[0].simulation),
      repetition: one.ways[0].seconds,
      capacity: capacityOf(one.stage, one.ways[0], session),
      calls: one.callables.map(({ alternative, seconds, hindrance }) => ({
        name: alternative.name,
        seconds: seconds + (one.stage.calls?.reaction ?? 0),
        hindrance,
      })),
      mended: mendedDose(one.stage.dose),
      dosePlain: plainOf(one.stage.dose),
    })),
    totals,
    problems: planProblems(seen, totals, session, around),
    stretches,
    cues,
    total,
    atLeast,
    lists: [...calls].map(([at, list]) => ({
      stage: stretches[at]?.exercise ?? 0,
      set: stretches[at]?.set ?? 0,
      round: stretches[at]?.round ?? 0,
      list,
    })),
  };
}

export const fitIn = (ask: SessionAsk, seconds: number): FittedSession => fitToTime(seenIn(ask), ask.session, seconds);

/** What a run of the session follows, in the form it is kept. */
export function planOf(ask: SessionAsk): RunPlan {
  const seen = seenIn(ask);
  return sessionPlanOf(seen, timelineOf(seen, ask.session, ask.spoken), sessionTotals(seen, ask.session));
}
