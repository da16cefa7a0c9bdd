/**
 * The numbers of a column that PostgreSQL gave as one text: many rows come so in a tenth of the time that they take one by one.
 * @example numbersIn('30,28,0') // [30, 28, 0]
 */
export const numbersIn = (column: string): number[] => column.split(',').map(Number);
