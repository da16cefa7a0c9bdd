/** Fields of a stage in a session's text, beside those of a pattern. Each stands on a line of its own: ‘watch: tall, split-late’. */
export const STAGE_FIELDS = [
  'kind',
  'part',
  'opens',
  'implement',
  'tempo',
  'watch',
  'view',
  'counted',
  'cue',
  'caution',
  'theme',
  'priority',
  'on at',
  'back at',
  'attempts',
  'evenings',
  'partner',
  'partner steps',
  'partner leads',
  'partner when',
  'partner re-aims',
  'partner coming',
  'partner kit',
  'contact',
  'call',
  'call steps',
  'call weight',
  'call side',
  'call as',
  'call expects',
  'calls order',
  'calls running',
  'calls every',
  'calls reaction',
  'calls weak',
  'calls freeze',
  'station',
  'station steps',
] as const;
export type StageField = (typeof STAGE_FIELDS)[number];

/** A field as it stands in a file. */
export interface StageLineSaid {
  readonly field: StageField;
  readonly value: string;
  readonly line: number;
}
