import type { UsualCaution } from '../../judge/cautions.js';
import type { Stage } from '../session/stage.js';
import type { LeftOut, NameMessage } from './messages.js';

/** A stage as it is built: its texts are still codes. */
export interface BuiltStage {
  readonly stage: Stage;
  readonly name: NameMessage;
  /** Faults whose cue is given, one, or two that take turns; none without. */
  readonly cues: readonly string[];
  readonly cautions: readonly UsualCaution[];
}

export interface BuiltUp {
  readonly stages: readonly BuiltStage[];
  readonly leftOut: readonly LeftOut[];
}

/** The words that a built session keeps: what is named when it is built becomes the coach's own text. */
export interface BuildWords {
  readonly name: (name: NameMessage) => string;
  /** The one cue of a fault, by its code. */
  readonly cue: (fault: string) => string;
  readonly caution: (caution: UsualCaution) => string;
  /** What a partner does until the coach says otherwise. */
  readonly partner: { readonly what: string; readonly when: string; readonly reAim: string };
  /** What is called where both sides are. */
  readonly sides: { readonly left: string; readonly right: string };
  /** What is called where nothing is to be done. */
  readonly stay: string;
}

/** A built stage in the words of whoever builds it. */
export function stageInWords({ stage, name, cues, cautions }: BuiltStage, words: BuildWords): Stage {
  const { calls, partner } = stage;
  return {
    ...stage,
    name: words.name(name),
    cues: [...stage.cues, ...cues.map(words.cue)],
    cautions: cautions.map(words.caution),
    partner: partner && { ...partner, ...words.partner },
    calls: calls && {
      ...calls,
      alternatives: calls.alternatives.map((one) => {
        if (one.name !== '') return one;
        return { ...one, name: one.side ? words.sides[one.side] : one.kind === 'stay' ? words.stay : '' };
      }),
    },
  };
}
