import { computed, inject, signal, type Signal } from '@angular/core';
import type { Athlete } from '@hopsk/contract/people';
import type { StageRecord } from '@hopsk/contract/session';
import { stageEvidence } from '@hopsk/core/evidence/stage-evidence';
import { isSession } from '@hopsk/core/plan/run-plan';
import { firstValueFrom } from 'rxjs';
import { Latest } from '../../compute/latest';
import { Studies } from '../../compute/studies';
import { Api } from '../../data/api';
import type { DraftStage } from '../../parts/session-draft';

/** Runs of sessions before this one whose landings are looked at. */
const BEFORE = 4;

/** What earlier sessions asked of an athlete, and what the record says of each stage; nothing without the network. */
export class Memory {
  private readonly api = inject(Api);
  private readonly asking = inject(Studies);
  private readonly question = new Latest();
  private readonly records = signal<readonly StageRecord[]>([]);
  /** Landings of the last sessions, the oldest first. */
  readonly landings = signal<readonly number[]>([]);
  /** What its own evidence says of each stage, by the stage's id. */
  readonly evidence = computed(() => {
    const stages = new Map(this.stages().map((stage) => [stage.id, stage]));
    return new Map(
      this.records().flatMap(({ stage, sessions }) => {
        const rule = stages.get(stage)?.evidence;
        return rule ? [[stage, stageEvidence(sessions, rule)] as const] : [];
      }),
    );
  });

  constructor(private readonly stages: Signal<readonly DraftStage[]>) {}

  /** Of one athlete; records only of a session that is stored. */
  of(athlete: Athlete, session: string | null): void {
    this.landings.set([]);
    void this.question.ask(
      async () => {
        const rows = (await firstValueFrom(this.api.runs())).filter((row) => row.sessionId !== null && row.athletes.includes(athlete.id));
        const before = rows.slice(0, BEFORE).reverse();
        const landings = await Promise.all(before.map(async (row) => row.landings ?? (await this.landingsOf(row.id))));
        return { landings, records: session === null ? [] : await firstValueFrom(this.api.stageRecords(athlete.id, session)) };
      },
      ({ landings, records }) => {
        this.landings.set(landings);
        this.records.set(records);
      },
      () => this.records.set([]),
    );
  }

  /** Of a run that an earlier program kept without the sum: counted from its own plan, never from the session as it is today. */
  private async landingsOf(run: string): Promise<number> {
    const { plan } = (await firstValueFrom(this.api.run(run))).run;
    return isSession(plan) ? this.asking.ask('landingsThen', plan) : 0;
  }
}
