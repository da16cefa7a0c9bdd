import { PatternVersion, SessionVersion } from './versions.js';
import * as z from 'zod/mini';
import {
  Book,
  BookAsked,
  BookChoices,
  BookRead,
  FaultDecisions,
  FaultDetail,
  FaultRemedies,
  RunsAsked as RunsBehindAsked,
  RunsBehind,
} from './book.js';
import { Door, Me, PasswordChange, Settings, Setup, SignIn } from './club.js';
import { ExportAsk, ExportReady, ImportNow, ImportOpen } from './club-lines.js';
import { DaysAsked, LookedAt } from './coverage.js';
import { AthleteLoad } from './load.js';
import { Decision, DecisionSave } from './decisions.js';
import { GroupAsked, GroupBook } from './group-book.js';
import { HallEntry, HallHeard, HallRun, HallSaid, RunCode } from './hall.js';
import { Latest, ListAsked } from './list.js';
import { AthleteRows, LogImport, LogImported, RowsAsked } from './log-table.js';
import { Coach, CoachChange, Invitation, SignedIn, WayIn, WayInAsked, WayInMade, WayInUsed } from './members.js';
import { PasskeyNext, PasskeyOptions } from './passkey-options.js';
import { PasskeyAdd, PasskeyBegin, Passkeys, PasskeyUse, SignInByChange } from './passkeys.js';
import { Pattern } from './pattern.js';
import { PatternSave } from './pattern-draft.js';
import { Athlete, AthleteSave } from './people.js';
import { ClipHeld, ClipSent, FilmKept, FilmMet, FilmRows, FilmSave } from './films.js';
import { EraseAsked, Erasure, GivenOut, GivenOutAsked, Look, LooksAsked, PeopleRules } from './people-data.js';
import { Phone } from './phone.js';
import { Recount, RecountAsked, Recounted, RecountLeft, RecountPage } from './recount.js';
import { RecordedSave, RecordedWords } from './recorded-words.js';
import { EventsPage, EventsStored, RunHead, RunOpen, RunRow, RunsAsked, RunWhole } from './run.js';
import { EarlierUpload, EventsAfter, EventsUpload, RunRename } from './run-sent.js';
import { SealKey } from './seal.js';
import { RecordsAsked, Session, StageRecord } from './session.js';
import { SessionSave } from './session-draft.js';
import { Otherwise, OtherwiseNow, OtherwiseSettled } from './otherwise.js';
import { Teaching, TeachingSave } from './teaching.js';

/** What goes over the wire that is no JSON. */
type Bytes = 'file' | 'stream';

/** One way into the server. */
export interface Way {
  /** What it is for, in a sentence. */
  readonly about: string;
  readonly query?: z.ZodMiniType;
  /** What is sent; a file as its bytes. */
  readonly sends?: z.ZodMiniType | 'file';
  /** What is answered when it went well; null: nothing (204). */
  readonly gives: z.ZodMiniType | Bytes | null;
  /** Where something is made by it, which may have been there. */
  readonly makes?: true;
}

const Health = z.object({ ok: z.boolean(), database: z.boolean(), room: z.boolean() });
const Stored = z.object({ stored: z.int() });
const Added = z.object({ added: z.boolean() });
const MeOrNext = z.union([Me, PasskeyNext]);

/** The five ways of records that are listed and saved with a version, and put away. */
const records = (path: string, what: string, save: z.ZodMiniType, kept: z.ZodMiniType): Record<string, Way> => ({
  [`GET /${path}`]: { about: `The club's ${what}, or those of them that are asked for.`, query: ListAsked, gives: z.array(kept) },
  [`GET /${path}/latest`]: { about: `When each of the club's ${what} was saved last.`, gives: Latest },
  [`PUT /${path}/:id`]: {
    about: 'Makes one (version 0), or replaces exactly the version that is sent; what somebody else saved since is never replaced.',
    sends: save,
    gives: kept,
    makes: true,
  },
  [`POST /${path}/:id/archive`]: { about: 'Puts one away; nothing is deleted.', gives: kept },
  [`POST /${path}/:id/restore`]: { about: 'Brings one back that was put away.', gives: kept },
});

