/** What a cooling clock says is due, between two looks at it: to be raised once, wherever the cook is. */
import { formatMinutes } from '../units/format';
import { type Batch } from '../stored/schema';
import { type CoolingClock, type DeadlineOnClock } from './clock';
import { wordsOfRule } from './rule-words';

interface ClockEvent {
  /** The same event has the same id at every look. */
  id: string;
  kind: 'ready' | 'move' | 'near' | 'over' | 'missed';
  text: string;
}

/**
 * Under what an event is raised, once: a deadline is missed once; what comes again after a reading has moved it is raised
 * again. Two tabs come to the same tag.
 */
export function tagOf(batch: Pick<Batch, 'id' | 'cool'>, { id, kind }: ClockEvent, clock: CoolingClock): string {
  const when = kind === 'missed' ? '' : Math.round(clock.elapsed);
  return `${batch.id} ${batch.cool.run?.offHeatAt ?? ''} ${id} ${when}`;
}

/** A missed deadline stays said until it is put away. */
export const isProblem = ({ kind }: ClockEvent): boolean => kind === 'missed';

/** Warned so long before a deadline, min. House estimate: time to fetch ice or trays. */
const WARNING = 10;

/**
 * What has come since the last look.
 * @param before the clock at the last look; null at the first one: then only what was missed is due, for that must not
 *   go unsaid because nobody was looking
 * @param scale the kitchen's, for the rules
 */
export function clockEvents(before: CoolingClock | null, now: CoolingClock, scale: 'C' | 'F' = 'C'): ClockEvent[] {
  const label = ({ rule, limitMinutes }: Pick<DeadlineOnClock, 'rule' | 'limitMinutes'>): string =>
    wordsOfRule(rule, scale, limitMinutes);
  const missedBefore = new Set((before?.missed ?? []).map((d) => d.rule));
  const missed = now.missed
    .filter((d) => !missedBefore.has(d.rule))
    .map((d) => ({
      id: `missed-${d.rule}`,
      kind: 'missed' as const,
      text: `limit missed, ${label(d)}. ${d.advice}`,
    }));
  if (before === null) return missed;
  const has = (was: number | null | undefined, is: number | null): boolean =>
    is !== null && is <= 0 && was !== undefined && (was === null || was > 0);
  const deadlines = now.deadlines.flatMap((d): ClockEvent[] => {
    const was = before.deadlines.find((b) => b.rule === d.rule);
    if (d.state === 'open' && now.readySince === null && has(was && was.inMinutes - WARNING, d.inMinutes - WARNING))
      return [{ id: `near-${d.rule}`, kind: 'near', text: `${formatMinutes(WARNING)} to the limit, ${label(d)}.` }];
    return d.state === 'over' && was?.state === 'open' ? [passed(d, label(d))] : [];
  });
  const moves = now.moves.flatMap(({ inMinutes, place }, i): ClockEvent[] =>
    has(before.moves[i]?.inMinutes, inMinutes)
      ? [{ id: `move-${i}`, kind: 'move', text: `move it on (${place}).` }]
      : [],
  );
  const ready: ClockEvent[] =
    has(before.toWrapReady, now.toWrapReady) && now.readySince === null && now.missed.length === 0
      ? [{ id: 'ready', kind: 'ready', text: 'wrap-ready by the forecast. Measure it.' }]
      : [];
  return [...missed, ...deadlines, ...moves, ...ready];
}

const passed = ({ rule }: DeadlineOnClock, label: string): ClockEvent => ({
  id: `over-${rule}`,
  kind: 'over',
  text: `the time is up, ${label}. By the forecast it was cold enough; it wasn’t measured. Measure it now.`,
});
