/** All interface words, one file a language. Short, the coach's; sentence case; faults are described, athletes never judged. */
export const EN = {
  app: 'Hopsk',
  menu: { people: 'people', stance: 'stance', steps: 'steps', floor: 'floor', faults: 'faults', club: 'club', more: 'more', skip: 'skip to the page', keys: 'keys' },
  common: {
    save: 'save', cancel: 'cancel', add: 'add', close: 'close', retry: 'try again', loading: 'fetching …', saving: 'saving …', saved: 'saved', archive: 'put away', restore: 'bring back',
    none: 'none', name: 'name', optional: 'if measured', left: 'left', right: 'right', signOut: 'sign out', keepMine: 'save mine over it', takeTheirs: 'take theirs',
    offline: 'No network. Showing what this device kept.', away: 'The server cannot be reached. What you typed is kept here; try again in a moment.',
    unexpected: 'The server answered something this page does not understand. Load the page again; what was tapped is kept.',
    leave: 'What you typed is not saved yet. Leave all the same?',
  },
  enter: {
    title: 'Sign in', email: 'address', password: 'password', signIn: 'sign in', demo: 'enter the demo club', demoSays: 'An invented club with three months of runs. Change what you like.',
    setupTitle: 'The first coach', setupSays: 'This server is empty. Make your club and its first coach; others are added later.', club: 'club', coach: 'your name', setUp: 'make the club',
    passwordHint: 'at least 10 characters', about: 'Footwork drills, rounds and a fault log for coaches on their feet.',
  },
  people: {
    title: 'People', add: 'add an athlete', edit: 'Athlete', none: 'Nobody here yet', noneSays: 'Add the first athlete: a name and a hand are enough to begin. Height makes the stance fit.',
    archived: 'put away', showArchived: 'show those put away', hand: 'hand', lead: 'lead foot', leadNone: 'no lead (square)', otherLead: 'trust in the other lead', height: 'height', hip: 'hip width', shoulder: 'shoulder width',
    leg: 'leg length', foot: 'shoe length', sport: 'sport', school: 'stance', level: 'level', ageGroup: 'age group', cautions: 'cautions, one a line', bias: 'known bias', focus: 'worked on now (up to four)',
    measures: 'Measures', measuresSay: 'What is left empty is estimated from height.', measuresRough: 'Estimates are rough below 16 or 1.45 m: three tape measurements make the stance fit.', privacy: 'Age group only, no birth date, no contact data. Seen by your own club’s coaches.',
    notLength: 'is not a length', otherLeads: { none: 'none', drill: 'in drills', free: 'free' }, stance: 'stance', faults: 'faults', back: 'all people', find: 'find',
  },
  stance: {
    title: 'Stance', as: 'as', school: 'stance', tape: 'Tape marks', tapeSays: 'From the crossing of the two chalk lines: to the right and ahead.', numbers: 'Numbers', print: 'print the card', within: 'within', lead: 'lead foot',
    knees: 'Knees', heels: 'Heels', weight: 'Weight', default: 'Common practice, no source: your club’s school decides.', none: 'Add an athlete first', noneSays: 'A stance is drawn on somebody’s body.', floorLine: 'facing', ball: 'ball', heel: 'heel',
    origins: { measured: 'measured', estimated: 'estimated', rough: 'rough, measure', assumed: 'no height known, 1.70 m taken' }, names: { width: 'across', length: 'along', apart: 'between the balls', 'heels apart': 'between the heels', 'left toe': 'left toe out', 'right toe': 'right toe out', 'weight left': 'weight on the left' },
  },
  steps: {
    title: 'Steps', add: 'new pattern', none: 'No patterns yet', noneSays: 'Type a line of steps and see where the feet go.', line: 'line of steps', play: 'play', pause: 'pause', half: '½ speed', mirror: 'mirror', name: 'name', as: 'as', written: 'written for',
    wrong: 'What would go wrong', nothing: 'Nothing found.', takes: 'What it takes', once: 'once', time: 'time', answer: 'longest time to answer', never: 'never in this pattern', contacts: 'contacts left · right', splits: 'splits', lunges: 'lunges left · right', pivots: 'turns left · right',
    floor: 'floor, across × along', closes: 'back where it began', yes: 'yes', no: 'no', off: 'off', shouldClose: 'should end where it began', rounds: 'Rounds', run: 'run it', stopSafe: 'could go on if frozen', lanes: 'What each foot does, over time', states: 'state',
    unread: 'Not read', save: 'save', dirty: 'not saved', wait: 'looking …', mirrored: 'mirrored for', oneSided: 'One-sided', oneSidedSays: 'mirror it for the other half of the dose.', floorAria: 'Floor from above', order: 'numbers are the order of the contacts; 0 is where it began',
    help: 'Steps are parted by commas: split · shuffle right 40 cm · advance 2 · retreat small · lunge ahead 90 cm right foot + hit 80 ms after landing · recover back · pivot lead foot right 90° · hold 1 s · (…) 3',
    stale: 'Somebody else saved this pattern in the meantime.', tempo: 'at', back: 'all patterns', caution: 'Clear, dry floor around the pattern; knee over the toes in a lunge; stop on pain.', cautionLand: 'Landings add up: raise them slowly, fewer for children.',
    states_: { airborne: 'in the air', crossed: 'crossed', narrow: 'narrow', wide: 'wide', stepping: 'stepping', ready: 'ready' },
  },
  dose: {
    mode: 'work by', seconds: 'seconds', reps: 'repetitions', work: 'work', rounds: 'rounds', sets: 'sets', rest: 'rest between rounds', setRest: 'rest between sets', total: 'together', atLeast: 'at least', restOpen: 'How long is the rest? It is not decided yet.', setRestOpen: 'How long is the rest between sets?',
    perRound: 'repetitions a round', all: 'repetitions in all', s: 's',
  },
  floor: {
    title: 'Floor', quick: 'Rounds without a plan', start: 'start', startPlan: 'run', who: 'Who is here', board: 'On the board', boardSays: 'Being on the board means you look for it.', change: 'change', patterns: 'With a pattern', recent: 'Lately', none: 'No runs yet', noBody: 'Add an athlete first; then rounds can run.',
    waiting: 'waiting to be sent', resume: 'go on with the run', resumeSays: 'A run is under way on this device.', watching: 'watched', taps: 'taps', rename: 'name it', free: 'Rounds', pickSome: 'Choose at least one athlete.', full: 'The board holds eight.', here: 'here',
    insecure: 'This page was not opened over HTTPS: it cannot start without a network, and the screen may go dark by itself. Taps are kept all the same.',
  },
  run: {
    round: 'round', of: 'of', set: 'set', work: 'work', rest: 'rest', setRest: 'set rest', ready: 'get ready', over: 'over', left: 'left', pause: 'pause', go: 'go on', next: 'next', end: 'end', undo: 'undo', right: 'that was right', clean: 'clean', attempt: 'attempt over', seen: 'seen',
    more: 'more …', others: 'others', from: 'From the', front: 'front', side: 'side', nobody: 'nobody', endAsk: 'End this run?', endYes: 'end it', endNo: 'go on', undone: 'taken back', nothing: 'nothing to take back', unsent: 'kept here, not sent yet', sent: 'sent', sending: 'sending …',
    refused: 'kept here, refused by the server', signIn: 'kept here; sign in to send', noSides: 'no sides', sides: 'sides', find: 'find a fault', noted: 'noted, not on the board', summary: 'What was seen', watchedOf: 'of', attempts: 'attempts', name: 'name', pattern: 'pattern', toBook: 'fault book', done: 'done',
    none: 'No fault was tapped.', away: 'The app was away; the clock was stopped there.', praise: 'that was right', again: 'again in the same attempt', note: 'noted', countAs: { counted: 'counted', again: 'same attempt', noted: 'noted' }, before: 'the one before', give: 'give to', review: 'Taps', keysTitle: 'Keys',
    keys: [['space', 'pause, go on'], ['n', 'next'], ['u', 'undo'], ['1 … 8', 'fault, without a side'], ['shift + 1 … 8', 'fault, right side'], ['alt + 1 … 8', 'fault, left side'], ['r', 'that was right'], ['c', 'clean'], ['a', 'attempt over'], ['v', 'front or side'], ['[ ]', 'another athlete'], ['e', 'end'], ['?', 'these keys']],
    result: 'result', results: { in: 'in', out: 'out', hit: 'hit', missed: 'missed' },
  },
  faults: {
    title: 'Faults', as: 'of', watched: 'watched attempts', sessions: 'sessions', none: 'Nothing logged yet', noneSays: 'Run rounds on the floor and tap what you see; it adds up here.', per100: 'per 100', interval: '95 % interval', seenIn: 'seen in', last: 'last seen', noted: 'noted', notSeen: 'not seen', noRate: 'noted only',
    chart: 'Rate by session', table: 'Session by session', session: 'session', attempts: 'attempts', faulty: 'with the fault', oneSession: 'One session: the interval speaks of it alone.', widened: 'Attempts of one session are alike: the interval is widened', cause: 'Often because of', cue: 'one cue', remedy: 'first remedy', usually: 'usual cause',
    rule: 'Rule of thumb: 90 % clean in two sessions running with 20 watched attempts each moves on; under 70 % in the last goes back.', decision: { next: 'move on', stay: 'stay', back: 'step back', 'not enough': 'too few looked at' }, sides: 'left · right', praise: 'that was right', under5: 'under 5', pick: 'Choose an athlete', recurring: 'Recurring', once: 'Seen once', notedOnly: 'Noted, without a rate', clear: 'Looked for, not seen', clean: 'clean',
  },
  club: {
    title: 'Club', coaches: 'Coaches', addCoach: 'add a coach', settings: 'Your settings', units: 'lengths in', tapDelay: 'tap delay', tapDelaySays: 'Seconds between what you see and your tap.', password: 'Password', old: 'old password', new: 'new password', changePassword: 'change password', changed: 'Password changed; other devices are signed out.',
    file: 'Club file', fileSays: 'Everything of the club in one open file: people, patterns, runs with their logs.', export: 'save the file', import: 'read a file', imported: 'Read', added: 'added', known: 'were here already', notJson: 'is not a club file. Nothing was changed.',
    phone: 'Phones and the hall screen', phoneOff: 'Only this machine can open Hopsk now. Start it with ‘npm start -- --lan’ to let phones on the same network reach it over HTTPS.', phoneOn: 'Open one of these on the phone, or point its camera at the code. The first time the phone asks about the certificate; docs/phone.md says how to trust it.', phoneNoTls: 'This server speaks plain HTTP: phones will not start without a network and their screen may go dark.',
    signOutUnsent: 'Some taps are not sent yet. They stay on this device and are sent when you sign in again. Sign out?', unitsCm: 'centimetres', unitsFt: 'feet and inches',
  },
} as const;

export const TEXT = EN;
