import { existsSync } from 'node:fs';
import { installDebian } from './debian.mjs';

const places = [process.env.CHROME_BIN, '/usr/bin/chromium', '/usr/lib/chromium/chromium'].filter(Boolean);
const find = () => places.find((place) => existsSync(place));

/** Path of Debian's Chromium, installed if it is missing. */
export async function ensureChromium() {
  if (!find()) await installDebian(['chromium'], 'Chromium');
  return find();
}
