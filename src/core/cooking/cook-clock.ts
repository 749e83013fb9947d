/** The clock of a load in the heat: which step it is in, how long it still takes, and what is to be done when. */
import { plannedMinutes } from '../stored/cooking';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { type CookStep } from '../vocabulary/media/step';

interface CookEvent {
  /** Minutes since it went in. */
  minute: number;
  /** Said when it is time; and beside the time that is left. */
  text: string;
  ahead: string;
}

interface CookClock {
  elapsed: number;
  /** Which step; the last one when the plan is over. */
  step: number;
  /** To the end of that step, minutes; below 0 when the plan is over. */
  left: number;
  /** What is to be done next; null when the plan is over. */
  next: CookEvent | null;
}

/** What is to be done as a step begins. */
function begins(step: CookStep, before: CookStep): string {
  const { medium, turn } = step;
  if (medium === 'pan-steam' && before.medium !== medium) return 'Water in, lid on';
  if (before.medium === 'pan-steam' && medium === 'griddle') return 'Lid off: crisp them';
  if (medium === 'lid-shut') return 'Off the heat, and leave the lid shut';
  if (medium === 'rest') return 'Out, and let them rest';
  const to = medium === before.medium && step.mediumC !== before.mediumC ? ', other heat' : '';
  const moved = medium === before.medium ? '' : `: ${MEDIA[medium].label}`;
  if (turn) return `Turn them over${to}${moved}`;
  return medium === before.medium ? `The next step${to}` : `Now${moved}`;
}

/** Everything that is to be done in a load, in order; measuring last. */
export function cookEvents({ steps }: Pick<Batch['cook'], 'steps'>): CookEvent[] {
  const changes = steps.slice(1).map((step, i) => ({
    minute: plannedMinutes({ steps: steps.slice(0, i + 1) }),
    text: begins(step, steps[i]),
  }));
  const all = [...changes, { minute: plannedMinutes({ steps }), text: 'The planned time is over: measure' }];
  return all.map((event, i) => ({
    ...event,
    ahead: i < changes.length ? `then ${event.text[0].toLowerCase()}${event.text.slice(1)}` : 'then measure',
  }));
}

/** @param elapsed minutes since it went in */
export function cookClock(cook: Pick<Batch['cook'], 'steps'>, elapsed: number): CookClock {
  const events = cookEvents(cook);
  const next = events.find(({ minute }) => minute > elapsed) ?? null;
  const index = next === null ? events.length - 1 : events.indexOf(next);
  return { elapsed, step: index, left: events[index].minute - elapsed, next };
}

/** Minutes since the load went in. */
export const minutesIn = ({ inAt }: { inAt: string }, at: string): number =>
  (Date.parse(at) - Date.parse(inAt)) / 60_000;
