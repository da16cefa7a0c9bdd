import { HttpTestingController } from '@angular/common/http/testing';
import { READ_NOW } from '@hopsk/contract/read-now';
import { TestBed } from '@angular/core/testing';
import { me } from '../../testing/run';
import { choose, house, Screen } from '../../testing/screen';
import { FaultViews } from './fault-views';

describe('from where faults show', () => {
  let screen: Screen<FaultViews>;
  const http = () => TestBed.inject(HttpTestingController);
  const taught = { version: 4, choices: {}, stances: [], moves: [], playbooks: [], views: { tall: ['front' as const] } };

  beforeEach(async () => {
    await house();
    screen = await Screen.of(FaultViews);
    await screen.until(() =>
      http()
        .match('/api/teaching')
        .some((one) => (one.flush(taught), true)),
    );
  });

  it('is said for the club, over and beside what was said before, and taken back', async () => {
    await screen.until(() => screen.words.includes('from the front, the club (usual: from the side)'));
    await choose(screen.fixture, 'fault', 'sway');
    screen.button('keep').click();
    let sent: unknown;
    await screen.until(() =>
      http()
        .match({ method: 'PUT', url: '/api/teaching' })
        .some(
          (one) => (
            (sent = one.request.body),
            one.flush({ ...taught, views: { ...taught.views, sway: ['front', 'side'] }, version: 5 }),
            true
          ),
        ),
    );
    expect(sent).toEqual({ ...taught, views: { tall: ['front'], sway: ['front', 'side'] }, numbers: null, faults: [], ...READ_NOW });
    await screen.until(() => screen.words.includes('from the front and the side, the club'));
    // What was chosen stays chosen.
    expect(screen.all('hop-choice').map((one) => one.textContent?.includes('sway'))).toContain(true);
    screen.host.querySelector<HTMLElement>('[aria-label^="forget"]')?.click();
    await screen.until(() =>
      http()
        .match({ method: 'PUT', url: '/api/teaching' })
        .some(({ request }) => ((sent = request.body), true)),
    );
    expect(sent).toEqual({ ...taught, version: 5, views: { sway: ['front', 'side'] }, numbers: null, faults: [], ...READ_NOW });
  });

  it('is said for the coach alone beside the other settings', async () => {
    await choose(screen.fixture, 'for', 'you alone');
    await choose(screen.fixture, 'shows', 'from the side');
    screen.button('keep').click();
    let sent: unknown;
    await screen.until(() =>
      http()
        .match({ method: 'PUT', url: '/api/me/settings' })
        .some(({ request }) => ((sent = request.body), true)),
    );
    expect(sent).toEqual({ units: me.coach.units, tapDelay: me.coach.tapDelay, views: { 'stance-narrow': ['side'] } });
  });
});
