import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { RunRow } from '@hopsk/contract/run';
import { repetitionOf, type Repetition } from '../../compute/repetition';
import { Studies } from '../../compute/studies';
import { DeviceStore } from '../../data/device-store';
import { newId } from '../../data/ids';
import { Dialogs } from '../../ui/dialogs';
import { athlete, keptRun, me, pattern, runHead } from '../../testing/run';
import { house, Screen } from '../../testing/screen';
import { FloorScreen } from './floor';

const ada = athlete({ name: 'Ada', focus: ['crossed'] });
const bea = athlete({ name: 'Bea', focus: ['tall'] });
const dose = { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null } as const;
const corner = pattern({ name: 'Corner', steps: 'split, shuffle right 40 cm', dose });

describe('where a run begins', () => {
  let screen: Screen<FloorScreen>;
  const device = () => TestBed.inject(DeviceStore);
  const http = () => TestBed.inject(HttpTestingController);
  const start = () => screen.host.querySelector<HTMLButtonElement>('button.start');
  const pressed = () => screen.all('.chip[aria-pressed=true]').map((chip) => chip.textContent.trim());

  async function open(
    more: { inputs?: Record<string, unknown>; people?: (typeof ada)[]; runs?: RunRow[]; keep?: () => Promise<void> } = {},
  ) {
    await house({ people: more.people ?? [ada, bea], patterns: [corner] });
    await more.keep?.();
    screen = await Screen.of(FloorScreen, more.inputs);
    await screen.until(
      () =>
        http()
          .match('/api/runs')
          .map((one) => one.flush(more.runs ?? [])).length > 0,
    );
    await screen.until(() => start() !== null || screen.words.includes('Add an athlete first'));
  }

  it('offers those of the last run and its rounds; on the board is what they work on', async () => {
    await open({ keep: () => device().keep('last', { dose: { ...dose, rounds: 5 }, here: [bea.id] }) });
    await screen.until(() => pressed().includes('Bea'));
    expect(pressed()).toEqual(['Bea', 'tall ×']);
    // 5 × 30 and 4 × 20 s.
    expect(start()?.textContent).toContain('3:50');
    screen.button('Ada').click();
    await screen.fixture.whenStable();
    expect(pressed()).toEqual(['Ada', 'Bea', 'crossed ×', 'tall ×']);
  });

  it('on a new device offers who was there last, and what the last rounds were made of, also where a session came after them', async () => {
    const rounds = runHead({ plan: { dose: { ...dose, rounds: 5 }, rep: null } });
    const session = { ...runHead({ athletes: [bea.id] }), sessionId: newId() };
    await house({ people: [ada, bea], patterns: [corner] });
    screen = await Screen.of(FloorScreen);
    const answer = (url: string, body: object) =>
      screen.until(
        () =>
          http()
            .match(url)
            .map((one) => one.flush(body)).length > 0,
      );
    await answer(
      '/api/runs',
      [session, rounds].map((run) => ({ ...run, version: 1, watched: 0, taps: 0, landings: null })),
    );
    await answer(`/api/runs/${rounds.id}`, { run: { ...rounds, version: 1 }, events: [], arrival: 0, now: null, before: [], who: {} });
    await screen.until(() => start() !== null);
    expect([pressed(), start()?.disabled, start()?.textContent.includes('3:50')]).toEqual([['Bea', 'tall ×'], false, true]);
  });

  it('goes on as it was set up after a reload, with a fault that was made for it; what was begun is not set up again', async () => {
    const made = { code: 'hips-lag', label: 'hips lag', per: 'step' } as const;
    await open({ keep: () => device().keep('last', { dose, here: [ada.id] }) });
    await screen.until(() => pressed().includes('Ada'));
    spyOn(TestBed.inject(Dialogs), 'show').and.resolveTo(made);
    screen.button('Bea').click();
    screen.button('+ add').click();
    await screen.until(() => pressed().includes('hips lag ×'));
    screen.fixture.componentInstance['sayDose']({ ...dose, rounds: 4 });
    await screen.fixture.whenStable();
    const before = pressed();
    const again = async (): Promise<void> => {
      screen.fixture.destroy();
      const kept = await device().recall('rounds');
      TestBed.resetTestingModule();
      await open({ keep: async () => void (await device().keep('last', { dose, here: [ada.id] }), await device().keep('rounds', kept)) });
    };
    await again();
    await screen.until(() => pressed().includes('hips lag ×'));
    expect(pressed()).toEqual(before);
    // 4 × 30 and 3 × 20 s.
    expect(start()?.textContent).toContain('3:00');
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    start()?.click();
    await screen.until(() => router.calls.count() > 0);
    expect(await device().recall('rounds')).toBeNull();
    const events = await device().eventsOf((await device().runs())[0]?.head.id ?? '');
    expect(events.map(({ event }) => event.kind)).toContain('named');
  });

  it('cannot begin with nobody, and says why; nor while a rest is not decided', async () => {
    await open({ keep: () => device().keep('last', { dose: { ...dose, rest: null }, here: [ada.id] }) });
    await screen.until(() => pressed().includes('Ada'));
    expect(start()?.disabled).toBeTrue();
    screen.fixture.destroy();
    TestBed.resetTestingModule();
    await open({ keep: () => device().keep('last', { dose, here: [ada.id] }) });
    await screen.until(() => pressed().includes('Ada'));
    expect(start()?.disabled).toBeFalse();
    screen.button('Ada').click();
    await screen.fixture.whenStable();
    expect([start()?.disabled, screen.words.includes('Choose at least one athlete')]).toEqual([true, true]);
  });

  it('with a pattern waits for the worker: what is run must be known', async () => {
    let answer: (rep: Repetition) => void = fail;
    const asked: unknown[] = [];
    await open({
      inputs: { pattern: corner.id },
      keep: () => {
        spyOn(TestBed.inject(Studies), 'ask').and.callFake(((kind: string) => {
          asked.push(kind);
          return new Promise((done) => (answer = done as never));
        }) as never);
        return device().keep('last', { dose, here: [ada.id] });
      },
    });
    await screen.until(() => asked.length > 0);
    expect([asked[0], start()?.disabled, screen.host.querySelector('hop-dose-form')]).toEqual(['repetition', true, null]);
    answer(repetitionOf({ pattern: corner, athlete: ada, taught: { moves: [], stances: [] } }));
    await screen.until(() => start()?.disabled === false);
    expect(screen.host.querySelector('hop-dose-form')).not.toBeNull();
    const router = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    start()?.click();
    await screen.until(() => router.calls.count() > 0);
    const [run] = await device().runs();
    expect([run?.head.patternId, run?.head.steps, run?.head.athletes, run?.names]).toEqual([
      corner.id,
      corner.steps,
      [ada.id],
      { [ada.id]: 'Ada' },
    ]);
  });

  it('where the worker stops, it says so and goes on without the pattern', async () => {
    await open({
      inputs: { pattern: corner.id },
      keep: () => {
        spyOn(TestBed.inject(Studies), 'ask').and.rejectWith(new Error('the simulation stopped'));
        return device().keep('last', { dose, here: [ada.id] });
      },
    });
    await screen.until(() => screen.host.querySelector('[role=alert]') !== null);
    expect(screen.host.querySelector('h1')?.textContent).toBe('Rounds without a plan');
    await screen.until(() => start()?.disabled === false);
  });

  it('says that a run is under way, and leads back to it', async () => {
    await open({ keep: () => device().putRun(keptRun({ clubId: me.club.id, open: 1 })) });
    await screen.until(() => screen.words.includes('A run is under way on this device'));
    expect(screen.host.querySelector('a[href="/floor/run"]')).not.toBeNull();
  });

  it('offers to take part in what others run, at no moment in what is open here', async () => {
    await house({ people: [ada], patterns: [corner] });
    const mine = keptRun({ clubId: me.club.id, open: 1 });
    await device().putRun(mine);
    const runs = device().runs.bind(device());
    let known = (): void => undefined;
    const kept = new Promise<void>((done) => (known = done));
    spyOn(device(), 'runs').and.callFake(() => kept.then(runs));
    screen = await Screen.of(FloorScreen);
    const others = { startedAt: new Date().toISOString(), athletes: [ada.id], coaches: ['Runa'] };
    const open = [
      { id: mine.head.id, name: 'Mine', ...others },
      { id: newId(), name: 'Theirs', ...others },
    ];
    await screen.until(
      () =>
        http()
          .match('/api/runs/open')
          .map((one) => one.flush(open)).length > 0,
    );
    await screen.fixture.whenStable();
    expect(screen.all('.under').length).toBe(0);
    known();
    await screen.until(() => screen.all('.under').length > 0);
    expect(screen.all('.under').map((one) => one.textContent.includes('Theirs'))).toEqual([true]);
  });

  it('without anybody in the club leads to where people are added', async () => {
    await open({ people: [] });
    expect([screen.host.querySelector('a[href="/people"]') !== null, start()]).toEqual([true, null]);
  });
});
