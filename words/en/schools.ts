interface SchoolWords {
  readonly name: string;
  readonly says: string;
  readonly knees: string;
}

/** Stances by their code; a club's own have their own words. */
export const schools: { readonly schools: Readonly<Record<string, SchoolWords>> } = {
  schools: {
    'square-ready': {
      name: 'Square ready',
      says: 'A little wider than the shoulders, feet level, weight shared, heels light.',
      knees: 'soft, over the toes',
    },
    'wide-ready': {
      name: 'Wide ready',
      says: 'Half a squat, wider than the shoulders, feet level, heels up.',
      knees: 'well bent, over the toes',
    },
    'drop-ready': { name: 'Drop ready', says: 'A slight bend, just wider than the shoulders, heels light.', knees: 'soft, over the toes' },
    'staggered-striking': {
      name: 'Staggered striking',
      says: 'Hip wide, a shoulder long, lead toe turned in, rear heel up.',
      knees: 'both soft, the rear one towards the front',
    },
    'squarer-kicking': {
      name: 'Squarer kicking',
      says: 'Hip wide and short, lead toe ahead, weight a little behind, rear heel light.',
      knees: 'both soft, the lead one free to lift',
    },
    'mixed-45': {
      name: '45° mixed',
      says: 'The line ahead through the lead big toe meets the rear heel; rear heel up.',
      knees: 'lead knee with its toes, rear knee turned in a little',
    },
    'long-bladed': { name: 'Long bladed', says: 'Narrow and long, side on, rear heel up.', knees: 'each with its toes' },
    'bladed-guard': {
      name: 'Bladed on guard',
      says: 'Heels on one line, feet at a right angle, weight shared.',
      knees: 'each knee over its own foot',
    },
    'two-handed-guard': {
      name: 'Two-handed guard',
      says: 'Shoulder wide, the lead foot two half steps ahead, rear foot turned out, heels down.',
      knees: 'each over its own foot',
    },
  },
};
