/** What a rehearsal has beside its batch, as one part of the program. */
export { RehearsalBar } from './bar';
export { RehearsalLooks } from './looks';
