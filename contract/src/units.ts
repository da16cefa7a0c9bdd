/** Units of an attempt. */
export const UNITS = ['step', 'split', 'turn', 'arrival', 'strike', 'back', 'repetition', 'call'] as const;
