/** Lines that were saved with an earlier language and read otherwise today. */
export const otherwise = {
  otherwise: {
    title: 'Read otherwise today',
    back: 'patterns',
    some: (n: number): string =>
      `${n} ${n === 1 ? 'line that was saved earlier reads' : 'lines that were saved earlier read'} otherwise today. What ${n === 1 ? 'it' : 'they'} said goes on standing until you say so.`,
    look: 'look at them',
    says: 'Hopsk reads lines as coaches say them by now, and steps them as coaches step. These were saved before and would say or do something else today, so what they said and did stands in their place. Nothing changes until you take today’s reading.',
    none: 'Nothing reads otherwise',
    noneSays: 'Every line that was saved says today what it said when it was saved.',
    typed: 'typed:',
    stands: 'as it was read: this stands',
    today: 'as it reads today',
    nothingRead: 'nothing of it was understood',
    onlyTimes: 'Feet go as they did; a longer step takes longer today. ‘tempo flat’ keeps its time.',
    otherSteps: 'Feet go otherwise today. ‘engine 1’ has them go as they did.',
    takeAll: (n: number): string => `take today’s for all ${n}`,
    letAll: 'let all stand',
    settledAll: (n: number, changed: number): string =>
      `${n} ${n === 1 ? 'line is' : 'lines are'} settled.${changed === 0 ? '' : ` ${changed} somebody has changed since; they were left as they are.`}`,
    letStand: 'let it stand',
    take: 'take today’s',
    takes: (seconds: number, contacts: number): string =>
      `${seconds.toFixed(2)} s · ${contacts} ${contacts === 1 ? 'contact' : 'contacts'}`,
    pictureOf: (what: string): string => `feet on the floor, ${what}`,
    more: (n: number): string => `show more (${n})`,
    club: 'what the club teaches',
    parts: {
      line: '',
      partner: 'the partner’s line',
      call: 'a call',
      station: 'a station',
      dose: 'dose',
      'own-dose': 'dose of one athlete',
      move: 'own move',
      answer: 'playbook',
      'way-back': 'playbook, way back',
    },
    saysWhatItDid: (of: string, typed: string, stands: string) =>
      `${of === '' ? '' : `${of}: `}this file is of an earlier Hopsk, where ‘${typed}’ said ‘${stands}’; that stands.`,
    settled: {
      taken: (where: string): string => `${where}: reads as today now. What stood before is among its versions.`,
      stands: (where: string): string => `${where}: stands as it was read.`,
      changed: (where: string): string => `${where}: somebody has changed this line since; it was left as it is.`,
    },
  },
};
