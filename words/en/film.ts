import type { NoCalibration } from '@hopsk/core/film/calibration';
import type { Drawn } from '@hopsk/core/film/drawn-names';
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
      'A clip stays on this device. One that is opened is not copied; one that is filmed here is kept, encrypted, for whoever is signed in. What you mark stays here until you sign out: save it as a table.',
    filmHere: 'film with this device',
    filmDrawn: 'film the drawn figure',
    agreeFirst: 'Film only who has agreed to it; of children ask a guardian first, and what the club and the hall allow.',
    cameraSees: 'what the camera sees',
    beginFilming: 'begin',
    stopFilming: 'stop',
    cameraOff: 'camera off',
    clipName: (at: string): string => `filmed ${at}`,
    nothingFilmed: 'Nothing was filmed: the camera gave no picture.',
    unseen: {
      refused: 'This page may not use the camera: allow it in the browser’s settings of this page.',
      none: 'There is no camera that can be used here.',
      busy: 'Another program has the camera: close it there.',
      fault: 'This browser cannot film: film with the camera’s own program, and open the clip here.',
    },
    clipNotKept: {
      'no-room': 'There is no room on this device: the clip is open here, and gone when it is put away.',
      'no-files': 'This browser keeps no files: the clip is open here, and gone when it is put away.',
    },
    putAway: 'put away',
    keptTitle: 'Kept on this device',
    keptSays: (megabytes: string, days: number, who: string): string =>
      `${megabytes} MB, ${days === 0 ? 'today' : days === 1 ? 'since yesterday' : `for ${days} days`}${who === '' ? '' : `, ${who}`}`,
    notLasting: 'The browser may wipe them when the device is short of room.',
    stillNeeded: (days: number): string => `Kept for more than ${days} days: is it still needed?`,
    keepOn: 'keep on',
    eraseClip: (name: string): string => `erase ‘${name}’`,
    clipGone: (name: string): string => `‘${name}’ is gone from this device, or cannot be read. What was marked in it is still here.`,
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
    saveCues: 'save as WebVTT',
    otherCues: (n: number): string =>
      `${n === 1 ? 'One cue of that file is' : `${n} cues of that file are`} no mark of ours, or beyond this clip; the others were taken.`,
    takeMarks: 'marks from a file',
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
      step: 'first step until it is down',
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
    otherPicture: (width: number, height: number, own: number, ownHigh: number): string =>
      `The table’s points are of a picture of ${width} × ${height}, this clip’s is ${own} × ${ownHigh}. Nothing was taken.`,
    doingLabel: 'what is measured',
    doings: { times: 'times', floor: 'floor', feet: 'feet', plan: 'against a pattern', athlete: 'athlete' },
    drawnTitle: 'Or try it with a drawn one',
    drawnSays: 'A drawn figure splits and lunges three times on a badminton court; the split comes later against the ball each time.',
    drawn: {
      'drawn-30': '30 pictures a second',
      'drawn-60': '60',
      'drawn-120': '120',
      'drawn-changing': 'a rate that changes',
    } satisfies Record<Drawn, string>,
    drawnMissing: 'The drawn clip could not be fetched: there is no network.',
    floorTitle: 'The floor as a ruler',
    whichFloor: 'floor in the picture',
    noFloor: 'none yet',
    taped: 'a rectangle taped in a room',
    acrossSide: 'across',
    alongSide: 'along',
    diagonal: 'diagonal, if measured',
    notSquare: (cm: number): string =>
      `The diagonal is ${cm > 0 ? `${cm} cm longer` : `${-cm} cm shorter`} than that of right angles: tape it anew, or measure again.`,
    isSquare: 'Sides and diagonal go together.',
    crossingsSay: 'plan of the floor with its crossings',
    nearBelow:
      'The near end is below: yours. Choose a point here, then tap it in the picture: the outer corner of a line, the middle of a centre line.',
    nextPoint: 'point to tap',
    chooseCrossing: 'choose a point',
    tapIt: (name: string): string => `Tap in the picture: ${name}`,
    tapFour: 'Four points make the floor a ruler, a fifth checks them. Far from each other they say most.',
    goesTogether: 'The points go together: look whether the lines that are drawn lie on those of the picture.',
    pointsGone: (n: number): string =>
      `${n === 1 ? 'A point that this floor does not have was' : `${n} points that this floor does not have were`} taken away: take the last back to have them again.`,
    crossing: (where: string, across: string, along: string, n: number): string =>
      `${where === '' ? '' : `${where}: `}${across === along ? across : `${across}, ${along}`}${n > 1 ? ` ${n}` : ''}`,
    ends: { near: 'near', far: 'far', left: 'left', right: 'right' },
    lines: {
      'end line': 'end line',
      'side line': 'side line',
      edge: 'corner',
      'singles side line': 'singles side line',
      'service line': 'service line',
      'centre service line': 'centre service line',
      'short service line': 'short service line',
      'doubles long service line': 'doubles long service line',
      'centre line': 'centre line',
      'short line': 'short line',
      'half-court line': 'half-court line',
      'service box': 'service box',
      'front wall': 'front wall',
      'non-volley line': 'non-volley line',
      'on-guard line': 'on-guard line',
      'last two metres': 'last two metres',
      'table side': 'table side',
      'table end': 'table end',
      net: 'net',
    } as Readonly<Record<string, string>>,
    aimByKeys: 'Picture to tap: arrows move the cross by a pixel, with shift by ten; Enter taps there.',
    feetTitle: 'Feet on the floor',
    footTapped: 'foot that is tapped',
    whichFoot: (side: string): string => `${side} foot`,
    heelUp: 'heel in the air: tap the tip of the toe',
    floorFirst: 'The floor is no ruler yet: tap four of its points first.',
    tapFoot: {
      ball: (side: string): string => `Tap the ball of the ${side} foot where it touches the floor.`,
      heel: (side: string): string => `Now the heel of the ${side} foot.`,
      tip: (side: string): string => `Now the tip of the ${side} toe.`,
    },
    leaveToe: 'leave the toe open',
    measuredFloor: 'feet that were measured, from above',
    distanceTo: 'distance to',
    noLine: 'no line',
    fromLine: (cm: number, within: number): string => `${Math.abs(cm)} cm from it ± ${within}`,
    measuresTitle: 'Steps and stances',
    stepFrom: (from: number, to: number): string => `step ${from} → ${to}`,
    stanceAt: (frame: number): string => `both feet, frame ${frame}`,
    stance: (wide: number, within: number, long: number, around: number): string =>
      `${wide} cm ± ${within} across, ${long} cm ± ${around} along`,
    planTitle: 'A pattern beside the film',
    whichPattern: 'pattern',
    noPattern: 'choose a pattern',
    whoDoes: 'done by',
    nobody: '1.70 m',
    feetFirst: 'Two feet or more are laid over a pattern: tap them where they come down, each once.',
    noFit: 'These feet do not go with that pattern: it has fewer contacts of one foot than were tapped.',
    planStopped: 'The simulation stopped: choose the pattern once more.',
    planSays: (cm: number): string =>
      `Laid where it fits best: what is off is ${cm} cm in the mean. Where and which way the athlete began says nothing here.`,
    farOff: 'That is much: is it this pattern, and was each landing tapped?',
    planDrawing: 'planned feet outlined, measured ones filled, from above',
    besideHeads: ['foot', 'place', 'toe'],
    asPlanned: (within: number): string => `as planned, ± ${within} cm`,
    offBy: (right: number, ahead: number, within: number): string => {
      const way = (cm: number, less: string, more: string): string => (cm === 0 ? '' : `${Math.abs(cm)} cm ${cm < 0 ? less : more}`);
      return `${[way(ahead, 'short', 'beyond'), way(right, 'left', 'right')].filter((part) => part !== '').join(', ')}, ± ${within} cm`;
    },
    toeOff: (degrees: number): string => (degrees === 0 ? 'as planned' : `${Math.abs(degrees)}° ${degrees < 0 ? 'left' : 'right'}`),
    asDone: 'As it was done',
    leftAsPlanned: (n: number): string =>
      n === 1
        ? 'One foot was off in a move that takes no size or direction: there it is written as planned.'
        : `${n} feet were off in moves that take no size or direction: there it is written as planned.`,
    foundNothing: 'Nothing is found in it that the pattern does not mean.',
    takeAsPattern: 'take as a pattern',
    filmedName: (name: string): string => `${name}, as filmed`,
    tookAs: (name: string): string => `There is a pattern ‘${name}’ now.`,
    athleteTitle: 'Whom it shows',
    athlete: 'athlete',
    noAthlete: 'nobody yet',
    filmedOn: 'filmed on',
    filmedFrom: 'filmed from',
    views: { front: 'the front', side: 'the side' },
    faultsTitle: 'Faults, attempt by attempt',
    attemptsFirst: 'Marks make attempts: mark the ball, the split, the landing of each first.',
    addFault: 'add a fault that shows from there',
    chooseFault: 'choose a fault',
    seenIn: (n: number, of: number): string => (of === 0 ? 'no attempt shows it' : `${n} of ${of}`),
    attemptShows: (n: number, fault: string): string => `attempt ${n} shows ‘${fault}’`,
    byTimes: (attempts: string): string => `by its times in ${attempts}`,
    takeByTimes: 'take what the times say',
    book: 'write into the fault book',
    booked: (day: string): string => `Written into the fault book for ${day}: what is ticked stays as it is.`,
    bookSays: 'Film is a source of its own there: its rates are not mixed with those of the floor unless you ask.',
    unagreed: 'A guardian has to agree before film of somebody under 16 is measured for their book: note the day with the athlete.',
    bookRows: (clip: string): string => `Film: ${clip}`,
    tempoTitle: 'Into the tempo',
    tempoSays: 'A measured time becomes the athlete’s own for moves of a kind; patterns, doses and calls use it.',
    whichTime: 'time',
    chooseTime: 'choose a time',
    timeOf: (time: string, ms: number, n: number): string => `${time}: ${ms} ms, of ${n}`,
    kindOfMove: 'for',
    chooseKind: 'choose a kind of move',
    takeTempo: 'take into the tempo',
    tookTempo: (kind: string, seconds: string, who: string): string => `${kind} takes ${who} ${seconds} s now.`,
    noTempo: (low: string, high: string): string => `Nobody takes less than ${low} s or more than ${high} s for that.`,
    repeats: 'marked again',
    repeatsTo: (ms: number | null): string => (ms === null ? 'not measured: a frame is taken for it' : `to ± ${ms} ms`),
    outOfOrder: (attempt: number, first: string, then: string): string =>
      `In attempt ${attempt} ‘${then}’ is marked before ‘${first}’: look at both again.`,
    foot: (side: string, frame: number): string => `${side} foot, frame ${frame}`,
    place: (right: string, ahead: string, within: number): string => {
      const way = (metres: string, less: string, more: string): string =>
        metres.startsWith('-') ? `${metres.slice(1)} m ${less}` : `${metres} m ${more}`;
      return `${way(right, 'left', 'right')}, ${way(ahead, 'behind', 'ahead')} of the middle, ± ${within} cm`;
    },
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
