/** Evidence: rates with intervals, decisions, the book. What other rooms and workspaces use of it; the rest stays inside. */
export { type BookEntry, type BookSession, faultBook, RECURS_FROM, type SessionTally } from './book.js';
export { wilson } from './proportion.js';
export { stageEvidence } from './stage-evidence.js';
