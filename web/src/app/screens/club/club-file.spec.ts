import { HttpTestingController, type TestRequest } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { ImportNow } from '@hopsk/contract/club-lines';
import { newId } from '../../data/ids';
import { house, Screen } from '../../testing/screen';
import { ClubFileForm } from './club-file';

const none = { added: 0, known: 0 };
const counts = { athletes: { added: 2, known: 1 }, patterns: none, sessions: none, runs: none, events: none };
const at = (state: ImportNow['state'], more: Partial<ImportNow> = {}): ImportNow => ({
  ...{ id, state, through: 0.5, club: 'Net Loft', whole: 'whole', counts, erases: 0, refused: { count: 0, told: [] }, problem: null },
  ...more,
});
const id = newId();
const READY = ['make one up', 'save the file'];

describe('a club file on its way in', () => {
  let screen: Screen<ClubFileForm>;
  const http = () => TestBed.inject(HttpTestingController);
  const buttons = () => screen.all('button').map((one) => one.textContent.trim());

  beforeEach(async () => {
    await house();
    screen = await Screen.of(ClubFileForm);
  });

  /** The next request of that kind, once it was made. */
  async function asked(method: string, url: string): Promise<TestRequest> {
    let found: TestRequest[] = [];
    await screen.until(() => (found = http().match((one) => one.method === method && one.url === url)).length > 0);
    return found[0] as TestRequest;
  }

  /** Chosen, and being sent. */
  async function chosen(): Promise<TestRequest> {
    const files = new DataTransfer();
    files.items.add(new File(['{}'], 'club.hopsk.jsonl'));
    const box = screen.host.querySelector<HTMLInputElement>('input[type=file]');
    if (!box) throw new Error('no file can be chosen');
    box.files = files.files;
    box.dispatchEvent(new Event('change'));
    return asked('POST', '/api/imports');
  }

  it('is looked through and added while the network comes and goes, and says what it did', async () => {
    const sent = await chosen();
    await screen.until(() => screen.words.includes('Sending the file'));
    expect(buttons()).toEqual(['leave it']);
    sent.flush(at('reading'));
    (await asked('GET', `/api/imports/${id}`)).error(new ProgressEvent('error'));
    (await asked('GET', `/api/imports/${id}`)).flush(at('read'));
    await screen.until(() => screen.words.includes('The file of ‘Net Loft’'));
    screen.button('add it to the club').click();
    (await asked('POST', `/api/imports/${id}/add`)).flush(at('adding'));
    await screen.until(() => screen.words.includes('Adding'));
    expect(screen.host.querySelector('progress')?.value).toBe(0.5);
    (await asked('GET', `/api/imports/${id}`)).flush(at('added', { whole: 'cut' }));
    await screen.until(() => screen.words.includes('Read: the file of ‘Net Loft’'));
    expect(screen.words).toContain('The file ends in the middle');
    // What the club has now is fetched.
    await asked('GET', '/api/athletes/latest');
  });

  it('is left while it is sent, and while it is added', async () => {
    const sent = await chosen();
    await screen.until(() => screen.words.includes('Sending the file'));
    screen.button('leave it').click();
    await screen.until(() => sent.cancelled);
    await screen.until(() => buttons().includes('save the file'));
    const again = await chosen();
    again.flush(at('adding'));
    await screen.until(() => screen.words.includes('Adding'));
    screen.button('leave it').click();
    (await asked('DELETE', `/api/imports/${id}`)).flush(null);
    await screen.until(() => buttons().includes('save the file'));
    expect([buttons(), screen.host.querySelector('table')]).toEqual([READY, null]);
  });

  it('that is sealed waits for its passphrase, which it keeps until it opens it', async () => {
    (await chosen()).flush(at('sealed'));
    await screen.until(() => screen.words.includes('The file is sealed.'));
    screen.type(screen.box('its passphrase'), 'nine feathers', 'change');
    screen.button('open it').click();
    const first = await asked('POST', `/api/imports/${id}/open`);
    expect(first.request.body).toEqual({ passphrase: 'nine feathers' });
    first.flush(at('reading'));
    (await asked('GET', `/api/imports/${id}`)).flush(at('sealed', { problem: { error: 'wrong-passphrase', values: {}, fields: [] } }));
    await screen.until(() => screen.words.includes('This passphrase does not open the file.'));
    expect(screen.box('its passphrase').value).toBe('nine feathers');
    screen.type(screen.box('its passphrase'), 'nine blue feathers', 'change');
    screen.button('open it').click();
    (await asked('POST', `/api/imports/${id}/open`)).flush(at('read'));
    await screen.until(() => screen.words.includes('The file of ‘Net Loft’'));
    expect(screen.words).not.toContain('sealed.');
  });

  it('goes out open or sealed, with a passphrase that is long enough or was made up', async () => {
    const links: string[] = [];
    spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
      links.push(new URL(this.href).pathname);
    });
    const saved = async (label: string): Promise<unknown> => {
      screen.button(label).click();
      const ask = await asked('POST', '/api/export');
      ask.flush({ id });
      await screen.until(() => links.length > 0);
      expect(links.splice(0)).toEqual([`/api/export/${id}`]);
      return (ask.request.body as { passphrase: unknown }).passphrase;
    };
    expect(await saved('save the file')).toBeNull();
    screen.type(screen.box('passphrase, or nothing'), 'too short', 'change');
    screen.button('save the file').click();
    await screen.until(() => screen.words.includes('at least 12'));
    http().expectNone('/api/export');
    const words = new Set<string>();
    for (let i = 0; i < 3; i++) {
      screen.button('make one up').click();
      await screen.fixture.whenStable();
      const shown = screen.box('passphrase, or nothing').value;
      expect(shown).toMatch(/^(([bdfghjklmnprstvz][aeiou]){2}-){5}([bdfghjklmnprstvz][aeiou]){2}$/);
      expect(await saved('save it sealed')).toBe(shown);
      words.add(shown);
    }
    expect(words.size).toBe(3);
    await screen.until(() => screen.words.includes('Write its passphrase down'));
  });

  it('that the server does not know any more is over, and says so', async () => {
    (await chosen()).flush(at('reading'));
    (await asked('GET', `/api/imports/${id}`)).flush(
      { error: 'not-found', values: { what: 'file' }, fields: [] },
      { status: 404, statusText: 'not found' },
    );
    await screen.until(() => screen.words.includes('There is no such file.'));
    expect(buttons()).toEqual(READY);
  });
});
