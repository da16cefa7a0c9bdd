import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { chromium } from 'playwright-core';
import { DRAWN } from '@hopsk/core/film/drawn-names';
import { ensureChromium } from './lib/chromium.mjs';
import { root } from './lib/project.mjs';

/**
 * Draws the clips that ship with the film desk: the engine's own figure on a drawn court through a known camera
 * (core/film/drawn.ts), written by the browser's own encoder.
 * Usage: npm run film-clips
 */
const LIMIT = 3_000_000;
const bundled = await build({
  entryPoints: [join(root, 'web/src/app/testing/drawn-clip.ts')],
  bundle: true,
  write: false,
  format: 'iife',
  globalName: 'drawing',
});
const browser = await chromium.launch({ executablePath: await ensureChromium(), chromiumSandbox: false, args: ['--disable-gpu'] });
try {
  const page = await browser.newPage();
  // Encoders are there for pages of this machine only.
  await page.route('**/*', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }));
  await page.goto('http://localhost/');
  await page.addScriptTag({ content: bundled.outputFiles[0].text });
  const out = join(root, 'web/public/films');
  mkdirSync(out, { recursive: true });
  let bytes = 0;
  for (const [drawn, as] of Object.entries(DRAWN)) {
    const text = await page.evaluate(async (name) => {
      const made = new Uint8Array(await globalThis.drawing.drawnClip(name));
      let all = '';
      for (let i = 0; i < made.length; i += 8192) all += String.fromCharCode(...made.subarray(i, i + 8192));
      return btoa(all);
    }, drawn);
    const clip = Buffer.from(text, 'base64');
    writeFileSync(join(out, `${drawn}.${as}`), clip);
    console.log(`${drawn}.${as}: ${Math.round(clip.length / 1000)} kB`);
    bytes += clip.length;
  }
  if (bytes > LIMIT) throw new Error(`That is more than ${LIMIT} bytes.`);
} finally {
  await browser.close();
}
