/** Kitchens to practise in. What is hidden in each is the simulation's alone; here is only what a cook is told. */
import { idsOf, recordsOf } from './records';

interface RehearsalRecord {
  label: string;
  level: 'any' | 'gentle' | 'middling' | 'hard';
  /** What one knows as one begins. */
  told: string;
}

const kitchen = (level: RehearsalRecord['level'], label: string, told: string): RehearsalRecord => ({
  label,
  level,
  told,
});

export const REHEARSALS = recordsOf<RehearsalRecord>()({
  'blue-jar': kitchen(
    'gentle',
    'The salt in the blue jar',
    'Pork and spring onion purses in a kitchen that is not yours. Its salt stands in a blue jar without a name.',
  ),
  'after-rain': kitchen(
    'gentle',
    'Cabbage after rain',
    'Pork and cabbage half-moons, boiled. The cabbage was cut this morning, after a week of rain.',
  ),
  'their-spoon': kitchen(
    'middling',
    'Somebody else’s spoon',
    'Beef and olive half-moons, baked. You scoop with the spoon you find there.',
  ),
  'old-oven': kitchen(
    'middling',
    'The oven in the hut',
    'Chicken and leek pockets, raw filling, in an oven that nobody has used since summer.',
  ),
  'full-fridge': kitchen(
    'hard',
    'A full fridge',
    'Braised beef and carrot pockets: the pot is coming off the heat, and the fridge is full of other people’s food.',
  ),
  'early-guests': kitchen(
    'hard',
    'They may come early',
    'Turkey and leek pockets for people who have never been on time in their lives. The probe has a bent tip.',
  ),
  'as-it-seems': kitchen('any', 'Nothing hidden', 'Everything is what it says.'),
  drawn: kitchen('any', 'Something is not as it seems', 'One thing, drawn by lot.'),
});
export type RehearsalKitchen = keyof typeof REHEARSALS;
export const REHEARSAL_IDS = idsOf(REHEARSALS);

/** What a cook can look at, weigh or taste on the way. */
interface LookRecord {
  label: string;
  station: 'fill' | 'cool' | 'wrap' | 'cook' | 'note';
  /** So long it takes, minutes. House estimates. */
  minutes: number;
}

export const LOOKS = recordsOf<LookRecord>()({
  taste: { label: 'Fry a teaspoonful and taste it', station: 'fill', minutes: 3 },
  press: { label: 'Press 100 g of it in a sieve', station: 'fill', minutes: 2 },
  'fridge-thermometer': { label: 'Lay a thermometer in the fridge', station: 'cool', minutes: 0 },
  'weigh-filling': { label: 'Put one portion on the scale', station: 'wrap', minutes: 0.5 },
  'weigh-skin': { label: 'Put one skin on the scale', station: 'wrap', minutes: 0.5 },
  closed: { label: 'Count what is closed by now', station: 'wrap', minutes: 0 },
  'oven-thermometer': { label: 'Hang a thermometer in the oven', station: 'cook', minutes: 0 },
  colour: { label: 'Look at their colour', station: 'cook', minutes: 0 },
  cut: { label: 'Cut one open', station: 'note', minutes: 1 },
});
export type Look = keyof typeof LOOKS;
export const LOOK_IDS = idsOf(LOOKS);
