import { join } from 'node:path';
import { pack } from './packed.mjs';
import { must, node, root, tools, unlessFresh } from './project.mjs';

const shared = ['core', 'contract/src', 'package-lock.json', 'tsconfig.base.json'];

/** Builds the server's bundle if its sources have changed. */
export async function buildServer() {
  const fresh = await unlessFresh(join(root, 'server/dist/.stamp'), [...shared, 'server/src', 'server/build.mjs'], () =>
    must(node, ['build.mjs'], { cwd: join(root, 'server') }),
  );
  return fresh ? 'built' : 'fresh';
}

/** Builds the web app if its sources have changed. */
export async function buildWeb() {
  const parts = [
    ...shared,
    'words',
    'web/src',
    'web/public',
    'web/angular.json',
    'web/ngsw-config.json',
    'web/tsconfig.json',
    'web/tsconfig.app.json',
    'scripts/lib/packed.mjs',
  ];
  const fresh = await unlessFresh(join(root, 'web/.angular/stamp'), parts, async () => {
    await must(node, [tools.ng, 'build'], {
      cwd: join(root, 'web'),
      // Small chunks that come together anyway are joined: the floor comes in 38 scripts and not in 64.
      env: { ...process.env, NG_CLI_ANALYTICS: 'false', NG_BUILD_OPTIMIZE_CHUNKS: '1' },
    });
    pack(join(root, 'web/dist'));
  });
  return fresh ? 'built' : 'fresh';
}
