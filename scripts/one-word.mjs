import { readFileSync } from 'node:fs';
import { relative } from 'node:path';
import { filesBelow, root } from './lib/project.mjs';

/** One word for one idea: what an idea is not called here, what it is called, and the files where the other word must stand. */
const OTHERWISE = [
  {
    not: /progression(?!s\.md)/i,
    but: 'session',
    unless: /sql\/migrations\/|earlier\.ts$|club-file\.ts$|fixtures|contract\.spec\.ts$|data\.md$/,
  },
  { not: /\blog(?:in|out)\b|\blog(?:ged|ging) (?:in|out)\b|\b(?:log|sign)-?on\b/i, but: 'signing in, signing out' },
  { not: /\b(?:workout|practice session|training session)s?\b/i, but: 'session' },
  { not: /\b(?:trainee|pupil)s?\b/i, but: 'athlete' },
];

const wrong = filesBelow(root)
  .filter((file) => /\.(?:ts|mjs|html|sql|md)$/.test(file) && !file.endsWith('one-word.mjs'))
  .flatMap((file) => {
    const path = relative(root, file);
    const known = OTHERWISE.filter(({ unless }) => !unless?.test(path));
    return readFileSync(file, 'utf8')
      .split('\n')
      .flatMap((line, i) =>
        known.filter(({ not }) => not.test(line)).map(({ not, but }) => `${path}:${i + 1} says ‘${not.exec(line)[0]}’: here it is ${but}`),
      );
  });
for (const one of wrong) console.error(one);
process.exit(wrong.length > 0 ? 1 : 0);
