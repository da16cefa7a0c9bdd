import type { EventWord, SpotWord, ThingWord } from './floor-words.js';
import type { NotationMessage } from './messages.js';
import type { MoveWord } from './moves.js';
import type { Span } from './places.js';

/** A foot as a coach names it. Only 'left' and 'right' change when a pattern is mirrored. */
export type FootRef = 'left' | 'right' | 'lead' | 'rear' | 'near' | 'far' | 'playing' | 'other' | 'outside' | 'inside';

/** A side of the floor by the hand that plays, or by the foot that leads. */
export type SideRef = Extract<FootRef, 'playing' | 'other' | 'lead' | 'rear'>;

/** A size as written. 'own' is a multiple of the move's usual size on this body. */
export interface Size {
  readonly value: number;
  readonly unit: 'cm' | 'm' | 'in' | 'ft' | 'shoe' | 'own' | 'small' | 'even' | 'big';
}

/** How fast: a factor on the usual time, or seconds for the whole step. */
export type Tempo = { readonly factor: number } | { readonly seconds: number };

/** A plain direction. */
export type Direction = 'ahead' | 'right' | 'back' | 'left';

/** 'even' is a size; a step of usual tempo needs no word. */
export type TempoWord = 'slow' | 'quick';

export type SplitStyle = 'drop' | 'low hop' | 'high hop' | 'several';

/** Something on the floor that a move goes to, by its kind, its name or both. */
export interface Aim {
  readonly thing: ThingWord | SpotWord | 'home' | null;
  readonly name: string | null;
  /** On which side of the floor a place is that lies to a side, looking to its far end. */
  readonly side: SideRef | 'left' | 'right' | null;
}

/** Where the toe of the foot that goes points when it is down: degrees out from the facing line (negative: in), or at something. */
export type Toe = { readonly out: number } | { readonly at: Aim };

/** One move as written; what the text leaves out is null and decided by the body, the stance and the vocabulary. */
export interface Act {
  readonly word: MoveWord;
  /** Degrees clockwise from the facing line. */
  readonly bearing: number | null;
  /** Degrees of a turn of the facing line, clockwise positive. */
  readonly turn: number | null;
  /** Whether its degrees are typed: what turns round to the opponent turns by them then. */
  readonly exact: boolean;
  readonly size: Size | null;
  /** Size of the second foot, where it differs ('then'). */
  readonly second: Size | null;
  readonly foot: FootRef | null;
  /** The side it goes or turns to, by stroke or by lead; with it a turn has no sign, and a bearing is ahead or back. */
  readonly side: SideRef | null;
  readonly style: SplitStyle | null;
  /** Seconds of a hold, and of a distance that is kept. */
  readonly seconds: number | null;
  /** How far off a distance is let that is kept. */
  readonly within: Size | null;
  /** Seconds after which is seen what it is kept to. */
  readonly reaction: number | null;
  /** Name of a strike in quotes. */
  readonly name: string | null;
  readonly aim: Aim | null;
  /** How far short of its aim a move stops. */
  readonly short: Size | null;
  /** The bearing is the hall's, from the first facing line, and not the body's after a turn. */
  readonly floor: boolean;
  /** Degrees that the body turns as it goes, clockwise positive. */
  readonly turning: number | null;
  readonly toe: Toe | null;
  /** The foot that takes the weight afterwards. */
  readonly weight: FootRef | null;
}

/** A hit, a named strike or an outside event tied to a foot action, by so many milliseconds (negative: before). */
export interface Tied {
  readonly kind: 'hand' | 'event';
  readonly word: string;
  readonly tie: 'start' | 'landing' | 'first landing';
  readonly offsetMs: number;
  readonly span: Span;
}

/** Done again for the other side of the floor, or with the other foot leading. */
export type Each = 'side' | 'lead';

export interface Repeated {
  readonly times: number;
  readonly each: Each | null;
  readonly mirrored: boolean;
  readonly span: Span;
}

export interface Step extends Repeated {
  readonly kind: 'step';
  readonly act: Act;
  readonly tempo: Tempo | null;
  /** Tempo of the second half, where it differs ('then'). */
  readonly then: Tempo | null;
  readonly hands: readonly Tied[];
}

/** Items one after the other, or one of several branches to be called. */
export interface Group extends Repeated {
  readonly kind: 'group';
  readonly branches: readonly (readonly Item[])[];
  /** What each branch is called, where it has a name. */
  readonly names: readonly (string | null)[];
}

/** A named part in its place; sizes in it times `scale`. */
export interface Call extends Repeated {
  readonly kind: 'call';
  readonly name: string;
  readonly scale: number;
  readonly tempo: Tempo | null;
}

/** Something that happens outside the athlete: now, at a time of the pattern, and again and again from then on. Seconds. */
export interface Happening {
  readonly kind: 'event';
  readonly event: EventWord;
  readonly name: string | null;
  readonly at: number | null;
  readonly every: number | null;
  readonly span: Span;
}

export type Item = Step | Group | Call | Happening;

/** How somebody keeps a distance: to what, how far off they let it be, and after how many seconds they see it. Null: as usual. */
export interface Follows {
  readonly keep: Size | null;
  readonly within: Size | null;
  readonly reaction: number | null;
}

/** Another body on the floor. What is not said is as the athlete's. */
export interface Other {
  readonly tall: Size | null;
  /** The code of a stance. */
  readonly stance: string | null;
  readonly lead: 'left' | 'right' | null;
  readonly hand: 'left' | 'right' | null;
  /** How far the hand reaches from the body's middle, with what it holds. */
  readonly reach: Size | null;
  readonly follows: Follows | null;
}

/** Something that stands on the floor, in the start frame. */
export interface Thing {
  readonly thing: ThingWord;
  readonly name: string | null;
  readonly right: Size | null;
  readonly ahead: Size | null;
  /** What a partner does on the same clock, in the partner's own frame. */
  readonly doing: readonly Item[] | null;
  /** Who a partner is, where that is said. */
  readonly other: Other | null;
  readonly span: Span;
}

export interface Definition {
  readonly name: string;
  readonly items: readonly Item[];
  readonly span: Span;
}

/** A finding that is meant to occur. */
export interface Intended {
  readonly code: string;
  readonly span: Span;
}

/** What is wrong with a piece of text, where, what the notation expects there, and the nearest known word. */
export type NotationError = NotationMessage &
  Span & {
    readonly line: number;
    readonly column: number;
    readonly expected: readonly string[];
    readonly nearest: string | null;
    /** What may be meant, each to be typed in place of the piece of text; none: nothing is asked. */
    readonly readings: readonly string[];
    /** The step in which something is asked, so that each reading of it can be drawn; null: none. */
    readonly step: Span | null;
  };

/** How the feet go in all of a line. */
export interface Manner {
  /** With which engine a line is stepped, where it says so: one that was saved with an earlier one and was to stay as it was. */
  readonly engine: number | null;
  /** Whether a long step takes no longer than a short one. */
  readonly flat: boolean;
}

/** Everything that could be read. Errors do not lose the rest of the line. */
export interface Parsed extends Manner {
  readonly items: readonly Item[];
  readonly things: readonly Thing[];
  readonly definitions: readonly Definition[];
  readonly intended: readonly Intended[];
  readonly errors: readonly NotationError[];
}
