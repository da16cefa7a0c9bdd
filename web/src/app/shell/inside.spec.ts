import { HttpErrorResponse } from '@angular/common/http';
import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { onLeft } from '../data/leaving';
import { Outbox } from '../data/outbox';
import { people } from '../data/records';
import { signInActions } from '../data/sign-in';
import { me } from '../testing/run';
import { house, Screen } from '../testing/screen';
import { Inside } from './inside';
import { WentWrong } from './went-wrong';

describe('behind the door', () => {
  it('what nobody caught is said on the page, that of a promise too; a network that is away is not', async () => {
    TestBed.configureTestingModule({ providers: [provideEffects({ onLeft })] });
    await house();
    const screen = await Screen.of(Inside);
    const wrong = TestBed.inject(WentWrong);
    const log = spyOn(console, 'error');
    const said = (): number => screen.all('.strip').filter((one) => one.textContent?.includes('Something on this page went wrong')).length;
    wrong.handleError(new HttpErrorResponse({ status: 0 }));
    await screen.fixture.whenStable();
    expect(said()).toBe(0);
    wrong.handleError(new Error('a write failed'));
    await screen.until(() => said() === 1);
    expect(log).toHaveBeenCalledTimes(2);
    screen.button('close').click();
    await screen.until(() => said() === 0);
    TestBed.inject(Store).dispatch(signInActions.left());
  });

  it('taps of the club begin to be sent and its lists are fetched, once; whoever leaves takes both along', async () => {
    TestBed.configureTestingModule({ providers: [provideEffects({ onLeft })] });
    await house();
    const said: string[] = [];
    const outbox = TestBed.inject(Outbox);
    spyOn(outbox, 'open').and.callFake((club) => void said.push(club));
    spyOn(outbox, 'close').and.callFake(() => void said.push('closed'));
    const store = TestBed.inject(Store);
    const screen = await Screen.of(Inside);
    const http = TestBed.inject(HttpTestingController);
    for (const list of ['athletes', 'patterns', 'sessions']) http.expectOne(`/api/${list}/latest`).flush([]);
    http.expectOne('/api/teaching').flush({ version: 0, choices: {}, stances: [] });
    // The coach’s settings were saved: still the same club.
    store.dispatch(signInActions.entered({ me: { ...me, coach: { ...me.coach, tapDelay: 2 } }, offline: false }));
    await screen.fixture.whenStable();
    http.verify();
    expect(said).toEqual([me.club.id]);
    store.dispatch(signInActions.left());
    // At once: the page may never be drawn again, and the next one be another club's.
    expect(said).toEqual([me.club.id, 'closed']);
    await screen.fixture.whenStable();
    expect([store.selectSignal(people.selectStatus)(), screen.all('nav').length]).toEqual(['idle', 0]);
  });
});
