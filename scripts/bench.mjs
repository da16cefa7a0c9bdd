import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { buildServer, buildWeb } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { failed, node, root } from './lib/project.mjs';

/** Usage: npm run bench [-- PARTS] [-- --json] [-- --long]  (PARTS such as engine, library: those alone; --long also watches the heap over 100,000 simulations) */
async function main() {
  await ensurePackages();
  await buildServer();
  await buildWeb();
  const child = spawn(node, ['--expose-gc', '--import', 'tsx', join(root, 'bench/src/main.ts'), ...process.argv.slice(2)], {
    cwd: root,
    stdio: 'inherit',
  });
  child.once('exit', (code) => process.exit(code ?? 1));
}

main().catch(failed);
