import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { RunAtHand } from '../data/at-hand';
import { people } from '../data/records';
import { LogServer } from '../testing/log-server';
import { athlete, runHead } from '../testing/run';
import { house, Screen } from '../testing/screen';
import { UnderWay } from './under-way';

describe('a run that is under way elsewhere', () => {
  it('is taken part in before the names of the club are here: they are shown when they come', async () => {
    const ada = athlete({ name: 'Ada' });
    const { whole } = new LogServer(runHead({ athletes: [ada.id] }));
    await house();
    const screen = await Screen.of(UnderWay, { here: null });
    const answered = (path: string, body: unknown): Promise<void> =>
      screen.until(
        () =>
          TestBed.inject(HttpTestingController)
            .match(path)
            .map((one) => one.flush(body as object)).length > 0,
      );
    const { id, name, startedAt } = whole.run;
    await answered('/api/runs/open', [{ id, name, startedAt, athletes: [ada.id], coaches: ['Runa'] }]);
    await screen.until(() => screen.all('.under').length > 0);
    const went = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    screen.button('take part').click();
    await answered(`/api/runs/${id}`, whole);
    await screen.until(() => went.calls.count() > 0);
    const atHand = TestBed.inject(RunAtHand);
    expect([atHand.run()?.head.id, atHand.nameOf(ada.id)]).toEqual([id, '–']);
    TestBed.inject(Store).dispatch(people.actions.loaded([ada]));
    expect(atHand.nameOf(ada.id)).toBe('Ada');
  });
});
