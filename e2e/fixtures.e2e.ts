import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { RecountRun } from '@hopsk/contract/recount';
import type { RunHead, RunRow, RunWhole } from '@hopsk/contract/run';
import { root } from '../scripts/lib/project.mjs';
import { restoreDevice, type DeviceDump } from './device.js';
import { OwnHouse } from './own-house.js';
import { ask, expect, hasLine, test } from './support.js';

const folder = join(root, 'fixtures');
const versions = readdirSync(folder, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);
const text = (version: string, file: string): string => readFileSync(join(folder, version, file), 'utf8');
const records = <T>(device: DeviceDump, store: string): { key: string; value: T }[] =>
  (device.stores.find((one) => one.name === store)?.records ?? []) as { key: string; value: T }[];

for (const version of versions) {
  test(`a device that ran ${version}: its taps are sent, its run goes on, what was half typed is there`, async ({ page }) => {
    test.slow();
    const device = JSON.parse(text(version, 'device.json')) as DeviceDump;
    const { signIn } = JSON.parse(text(version, 'expected.json')) as { signIn: { email: string; password: string } };
    const events = records<{ runId: string; event: { id: string; kind: string; n: number } }>(device, 'events').map(({ value }) => value);
    const runs = records<{ head: RunHead; open: 0 | 1 }>(device, 'runs').map(({ value }) => value);
    const house = await OwnHouse.from(text(version, 'database.sql'));
    try {
      // A page of the app's origin that does not run the app.
      await page.goto(`${house.url}/icons/icon.svg`);
      await restoreDevice(page, device);
      await page.goto(`${house.url}/enter`);
      await page.getByLabel('e-mail address').fill(signIn.email);
      await page.getByLabel('password').fill(signIn.password);
      await page.getByRole('button', { name: 'sign in' }).click();
      await page.waitForURL((url) => !url.pathname.startsWith('/enter'));

      // Every tap of every run on the device is on the server, once.
      const ids = runs.map(({ head }) => head.id);
      await expect
        .poll(async () => (await ask<RunRow[]>(page, '/runs?most=200')).filter((row) => ids.includes(row.id)).length)
        .toBe(ids.length);
      for (const id of ids) {
        const mine = events.filter((one) => one.runId === id).map((one) => one.event.id);
        await expect
          .poll(async () =>
            (await ask<RunWhole>(page, `/runs/${id}`)).events
              .map((event) => event.id)
              .filter((one) => mine.includes(one))
              .sort(),
          )
          .toEqual([...mine].sort());
      }

      // The run that was open goes on with its counts: four taps, the last of them taken back.
      const open = runs.find((one) => one.open === 1);
      const taps = events.filter((one) => one.runId === open?.head.id && one.event.kind === 'fault').length;
      await page.goto(`${house.url}/floor/run`);
      await expect(page.locator('[data-fault] .count').first()).toHaveText(String(taps - 1));

      for (const { key, value } of records<{ draft: { steps?: string; stages?: { dose: string }[] } } | null>(device, 'kept')) {
        const [kind, id] = key.split(':');
        if (!value || id === undefined) continue;
        if (kind === 'draft') {
          await page.goto(`${house.url}/steps/${id}`);
          await hasLine(page, value.draft.steps ?? '');
        } else {
          await page.goto(`${house.url}/build/${id}`);
          await expect(page.getByRole('textbox', { name: /^dose of/ }).first()).toHaveValue(value.draft.stages?.[0]?.dose ?? '');
        }
        await expect(page.getByText('not saved').first()).toBeVisible();
      }

      // The club has its runs counted by today's rules; what one of them said before stands in its review. The later ones are so already.
      if (version > 'v2') return;
      const [first] = (await ask<RecountRun[]>(page, '/recount')).filter(({ changes }) => changes.some(({ before }) => before !== null));
      await page.goto(`${house.url}/club`);
      await page.getByRole('button', { name: 'see what would differ' }).click();
      await expect(page.getByText(/In \d+ of \d+ runs figures would differ/)).toBeVisible();
      await page.getByRole('button', { name: /^count .* anew$/ }).click();
      await expect(page.getByText('All runs stand by today’s rules')).toBeVisible();
      await page.goto(`${house.url}/floor/runs/${first?.id}`);
      await expect(page.getByText('it stood by rules 1 and said')).toBeVisible();
      await expect(page.locator('hop-stood-before td').first()).toContainText(/\d+ of \d+/);
    } finally {
      await house.close();
    }
  });
}
