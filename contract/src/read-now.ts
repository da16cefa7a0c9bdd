import { LANGUAGE } from '@hopsk/core/language/language';
import { ENGINE } from '@hopsk/core/language/engine';

/** With which language and engine a page, or a file, of today is read. */
export const READ_NOW = { language: LANGUAGE, engine: ENGINE } as const;

/** Whether what was read so is read and stepped as today; what does not say it may be from before that was said. */
export const isToday = ({
  language = 0,
  engine = 0,
}: {
  readonly language?: number | undefined;
  readonly engine?: number | undefined;
}): boolean => language >= LANGUAGE && engine >= ENGINE;
