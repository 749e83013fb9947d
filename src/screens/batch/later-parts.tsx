/** Cool, Wrap and Cook in one part of the program, fetched when the first of them is opened: what they share is no part of the first picture. */
export { default as CoolParts } from './cool/cool-parts';
export { default as CookParts } from './cook/cook-parts';
export { default as WrapParts } from './wrap/wrap-parts';
