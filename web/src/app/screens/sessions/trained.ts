import type { Progression, StageRecord } from '@hopsk/contract';
import { stageEvidence } from '@hopsk/core/evidence/stage-evidence';
import { firstValueFrom } from 'rxjs';
import type { Api } from '../../data/api';

/** A stage that was run, with the line it was planned with and what its sessions say of one athlete. */
export interface TrainedLine {
  readonly steps: string;
  readonly evidence: Progression['stages'][number]['evidence'];
  readonly sessions: StageRecord['sessions'];
}

/** What the runs of these progressions say of one athlete; what cannot be fetched says nothing. */
export async function trainedBy(api: Api, progressions: readonly Progression[], athleteId: string): Promise<TrainedLine[]> {
  const records = await firstValueFrom(api.stageRecords(athleteId)).catch(() => []);
  const sessions = new Map(records.map((record) => [record.stage, record.sessions]));
  return progressions.flatMap(({ stages }) =>
    stages.flatMap(({ id, steps, evidence }) => {
      const told = sessions.get(id);
      return told ? [{ steps, evidence, sessions: told }] : [];
    }),
  );
}

/** Lines that the record calls mastered: the usual rule says that the next one may be offered. */
export const masteredIn = (trained: readonly TrainedLine[]): ReadonlySet<string> =>
  new Set(trained.filter(({ sessions, evidence }) => stageEvidence(sessions, evidence).decision === 'next').map(({ steps }) => steps));
