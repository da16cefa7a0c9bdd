import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { failed, node, root, step } from './lib/project.mjs';

const IN = { cwd: root, encoding: 'utf8', maxBuffer: 64e6 };
const FOLDER = join(root, 'web/public/schema');
/** Which file holds what is printed so. */
const PUBLISHED = {
  'hopsk-session.schema.json': `import { sessionSchema } from './contract/src/file-schemas.ts'; process.stdout.write(sessionSchema());`,
  'hopsk-log.schema.json': `import { logSchema } from './contract/src/file-schemas.ts'; process.stdout.write(logSchema());`,
  'hopsk-api.json': `import { apiDescription } from './contract/src/api-description.ts'; import { ACCESS } from './server/src/http/access.ts'; console.log(JSON.stringify(apiDescription(ACCESS)));`,
};

/** Publishes the schemas of files that go out and come in, and the ways into the server, as the contract has them. */
async function main() {
  await step('packages', ensurePackages);
  mkdirSync(FOLDER, { recursive: true });
  for (const [file, print] of Object.entries(PUBLISHED)) {
    const schema = execFileSync(node, ['--import', 'tsx', '--input-type=module', '-e', print], IN);
    writeFileSync(join(FOLDER, file), schema);
  }
}

main().catch(failed);
