import type { NoCalibration } from '@hopsk/core/film/calibration';
import type { Told } from '@hopsk/core/film/difference';
import type { MarkKind } from '@hopsk/core/film/marks';
import type { TimeName } from '@hopsk/core/film/times';

/** Why a file is no clip; of what is not shown, in what it is written. */
const unread: Readonly<
  Record<'no-film' | 'torn' | 'no-picture' | 'cannot-decode' | 'transparent' | 'no-frames', (codec: string) => string>
> = {
  'no-film': () => 'That file is no film that can be read here: MP4, MOV and WebM can.',
  torn: () => 'That file breaks off before its pictures: copy it from the phone once more.',
  'no-picture': () => 'There is no picture in that file, only sound.',
  'cannot-decode': (codec) =>
    codec === 'hevc'
      ? 'This browser cannot show that film (HEVC). Set the phone’s camera to the most compatible format (H.264), or convert the clip.'
      : `This browser cannot show that film${codec === '' ? '' : ` (${codec})`}.`,
  transparent: () => 'That film is made to lie over another, with parts that show through: films of a camera can be read here.',
  'no-frames': () => 'That film has no two frames: nothing lies between them.',
};

/** The film desk: marks, times, feet on a floor. */
export const film = {
  film: {
    title: 'Film',
    open: 'open a clip',
    openOther: 'open another',
    none: 'No clip is open',
    noneSays:
      'Open one that was filmed with a phone or a camera: MP4, MOV or WebM. It is looked at frame by frame; what you mark comes to times, with what the film leaves open.',
    stays:
      'A clip stays on this device, and is not kept by this page. What you mark in it stays here too, until you sign out: save it as a table.',
    unread,
    placeInClip: 'place in the clip',
    frame: (n: number, last: number, seconds: string): string => `frame ${n} of ${last}, ${seconds} s`,
    frameShort: (n: number): string => `frame ${n}`,
    noPicture: (n: number): string => `Frame ${n} cannot be shown; the others can be looked at all the same.`,
    back10: '← 10',
    back1: '← 1',
    on1: '1 →',
    on10: '10 →',
    markWhat: 'what is seen first in this frame',
    firstSeen: 'Mark the frame in which something is seen first.',
    keysSay: 'Keys: arrows go a frame, with shift ten; letters mark; z takes the last mark back.',
    noneBefore: 'Nothing is known of what was before the first frame: mark what is seen first in a later one.',
    timesTitle: 'Times',
    noTimes: 'Two marks that belong together come to a time: the ball and the split down, the landing and the own contact.',
    timeHeads: ['attempt', 'time', 'window'],
    overTitle: 'Over the attempts',
    marksTitle: 'Marks',
    markAt: (frame: number, at: string, half: string): string => `frame ${frame}, ${at} s ± ${half} ms`,
    drop: (mark: string): string => `take back ‘${mark}’`,
    undo: 'take the last back',
    save: 'save as a table',
    takeMarks: 'marks from a table',
    line: (n: number, wrong: string): string => `Line ${n}: ${wrong}.`,
    missing: (columns: string): string => `The table has no column ${columns}; nothing was taken.`,
    beyond: (last: number): string =>
      `The table marks frames beyond ${last}, the last of this clip: it is of another one. Nothing was taken.`,
    notKept: 'This device cannot keep it: save the marks as a table.',
    marks: {
      contact: 'opponent’s contact',
      release: 'release',
      'split-up': 'split in the air',
      'split-down': 'split down',
      'first-step': 'first step',
      'left-down': 'left foot down',
      'right-down': 'right foot down',
      'own-contact': 'own contact',
      'back-begun': 'way back begun',
      back: 'back',
    } satisfies Record<MarkKind, string>,
    times: {
      split: 'split against the ball',
      'in-air': 'in the air',
      'first-step': 'first step after the split',
      strike: 'strike after the landing',
      answer: 'answer',
      'way-back': 'way back',
    } satisfies Record<TimeName, string>,
    told: (told: Told, rate: number | null): string => {
      if (told !== 'cannot-tell') return told;
      return rate === null ? 'this film cannot tell, nor would another' : `this film cannot tell; ${rate} pictures a second would`;
    },
    attempt: (n: number, time: string): string => `${n} · ${time}`,
    took: (ms: number, within: number): string => `${ms} ms ± ${within}`,
    window: (from: number, to: number): string => `${from} … ${to} ms`,
    over: (n: number, mean: number, spread: number | null, within: number | null): string => {
      const many = n === 1 ? '1 attempt' : `${n} attempts`;
      return spread === null || within === null ? `${mean} ms, ${many}` : `${mean} ms ± ${within}, spread ${spread} ms, ${many}`;
    },
    all: (time: string): string => `all · ${time}`,
    repeats: 'marked again',
    repeatsTo: (ms: number | null): string => (ms === null ? 'not measured: a frame is taken for it' : `to ± ${ms} ms`),
    outOfOrder: (attempt: number, first: string, then: string): string =>
      `In attempt ${attempt} ‘${then}’ is marked before ‘${first}’: look at both again.`,
    foot: (side: string, frame: number): string => `${side} foot, frame ${frame}`,
    place: (right: string, ahead: string, within: number): string => `${right} m right, ${ahead} m ahead, ± ${within} cm`,
    toe: (degrees: number, within: number): string => `toe ${degrees}° ± ${within}°`,
    noToe: 'no toe: heel and ball are too near each other in this picture, or one was not tapped',
    step: (side: string, from: number, to: number): string => `${side} foot, ${from} → ${to}`,
    long: (cm: number, within: number): string => `${cm} cm ± ${within}`,
    point: (name: string): string => `point ‘${name}’`,
    off: (pixels: string): string => `${pixels} px from where the others have it`,
    unchecked: 'Four points fit whatever they are: tap a fifth, and a wrong one is seen.',
    bad: (names: readonly string[]): string =>
      names.length === 1
        ? `‘${names[0] ?? ''}’ does not go with the others: tap it again, or leave it out.`
        : `Some of these do not go together: ‘${names.join('’, ‘')}’. Tap them again, or tap more.`,
    refused: {
      'few-points': () => 'Four points of the floor are needed.',
      'on-one-line': (names: string) => `These lie on one line, and leave the rest open: ${names}.`,
      'same-point': (names: string) => `These are one place: ${names}.`,
      'wrong-order': (names: string) => `From above no camera sees the floor so: look at the order of ${names}.`,
    } satisfies Record<NoCalibration['code'], (names: string) => string>,
  },
};
