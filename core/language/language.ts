/**
 * The words and the grammar of lines of steps and of doses. Raised with any change by which something that could be typed before is read
 * otherwise; the language before it is kept then (`npm run freeze`), so that what was saved with it goes on meaning what it did.
 *
 * 1: numbers alone are counts, ‘3x’ behind a step is its size, the last of two sizes, counts or feet counts. 2: as coaches say it.
 * 3: seconds left and right, ‘with’ before a strike of one's own, a hold in milliseconds, strokes and
 * corners with their side, steps that are counted; moves with nothing between them and times without a unit are asked about.
 * 4: ‘keep 1.4 m ± 20 cm for 10 s’, as a step.
 */
export const LANGUAGE = 4;
