/** What can hurt at the heat, by method and filling: what applies, and nothing else. */
import { isCheeseInPieces } from '../cooling/constraints';
import { METHOD_OF } from '../stored/method-of';
import { MEDIA, OILS } from '../vocabulary/media';
import { type CookStep } from '../vocabulary/media/step';
import { type Method, METHODS } from '../vocabulary/methods';
import { formatTemperature, inScale } from '../units/format';
import { type Accounts } from './account';
import { moisture } from './moisture';

/** Hot food is kept no cooler than this, °C (US federal guidance; local codes come first). */
const KEPT_HOT_C = 60;

/** The gravest first. */
export function cautionsFor(accounts: Accounts): string[] {
  const { batch, kitchen, limit, lines } = accounts;
  const { steps, startC, method } = batch.cook;
  const t = (c: number): string => formatTemperature(c, kitchen.temperature);
  const isInOil = steps.some(({ medium }) => OILS.includes(medium));
  const isSafety = limit.kind === 'safety';
  const coolest = Math.min(...steps.filter(({ medium }) => medium === 'hold').map((s) => s.mediumC ?? Infinity));
  return [
    ...(isInOil && lines.length > 0 && moisture.judge(accounts).state === 'fix'
      ? ['Too wet for hot oil: it spits and bursts. Dry or bind the filling first; Fill says how.']
      : []),
    isSafety
      ? `Colour and time don’t show that the middle is hot: measure ${batch.count < 3 ? 'every one' : 'at least three, the thickest first'}. Local codes come first.`
      : 'Raw flour can carry germs: don’t taste raw dough.',
    ...(isSafety && !accounts.goesInRaw
      ? [
          `Reheat a cooked filling once only, to ${t(limit.c)} all through (${inScale(limit.authority, kitchen.temperature)}). Don’t keep what’s left.`,
        ]
      : []),
    ...methodsIn(steps, method).map((used) => inScale(METHODS[used].caution, kitchen.temperature)),
    ...(steps.some(({ medium }) => medium === 'shallow-lid')
      ? ['Drops from the lid make hot oil spit: lift it away from you, level, and wipe it dry before it goes back.']
      : []),
    ...(startC < 0
      ? [
          `From frozen, the ${steps.some(({ medium }) => MEDIA[medium].browns) ? 'crust' : 'skin'} looks done long before the middle is hot: measure more than three.`,
        ]
      : []),
    ...(coolest < KEPT_HOT_C
      ? [`Kept hot means ${t(KEPT_HOT_C)} or more in the middle (US federal guidance; local codes come first).`]
      : []),
    ...(lines.some(({ ingredient }) => isCheeseInPieces(ingredient)) && steps.some(({ medium }) => MEDIA[medium].heats)
      ? ['Molten cheese burns: let it cool for a few minutes before anyone bites in.']
      : []),
    ...(lines.some(({ ingredient }) => ingredient.family === 'fish' && ingredient.allergens.includes('fish'))
      ? ['Feel the fish for bones before you wrap it.']
      : []),
  ];
}

/** Every method that a step is of: oil is oil, whatever the plan is called. */
const methodsIn = (steps: readonly CookStep[], plan: Method): Method[] => [
  ...new Set([plan, ...steps.flatMap(({ medium }) => METHOD_OF[medium] ?? [])]),
];
