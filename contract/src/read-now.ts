import { LANGUAGE } from '@hopsk/core/language/language';
import { ENGINE } from '@hopsk/core/language/engine';

/** With which language and engine a page, or a file, of today is read. */
export const READ_NOW = { language: LANGUAGE, engine: ENGINE } as const;
