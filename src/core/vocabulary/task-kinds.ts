/** What is done on a day, by kinds: what it is called, what shows that it is done, and the station that it is. */
import { idsOf, recordsOf } from './records';

interface TaskKindRecord {
  label: string;
  /** How to see that it is done. */
  doneWhen: string;
  /** The station of its batch that it is, where it is one: a clock started there is this task. */
  station: 'fill' | 'cool' | 'wrap' | 'cook' | null;
}

export const TASK_KINDS = recordsOf<TaskKindRecord>()({
  cut: { label: 'Wash, peel and cut', doneWhen: 'All one size, and the board dry.', station: 'fill' },
  set: { label: 'Set to drain or soak', doneWhen: 'It stands, covered, where it stays cold.', station: 'fill' },
  stand: { label: 'Drains or soaks', doneWhen: 'It has all but stopped dripping.', station: null },
  roast: { label: 'Roasts', doneWhen: 'Soft right through, the edges just catching.', station: null },
  stew: { label: 'Cooks by itself', doneWhen: 'Soft when pressed.', station: null },
  fry: {
    label: 'Cook the filling',
    doneWhen: 'A spoon drawn through it leaves a clean track, and hardly any liquid runs after.',
    station: 'fill',
  },
  cool: { label: 'Cools', doneWhen: 'A thermometer in the middle, never by the hand.', station: 'cool' },
  mix: {
    label: 'Mix the filling',
    doneWhen: 'It clings to an upturned spoon, and is seasoned.',
    station: 'fill',
  },
  dough: { label: 'Make the dough', doneWhen: 'Smooth, and it springs back slowly.', station: 'wrap' },
  thaw: { label: 'Thaw', doneWhen: 'It bends without cracking, and is still cold.', station: null },
  rest: { label: 'Dough rests', doneWhen: 'It keeps a finger’s mark.', station: null },
  roll: { label: 'Roll and cut', doneWhen: 'Even, thinner at the rim, and covered.', station: 'wrap' },
  wrap: { label: 'Fill and close', doneWhen: 'All closed, the rims dry, none torn.', station: 'wrap' },
  rise: { label: 'Pieces rise', doneWhen: 'Pressed with a finger they spring back slowly.', station: null },
  freeze: { label: 'Freeze on the tray', doneWhen: 'Hard as stone: then into a bag.', station: null },
  heat: { label: 'Heat up', doneWhen: 'The oven’s light is out, or the water boils.', station: null },
  load: { label: 'Cook', doneWhen: 'The thermometer says so, in the thickest; never colour alone.', station: 'cook' },
  'load-in': { label: 'Put on to cook', doneWhen: 'Spaced apart, the clock running.', station: 'cook' },
  'load-out': {
    label: 'Measure, then take out',
    doneWhen: 'Three of the thickest read, in the filling.',
    station: 'cook',
  },
  pack: { label: 'Pack warm', doneWhen: 'Lidded, wrapped in towels, above 60 °C.', station: null },
  carry: { label: 'On the way', doneWhen: 'There.', station: null },
  serve: { label: 'Serve', doneWhen: 'On the table.', station: null },
  own: { label: 'Your own', doneWhen: 'You know.', station: null },
});
export type TaskKind = keyof typeof TASK_KINDS;
export const TASK_KIND_IDS = idsOf(TASK_KINDS);
