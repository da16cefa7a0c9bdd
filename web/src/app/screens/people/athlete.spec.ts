import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { athlete } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { AthleteScreen } from './athlete';

describe('an athlete', () => {
  const stored = athlete({ name: 'Ada', sport: 'squash', height: 1.7, version: 2 });
  const http = () => TestBed.inject(HttpTestingController);
  async function open(): Promise<Screen<AthleteScreen>> {
    const screen = await Screen.of(AthleteScreen, { id: stored.id });
    await screen.until(() => screen.all('form').length === 1);
    return screen;
  }
  beforeEach(() => house({ people: [stored] }));

  it('put away while something is typed: that is neither lost nor said to be saved', async () => {
    const screen = await open();
    screen.type(screen.box('sport'), 'padel', 'change');
    screen.button('put away').click();
    http()
      .expectOne(`/api/athletes/${stored.id}/archive`)
      .flush({ ...stored, version: 3, archivedAt: '2026-11-20T18:00:00.000Z' });
    await screen.until(() => screen.words.includes('bring back'));
    expect([screen.box('sport').value, screen.fixture.componentInstance.unsaved(), screen.all('.good').length]).toEqual(['padel', true, 0]);
    screen.button('save').click();
    const { version, sport } = http().expectOne(`/api/athletes/${stored.id}`).request.body as { version: number; sport: string };
    expect([version, sport]).toEqual([3, 'padel']);
  });

  it('what the server refuses of a field is said beside it until the field is changed', async () => {
    const screen = await open();
    const said = () => screen.all('hop-box small[role=alert]').map((one) => one.textContent);
    screen.type(screen.box('sport'), 'padel', 'change');
    screen.button('save').click();
    const fields = [{ path: 'sport', code: 'unseen', values: {} }];
    http()
      .expectOne(`/api/athletes/${stored.id}`)
      .flush({ error: 'bad-input', values: {}, fields }, { status: 400, statusText: 'Bad Request' });
    await screen.until(() => said().length === 1);
    expect(said()).toEqual(['holds characters that cannot be seen']);
    screen.type(screen.box('sport'), 'karate', 'change');
    await screen.until(() => said().length === 0);
    expect(screen.fixture.componentInstance.unsaved()).toBeTrue();
  });
});
