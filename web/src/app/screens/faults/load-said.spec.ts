import type { AthleteLoad } from '@hopsk/contract/load';
import { loadOption } from '../../drawing/load-chart';
import { LIGHT } from '../../ui/look/tokens';
import { weekRows, worthALook } from './load-said';

type Week = AthleteLoad['weeks'][number];
const week = (from: string, more: Partial<Week> = {}): Week => ({
  ...{ from, evenings: 2, rated: 2, load: 600, monotony: 0.65, strain: 390, landings: 60, lunges: 40, notKept: 0 },
  ...{ mostLandings: 40, loadRise: null, landingsRise: null },
  ...more,
});
const adult = { level: 'beginner', ageGroup: 'adult' } as const;

describe('the load of weeks in words', () => {
  it('is a table with the latest first; what is not known is left empty, what is known in part says so', () => {
    const weeks = [
      week('2026-11-02'),
      week('2026-11-09', { rated: 1, load: 300, monotony: null, strain: null, notKept: 1 }),
      week('2026-11-16', { rated: 0, load: null, monotony: null, strain: null, landings: null, lunges: null, notKept: 2 }),
    ];
    expect(weekRows(weeks)).toEqual([
      ['2026-11-16', '0 of 2', '', '', '', '', ''],
      ['2026-11-09', '1 of 2', '300', '', '', '60 at least', '40 at least'],
      ['2026-11-02', '2', '600', '0.65', '390', '60', '40'],
    ]);
  });

  it('what rises steeply, and more landings than are usual at a level, are worth a look; for children no number is said', () => {
    const weeks = [
      week('2026-10-05', { loadRise: 2 }),
      week('2026-10-26', { loadRise: 1.1 }),
      week('2026-11-02', { loadRise: 1.184, landingsRise: 1.3 }),
      week('2026-11-09', { mostLandings: 101 }),
      week('2026-11-16'),
    ];
    expect(worthALook(weeks, adult)).toEqual([
      'The week from 2026-11-09: 101 landings on one evening, where 80 to 100 are usual at this level.',
      'The week from 2026-11-02: load 18 % above the mean of the four weeks before.',
      'The week from 2026-11-02: landings 30 % above the mean of the four weeks before.',
    ]);
    expect(worthALook(weeks, { level: 'advanced', ageGroup: 'adult' }).length).toBe(2);
    expect(worthALook([week('2026-11-16')], { level: 'advanced', ageGroup: '10–12' })).toEqual([
      'The week from 2026-11-16: 40 landings on one evening. For children no number is agreed on: fewer.',
    ]);
  });

  it('is drawn paler where not all was said, and not at all where nothing was', () => {
    const weeks = [week('2026-11-02'), week('2026-11-09', { rated: 1, load: 300 }), week('2026-11-16', { rated: 0, load: null })];
    const { series } = loadOption(weeks, LIGHT) as unknown as {
      series: { data: { value: number | null; itemStyle: { opacity: number } }[] }[];
    };
    expect(series[0]?.data.map(({ value, itemStyle }) => [value, itemStyle.opacity])).toEqual([
      [600, 1],
      [300, 0.4],
      [null, 0.4],
    ]);
  });
});
