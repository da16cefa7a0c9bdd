import { VIEWS, type OwnViews } from '@hopsk/core/catalogue/fault';
import * as z from 'zod/mini';
import { Code } from './common.js';
import { field } from './problem.js';

/** Faults of which somebody may say from where they show. */
const MOST = 400;

/** From where faults show where somebody says otherwise than the catalogue. */
export const OwnViewsSchema = z
  .record(Code, z.array(z.enum(VIEWS)).check(z.minLength(1, field('too-few', { least: 1 })), z.maxLength(VIEWS.length)))
  .check(z.refine((views) => Object.keys(views).length <= MOST, field('too-many', { most: MOST }))) satisfies z.ZodMiniType<OwnViews>;
