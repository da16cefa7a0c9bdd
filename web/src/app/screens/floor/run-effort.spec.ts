import type { Effort } from '@hopsk/core/log/event';
import { RunLog } from '@hopsk/core/log/run-log';
import { sampleRun } from '@hopsk/contract/testing/samples';
import type { RunEvent } from '@hopsk/contract/run';
import { event } from '../../testing/run';
import { choose, house, Screen } from '../../testing/screen';
import { RunEffort } from './run-effort';

const athletes = [
  { value: 'ada', label: 'Ada' },
  { value: 'bea', label: 'Bea' },
];
const effort = (athlete: string, of: number, minutes: number): Partial<RunEvent> => ({ kind: 'effort', athlete, effort: of, minutes });

function logOf(...said: Partial<RunEvent>[]): RunLog {
  const log = new RunLog(sampleRun.plan, new Map(), 1, ['ada', 'bea']);
  log.take([{ kind: 'go' as const, answers: null, m: 0 }, ...said].map((one, i) => event(i + 1, { m: 43 * 60_000, ...one })));
  return log;
}

async function opened(log: RunLog): Promise<{ readonly screen: Screen<RunEffort>; readonly told: Effort[] }> {
  await house();
  const screen = await Screen.of(RunEffort, { log, athletes });
  const told: Effort[] = [];
  screen.fixture.componentInstance.told.subscribe((one) => told.push(one));
  return { screen, told };
}

describe('how hard a run was', () => {
  it('is said of each, with as many minutes as it took until others are typed', async () => {
    const { screen, told } = await opened(logOf(effort('bea', 5, 43)));
    expect(screen.box('minutes').value).toBe('43');
    await choose(screen.fixture, 'Ada', /^7/);
    screen.type(screen.box('minutes'), '90', 'change');
    await screen.fixture.whenStable();
    await choose(screen.fixture, 'Ada', /^6/);
    await choose(screen.fixture, 'Bea', 'not said');
    expect(told.map(({ athlete, effort: of, minutes }) => [athlete, of, minutes])).toEqual([
      ['ada', 7, 43],
      // Longer minutes are those of whom it was said already, too.
      ['bea', 5, 90],
      ['ada', 6, 90],
      ['bea', null, 90],
    ]);
  });

  it('minutes are those that were said last; who was there for others keeps theirs; no minutes, or days of them, are none', async () => {
    const { screen, told } = await opened(logOf(effort('ada', 4, 30), effort('bea', 5, 80)));
    expect(screen.box('minutes').value).toBe('80');
    for (const bad of ['0', '601', 'long']) screen.type(screen.box('minutes'), bad, 'change');
    await screen.fixture.whenStable();
    expect(told).toEqual([]);
    screen.type(screen.box('minutes'), '75', 'change');
    await screen.fixture.whenStable();
    expect(told.map(({ athlete, minutes }) => [athlete, minutes])).toEqual([['bea', 75]]);
  });
});
