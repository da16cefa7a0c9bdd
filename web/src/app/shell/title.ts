import type { ResolveFn } from '@angular/router';
import { words } from '@hopsk/words/words';

/** What a page is called in the browser's own list of pages. */
export const title =
  (of: keyof typeof words.titles): ResolveFn<string> =>
  () =>
    `${words.titles[of]} · ${words.app}`;
