import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Otherwise } from '@hopsk/contract/otherwise';
import { house, Screen } from '../../testing/screen';
import { newId } from '../../data/ids';
import { OtherwiseNote } from '../../parts/otherwise-note';
import { OtherwiseScreen } from './otherwise';

const line = (more: Partial<Otherwise> = {}): Otherwise => ({
  ...{ id: newId(), record: 'pattern', recordId: newId(), name: 'In tens', part: 'line', of: '' },
  for: { school: 'mixed-45', hand: 'right', lead: 'left' },
  ...{ typed: 'advance 3x10', was: 'advance 3× 10 times', stands: 'advance 3× 10 times', language: 1, engine: 1 },
  ...more,
});
const dose = line({
  record: 'session',
  name: 'Tuesday',
  part: 'dose',
  of: 'Corner',
  typed: '3 × 8, set rest 60 s',
  was: '3 × 8',
  stands: '3 × 8',
});

describe('lines that read otherwise today', () => {
  let screen: Screen<OtherwiseScreen>;
  let server: HttpTestingController;
  const cards = () => screen.all('li').map((one) => one.textContent.replace(/\s+/g, ' ').trim());
  async function open(lines: readonly Otherwise[]): Promise<void> {
    await house();
    screen = await Screen.of(OtherwiseScreen, {});
    server = TestBed.inject(HttpTestingController);
    server.expectOne('/api/read-otherwise').flush([...lines]);
    await screen.until(() => cards().length === lines.length);
  }

  it('stand beside how they read today, with both pictures; doses with both plain forms', async () => {
    await open([line(), dose]);
    await screen.until(() => screen.all('hop-thumb').length === 2);
    const [pattern = '', session = ''] = cards();
    expect(pattern).toMatch(/^In tens ?typed: ?advance 3x10/);
    expect(pattern).toContain('advance 3× 10 times');
    expect(pattern).toMatch(/advance 3 times ?‘3x’ and ‘10’ are two counts/);
    expect(pattern).toMatch(/20 contacts.*6 contacts/);
    expect(session).toMatch(/^Tuesday · Corner · dose/);
    expect(session).toMatch(/3 × 8 ?let it stand.*3 sets of 8, set rest 60 s ?take today’s$/);
  });

  it('are settled with one tap; what came of it is said, also where somebody was faster', async () => {
    const tens = line();
    await open([tens, dose]);
    const settle = async (what: string, id: string, take: boolean, now: string): Promise<void> => {
      screen.button(what).click();
      const asked = server.expectOne(`/api/read-otherwise/${id}`);
      expect(asked.request.body).toEqual({ take });
      asked.flush({ now });
      await screen.until(() =>
        screen.all('.note').some((one) => one.textContent.includes(now === 'taken' ? 'reads as today' : 'changed this line')),
      );
    };
    await settle('take today’s', tens.id, true, 'taken');
    expect(cards().length).toBe(1);
    await settle('let it stand', dose.id, false, 'changed');
    expect(screen.words).toContain('Nothing reads otherwise');
  });

  it('say what would change where they only go on as they were done, and are settled all at once', async () => {
    const times = line({ name: 'Out and back', typed: 'split, shuffle right 40 cm', stands: 'tempo flat, split, shuffle right 40 cm' });
    const steps = line({ name: 'Cut', typed: 'cut right', stands: 'engine 1, cut right' });
    await open([times, steps, dose]);
    const [first = '', second = '', third = ''] = cards();
    expect(first).toContain('a longer step takes longer today');
    expect(second).toContain('Feet go otherwise today');
    expect(third).not.toContain('today. ‘');
    // The same feet, and another time.
    await screen.until(() => screen.all('hop-thumb').length === 4);
    const [stood, now] = /(\d\.\d\d) s · 4 contacts.*?(\d\.\d\d) s · 4 contacts/.exec(cards()[0] ?? '')?.slice(1) ?? [];
    expect([stood, now]).toEqual(['0.79', '0.90']);
    screen.button('take today’s for all 3').click();
    let left = 3;
    for (const [id, now] of [
      [times.id, 'taken'],
      [steps.id, 'changed'],
      [dose.id, 'taken'],
    ] as const) {
      const asked = server.expectOne(`/api/read-otherwise/${id}`);
      expect(asked.request.body).toEqual({ take: true });
      asked.flush({ now });
      left--;
      await screen.until(() => cards().length === left);
    }
    await screen.until(() => server.match('/api/read-otherwise').map((one) => one.flush([])).length > 0);
    expect(screen.words).toContain('3 lines are settled. 1 somebody has changed since');
    await screen.until(() => screen.words.includes('Nothing reads otherwise'));
  });

  it('that cannot be asked for say so, and are asked for again', async () => {
    await house();
    screen = await Screen.of(OtherwiseScreen, {});
    server = TestBed.inject(HttpTestingController);
    server.expectOne('/api/read-otherwise').error(new ProgressEvent('error'));
    await screen.until(() => screen.all('.wrong').length === 1);
    screen.button('try again').click();
    server.expectOne('/api/read-otherwise').flush([line()]);
    await screen.until(() => cards().length === 1);
    expect(cards()[0]).toContain('In tens');
  });

  it('are pointed at where there are any', async () => {
    await house();
    const note = await Screen.of(OtherwiseNote, {});
    server = TestBed.inject(HttpTestingController);
    server.expectOne('/api/read-otherwise').flush([line(), dose]);
    await note.until(() => note.words !== '');
    expect(note.words).toContain('2 lines that were saved earlier read otherwise today');
  });
});
