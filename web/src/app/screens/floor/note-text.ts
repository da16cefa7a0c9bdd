import { NOTE_LENGTH, NoteText } from '@hopsk/contract/run';
import { texts, type Reads } from '../../ui/reads';

/**
 * A note as a log holds it: line breaks are blanks there, and what no log takes is said where it is typed: a note that is refused
 * later would be in nobody's count but this device's.
 * @param least 1: it must say something.
 */
export function noteReads(least: 0 | 1): Reads<string> {
  const plain = texts(NOTE_LENGTH, least);
  return {
    ...plain,
    read: (typed) => {
      const text = plain.read(typed.replace(/\s+/g, ' '));
      if ('wrong' in text || text.value === '' || NoteText.safeParse(text.value).success) return text;
      return { wrong: { code: 'unseen', values: {} } };
    },
  };
}
