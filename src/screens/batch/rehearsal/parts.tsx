/** One part of the program: what a rehearsal has beside its batch, where rehearsals begin, and where they are debriefed. */
export { RehearsalBar } from './bar';
export { DebriefScreen } from './debrief-screen';
export { RehearsalLooks } from './looks';
export { RehearseScreen } from './rehearse-screen';
