import type { Session, StageRecord } from '@hopsk/contract/session';
import { stageEvidence } from '@hopsk/core/evidence/stage-evidence';
import { firstValueFrom } from 'rxjs';
import type { Api } from '../../data/api';

/** A stage that was run, with the line it was planned with and what its sessions say of one athlete. */
export interface TrainedLine {
  readonly steps: string;
  readonly evidence: Session['stages'][number]['evidence'];
  readonly sessions: StageRecord['sessions'];
}

/** What the runs of these sessions say of one athlete; what cannot be fetched says nothing. */
export async function trainedBy(api: Api, sessions: readonly Session[], athleteId: string): Promise<TrainedLine[]> {
  const records = await firstValueFrom(api.stageRecords(athleteId)).catch(() => []);
  const told = new Map(records.map((record) => [record.stage, record.sessions]));
  return sessions.flatMap(({ stages }) =>
    stages.flatMap(({ id, steps, evidence }) => {
      const sessions = told.get(id);
      return sessions ? [{ steps, evidence, sessions }] : [];
    }),
  );
}

/** Lines that the record calls mastered: the usual rule says that the next one may be offered. */
export const masteredIn = (trained: readonly TrainedLine[]): ReadonlySet<string> =>
  new Set(trained.filter(({ sessions, evidence }) => stageEvidence(sessions, evidence).decision === 'next').map(({ steps }) => steps));
