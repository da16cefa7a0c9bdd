/** What a dose hangs together by. */
export type DoseKey =
  | 'set'
  | 'round'
  | 'times'
  | 'twice'
  | 'once'
  | 'minutes'
  | 'seconds'
  | 'hours'
  | 'half'
  | 'article'
  | 'rest'
  | 'off'
  | 'on'
  | 'work'
  | 'no'
  | 'between'
  | 'each'
  | 'both'
  | 'sides'
  | 'leads'
  | 'left'
  | 'right'
  | 'in'
  | 'all'
  | 'or'
  | 'to'
  | 'at'
  | 'least'
  | 'until'
  | 'comfortable'
  | 'every'
  | 'cycle'
  | 'end'
  | 'and'
  | 'bell'
  | 'ladder'
  | 'pyramid'
  | 'alternating'
  | 'count'
  | 'down'
  | 'countdown'
  | 'aloud'
  | 'beats'
  | 'challenge'
  | 'ratio'
  | 'equal'
  | 'row'
  | 'repetition'
  | 'double'
  | 'triple'
  | 'call';

/** The words of a dose, as a language has them: small letters, one word each. Plurals need not be named. */
export interface DoseVocabulary {
  readonly keys: Readonly<Record<DoseKey, readonly [string, ...string[]]>>;
  /** Numbers beside those of the line of steps. */
  readonly numbers: Readonly<Record<string, number>>;
  readonly tens: Readonly<Record<string, number>>;
  /** What says nothing. */
  readonly fillers: readonly string[];
}
