/** What plans sessions: apart from the index, so that screens which only run them need not carry it. */
export * from './dose/presets.js';
export { PLAYBOOKS } from './playbook/books.js';
export * from './progress/index.js';
export * from './session/seen.js';
export * from './session/timeline.js';
export * from './session/called.js';
export * from './session/totals.js';
export * from './session/landings.js';
export * from './session/problems.js';
export * from './session/fit-time.js';
export * from './session/repetitions.js';
export * from './session/run-plan.js';
export * from './session/session-file.js';
export * from './session/weeks.js';
