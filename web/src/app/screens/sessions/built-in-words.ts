import type { Athlete } from '@hopsk/contract/people';
import type { School } from '@hopsk/core/body/school';
import type { Performer } from '@hopsk/core/motion/simulation';
import type { BuildSource } from '@hopsk/core/plan/build/build-up';
import { stageInWords, type BuiltUp } from '@hopsk/core/plan/build/built';
import type { Stage } from '@hopsk/core/plan/session/stage';
import { buildWords } from '@hopsk/words/naming';
import { performance } from '../../compute/performance';

/** What was built, in words, and what it is called. */
export interface Built {
  readonly name: string;
  readonly stages: readonly Stage[];
  readonly leftOut: BuiltUp['leftOut'];
  /** Why each stage is in it, by its id, where that is known. */
  readonly why?: ReadonlyMap<string, string>;
  /** How it went the last time, where that is known. */
  readonly last?: string;
}

export function inWords({ stages, leftOut }: BuiltUp, name: string): Built {
  const said = buildWords();
  return { name, stages: stages.map((one) => stageInWords(one, said)), leftOut };
}

/** Who performs each of the club's lines, and last a small line of ours. */
export function performersOf(club: readonly BuildSource[], who: Athlete | null, own: readonly School[]): Performer[] {
  const ours = { school: 'square-ready', hand: 'right', lead: 'none', steps: '' } as const;
  return [...club, ours].map((one) => performance(one, who, { own }).performer);
}
