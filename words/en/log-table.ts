const rowsSaid = (n: number): string => `${n} ${n === 1 ? 'row' : 'rows'}`;
const eveningsSaid = (n: number): string => `${n} ${n === 1 ? 'evening' : 'evenings'}`;

/** The log as a table, out and in. */
export const logTable = {
  logTable: {
    title: 'The log as a table',
    back: 'fault book',
    out: 'Out',
    outSays:
      'A row for each part of an evening, athlete and fault, as spreadsheets and the command line read it. Names go with it: give it only to those whom your club admits.',
    whose: 'of',
    everybody: 'everybody',
    from: 'from',
    to: 'up to',
    asCsv: 'save as CSV',
    asJson: 'save as JSON',
    fetching: (n: number, of: number): string => `fetching ${n} of ${of} …`,
    nothing: 'Nothing was watched in this time: there is no table.',
    saved: (n: number): string => `${rowsSaid(n)} saved.`,
    file: 'log',
    in: 'In',
    inSays:
      'A table with a first row of names: day, fault, attempts and faulty at least; athlete, left, right, noted, stage and others where you have them. It becomes runs that say no more than it does, and nothing is added before you have seen what.',
    choose: 'choose a file',
    whoseRows: 'whose, where no name is given',
    byName: 'by name only',
    paste: 'or paste it here',
    example: 'day, athlete, fault, attempts, faulty',
    pasted: 'From a table',
    missing: (columns: string): string => `There is no column ${columns}: nothing was read.`,
    unknown: (columns: string): string => `Columns that mean nothing here are left out: ${columns}.`,
    lines: (taken: number, refused: number): string =>
      refused === 0 ? `${rowsSaid(taken)} read` : `${rowsSaid(taken)} read, ${refused} refused`,
    lineTable: 'What each line becomes',
    lineHeads: ['line', 'evening', 'athlete', 'fault', 'seen', 'becomes'],
    counts: (faulty: number, attempts: number): string => `${faulty} of ${attempts}`,
    taken: 'a row',
    refusedSays: (why: string): string => `refused: ${why}`,
    more: (n: number): string => `… and ${n} more.`,
    evenings: 'What each evening adds',
    eveningHeads: ['evening', 'athletes', 'attempts', 'becomes'],
    sending: (n: number, of: number): string => `part ${n} of ${of} …`,
    isNew: 'new',
    isThere: 'there already: adds nothing',
    beside: (n: number): string => `new, beside ${n} ${n === 1 ? 'run' : 'runs'} of that day: be sure it is not the same twice`,
    add: (n: number): string => `add ${eveningsSaid(n)}`,
    addRest: (n: number): string => (n === 1 ? 'The row that is refused stays out.' : `The ${n} rows that are refused stay out.`),
    added: (n: number): string => `${eveningsSaid(n)} added. Each is a run among all runs, and can be taken back there row by row.`,
    tooLarge: 'That file is larger than 8 MB: a club file goes in on the club’s page. Nothing was read.',
    tooMuchADay: 'One day has more than 2,000 rows, or than 60 evenings: split it. Nothing was added.',
  },
};
