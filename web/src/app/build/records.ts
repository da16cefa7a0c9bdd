import type { Progression, StageRecord } from '@hopsk/contract';
import { stageEvidence } from '@hopsk/core/planning';
import { firstValueFrom } from 'rxjs';
import type { Api } from '../api/api';

/** A stage that was run, with the line it was planned with and what its sessions say of one athlete. */
export interface TrainedLine {
  readonly steps: string;
  readonly evidence: Progression['stages'][number]['evidence'];
  readonly sessions: StageRecord['sessions'];
}

/** What the runs of these progressions say of one athlete; what cannot be fetched says nothing. */
export async function trainedBy(api: Api, progressions: readonly Progression[], athleteId: string): Promise<TrainedLine[]> {
  const mine = progressions.filter((one) => one.athletes.includes(athleteId));
  const records = await Promise.all(mine.map((one) => firstValueFrom(api.stageRecords(one.id, athleteId)).catch(() => [])));
  return mine.flatMap((progression, i) =>
    progression.stages.flatMap(({ id, steps, evidence }) => {
      const record = records[i]?.find((one) => one.stage === id);
      return record ? [{ steps, evidence, sessions: record.sessions }] : [];
    }),
  );
}

/** Lines that the record calls mastered: the usual rule says that the next one may be offered. */
export const masteredIn = (trained: readonly TrainedLine[]): ReadonlySet<string> =>
  new Set(trained.filter(({ sessions, evidence }) => stageEvidence(sessions, evidence).decision === 'next').map(({ steps }) => steps));
