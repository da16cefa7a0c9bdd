import { existsSync } from 'node:fs';
import { exec, isRoot, must, Plain } from './project.mjs';

/** Installs packages of Debian when root; otherwise says the one command to type. */
export async function installDebian(packages, what) {
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (!isRoot || !existsSync('/usr/bin/apt-get')) {
    throw new Plain(`${what} is needed and not on this machine. Type this once, then start again:\n\n  sudo ${command}\n`);
  }
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const args = [...command.split(' ').slice(1), '-o', 'Dpkg::Options::=--force-confold'];
  const first = await exec('apt-get', args, { env });
  if (first.code === 0) return;
  // A fresh machine may have no package lists yet.
  await must('apt-get', ['update'], { env });
  await must('apt-get', args, { env });
}
