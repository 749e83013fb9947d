/** One part of the program: where rehearsals begin, and where they are debriefed. */
export { RehearseScreen } from './rehearse-screen';
export { DebriefScreen } from './debrief-screen';
