import { build } from 'esbuild';
import { rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Bundles our own TypeScript; packages of the registry stay outside and are loaded from node_modules. */
export const bundle = {
  absWorkingDir: dirname(fileURLToPath(import.meta.url)),
  entryPoints: {
    main: 'src/main.ts',
    'import-file': 'src/transfer/import-file.ts',
    certificate: 'src/certificate/main.ts',
    'owner-link': 'src/club/owner-link.ts',
    'erase-again': 'src/people/erase-again.ts',
    counting: 'src/counting/thread.ts',
  },
  outdir: 'dist',
  bundle: true,
  splitting: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  sourcemap: true,
  outExtension: { '.js': '.mjs' },
  plugins: [
    {
      name: 'packages-outside',
      setup(b) {
        b.onResolve({ filter: /^[^./]/ }, (a) =>
          a.path.startsWith('@hopsk/') || a.kind === 'entry-point' ? undefined : { external: true },
        );
      },
    },
  ],
};

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  // What an earlier build left under other names would stay for ever.
  rmSync(join(bundle.absWorkingDir, bundle.outdir), { recursive: true, force: true });
  await build(bundle);
}
