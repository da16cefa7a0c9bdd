import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Teaching } from '@hopsk/contract/teaching';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { faultCalled, faultLabel, faultWords } from '@hopsk/words/naming';
import { house, Screen } from '../../testing/screen';
import { allFaults, freshFault, oursOf, withFault } from './own-fault-rows';
import { OwnFaultsScreen } from './own-faults';

const tall = oursOf('tall') ?? freshFault();

describe('faults of a club', () => {
  it('get a code of their own from their name', () => {
    const fresh = { ...freshFault(), label: 'Drags a foot' };
    const { code, faults } = withFault([], fresh);
    expect([code, faults]).toEqual(['drags-a-foot', [{ ...fresh, code }]]);
    expect(withFault(faults, fresh).code).toBe('drags-a-foot-2');
    expect(
      allFaults(faults)
        .map((one) => one.code)
        .slice(0, 2),
    ).toEqual(['drags-a-foot', FAULTS[0]?.code ?? '']);
  });

  it('of the catalogue are kept only where the club has them otherwise', () => {
    const { faults } = withFault([], { ...tall, label: 'stands up' });
    expect(faults.map(({ label }) => label)).toEqual(['stands up']);
    expect(withFault(faults, { ...tall, label: 'upright' }).faults.map(({ label }) => label)).toEqual(['upright']);
    expect(withFault(faults, tall).faults).toEqual([]);
  });

  it('are called everywhere as the club calls them; what is typed and not saved stays, beside what is chosen next', async () => {
    await house();
    const screen = await Screen.of(OwnFaultsScreen);
    const http = TestBed.inject(HttpTestingController);
    const nothing: Teaching = {
      ...{ version: 1, choices: {}, stances: [], moves: [], playbooks: [], views: {}, numbers: null, faults: [] },
    };
    const answer = (path: string, method: string, body: (sent: Teaching) => object): Promise<void> =>
      screen.until(() =>
        http
          .match((one) => one.method === method && one.url.endsWith(path))
          .some((one) => (one.flush(body(one.request.body as Teaching)), true)),
      );
    await answer('/teaching', 'GET', () => nothing);
    await answer('/recount/left', 'GET', () => ({ earlier: 0, merged: 0, rules: 3 }));
    const row = (label: string) =>
      screen.all<HTMLButtonElement>('nav li button').find((one) => one.querySelector('strong')?.textContent.trim() === label);
    await screen.until(() => row('tall') !== undefined);
    row('tall')?.click();
    await screen.until(() => screen.all('form').length > 0);
    screen.type(screen.box('name'), 'stands up', 'change');
    await screen.until(() => row('tall')?.textContent.includes('not saved') === true);
    expect(screen.fixture.componentInstance.unsaved()).toBeTrue();
    row('deep')?.click();
    await screen.until(() => screen.box('name').value === 'deep');
    row('tall')?.click();
    await screen.until(() => screen.box('name').value === 'stands up');
    screen.button('save').click();
    await answer('/teaching', 'PUT', (sent) => ({ ...sent, version: 2 }));
    await screen.until(() => row('stands up')?.textContent.includes('changed') === true);
    expect([faultLabel('tall'), faultWords('tall')?.cue, faultCalled('Stands up'), faultCalled('tall')]).toEqual([
      'stands up',
      tall.cue,
      'tall',
      'tall',
    ]);
    expect(screen.fixture.componentInstance.unsaved()).toBeFalse();
    screen.button('as in the catalogue again').click();
    await answer('/teaching', 'PUT', (sent) => (expect(sent.faults).toEqual([]), { ...sent, version: 3 }));
    await screen.until(() => row('tall') !== undefined);
    expect(faultLabel('tall')).toBe('tall');
  });
});
