import type { Playbook } from '../plan/playbook.js';
import { COMBAT_BOOKS } from './books/combat.js';
import { RACKET_BOOKS } from './books/racket.js';

/**
 * Decisions to begin with (common practice, no source): a club edits them. Where nothing is known a situation has no answer. A book with
 * a partner has what they do in each situation, in the partner's own frame.
 */
export const PLAYBOOKS: readonly Playbook[] = [...RACKET_BOOKS, ...COMBAT_BOOKS];
