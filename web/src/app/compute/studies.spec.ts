import { TestBed } from '@angular/core/testing';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS } from '@hopsk/core/body/school';
import { study } from '@hopsk/core/judge/study';
import { Studies } from './studies';

describe('studies in the worker', () => {
  const performer = { body: bodyOf({ height: 1.7 }), school: SCHOOLS[0], lead: null, playing: 'right' } as const;

  it('are what core says, each to the one who asked', async () => {
    const studies = TestBed.inject(Studies);
    const texts = ['split', 'shuffle right 40 cm, recover', 'shufle', ''];
    const answers = await Promise.all(texts.map((text) => studies.study(text, performer, true)));
    expect(answers).toEqual(texts.map((text) => study(text, performer, true)));
  });

  it('a question that cannot be sent is refused at once, and the next one is answered', async () => {
    const studies = TestBed.inject(Studies);
    // Functions cannot be sent to a worker.
    await expectAsync(studies.study('split', { ...performer, body: (() => 0) as never }, true)).toBeRejected();
    expect((await studies.study('split', performer, true)).totals.splits).toBe(1);
  });
});
