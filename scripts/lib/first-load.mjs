/**
 * The scripts that a fresh browser takes for a page until it is quiet: how many, and their bytes as they cross the wire and
 * unpacked. The page must be one that has fetched nothing yet.
 * @param {import('playwright-core').Page} page
 * @param {string} path
 * @returns {Promise<{ scripts: number, sent: number, unpacked: number }>}
 */
export async function firstLoad(page, path) {
  /** @type {Promise<[number, number]>[]} */
  const scripts = [];
  page.on('response', (response) => {
    if (response.request().resourceType() !== 'script') return;
    const sent = response
      .request()
      .sizes()
      .then((sizes) => sizes.responseBodySize);
    scripts.push(Promise.all([sent, response.body().then((body) => body.length)]));
  });
  await page.goto(path, { waitUntil: 'networkidle' });
  const sizes = await Promise.all(scripts);
  /** @param {0 | 1} i */
  const sum = (i) => sizes.reduce((total, size) => total + size[i], 0);
  return { scripts: sizes.length, sent: sum(0), unpacked: sum(1) };
}

/** Bytes of script that a first page may take, packed: at the door, and on the floor. */
export const FIRST_LOAD = [
  { name: 'the door', path: '/enter', most: 170_000 },
  { name: 'the floor', path: '/floor', most: 230_000 },
];
