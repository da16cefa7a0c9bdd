/** Floors by their code; any other floor is called what was typed. */
export const areas: { readonly areas: Readonly<Record<string, string>> } = {
  areas: {
    tennis: 'Tennis court',
    badminton: 'Badminton court',
    squash: 'Squash court',
    padel: 'Padel court',
    pickleball: 'Pickleball court',
    'table-tennis': 'Table tennis, own end',
    piste: 'Fencing piste',
    boxing: 'Boxing ring',
    'boxing-small': 'Boxing ring, smallest',
    'mixed-rules': 'Mixed rules area',
    karate: 'Karate area',
    taekwondo: 'Taekwondo octagon',
  },
};
