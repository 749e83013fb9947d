/** All that a screen needs to read what a cook types, in one part of the program that is fetched when somebody types. */
export { searchIngredients } from '../food/search';
export { isSurelyNamed } from './match';
export { parseLine } from './parse-line';
export { usualAmount } from './usual-amount';
export { question, toLine } from './to-line';
export { sentencesOn } from './method';
export { takeApart } from './whole';
