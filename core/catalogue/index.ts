/** The catalogue: faults, floors, aims, doses and playbooks as data. What other rooms and workspaces use of it; the rest stays inside. */
export { AIMS } from './aims.js';
export { AREAS, closed } from './areas.js';
export { PLAYBOOKS } from './books.js';
export type { FaultEntry, FaultUnit, View } from './fault.js';
export { FAULTS } from './faults.js';
export { ROUND_FORMATS, RULE_BREAKS } from './presets.js';
