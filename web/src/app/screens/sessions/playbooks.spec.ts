import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Teaching } from '@hopsk/contract';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { bookInWords } from '@hopsk/words/naming';
import { DeviceStore } from '../../data/device-store';
import { house, Screen } from '../../testing/screen';
import { Playbooks } from './playbooks';

describe('playbooks', () => {
  let screen: Screen<Playbooks>;
  const http = () => TestBed.inject(HttpTestingController);

  beforeEach(async () => {
    await house();
    screen = await Screen.of(Playbooks);
  });

  it('to begin with are shown as they are, and not changed', () => {
    const [book] = PLAYBOOKS.map(bookInWords);
    for (const { situation } of book?.situations ?? []) expect(screen.words).toContain(situation);
    expect(screen.all('section input').length).toBe(0);
  });

  it('are copied and changed as the club’s own; what cannot be read is said and kept', async () => {
    screen.button('copy to change').click();
    await screen.fixture.whenStable();
    screen.type(screen.box('situation'), 'short on the left', 'change');
    screen.type(screen.box('line of steps'), 'wobble 3', 'change');
    screen.type(screen.box('ways back'), 'home: shuffle left 40 cm | stay', 'change');
    await screen.until(() => screen.words.includes('‘wobble’ does not begin a step'));
    screen.type(screen.box('line of steps'), 'shuffle right 40 cm', 'change');
    await screen.until(() => !screen.words.includes('does not begin a step'));
    screen.button('save').click();
    const put = http().expectOne((request) => request.method === 'PUT');
    const sent = put.request.body as Teaching;
    const [kept] = sent.playbooks;
    expect([kept?.code, kept?.situations[0]?.situation, kept?.situations[0]?.answers[0]?.back]).toEqual([
      'own-1',
      'short on the left',
      [
        { name: 'home', steps: 'shuffle left 40 cm' },
        { name: 'stay', steps: '' },
      ],
    ]);
    put.flush({ ...sent, version: 1 });
    await screen.until(() => screen.words.includes('Kept for the club'));
    expect(screen.fixture.componentInstance.unsaved()).toBeFalse();
    expect((await TestBed.inject(DeviceStore).recall('playbook')) ?? null).toBeNull();
  });

  it('that are being typed are there again when the page comes back', async () => {
    screen.button('copy to change').click();
    await screen.fixture.whenStable();
    screen.type(screen.box('situation'), 'half a sen', 'change');
    await screen.fixture.whenStable();
    screen.fixture.destroy();
    const again = await Screen.of(Playbooks);
    await again.until(() => again.fixture.componentInstance.unsaved());
    await again.fixture.whenStable();
    expect(again.box('situation').value).toBe('half a sen');
  });

  it('without a name are not sent', async () => {
    screen.button('new playbook').click();
    await screen.fixture.whenStable();
    screen.button('add a situation').click();
    screen.type(screen.box('name'), ' ');
    await screen.fixture.whenStable();
    screen.button('save').click();
    await screen.until(() => screen.all('[role=alert]').length === 1);
    expect(screen.all('[role=alert]')[0]?.textContent).toContain('name is empty');
    expect(screen.fixture.componentInstance.unsaved()).toBeTrue();
  });
});
