/** One part of the program: what a rehearsal has beside its batch. */
export { RehearsalBar } from './bar';
export { RehearsalLooks } from './looks';
