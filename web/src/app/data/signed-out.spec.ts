import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting, type TestRequest } from '@angular/common/http/testing';
import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter, Router } from '@angular/router';
import { provideStore, Store } from '@ngrx/store';
import { me } from '../testing/run';
import { signInActions, signInFeature } from './sign-in';
import { signedOut } from './signed-out';

@Component({ selector: 'hop-anywhere', template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Anywhere {}

describe('a server that says nobody is signed in', () => {
  let router: Router;
  let store: Store;
  let request: TestRequest;

  const at = async (url: string): Promise<void> => {
    await router.navigateByUrl(url);
    TestBed.inject(HttpClient)
      .get('/api/athletes')
      .subscribe({ error: () => undefined });
    request = TestBed.inject(HttpTestingController).expectOne('/api/athletes');
  };
  const refused = async (): Promise<void> => {
    request.flush({ error: 'signed-out' }, { status: 401, statusText: 'Unauthorized' });
    // A navigation that was begun is over once another one to the same place is.
    await router.navigateByUrl(router.getCurrentNavigation()?.extractedUrl ?? router.url);
  };
  const status = () => store.selectSignal(signInFeature.selectStatus)();

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(withInterceptors([signedOut])),
        provideHttpClientTesting(),
        provideRouter([{ path: '**', component: Anywhere }]),
        provideStore({ [signInFeature.name]: signInFeature.reducer }),
      ],
    });
    router = TestBed.inject(Router);
    store = TestBed.inject(Store);
    store.dispatch(signInActions.entered({ me, offline: false }));
  });

  it('shows the door, with the way back', async () => {
    await at('/faults?of=7');
    await refused();
    expect(router.url).toBe('/enter?to=%2Ffaults%3Fof%3D7');
    expect(status()).toBe('out');
  });

  it('leaves a run alone', async () => {
    await at('/floor/run');
    await refused();
    expect(router.url).toBe('/floor/run');
    expect(status()).toBe('in');
  });

  it('says nothing new at the door: the way back stays the one that led there', async () => {
    await at('/enter?to=%2Ffloor%2Frun');
    await refused();
    expect(router.url).toBe('/enter?to=%2Ffloor%2Frun');
    expect(status()).toBe('out');
  });

  it('says nothing of whoever entered after the question was asked', async () => {
    await at('/faults');
    store.dispatch(signInActions.entered({ me: { ...me }, offline: false }));
    await refused();
    expect(router.url).toBe('/faults');
    expect(status()).toBe('in');
  });
});
