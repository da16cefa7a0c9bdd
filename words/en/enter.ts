/** The door, and where a link leads. */
export const enter = {
  enter: {
    title: 'Sign in',
    email: 'e-mail address',
    password: 'password',
    signIn: 'sign in',
    passkey: 'sign in with a passkey',
    noPasskey: 'No passkey was given. Please try again, or sign in otherwise.',
    passkeyThere: 'This device has a passkey of yours already.',
    demo: 'enter the demo club',
    demoSays: 'An invented club with three months of runs. Change what you like.',
    setupTitle: 'The first coach',
    setupSays: 'This server is empty. Make your club and its first coach; others are added later.',
    club: 'club',
    coach: 'your name',
    setUp: 'make the club',
    passwordHint: 'at least 10 characters, and none that many people choose: some words of your own are best',
    welcome: (name: string, club: string): string => `${name}, welcome to ${club}`,
    newPassword: (name: string, club: string): string => `${name}, a new password for ${club}`,
    welcomeSays: 'Choose your password. From then on you sign in with it and',
    waiting: (taps: number): string =>
      `${taps === 1 ? 'One tap waits' : `${taps} taps wait`} on this device. They are sent when whoever made them signs in here.`,
    goIn: 'choose it and go in',
    toDoor: 'to the door',
    locked: 'This device is locked',
    lockedSays: 'Its PIN opens it, without a network too. What was kept here is sealed until then.',
    pin: 'PIN',
    unlock: 'open',
    wrongPin: (left: number): string =>
      `That was not its PIN. ${left === 1 ? 'One try is' : `${left} tries are`} left; then what is kept here goes.`,
    lockedGone:
      'Five wrong PINs: what was kept here is gone, and whoever was in is signed out. What was tapped or typed and not sent waits, sealed, until its coach signs in here.',
    unlockOther: 'sign in with a password instead',
    about: 'Footwork drills, rounds and a fault log for coaches on their feet.',
  },
};
