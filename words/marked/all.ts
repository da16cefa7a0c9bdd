// Made from ../en/all.ts by npm run marked.
import { aims } from './aims.js';
import { areas } from './areas.js';
import { book } from './book.js';
import { build } from './build.js';
import { cautions } from './cautions.js';
import { club } from './club.js';
import { causes } from './causes.js';
import { coverage } from './coverage.js';
import { doses } from './doses.js';
import { enter } from './enter.js';
import { everybody } from './everybody.js';
import { faults } from './faults.js';
import { film } from './film.js';
import { findings } from './findings.js';
import { floor } from './floor.js';
import { group } from './group.js';
import { hall } from './hall.js';
import { kept } from './kept.js';
import { load } from './load.js';
import { logTable } from './log-table.js';
import { moves } from './moves.js';
import { notation } from './notation.js';
import { otherwise } from './otherwise.js';
import { ownFaults } from './own-faults.js';
import { ownNumbers } from './own-numbers.js';
import { people } from './people.js';
import { plan } from './plan.js';
import { playbooks } from './playbooks.js';
import { presets } from './presets.js';
import { problems } from './problems.js';
import { recurrence } from './recurrence.js';
import { remedies } from './remedies.js';
import { report } from './report.js';
import { run } from './run.js';
import { schools } from './schools.js';
import { season } from './season.js';
import { search } from './search.js';
import { shell } from './shell.js';
import { sports } from './sports.js';
import { stances } from './stances.js';
import { steps } from './steps.js';
import { tempo } from './tempo.js';
import { today } from './today.js';
import { topics } from './topics.js';

/** Everything that is said in this language, for those who need it at once: command line, specs, and what another language must hold. */
export const all = {
  ...shell,
  ...enter,
  ...people,
  ...stances,
  ...steps,
  ...build,
  ...floor,
  ...book,
  ...club,
  ...aims,
  ...areas,
  ...cautions,
  ...causes,
  ...coverage,
  ...doses,
  ...everybody,
  ...faults,
  ...film,
  ...findings,
  ...tempo,
  ...today,
  ...topics,
  ...group,
  ...hall,
  ...kept,
  ...load,
  ...logTable,
  ...moves,
  ...notation,
  ...otherwise,
  ...ownFaults,
  ...ownNumbers,
  ...plan,
  ...playbooks,
  ...presets,
  ...problems,
  ...recurrence,
  ...remedies,
  ...report,
  ...run,
  ...schools,
  ...season,
  ...search,
  ...sports,
};
