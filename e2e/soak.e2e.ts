import { OwnHouse } from './own-house.js';
import { soak } from './soak.js';
import { expect, test } from './support.js';

const said = (name: string, usual: number): number => Number(process.env[name] ?? usual);

/** A short one; as long as wanted by `npm run soak`. */
test('three devices, whatever happens to them: no tap that was kept is lost, doubled or misplaced', async ({ browser }) => {
  const [taps, seed, burst] = [said('HOPSK_SOAK_TAPS', 40), said('HOPSK_SOAK_SEED', 20_261_127), said('HOPSK_SOAK_BURST', 1)];
  test.setTimeout(180_000 + taps * 1_500);
  const house = await OwnHouse.open();
  try {
    const { pressed, kept, lost, doubled, misplaced, did } = await soak(browser, house, {
      seed,
      taps,
      aRun: 400 * Math.ceil(burst / 10),
      burst,
    });
    console.log(`soak: seed ${seed}, ${pressed} taps, ${kept} said to be kept; ${JSON.stringify(did)}`);
    console.log(`soak: ${lost.length} lost, ${doubled.length} doubled, ${misplaced.length} misplaced`);
    expect({ lost, doubled, misplaced }).toEqual({ lost: [], doubled: [], misplaced: [] });
    expect(kept).toBeGreaterThan(pressed / 2);
  } finally {
    await house.close();
  }
});
