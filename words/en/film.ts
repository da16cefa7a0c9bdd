import type { NoCalibration } from '@hopsk/core/film/calibration';
import type { Told } from '@hopsk/core/film/difference';
import type { MarkKind } from '@hopsk/core/film/marks';
import type { TimeName } from '@hopsk/core/film/times';

/** The film desk: marks, times, feet on a floor. */
export const film = {
  film: {
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
