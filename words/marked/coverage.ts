// Made from ../en/coverage.ts by npm run marked.
import type { LikeForLike } from '@hopsk/core/evidence/like-for-like';
import type { Difference } from '@hopsk/core/evidence/difference';
import { held, per100 } from './differences.js';

/** Two things done, by their names, and by how much they differ. */
type Sides = Difference & { readonly a: string; readonly b: string };

const runsSaid = (n: number): string => `${n} ${n === 1 ? 'ŕúñ' : 'ŕúñš'}`;

/** What of an athlete was looked at, and what never; results beside how clean the feet were. */
export const coverage = {
  coverage: {
    title: 'Ļóóķéđ áţ',
    back: 'ƒáúļţ ƀóóķ',
    of: 'óƒ',
    from: 'ƒŕóɱ',
    to: 'úþ ţó',
    all: (attempts: number, evenings: number, days: string): string =>
      `${attempts} ŵáţçĥéđ ${attempts === 1 ? 'áţţéɱþţ' : 'áţţéɱþţš'} óñ ${evenings} ${evenings === 1 ? 'éṽéñíñĝ' : 'éṽéñíñĝš'}${days}`,
    days: (from: string, to: string): string => `, ${from} – ${to}`,
    allSays: 'Áñ áţţéɱþţ çóúñţš óñçé, ĥóŵéṽéŕ ɱáñý ƒáúļţš ŵéŕé ļóóķéđ ƒóŕ íñ íţ.',
    never: 'Ñéṽéŕ ļóóķéđ áţ',
    neverDone: (stage: string, runs: number): string => `${stage}, đóñé íñ ${runsSaid(runs)}`,
    neverFault: (fault: string): string => `${fault}, íñ ƒóçúš`,
    neverViews: { front: 'ƒŕóɱ ţĥé ƒŕóñţ', side: 'ƒŕóɱ ţĥé šíđé' },
    nothingNever: 'Ñóţĥíñĝ: éṽéŕýţĥíñĝ ţĥáţ ŵáš đóñé ŵáš, ƒŕóɱ ţĥé ƒŕóñţ áñđ ƒŕóɱ ţĥé šíđé.',
    done: 'Ŵĥáţ ŵáš đóñé',
    doneHeads: ['', 'ŕúñš', 'áţţéɱþţš', 'óƒ 100'],
    ways: 'Ŵĥíçĥ ŵáý ŕóúñđ',
    directions: 'Ŵĥéŕé íţ ļéđ',
    views: 'Ƒŕóɱ ŵĥéŕé',
    heads: ['', 'áţţéɱþţš', 'óƒ 100'],
    notGiven: (n: number): string => `Óƒ ${n} íţ íš ñóţ ķñóŵñ.`,
    faults: 'Ŵĥáţ ŵáš ļóóķéđ ƒóŕ',
    faultHeads: ['', 'áţţéɱþţš', 'éṽéñíñĝš', 'ļášţ'],
    ofAll: per100,
    results: 'Ŕéšúļţš ƀéšíđé çļéáñ ƒééţ',
    resultsSay:
      'Íñ óŕ ĥíţ íš ĝóóđ. Çļéáñ íš áñ áţţéɱþţ ŵáţçĥéđ ŵĥóļé ŵíţĥóúţ á ƒáúļţ óƒ ţĥé ƀóáŕđ. Ţĥé ţŵó áŕé ķéþţ áþáŕţ: á ĝóóđ šĥóţ ƒŕóɱ ƀáđ ƒééţ íš ƀóţĥ.',
    noResults: 'Ñó ŕéšúļţš ŵéŕé ñóţéđ íñ ţĥíš ţíɱé.',
    resultHeads: ['', 'ĝóóđ', 'óƒ 100', 'çļéáñ', 'óƒ 100'],
    times: (hits: number, n: number): string => `${hits} óƒ ${n}`,
    range: (low: number, high: number): string => `${per100(low)}–${per100(high)}`,
    byClean: (of: LikeForLike): string => held(of, 'Ĝóóđ, óƒ 100, ŵĥéŕé ţĥé ƒééţ ŵéŕé çļéáñ:', 'ŵĥéŕé ţĥéý ŵéŕé ñóţ:'),
    noByClean: 'Ţóó ļíţţļé ŵáš ñóţéđ ŵíţĥ çļéáñ ƒééţ áñđ ŵíţĥóúţ ţó ţéļļ óñé ƒŕóɱ ţĥé óţĥéŕ.',
    unwatched: (n: number): string => `${n} ${n === 1 ? 'ŕéšúļţ' : 'ŕéšúļţš'} ƒéļļ ŵĥéŕé ñóƀóđý ŵáţçĥéđ ţĥé ŵĥóļé áţţéɱþţ.`,
    against: 'Óñé áĝáíñšţ áñóţĥéŕ',
    a: 'ţĥíš',
    b: 'áĝáíñšţ ţĥáţ',
    good: (of: Sides): string => held(of, `Ĝóóđ, óƒ 100: ‘${of.b}’`, `‘${of.a}’`),
    clean: (of: Sides): string => held(of, `Çļéáñ, óƒ 100: ‘${of.b}’`, `‘${of.a}’`),
    tooFew: 'Ţóó ƒéŵ óñ óñé óƒ ƀóţĥ šíđéš ţó ţéļļ.',
    uncounted: (n: number): string => `${runsSaid(n)} ${n === 1 ? 'íš' : 'áŕé'} šţíļļ ƀéíñĝ çóúñţéđ þáŕţ ƀý þáŕţ áñđ ñóţ íñ ţĥíš ýéţ.`,
  },
};
