/** What today's page says. */
export const today = {
  today: {
    title: 'Today',
    planned: 'Planned for today',
    nothing: 'Nothing is planned for today. Give a session its day, or begin without a plan.',
    around: 'The days around',
    run: 'run it',
    runOf: (name: string): string => `run ${name}`,
    rounds: 'rounds, with a pattern or without',
    sessions: 'all sessions',
    watch: 'Who is watched next, and for what',
    watchSays: 'Whoever was watched least in the last four weeks for what they work on comes first.',
    watched: (faulty: number, attempts: number): string =>
      attempts === 0 ? 'not watched in four weeks' : `${faulty} of ${attempts} in four weeks`,
    nobodyYet: 'Nobody here yet',
    nobodySays: 'Add those you train; then a session can be planned for them, and run.',
    addSomebody: 'add an athlete',
    nobody: 'Nobody here has anything in focus yet.',
    open: 'Left open',
    openSays: { back: 'a step back is offered', next: 'moving on is offered', again: 'is to be looked at again' },
    openNone: 'Nothing waits for a decision.',
    runs: 'Runs not gone through on this device',
    runsNone: 'All runs of the last two weeks were gone through.',
  },
};
