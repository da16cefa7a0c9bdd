/** What a screen in the hall says. */
export const hall = {
  hall: {
    title: 'Hall screen',
    says: 'This screen shows a run that is under way to everybody in the hall. Its code stands on the phone that runs it, under ‘who …’.',
    code: 'the run’s code',
    show: 'show it',
    over: 'It is over',
    again: 'another code',
    then: 'then:',
    waits: 'next turn:',
    wrong: 'A code has eight letters and digits, as the phone shows it.',
    ownPhone: 'This is the phone of one who takes part:',
    phones: { light: 'a light', counter: 'a counter' },
    nobodys: 'Ask the coach to say whose it is.',
    waitsForCall: 'wait for the call',
    touched: (ms: number): string => `${ms} ms`,
    oneMore: 'one more',
    notSent: (n: number): string => `${n} kept here, not sent yet`,
    forAll: 'a screen for all',
    away: 'No network: it goes on by itself.',
  },
};
