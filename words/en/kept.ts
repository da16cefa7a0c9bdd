import type { LOOKS } from '@hopsk/contract/people-data';

/** What is kept of people: given out, erased, how long, and who looked. */
export const kept = {
  kept: {
    title: 'What is kept of people',
    back: 'club',
    rules: 'How long what is kept',
    rulesSays: 'In months; what is left empty is kept until somebody takes it away. It is looked at some times a day.',
    runs: 'runs, and what was marked in film',
    left: 'athletes after they were put away',
    looks: 'who looked at whom',
    clips: 'clips with the club (days; 0: not at all)',
    always: 'for good',
    agreement: 'a guardian’s agreement is needed',
    agreements: {
      none: 'for cautions of under 16s',
      'under-16': 'for anything of under 16s',
      'under-18': 'for anything of under 18s',
    },
    hall: 'on a hall screen people are called by',
    halls: { first: 'their first name', initial: 'its first letter', number: 'their number' },
    hallUnder16: 'those under 16',
    under16: { number: 'always by their number', alike: 'as everybody else' },
    agreementSays: 'What a law or a federation asks for beyond that is not known here.',
    save: 'save',
    saved: 'Saved.',
    shorter: 'What is older goes for good, the next time it is looked at. Save?',
    shorterYes: 'save it',
    shorterNo: 'leave it as it is',
    who: 'Who looked at whom',
    whoSays: 'The same by the same person within an hour is one line. A fault book counts as looked at, a list of names does not.',
    whoHeads: ['when', 'who', 'what', 'whom'],
    rule: 'the club’s rules',
    somebodyErased: 'somebody who was erased',
    nobodyYet: 'Nobody yet.',
    earlier: 'earlier ones',
    /** What was done, as often as it was. */
    done: (what: string, n: number): string => (n === 1 ? what : `${what} (${n} times)`),
    whats: {
      looked: 'looked at',
      run: 'looked at a run of',
      changed: 'changed',
      'given-out': 'gave out',
      erased: 'erased',
      'club-out': 'saved the club as a file',
      'club-in': 'read a file into the club',
      rules: 'changed how long what is kept',
    } satisfies Record<(typeof LOOKS)[number], string>,
    runOf: (run: string, day: string): string => `${run}, ${day}`,
    runGone: 'a run that is gone',

    data: (name: string): string => `Kept of ${name}`,
    dataSays: (club: string, day: string): string =>
      `What ${club} keeps in Hopsk, as of ${day}. Of others nothing stands here. The file holds each tap as well.`,
    saveFile: 'save as a file',
    print: 'print',
    erase: 'erase …',
    record: 'Record',
    none: 'none',
    notMeasured: 'not measured',
    estimated: 'Where nothing is measured the app estimates from height, and keeps nothing of that.',
    cautions: 'Cautions',
    caution: (one: string, forbids: string, landings: number | null): string =>
      [
        one,
        ...(forbids === '' ? [] : [`left out: ${forbids}`]),
        ...(landings === null ? [] : [`landings a session, at most: ${landings}`]),
      ].join('; '),
    seen: 'What was seen',
    seenSays: 'Of chances that were watched, over all runs.',
    seenHeads: ['fault', 'faults of chances', 'noted', 'runs'],
    runsTitle: (n: number): string => (n === 1 ? 'One run' : `${n} runs`),
    runsHeads: ['run', 'day', 'faults of chances', 'praise'],
    sessions: 'In sessions',
    readers: 'Who reads the fault book beside coaches',

    eraseTitle: (name: string): string => `Erase ${name}?`,
    eraseAsk: ({ alone, few, many }: { alone: number; few: number; many: number }, least: number): string =>
      [
        'Name, body, cautions, focus and notes go for good; no file and no device brings them back, and only a backup that was made before holds them still.',
        ...(alone > 0 ? [`${alone === 1 ? 'One run that was theirs alone goes' : `${alone} runs that were theirs alone go`} whole.`] : []),
        ...(few > 0
          ? [`In ${few === 1 ? 'one run' : `${few} runs`} of fewer than ${least} people nothing stays of what was seen of them.`]
          : []),
        ...(many > 0
          ? [
              `In ${many === 1 ? 'one run' : `${many} runs`} of more people what was seen stays, of somebody without a name, another in each run.`,
            ]
          : []),
      ].join(' '),
    mentionsTitle: 'Where else the name stands',
    mentions: (n: number): string =>
      `The name also stands in ${n === 1 ? 'one place' : n >= 50 ? 'fifty places and more' : `${n} places`} that this does not change; they are listed on the page.`,
    mentionKinds: {
      run: 'a run’s name',
      session: 'a session',
      pattern: 'a pattern',
      note: 'a note',
      decision: 'why somebody was decided on',
      film: 'what was marked in a clip',
    },
    underWay: (run: string): string => `They are in a run that is under way (‘${run}’): end it first.`,
    typeName: (name: string): string => `type the name: ${name}`,
    eraseDo: 'erase for good',
    eraseNo: 'keep',
  },
};
