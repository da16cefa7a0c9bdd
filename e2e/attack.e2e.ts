import { attack } from '../scripts/lib/attack.mjs';
import { OwnHouse } from './own-house.js';
import { expect, test } from './support.js';

test('a house that is attacked answers, and nothing comes through', async () => {
  test.slow();
  const house = await OwnHouse.open();
  try {
    const { all, wrong } = await attack({ url: house.url, n: 200 });
    expect(wrong).toEqual([]);
    const [odd, bytes, forged, passwords, files] = all.map(({ counts }) => counts);
    // Each kind got to where it is refused, and what is right among it was done.
    expect(odd?.get(200)).toBeGreaterThan(0);
    for (const status of [400, 404]) expect(odd?.get(status), String(status)).toBeGreaterThan(0);
    for (const status of [400, 421, 431]) expect(bytes?.get(status), String(status)).toBeGreaterThan(0);
    expect([...(forged?.keys() ?? [])].sort()).toEqual([403, 421]);
    expect([passwords?.get(401), passwords?.get(429)]).toEqual([8, 192]);
    expect([files?.get(201), files?.get(409)]).toEqual([1, 11]);
  } finally {
    await house.close();
  }
});
