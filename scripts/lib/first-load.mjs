/**
 * The scripts that a fresh browser takes for a page until it is quiet: how many, their bytes as they cross the wire and
 * unpacked, and what stands in them. The page must be one that has fetched nothing yet.
 * @param {import('playwright-core').Page} page
 * @param {string} path
 * @returns {Promise<{ scripts: number, sent: number, unpacked: number, text: string }>}
 */
export async function firstLoad(page, path) {
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
  await page.goto(path, { waitUntil: 'networkidle' });
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
  { name: 'the door', path: '/enter', most: 170_000 },
  { name: 'the floor', path: '/floor', most: 230_000 },
];