/** Every way into the server: what is asked, sent and answered. To whom it is open is the server's to say. */
export const WAYS: Readonly<Record<string, Way>> = {
  'GET /health': { about: 'Whether server, database and disk work.', gives: Health },
  'GET /door': { about: 'How one can come in here.', gives: Door },
  'POST /setup': { about: 'Makes the first club of a server, from the machine it runs on.', sends: Setup, gives: Me, makes: true },
  'POST /sign-in': { about: 'Comes in by a password; where a passkey is needed too, what to ask it for.', sends: SignIn, gives: MeOrNext },
  'POST /demo': { about: 'Comes into the demo club.', gives: Me },
  'POST /sign-out': { about: 'Goes out.', gives: null },
  'POST /way-in': { about: 'Looks at a link that lets somebody in.', sends: WayInAsked, gives: WayIn },
  'POST /way-in/use': { about: 'Chooses a password by a link, and comes in.', sends: WayInUsed, gives: Me },
  'POST /passkeys/ask': { about: 'What to ask a passkey for.', gives: PasskeyOptions },
  'POST /passkeys/enter': { about: 'Comes in by a passkey.', sends: PasskeyUse, gives: Me },

  'GET /me': { about: 'Who is in.', gives: Me },
  'GET /me/seal': { about: 'The key that opens what this coach left sealed on a device.', gives: SealKey },
  'PUT /me/settings': { about: 'Saves one’s own settings.', sends: Settings, gives: Me },
  'POST /me/password': { about: 'Changes one’s own password; other devices are signed out.', sends: PasswordChange, gives: null },
  'GET /me/devices': { about: 'Where one is signed in.', gives: z.array(SignedIn) },
  'DELETE /me/devices/:id': { about: 'Signs one of them out.', gives: null },
  'GET /me/passkeys': { about: 'One’s own passkeys.', gives: Passkeys },
  'POST /me/passkeys/begin': { about: 'Begins to add a passkey.', sends: PasskeyBegin, gives: PasskeyOptions },
  'POST /me/passkeys': { about: 'Adds a passkey.', sends: PasskeyAdd, gives: z.unknown(), makes: true },
  'DELETE /me/passkeys/:id': { about: 'Forgets a passkey.', gives: null },
  'PUT /me/sign-in-by': { about: 'Says by what one signs in.', sends: SignInByChange, gives: null },
  'POST /me/leave': { about: 'Leaves the club.', gives: null },

  'POST /house/own': { about: 'Makes the server one’s own: there is no demo club in it any more.', gives: null },
  'GET /coaches': { about: 'Who belongs to the club.', gives: z.array(Coach) },
  'POST /coaches': { about: 'Invites somebody: gives the link that lets them in.', sends: Invitation, gives: WayInMade, makes: true },
  'PUT /coaches/:id': { about: 'Gives somebody another role, or none.', sends: CoachChange, gives: z.array(Coach) },
  'POST /coaches/:id/way-in': { about: 'A new link for somebody who is in the club.', gives: WayInMade, makes: true },

  ...records('athletes', 'athletes, as far as one may read of them', AthleteSave, Athlete),
  'GET /book': { about: 'The fault books of a group beside each other, since a day.', query: GroupAsked, gives: GroupBook },
  'GET /athletes/:id/book': { about: 'The fault book of an athlete, or a part of it.', query: BookRead, gives: Book },
  'GET /athletes/:id/book/:fault': { about: 'One fault of an athlete, split by what the log knows.', query: BookAsked, gives: FaultDetail },
  'GET /athletes/:id/book/:fault/runs': { about: 'The runs behind a number of the book.', query: RunsBehindAsked, gives: RunsBehind },
  'GET /athletes/:id/book-choices': { about: 'By what a book can be narrowed.', gives: BookChoices },
  'GET /athletes/:id/log': { about: 'The log of an athlete as rows, some runs at a time.', query: RowsAsked, gives: AthleteRows },
  'POST /log-rows': { about: 'Adds rows of a table to the log, or says what would become of them.', sends: LogImport, gives: LogImported },
  'GET /athletes/:id/load': { about: 'What the weeks of an athlete weigh.', gives: AthleteLoad },
  'GET /athletes/:id/coverage': { about: 'What of an athlete was looked at, and how it went.', query: DaysAsked, gives: LookedAt },
  'GET /decisions/:fault': { about: 'What was decided of a fault, of everybody, and what came of it.', gives: FaultDecisions },
  'GET /remedies/:fault': {
    about: 'In which kinds of stages athletes were first watched for a fault, and what came after.',
    gives: FaultRemedies,
  },
  'GET /films': { about: 'What was marked in clips; the clips stay on their devices.', gives: FilmRows },
  'GET /films/:clip': { about: 'What was marked in one clip, if anything was.', gives: FilmMet },
  'PUT /films/:clip': { about: 'Keeps what was marked in a clip.', sends: FilmSave, gives: FilmKept },
  'GET /films/:clip/clip': { about: 'How a clip stands with the club: which of its pieces are there.', gives: ClipHeld },
  'PUT /films/:clip/clip': { about: 'Begins to keep a clip with the club, or goes on with it.', sends: ClipSent, gives: ClipHeld },
  'GET /films/:clip/clip/:piece': { about: 'A piece of a clip.', gives: 'file' },
  'PUT /films/:clip/clip/:piece': { about: 'Keeps a piece of a clip; the last one makes it whole.', sends: 'file', gives: ClipHeld },
  'DELETE /films/:clip/clip': { about: 'Takes a clip away; what was marked in it stays.', gives: null },
  'DELETE /films/:clip': { about: 'Forgets what was marked in a clip.', gives: null },
  'GET /recorded-words': { about: 'Words that the clock says in a coach’s own voice.', gives: RecordedWords },
  'PUT /recorded-words/:word': { about: 'Keeps a word in a coach’s own voice.', sends: RecordedSave, gives: null },
  'DELETE /recorded-words/:word': { about: 'Takes one away: the device’s own voice says it again.', gives: null },
  'PUT /athletes/:id/decisions/:decision': { about: 'Keeps what a coach decides of a fault.', sends: DecisionSave, gives: Decision },
  'POST /athletes/:id/decisions/:decision/take-back': { about: 'Takes a decision back that was a mistake.', gives: null },
  'GET /athletes/:id/data': { about: 'All that is kept of an athlete.', query: GivenOutAsked, gives: GivenOut },
  'GET /athletes/:id/erasure': { about: 'What erasing an athlete would do.', gives: Erasure },
  'POST /athletes/:id/erase': { about: 'Erases an athlete, whose name is typed.', sends: EraseAsked, gives: null },
  'GET /looks': { about: 'Who looked at whom.', query: LooksAsked, gives: z.array(Look) },
  'GET /people-rules': { about: 'How long the club keeps what.', gives: PeopleRules },
  'PUT /people-rules': { about: 'Says how long the club keeps what.', sends: PeopleRules, gives: PeopleRules },

  'GET /teaching': { about: 'What the club teaches, and by which numbers it reads.', gives: Teaching },
  'PUT /teaching': { about: 'Replaces exactly the version that is sent.', sends: TeachingSave, gives: Teaching },

  ...records('patterns', 'patterns', PatternSave, Pattern),
  'GET /patterns/:id/versions': { about: 'Every save of a pattern, the latest first.', gives: z.array(PatternVersion) },
  ...records('sessions', 'sessions', SessionSave, Session),
  'GET /sessions/:id/versions': { about: 'Every save of a session, the latest first.', gives: z.array(SessionVersion) },
  'GET /stage-records': { about: 'How each stage went with an athlete.', query: RecordsAsked, gives: z.array(StageRecord) },

  'GET /read-otherwise': {
    about: 'Lines that were saved with an earlier language and read otherwise today; what they said then stands.',
    gives: z.array(Otherwise),
  },
  'POST /read-otherwise/:id': {
    about: 'Takes today’s reading of what was typed, or lets stand what it said.',
    sends: OtherwiseSettled,
    gives: OtherwiseNow,
  },

  'GET /runs': { about: 'Runs, the latest first, some at a time.', query: RunsAsked, gives: z.array(RunRow) },
  'GET /runs/open': { about: 'Runs that are under way.', gives: z.array(RunOpen) },
  'GET /runs/:id': { about: 'A run with its log.', gives: RunWhole },
  'PUT /runs/:id': { about: 'Adds a run; the same again changes nothing.', sends: RunHead, gives: Added, makes: true },
  'GET /runs/:id/events': { about: 'Events of a run after one that is known.', query: EventsAfter, gives: EventsPage },
  'POST /runs/:id/events': {
    about: 'Adds events to the log of a run; the same again adds nothing.',
    sends: EventsUpload,
    gives: EventsStored,
  },
  'POST /runs/:id/log': { about: 'A run and its log as pages of an earlier version send them.', sends: EarlierUpload, gives: Stored },
  'PUT /runs/:id/name': { about: 'Names a run, or says of which pattern it was.', sends: RunRename, gives: RunWhole },
  'GET /recount/left': { about: 'How many runs are counted otherwise than they would be now.', gives: RecountLeft },
  'GET /recount': { about: 'Some of them, with what would change.', query: RecountAsked, gives: RecountPage },
  'POST /recount': { about: 'Counts runs anew.', sends: Recount, gives: Recounted },
  'POST /runs/:id/code': { about: 'Makes a code by which a hall screen finds a run; the one before it ends.', gives: RunCode, makes: true },
  'POST /hall': { about: 'Finds a run by its code.', sends: HallEntry, gives: HallRun },
  'GET /hall': { about: 'The run whose code was typed here, without anything that was seen of anybody.', gives: HallRun },
  'GET /hall/events': { about: 'What its clock and plan did after an arrival that is known.', query: EventsAfter, gives: EventsPage },
  'POST /hall/said': {
    about: 'What a phone in somebody’s hand says: a light that was touched, repetitions that were counted.',
    sends: HallSaid,
    gives: HallHeard,
  },
  'GET /hall/live': { about: 'Hints at what changes in it, as server-sent events.', gives: 'stream' },
  'GET /live': { about: 'Hints at what changes, as server-sent events.', gives: 'stream' },
  'GET /phone': { about: 'How a phone reaches this server.', gives: Phone },

  'POST /export': {
    about: 'Makes the club’s file ready to be fetched once, sealed or not.',
    sends: ExportAsk,
    gives: ExportReady,
    makes: true,
  },
  'GET /export/:id': { about: 'The club’s file.', gives: 'file' },
  'POST /imports': { about: 'Sends a club file, which is read and not added yet.', sends: 'file', gives: ImportNow, makes: true },
  'GET /imports/:id': { about: 'How far a file has come.', gives: ImportNow },
  'POST /imports/:id/open': { about: 'Opens a sealed file by its passphrase.', sends: ImportOpen, gives: ImportNow },
  'POST /imports/:id/add': { about: 'Adds what a file holds to the club.', gives: ImportNow },
  'DELETE /imports/:id': { about: 'Gives a file up.', gives: null },
};
