/** The club page. */
export const club = {
  club: {
    schools: 'Where schools differ',
    schoolsSays:
      'What this club holds. A pattern or an athlete may hold otherwise; the nearest wins. All defaults are common practice, no source.',
    usual: 'usual',
    stances: 'Stances of this club',
    moves: 'Moves of this club',
    noMoves: 'None yet: in the studio, under ‘more’, a line can be kept as a move.',
    noStances: 'None yet: measure one on the stance page and keep it.',
    views: 'From where faults show',
    viewsSays:
      'A fault is counted while somebody is watched from where it shows. Say here where that is other than usual. Runs keep what held when they began.',
    noViews: 'All as usual.',
    viewsFault: 'fault',
    viewsFrom: 'shows',
    viewsWhose: 'for',
    viewsKeep: 'keep',
    viewsFroms: { front: 'from the front', side: 'from the side', both: 'from the front and the side' },
    viewsWhoses: { club: 'the club', coach: 'you alone' },
    viewsUsual: (from: string): string => `usual: ${from}`,
    forget: 'forget',
    recount: 'Counting rules',
    recountSays:
      'What counts as a chance became more exact with time. A run keeps the figures of the rules of its day until the club has it counted anew.',
    recountLeft: (runs: number, rules: number): string =>
      runs === 0
        ? `All runs stand by today’s rules (${rules}).`
        : `${runs === 1 ? 'One run stands' : `${runs} runs stand`} by earlier rules.`,
    recountLook: 'see what would differ',
    recountLooking: (n: number, of: number): string => `Looked at ${n} of ${of} runs …`,
    recountDiffer: (n: number, of: number): string =>
      n === 0
        ? `Looked at ${of === 1 ? 'one run' : `${of} runs`}: no figure would differ.`
        : `In ${n} of ${of} ${of === 1 ? 'run' : 'runs'} figures would differ:`,
    recountHeads: ['athlete and fault', 'runs', 'now', 'by today’s rules'],
    recountMore: (n: number): string => `… and ${n} more.`,
    recountDo: (n: number): string => `count ${n === 1 ? 'it' : `these ${n} runs`} anew`,
    recountLeave: 'leave them as they are',
    recountCounting: (n: number, of: number): string => `${n} of ${of} runs counted anew …`,
    recountDone: (n: number): string =>
      `${n === 1 ? 'One run is' : `${n} runs are`} counted anew. What each said before stands in its review.`,
    stop: 'stop',
    title: 'Club',
    coaches: 'Coaches',
    addCoach: 'add a coach',
    settings: 'Your settings',
    units: 'lengths in',
    tapDelay: 'tap delay',
    tapDelaySays: 'Seconds between what you see and your tap.',
    password: 'Password',
    old: 'old password',
    new: 'new password',
    changePassword: 'change password',
    changed: 'Password changed; other devices are signed out.',
    file: 'Club file',
    fileSays: 'Everything of the club in one open file: people, patterns, sessions, runs with their logs.',
    export: 'save the file',
    import: 'read a file',
    sending: 'Sending the file …',
    reading: 'Looking through the file …',
    adding: 'Adding …',
    add: 'add it to the club',
    cancel: 'leave it',
    kinds: { athletes: 'athletes', patterns: 'patterns', sessions: 'sessions', runs: 'runs', events: 'entries of their logs' },
    holds: (club: string): string => `The file of ‘${club}’`,
    took: (club: string): string => `Read: the file of ‘${club}’`,
    fresh: 'new',
    added: 'added',
    known: 'here already',
    nothingNew: 'All that it holds is here already.',
    /** Whether the file is as it was written. */
    wholes: {
      whole: '',
      earlier: '',
      cut: 'The file ends in the middle: what stands before that was read.',
      changed: 'The file was changed since it was written: what it says now was read.',
    },
    leftOut: (n: number): string =>
      n === 1 ? 'One line cannot be taken and is left out:' : `${n} lines cannot be taken and are left out:`,
    lineOf: (n: number): string => `Line ${n}:`,
    phone: 'Phones and the hall screen',
    phoneOff:
      'Only this machine can open Hopsk now. Start it with ‘npm start -- --lan’ to let phones on the same network reach it over HTTPS.',
    phoneOn:
      'Open one of these on the phone, or point its camera at the code. The first time the phone asks about the certificate; docs/phone.md says how to trust it.',
    phoneNoTls: 'This server speaks plain HTTP: phones will not start without a network and their screen may go dark.',
    staySigned: 'stay signed in',
    signOutUnsent: 'Some taps are not sent yet. They stay on this device and are sent when you sign in again. Sign out?',
    unitsCm: 'centimetres',
    unitsFt: 'feet and inches',
  },
};
