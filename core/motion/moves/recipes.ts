import { SET } from './set.js';
import { LOAD } from './load.js';
import { GATHER } from './gather.js';
import { PASS } from './pass.js';
import { TURN } from './turn.js';
import { REACH } from './reach.js';
import { AIR } from './air.js';
import { HAND } from './hand.js';
import type { MoveWord } from '../../language/moves.js';
import type { Recipe } from './doing.js';

/** How every move of the vocabulary is done. */
export const RECIPES: Readonly<Record<MoveWord, Recipe>> = { ...SET, ...LOAD, ...GATHER, ...PASS, ...TURN, ...REACH, ...AIR, ...HAND };

/** Moves that leave an open reach as it is. */
export const KEEPS_REACH: readonly MoveWord[] = ['hold', 'hit', 'guard check', 'weight shift'];
