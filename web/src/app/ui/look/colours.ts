import { signal } from '@angular/core';
import { DARK, LIGHT, wear, type Tokens } from './tokens';

const dark = matchMedia('(prefers-color-scheme: dark)');

/** The tokens in use; charts read them from here. */
export const colours = signal<Tokens>(dark.matches ? DARK : LIGHT);

/** Wears light or dark as the device asks, and follows its changes. */
export function followColours(): void {
  const follow = (): void => {
    colours.set(dark.matches ? DARK : LIGHT);
    wear(colours(), document.documentElement);
  };
  dark.addEventListener('change', follow);
  follow();
}
