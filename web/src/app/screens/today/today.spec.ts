import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { GoneThrough } from '../../data/gone-through';
import { newId } from '../../data/ids';
import { dayOf } from '../../parts/run-setup';
import { athlete } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { session, stage } from '../../testing/sessions';
import { TodayScreen } from './today';

describe('today', () => {
  const ada = athlete({ name: 'Ada', focus: ['tall', 'crossed'] });
  const bea = athlete({ name: 'Bea', focus: ['deep'] });
  const gone = athlete({ name: 'Cleo' });
  const today = dayOf(new Date());
  const http = () => TestBed.inject(HttpTestingController);
  const planned = session({ name: 'Evening', stages: [stage('20 s')], athletes: [ada.id, bea.id], when: { day: today, time: '18:30' } });
  const run = { id: newId(), name: 'Yesterday', day: today, startedAt: new Date().toISOString(), athletes: [ada.id], watched: 4, taps: 2 };

  async function open() {
    await house({ people: [ada, bea, gone], patterns: [], sessions: [planned, session({ name: 'Some day' })] });
    const screen = await Screen.of(TodayScreen);
    await screen.until(
      () =>
        http()
          .match('/api/runs')
          .map((one) =>
            one.flush([run].map((row) => ({ ...row, patternId: null, sessionId: null, tapDelay: 1, version: 0, landings: null }))),
          ).length > 0,
    );
    return screen;
  }

  it('shows what is planned, who is watched next, and what waits for a decision', async () => {
    const screen = await open();
    expect(screen.words).toContain('Evening');
    expect(screen.words).toContain('18:30');
    expect(screen.words).not.toContain('Some day');
    const cell = { evenings: 1, noted: 0, rate: null, interval: null };
    const cells = [
      { fault: 'tall', attempts: 12, faulty: 3, ...cell },
      { fault: 'crossed', attempts: 40, faulty: 4, ...cell },
    ];
    await screen.until(
      () =>
        http()
          .match(({ url }) => url.startsWith('/api/book?since='))
          .map((one) => one.flush({ since: today, athletes: [{ athleteId: ada.id, here: 1, last: today, cells }] })).length > 0,
    );
    await screen.until(() => screen.all('ol.watch li').length === 2);
    // Bea was not watched for what she works on at all; Ada least for being tall.
    expect(screen.all('ol.watch li').map((one) => [...one.children].map((part) => part.textContent?.trim()).join(' '))).toEqual([
      'Bea deep not watched in four weeks',
      'Ada tall 3 of 12 in four weeks',
    ]);
  });

  it('asks who is here and begins with one press', async () => {
    const screen = await open();
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    screen.button('run it').click();
    const box = (): Element | null => document.querySelector('hop-here-box');
    await screen.until(() => box() !== null);
    const pressed = [...(box()?.querySelectorAll('.chip[aria-pressed=true]') ?? [])].map((one) => one.querySelector('bdi')?.textContent);
    expect(pressed).toEqual(['Ada', 'Bea']);
    [...(box()?.querySelectorAll('button') ?? [])].find((one) => one.textContent?.includes('start with 2'))?.click();
    await screen.until(() => router.calls.count() > 0);
    expect(router.calls.mostRecent().args[0]).toEqual(['/floor/run']);
  });

  it('lists runs that were not gone through here', async () => {
    let screen = await open();
    await screen.until(() => screen.words.includes('Yesterday'));
    await TestBed.inject(GoneThrough).add(run.id);
    screen.fixture.destroy();
    screen = await Screen.of(TodayScreen);
    await screen.until(() => screen.words.includes('All runs of the last two weeks were gone through'));
    expect(screen.all('hop-run-rows li')).toEqual([]);
  });
});
