// Made from ../en/schools.ts by npm run marked.
interface SchoolWords {
  readonly name: string;
  readonly says: string;
  readonly knees: string;
}

/** Stances by their code; a club's own have their own words. */
export const schools: { readonly schools: Readonly<Record<string, SchoolWords>> } = {
  schools: {
    'square-ready': {
      name: 'Šɋúáŕé ŕéáđý',
      says: 'Á ļíţţļé ŵíđéŕ ţĥáñ ţĥé šĥóúļđéŕš, ƒééţ ļéṽéļ, ŵéíĝĥţ šĥáŕéđ, ĥééļš ļíĝĥţ.',
      knees: 'šóƒţ, óṽéŕ ţĥé ţóéš',
    },
    'wide-ready': {
      name: 'Ŵíđé ŕéáđý',
      says: 'Ĥáļƒ á šɋúáţ, ŵíđéŕ ţĥáñ ţĥé šĥóúļđéŕš, ƒééţ ļéṽéļ, ĥééļš úþ.',
      knees: 'ŵéļļ ƀéñţ, óṽéŕ ţĥé ţóéš',
    },
    'drop-ready': { name: 'Đŕóþ ŕéáđý', says: 'Á šļíĝĥţ ƀéñđ, ĵúšţ ŵíđéŕ ţĥáñ ţĥé šĥóúļđéŕš, ĥééļš ļíĝĥţ.', knees: 'šóƒţ, óṽéŕ ţĥé ţóéš' },
    'staggered-striking': {
      name: 'Šţáĝĝéŕéđ šţŕíķíñĝ',
      says: 'Ĥíþ ŵíđé, á šĥóúļđéŕ ļóñĝ, ļéáđ ţóé ţúŕñéđ íñ, ŕéáŕ ĥééļ úþ.',
      knees: 'ƀóţĥ šóƒţ, ţĥé ŕéáŕ óñé ţóŵáŕđš ţĥé ƒŕóñţ',
    },
    'squarer-kicking': {
      name: 'Šɋúáŕéŕ ķíçķíñĝ',
      says: 'Ĥíþ ŵíđé áñđ šĥóŕţ, ļéáđ ţóé áĥéáđ, ŵéíĝĥţ á ļíţţļé ƀéĥíñđ, ŕéáŕ ĥééļ ļíĝĥţ.',
      knees: 'ƀóţĥ šóƒţ, ţĥé ļéáđ óñé ƒŕéé ţó ļíƒţ',
    },
    'mixed-45': {
      name: '45° ɱíẋéđ',
      says: 'Ţĥé ļíñé áĥéáđ ţĥŕóúĝĥ ţĥé ļéáđ ƀíĝ ţóé ɱééţš ţĥé ŕéáŕ ĥééļ; ŕéáŕ ĥééļ úþ.',
      knees: 'ļéáđ ķñéé ŵíţĥ íţš ţóéš, ŕéáŕ ķñéé ţúŕñéđ íñ á ļíţţļé',
    },
    'long-bladed': { name: 'Ļóñĝ ƀļáđéđ', says: 'Ñáŕŕóŵ áñđ ļóñĝ, šíđé óñ, ŕéáŕ ĥééļ úþ.', knees: 'éáçĥ ŵíţĥ íţš ţóéš' },
    'bladed-guard': {
      name: 'Ɓļáđéđ óñ ĝúáŕđ',
      says: 'Ĥééļš óñ óñé ļíñé, ƒééţ áţ á ŕíĝĥţ áñĝļé, ŵéíĝĥţ šĥáŕéđ.',
      knees: 'éáçĥ ķñéé óṽéŕ íţš óŵñ ƒóóţ',
    },
    'two-handed-guard': {
      name: 'Ţŵó-ĥáñđéđ ĝúáŕđ',
      says: 'Šĥóúļđéŕ ŵíđé, ţĥé ļéáđ ƒóóţ ţŵó ĥáļƒ šţéþš áĥéáđ, ŕéáŕ ƒóóţ ţúŕñéđ óúţ, ĥééļš đóŵñ.',
      knees: 'éáçĥ óṽéŕ íţš óŵñ ƒóóţ',
    },
  },
};
