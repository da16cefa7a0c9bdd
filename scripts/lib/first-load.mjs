/**
 * The scripts that a fresh browser takes for a page until it shows what it is for and is quiet: how many, their bytes as they
 * cross the wire and unpacked, and what stands in them. The page must be one that has fetched nothing yet. A slow machine is
 * quiet while it reads the first script, too: that alone says nothing.
 * @param {import('playwright-core').Page} page
 * @param {{ path: string, shows: string }} first
 * @returns {Promise<{ scripts: number, sent: number, unpacked: number, text: string }>}
 */
export async function firstLoad(page, { path, shows }) {
  /** @type {Promise<readonly [number, Buffer]>[]} */
  const scripts = [];
  page.on('response', (response) => {
    if (response.request().resourceType() !== 'script') return;
    const sent = response
      .request()
      .sizes()
      .then((sizes) => sizes.responseBodySize);
    scripts.push(Promise.all([sent, response.body()]));
  });
  await page.goto(path);
  await page.locator(shows).first().waitFor();
  await page.waitForLoadState('networkidle');
  const all = await Promise.all(scripts);
  return {
    scripts: all.length,
    sent: all.reduce((sum, [bytes]) => sum + bytes, 0),
    unpacked: all.reduce((sum, [, body]) => sum + body.length, 0),
    text: all.map(([, body]) => body.toString()).join('\n'),
  };
}

/** Bytes of script that a first page may take, packed: at the door, and on the floor. The limits are our own. */
export const FIRST_LOAD = [
  { name: 'the door', path: '/enter', shows: 'input[type=password]', most: 170_000 },
  { name: 'the floor', path: '/floor', shows: 'button.start', most: 230_000 },
];
