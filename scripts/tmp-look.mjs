import { openHouse } from './lib/house.mjs';
import { buildServer, buildWeb } from './lib/build.mjs';
const { chromium } = await import('playwright-core');
await buildServer();
await buildWeb();
const house = await openHouse();
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  chromiumSandbox: false,
  args: ['--disable-dev-shm-usage', '--disable-gpu'],
});
const shots = await import(process.argv[2]);
const page = async (opts = {}) => {
  const c = await browser.newContext({
    baseURL: house.url,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
    ...opts,
  });
  const p = await c.newPage();
  p.on('pageerror', (e) => console.log('PAGEERROR', e.message));
  p.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text().slice(0, 300)));
  p.on('dialog', (d) => d.accept());
  await p.goto('/enter');
  await p.getByRole('button', { name: /demo/ }).click();
  await p.waitForURL((at) => !at.pathname.startsWith('/enter'));
  return p;
};
try {
  await shots.default(page);
} catch (e) {
  console.log('ERR', e.message.slice(0, 1500));
} finally {
  await browser.close();
  await house.stop();
}
