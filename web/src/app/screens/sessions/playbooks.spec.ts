import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Teaching } from '@hopsk/contract/teaching';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { bookInWords } from '@hopsk/words/naming';
import { Store } from '@ngrx/store';
import { DeviceStore } from '../../data/device-store';
import { signInActions } from '../../data/sign-in';
import { TeachingStore } from '../../data/teaching';
import { house, Screen } from '../../testing/screen';
import { Ask } from '../../ui/ask';
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

  it('move an opponent: who they are, what they do in a situation and with a way back', async () => {
    screen.button('copy to change').click();
    await screen.fixture.whenStable();
    screen.type(screen.box('opponent'), 'partner at 1.2 m ahead', 'change');
    await screen.until(() => screen.all('hop-line-box').some((one) => one.textContent?.includes('what they do then')));
    screen.type(screen.box('what they do then'), 'advance 20 cm', 'change');
    const typed = 'stopped: cut right 40 cm; they: hold 1 s | home: shuffle left 40 cm | stay';
    screen.type(screen.box('ways back'), typed, 'change');
    await screen.fixture.whenStable();
    expect(screen.box('ways back').value).toBe('stopped: cut right 40 cm; they: hold 1 s | home: shuffle left 40 cm | stay: ');
    screen.button('save').click();
    const put = http().expectOne((request) => request.method === 'PUT');
    const [kept] = (put.request.body as Teaching).playbooks;
    expect([kept?.partner, kept?.situations[0]?.does, kept?.situations[0]?.answers[0]?.back]).toEqual([
      'partner at 1.2 m ahead',
      'advance 20 cm',
      [
        { name: 'stopped', steps: 'cut right 40 cm', does: 'hold 1 s' },
        { name: 'home', steps: 'shuffle left 40 cm' },
        { name: 'stay', steps: '' },
      ],
    ]);
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

  describe('of the club', () => {
    const ours = { code: 'own-1', name: 'Ours', sport: 'squash', school: 'square-ready', lead: 'none' as const, situations: [] };
    const taught = { version: 1, choices: {}, stances: [], moves: [], views: {}, numbers: null, faults: [], playbooks: [ours] };
    const save = () => http().expectOne((request) => request.method === 'PUT');
    const names = (request: { body: unknown }) => (request.body as Teaching).playbooks.map(({ name }) => name);

    beforeEach(async () => {
      http().expectOne('/api/teaching').flush(taught);
      await screen.until(() => TestBed.inject(TeachingStore).ready());
      await screen.choose('Playbooks', /Ours/);
      await screen.until(() => screen.all('section, .row').length > 0);
      screen.type(screen.box('name'), 'Mine');
      await screen.fixture.whenStable();
    });
    const meanwhile = async (theirs: Teaching): Promise<void> => {
      screen.button('save').click();
      save().flush({ error: 'stale', values: { what: 'teaching' } }, { status: 409, statusText: 'Conflict' });
      http().expectOne('/api/teaching').flush(theirs);
      await screen.fixture.whenStable();
    };

    it('another one that somebody saved meanwhile is kept, and nobody is asked', async () => {
      const other = { ...ours, code: 'own-2', name: 'Theirs' };
      await meanwhile({ ...taught, version: 2, playbooks: [ours, other] });
      let again: ReturnType<typeof save> | undefined;
      await screen.until(() => (again = http().match((request) => request.method === 'PUT')[0]) !== undefined);
      expect(names(again!.request).sort()).toEqual(['Mine', 'Theirs']);
      again!.flush({ ...(again!.request.body as Teaching), version: 3 });
      await screen.until(() => !screen.fixture.componentInstance.unsaved());
    });

    it('the same one that somebody saved meanwhile is not saved over unasked', async () => {
      await meanwhile({ ...taught, version: 2, playbooks: [{ ...ours, name: 'Theirs' }] });
      http().expectNone((request) => request.method === 'PUT');
      const sure = spyOn(TestBed.inject(Ask), 'sure').and.resolveTo(false);
      screen.button('save').click();
      await screen.until(() => sure.calls.count() === 1);
      await screen.fixture.whenStable();
      http().expectNone((request) => request.method === 'PUT');
      expect([screen.box('name').value, screen.fixture.componentInstance.unsaved()]).toEqual(['Mine', true]);
      sure.and.resolveTo(true);
      screen.button('save').click();
      await screen.until(() =>
        http()
          .match((request) => request.method === 'PUT')
          .some((again) => names(again.request).join() === 'Mine'),
      );
    });

    it('is asked about after a reload, too: the device keeps what it was typed over', async () => {
      expect(await TestBed.inject(DeviceStore).recall('playbook')).toEqual({ base: ours, book: { ...ours, name: 'Mine' } });
      screen.fixture.destroy();
      TestBed.inject(Store).dispatch(signInActions.left());
      screen = await Screen.of(Playbooks);
      http()
        .expectOne('/api/teaching')
        .flush({ ...taught, version: 2, playbooks: [{ ...ours, name: 'Theirs' }] });
      await screen.until(() => screen.fixture.componentInstance.unsaved());
      await screen.fixture.whenStable();
      const sure = spyOn(TestBed.inject(Ask), 'sure').and.resolveTo(false);
      screen.button('save').click();
      await screen.until(() => sure.calls.count() === 1);
    });
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
