import { join } from 'node:path';
import { existsSync } from 'node:fs';
import { must, Plain, root, unlessFresh } from './project.mjs';

/** Installs the packages of the lock file if they are not there or the lock has changed. */
export async function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) throw new Plain(`Node.js 20.19 or later is needed; this is ${process.versions.node}.`);
  const stamp = join(root, 'node_modules', '.hopsk-lock');
  const install = () => must('npm', ['ci', '--no-audit', '--no-fund']);
  if (existsSync(join(root, 'node_modules')) && !existsSync(join(root, 'node_modules', '.package-lock.json'))) {
    await install();
  }
  return (await unlessFresh(stamp, ['package-lock.json'], install)) ? 'installed' : 'there';
}
