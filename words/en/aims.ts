/** Usual aims to begin from, by code. */
export const aims: { readonly aims: Readonly<Record<string, { readonly name: string; readonly says: string }>> } = {
  aims: {
    'first-split-step': { name: 'First split step', says: 'From the stance to a split that leaves at once, to both sides.' },
    'front-corner-and-home': { name: 'Front corner and home', says: 'Split, approach, lunge on the playing foot, and all the way back.' },
    'rear-court-by-time-left': {
      name: 'Rear court, by time left',
      says: 'Which way to the back corner, and which way home, as the playbook has it.',
    },
    'wide-ball-and-back-to-the-middle': {
      name: 'Wide ball and back to the middle',
      says: 'Outside foot sets, the stroke, and the own side’s middle.',
    },
    'reach-the-table-s-corners': { name: 'Reach the table’s corners', says: 'Two shuffles to the wide ball and back, called at random.' },
    'steps-in-every-direction': {
      name: 'Steps in every direction',
      says: 'The same stance after every step, ahead, back and to both sides.',
    },
    'retreat-once-strike-leave': {
      name: 'Retreat once, strike, leave',
      says: 'One step back, the counter, and off the line: never a second step straight back.',
    },
    'quarter-turns': { name: 'Quarter turns', says: 'On the lead foot, stepping out, and to the side of a slip.' },
    'in-and-out': { name: 'In and out', says: 'Gallop in with the strike on landing, and out before the answer.' },
    'step-lunge-recover': { name: 'Step, lunge, recover', says: 'Advance and lunge as one action, hand before foot, back on guard.' },
    'pendulum-against-a-rush': { name: 'Pendulum against a rush', says: 'The far foot drives the near one out, then round and in again.' },
    'sharp-under-pressure': { name: 'Sharp under pressure', says: 'A pattern that is known already, from called to pressed to free.' },
  },
};
