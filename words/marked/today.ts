// Made from ../en/today.ts by npm run marked.
/** What today's page says. */
export const today = {
  today: {
    title: 'Ţóđáý',
    planned: 'Þļáññéđ ƒóŕ ţóđáý',
    nothing: 'Ñóţĥíñĝ íš þļáññéđ ƒóŕ ţóđáý. Ĝíṽé á šéššíóñ íţš đáý, óŕ ƀéĝíñ ŵíţĥóúţ á þļáñ.',
    around: 'Ţĥé đáýš áŕóúñđ',
    run: 'ŕúñ íţ',
    runOf: (name: string): string => `ŕúñ ${name}`,
    rounds: 'ŕóúñđš, ŵíţĥ á þáţţéŕñ óŕ ŵíţĥóúţ',
    sessions: 'áļļ šéššíóñš',
    watch: 'Ŵĥó íš ŵáţçĥéđ ñéẋţ, áñđ ƒóŕ ŵĥáţ',
    watchSays: 'Ŵĥóéṽéŕ ŵáš ŵáţçĥéđ ļéášţ íñ ţĥé ļášţ ƒóúŕ ŵééķš ƒóŕ ŵĥáţ ţĥéý ŵóŕķ óñ çóɱéš ƒíŕšţ.',
    watched: (faulty: number, attempts: number): string =>
      attempts === 0 ? 'ñóţ ŵáţçĥéđ íñ ƒóúŕ ŵééķš' : `${faulty} óƒ ${attempts} íñ ƒóúŕ ŵééķš`,
    nobodyYet: 'Ñóƀóđý ĥéŕé ýéţ',
    nobodySays: 'Áđđ ţĥóšé ýóú ţŕáíñ; ţĥéñ á šéššíóñ çáñ ƀé þļáññéđ ƒóŕ ţĥéɱ, áñđ ŕúñ.',
    addSomebody: 'áđđ áñ áţĥļéţé',
    nobody: 'Ñóƀóđý ĥéŕé ĥáš áñýţĥíñĝ íñ ƒóçúš ýéţ.',
    open: 'Ļéƒţ óþéñ',
    openSays: { back: 'á šţéþ ƀáçķ íš óƒƒéŕéđ', next: 'ɱóṽíñĝ óñ íš óƒƒéŕéđ', again: 'íš ţó ƀé ļóóķéđ áţ áĝáíñ' },
    openNone: 'Ñóţĥíñĝ ŵáíţš ƒóŕ á đéçíšíóñ.',
    runs: 'Ŕúñš ñóţ ĝóñé ţĥŕóúĝĥ óñ ţĥíš đéṽíçé',
    runsNone: 'Áļļ ŕúñš óƒ ţĥé ļášţ ţŵó ŵééķš ŵéŕé ĝóñé ţĥŕóúĝĥ.',
    of: (names: readonly string[]): string => names.join(', '),
  },
};
