import type { RunEvent } from '@hopsk/core/log/event';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';

/** What a tap said, in words. */
export function tapSaid(event: RunEvent): string {
  const text = words.run;
  switch (event.kind) {
    case 'fault':
      return [faultLabel(event.fault), event.side && words.common.sides[event.side]].filter(Boolean).join(', ');
    case 'right':
      return event.fault === null ? text.right : `${text.right}: ${faultLabel(event.fault)}`;
    case 'result':
      return text.results[event.result];
    case 'attempt':
      return event.clean ? text.clean : text.attempt;
    case 'freeze':
      return event.could ? text.could : text.couldNot;
    case 'ball':
      return text.feed;
    default:
      return text.noteTile;
  }
}
