import { all } from '@hopsk/words/en/all';
import { speak } from '@hopsk/words/words';

/** Specs speak English from the start. */
speak(all);
