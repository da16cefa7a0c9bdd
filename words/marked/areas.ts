// Made from ../en/areas.ts by npm run marked.
/** Floors by their code; any other floor is called what was typed. */
export const areas: { readonly areas: Readonly<Record<string, string>> } = {
  areas: {
    tennis: 'Ţéññíš çóúŕţ',
    badminton: 'Ɓáđɱíñţóñ çóúŕţ',
    squash: 'Šɋúášĥ çóúŕţ',
    padel: 'Þáđéļ çóúŕţ',
    pickleball: 'Þíçķļéƀáļļ çóúŕţ',
    'table-tennis': 'Ţáƀļé ţéññíš, óŵñ éñđ',
    piste: 'Ƒéñçíñĝ þíšţé',
    boxing: 'Ɓóẋíñĝ ŕíñĝ',
    'boxing-small': 'Ɓóẋíñĝ ŕíñĝ, šɱáļļéšţ',
    'mixed-rules': 'Ḿíẋéđ ŕúļéš áŕéá',
    karate: 'Ķáŕáţé áŕéá',
    taekwondo: 'Ţáéķŵóñđó óçţáĝóñ',
  },
};
