/** How many of a club file were new, and how many were here before. */
interface Taken {
  readonly added: number;
  readonly known: number;
}
const taken = ({ added, known }: Taken): string => `${added} added, ${known} here already`;

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
    forget: 'forget',
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
    fileSays: 'Everything of the club in one open file: people, patterns, runs with their logs.',
    export: 'save the file',
    import: 'read a file',
    imported: ({ athletes, patterns, progressions, runs }: Readonly<Record<'athletes' | 'patterns' | 'progressions' | 'runs', Taken>>) =>
      `Read: athletes ${taken(athletes)}; patterns ${taken(patterns)}; sessions ${taken(progressions)}; runs ${taken(runs)}.`,
    notJson: 'is not a club file. Nothing was changed.',
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
