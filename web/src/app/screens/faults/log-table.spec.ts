import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { LogImport, LogImported } from '@hopsk/contract/log-table';
import { Store } from '@ngrx/store';
import { people } from '../../data/records';
import { athlete } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { LogTableScreen } from './log-table';

const saves = (screen: Screen<unknown>) => screen.all('button').filter((one) => one.textContent.startsWith('save as')).length;

describe('the log as a table', () => {
  let store: Store;
  beforeEach(async () => {
    await house();
    store = TestBed.inject(Store);
  });

  it('saves and reads nothing before it is known who is in the club', async () => {
    store.dispatch(people.actions.failed({ trouble: { kind: 'offline', message: 'away', fields: [] } }));
    const screen = await Screen.of(LogTableScreen);
    expect([saves(screen), screen.all('textarea').length, screen.all('[role=alert]').length]).toEqual([0, 0, 1]);
    store.dispatch(people.actions.load());
    await screen.until(() => screen.all('[role=alert]').length === 0);
    expect([saves(screen), screen.all('textarea').length]).toEqual([0, 0]);
    store.dispatch(people.actions.loaded([athlete({ name: 'Ada' })]));
    await screen.until(() => saves(screen) === 2);
    expect(screen.all('textarea').length).toBe(1);
  });

  it('looks anew at what was pasted when somebody of it comes to the club meanwhile', async () => {
    const [ada, bo] = [athlete({ name: 'Ada' }), athlete({ name: 'Bo' })];
    store.dispatch(people.actions.loaded([ada]));
    const screen = await Screen.of(LogTableScreen);
    const box = screen.all<HTMLTextAreaElement>('textarea')[0] as HTMLTextAreaElement;
    screen.type(box, 'day,athlete,fault,attempts,faulty\n2026-11-03,Ada,tall,20,4\n2026-11-04,Bo,tall,20,4');
    screen.type(box, box.value, 'change');
    /** Who is in what the server is asked of, once it was asked. */
    const looked = async (): Promise<string[]> => {
      let who: string[] = [];
      await screen.until(() =>
        TestBed.inject(HttpTestingController)
          .match('/api/log-rows')
          .some((one) => {
            const { rows, look } = one.request.body as LogImport;
            expect(look).toBeTrue();
            who = rows.map((row) => row.athlete);
            const evenings = rows.map(({ day }) => ({
              day,
              evening: '',
              rows: 1,
              athletes: 1,
              attempts: 20,
              is: 'new' as const,
              runs: [],
              others: 0,
            }));
            one.flush({ evenings } satisfies LogImported);
            return true;
          }),
      );
      return who;
    };
    expect(await looked()).toEqual([ada.id]);
    await screen.until(() => screen.words.includes('add 1 evening'));
    store.dispatch(people.actions.loaded([ada, bo]));
    expect(await looked()).toEqual([ada.id, bo.id]);
    await screen.until(() => screen.words.includes('add 2 evenings'));
  });
});
