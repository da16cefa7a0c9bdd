let last = 0;

/** A name in the page that nothing else has, to join a label with its box. */
export const newName = (kind: string): string => `${kind}-${++last}`;
