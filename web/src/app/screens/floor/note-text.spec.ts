import { NOTE_LENGTH, NoteText } from '@hopsk/contract/run';
import { noteReads } from './note-text';

describe('a note as it is typed', () => {
  it('is what a log takes: breaks are blanks, marks that turn the reading round are said, and nothing is too long', () => {
    expect(noteReads(1).read(' heels down\n\twhen tired 👣 ')).toEqual({ value: 'heels down when tired 👣' });
    for (const typed of ['heels \u202edown', 'a\u0000b'])
      expect(noteReads(1).read(typed)).toEqual({ wrong: { code: 'unseen', values: {} } });
    expect(noteReads(1).read(' \n ')).toEqual({ wrong: { code: 'empty', values: {} } });
    expect(noteReads(0).read('\n')).toEqual({ value: '' });
    expect(noteReads(1).most).toBe(NOTE_LENGTH);
    expect(NoteText.safeParse('x'.repeat(NOTE_LENGTH)).success).toBeTrue();
    expect(NoteText.safeParse('x'.repeat(NOTE_LENGTH + 1)).success).toBeFalse();
  });
});
