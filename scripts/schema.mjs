import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { failed, node, root, step } from './lib/project.mjs';

const PUBLISHED = join(root, 'web/public/schema/hopsk-session.schema.json');
const PRINT = "import { sessionSchema } from './contract/src/session-schema.ts'; process.stdout.write(sessionSchema());";

/** Publishes the schema of session files as the contract has it. */
async function main() {
  await step('packages', ensurePackages);
  const schema = execFileSync(node, ['--import', 'tsx', '--input-type=module', '-e', PRINT], { cwd: root, encoding: 'utf8' });
  mkdirSync(dirname(PUBLISHED), { recursive: true });
  writeFileSync(PUBLISHED, schema);
}

main().catch(failed);
