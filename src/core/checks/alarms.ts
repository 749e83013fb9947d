/** Everything that the clocks of a batch will call for, with its time: for a phone's calendar, which rings when no page is open. */
import { coolingClock } from '../cooling/clock';
import { boardClock, BOARD_WARNING } from '../cooling/board-clock';
import { wordsOfRule } from '../cooling/rule-words';
import { cookEvents } from '../cooking/cook-clock';
import { type Kitchen } from '../stored/kitchen-schema';
import { wrapSeconds } from '../learning/learned';
import { PLACES } from '../vocabulary/places';
import { type Batch } from '../stored/schema';
import { type HeatForecast } from '../forecast/heat';
import { later } from '../stored/moments';

export interface Alarm {
  /** The same alarm has the same id at every asking. */
  id: string;
  /** ISO 8601 */
  at: string;
  text: string;
}

/** Alarms still to come. @param now ISO 8601; @param beforeMinutes out of the cold before it came to the bench */
export function alarmsOf(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  now: string,
  beforeMinutes: number,
): Alarm[] {
  const alarms = [
    ...cooling(batch, kitchen, heat, now),
    ...board(batch, kitchen, now, beforeMinutes),
    ...heating(batch),
  ];
  return alarms
    .filter(({ at }) => Date.parse(at) > Date.parse(now))
    .map((alarm) => ({ ...alarm, id: `${batch.id} ${alarm.id}`, text: `${batch.title}: ${alarm.text}` }));
}

function cooling(batch: Batch, kitchen: Kitchen, heat: HeatForecast | null, now: string): Alarm[] {
  const { run } = batch.cool;
  const clock = heat?.cooling ? coolingClock(batch, heat.cooling, now) : null;
  if (run === null || clock === null) return [];
  const { toWrapReady } = clock;
  return [
    ...(toWrapReady !== null && clock.readySince === null
      ? [{ id: 'ready', at: later(now, toWrapReady), text: 'wrap-ready by the forecast. Measure it.' }]
      : []),
    ...clock.moves.map(({ inMinutes, place }, i) => ({
      id: `move-${i}`,
      at: later(now, inMinutes),
      text: `move it: ${PLACES[place].label}.`,
    })),
    ...clock.deadlines
      .filter(({ state }) => state === 'open')
      .map(({ rule, limitMinutes, inMinutes }) => ({
        id: rule,
        at: later(now, inMinutes),
        text: `the time is up, ${wordsOfRule(rule, kitchen.temperature, limitMinutes)}. Measure it.`,
      })),
  ];
}

function board({ wrap, count }: Batch, kitchen: Kitchen, now: string, beforeMinutes: number): Alarm[] {
  if (wrap.board === null) return [];
  const { leftMinutes, isOut, limitMinutes, mostMinutes } = boardClock(wrap.board, {
    now,
    count,
    roomC: kitchen.roomC,
    usualSeconds: wrapSeconds(wrap.edge, kitchen),
    beforeMinutes,
  });
  if (!isOut) return [];
  return [
    { id: 'board-near', at: later(now, leftMinutes - BOARD_WARNING), text: 'put the rest in the fridge, or cook.' },
    {
      id: 'board-over',
      at: later(now, leftMinutes),
      text: `out of the cold for ${limitMinutes / 60} h in all. Cook what is closed, and don’t keep the rest.`,
    },
    {
      id: 'board-most',
      at: later(now, leftMinutes + mostMinutes - limitMinutes),
      text: `out of the cold for ${mostMinutes / 60} h in all. Throw it away.`,
    },
  ];
}

function heating({ cook }: Batch): Alarm[] {
  const { run } = cook;
  if (run === null) return [];
  return cookEvents(cook).map(({ minute, text }) => ({
    id: `load-${run.load}-${minute}`,
    at: later(run.inAt, minute),
    text: `load ${run.load}: ${text}`,
  }));
}
