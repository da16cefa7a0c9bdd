import type { ClubFile } from '@hopsk/contract/club-file';
import { CLUB_FILE, CLUB_FILE_VERSION } from '@hopsk/contract/club-format';
import type { RunHead } from '@hopsk/contract/run';
import type { RunEvent } from '@hopsk/core/log/event';
import { fileName, saveFile } from '../drawing/export';

/** A run as a club file that the club reads in again, for when this device keeps nothing. */
export function saveLogOf(head: RunHead, events: readonly RunEvent[], club: string): void {
  const file: ClubFile = {
    format: CLUB_FILE,
    version: CLUB_FILE_VERSION,
    club: { name: club },
    athletes: [],
    patterns: [],
    sessions: [],
    runs: [{ run: head, events: [...events] }],
  };
  saveFile(JSON.stringify(file), fileName(head.name, 'hopsk.json'));
}
