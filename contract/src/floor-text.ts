import { placingFrom } from '@hopsk/core/judge/area-text';
import * as z from 'zod/mini';
import { note } from './common.js';
import { field } from './problem.js';

/** A floor and where on it one begins, as it is typed; empty where none is said. */
export const FloorText = note(80).check(z.refine((said) => said === '' || placingFrom(said) !== null, field('floor', {})));
