import { rewordPattern, rewordSession, type Reword } from '@hopsk/contract/lines';
import { readBy, rewordBy, UNKNOWN, type PlacedOtherwise } from '@hopsk/contract/reworded';
import { NO_MOVES } from '@hopsk/core/language/earlier/kept';
import { words } from '@hopsk/words/words';

/** What a file of an earlier Hopsk held, with lines that say what they did, and a sentence for each that had to be reworded for that. */
export interface AsItWas<T> {
  readonly record: T;
  readonly said: readonly string[];
}

/** With which language and engine a file says that it was read. */
type Said = Parameters<typeof readBy>[0];

function asItWas<T>(record: T, file: Said, reword: (record: T, reword: Reword) => T): AsItWas<T> {
  const said: string[] = [];
  const tell = ({ of, typed, stands }: PlacedOtherwise): void => {
    if (stands !== typed) said.push(words.otherwise.saysWhatItDid(of, typed, stands));
  };
  return { record: reword(record, rewordBy(readBy(file, UNKNOWN), NO_MOVES, tell)), said };
}

export const patternAsItWas = <P extends Parameters<typeof rewordPattern>[0]>(pattern: P, file: Said): AsItWas<P> =>
  asItWas(pattern, file, rewordPattern);
export const sessionAsItWas = <S extends Parameters<typeof rewordSession>[0]>(session: S, file: Said): AsItWas<S> =>
  asItWas(session, file, rewordSession);
