import { TestBed } from '@angular/core/testing';
import { Speech } from './speech';

describe('what the clock says aloud', () => {
  let speech: Speech;
  let spoken: string[];
  beforeEach(() => {
    speech = TestBed.inject(Speech);
    spoken = [];
    spyOn(speechSynthesis, 'speak').and.callFake((utterance) => spoken.push(utterance.text));
    spyOn(speechSynthesis, 'cancel').and.callFake(() => spoken.push('·'));
  });

  it('is one thing at a time: a new word takes the place of the one before', () => {
    speech.say('left');
    speech.say('right');
    expect(spoken).toEqual(['·', 'left', '·', 'right']);
    expect(speech.said()).toBe('right');
  });

  it('is nothing where there are no words, and stops when it is hushed', () => {
    speech.say('');
    expect(spoken).toEqual([]);
    speech.hush();
    expect(spoken).toEqual(['·']);
  });
});
