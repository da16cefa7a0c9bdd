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

  it('what they take for a move is typed, or tapped to what they do, and says where it is from', async () => {
    const screen = await open();
    const tempo = () => screen.fixture.componentInstance['draft']().tempo;
    screen.type(screen.box('seconds, recover'), '0.4', 'change');
    await screen.until(() => screen.words.includes('typed 20'));
    expect(tempo().recover).toEqual(jasmine.objectContaining({ seconds: 0.4, from: 'typed', n: null }));
    // Nobody recovers in no time: the box says so, and nothing is taken.
    screen.type(screen.box('seconds, lunge'), '0.01', 'change');
    await screen.until(() => screen.all('[role=alert]').length > 0);
    expect(tempo().lunge).toBeUndefined();

    screen.all<HTMLButtonElement>('[aria-label="tap running step"]')[0]?.click();
    await screen.until(() => screen.words.includes('five times or more'));
    const taps = [0, 300, 610, 900, 1200, 1800, 2100];
    for (const at of taps) {
      const down = new PointerEvent('pointerdown', { bubbles: true });
      Object.defineProperty(down, 'timeStamp', { value: at });
      screen.button('tap now').dispatchEvent(down);
    }
    await screen.until(() => screen.words.includes('of 5'));
    expect(screen.words).toContain('0.30 s ± 0.01, of 5');
    expect(screen.words).toContain('one interval left out');
    screen.button('keep').click();
    await screen.until(() => screen.words.includes('tapped 20'));
    expect(tempo().run).toEqual(jasmine.objectContaining({ seconds: 0.3, n: 5, from: 'tapped' }));
    // An empty box is the usual time again.
    screen.type(screen.box('seconds, running step'), '', 'change');
    await screen.until(() => tempo().run === undefined);
    screen.button('save').click();
    http().expectNone(`/api/athletes/${stored.id}`);
    screen.type(screen.box('seconds, lunge'), '', 'change');
    screen.button('save').click();
    const { tempo: sent } = http().expectOne(`/api/athletes/${stored.id}`).request.body as { tempo: object };
    expect(Object.keys(sent)).toEqual(['recover']);
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
