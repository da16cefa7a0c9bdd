import { existsSync } from 'node:fs';
import { installDebian } from './debian.mjs';

// The one without windows starts and opens pages with less work; not by its script, which ends and leaves it behind. The other does as
// well where it is there already.
const places = [process.env.CHROME_BIN, '/usr/lib/chromium/chromium-headless-shell', '/usr/bin/chromium'].filter(Boolean);
const find = () => places.find((place) => existsSync(place));

/** Path of Debian's headless Chromium, installed if it is missing. */
export async function ensureChromium() {
  if (!find()) await installDebian(['chromium-headless-shell'], 'Chromium');
  return find();
}
