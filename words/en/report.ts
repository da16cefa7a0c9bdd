/** A report for an athlete or a parent: plain words, one page. */
export const report = {
  report: {
    title: 'Report',
    of: 'of',
    back: 'fault book',
    print: 'print',
    for: (name: string): string => `For ${name}`,
    time: (evenings: number, from: string, to: string): string =>
      evenings === 1 ? `One evening, ${from}` : `${evenings} evenings, ${from} to ${to}`,
    holds: 'What holds',
    nothingHolds: 'Too early to say what holds: it has to be watched for some evenings.',
    work: 'What to work on',
    nothingToDo: 'Nothing stands out at the moment.',
    praise: (times: number): string =>
      times === 1 ? 'Once the coach noted: that was right.' : `${times} times the coach noted: that was right.`,
    /** How often, of ten tries. */
    often: (ofTen: number): string =>
      ofTen === 0 ? 'hardly ever lately' : ofTen >= 10 ? 'nearly every time lately' : `about ${ofTen} of 10 tries lately`,
    better: (before: number, now: number): string =>
      `less often than before: about ${before} of 10 tries then, ${now === 0 ? 'hardly any' : now} now`,
    gone: 'not seen any more',
    rare: 'hardly ever seen',
    think: 'think of',
    home: 'at home',
    hurts: 'Go slowly here and stop if it hurts: this one can hurt.',
    stance: (name: string): string => `Your stance: ${name}`,
    pattern: 'One thing to practise',
    choose: 'with the pattern',
    word: 'a word from the coach',
    careful: 'Practise on a clear, dry floor in shoes that hold. Whatever hurts is left out, and said at the next training.',
    none: 'Nothing to report yet',
    noneSays: 'What was watched on the floor is told here.',
    sure: 'Counted on the floor by the coach, on the evenings named above: what was not watched is not told.',
  },
};
