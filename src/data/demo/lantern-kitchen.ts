/** What the hut's kitchen has learned of the purses' past: how its steamer heats, and what a spoonful holds. */
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { FIRST_APPLIANCES } from '@/core/vocabulary/appliances';

/** The second version's supper. */
const THEN = '2026-11-14T17:30:00.000Z';

export function lanternKitchen(): KitchenOperation[] {
  const steamer = FIRST_APPLIANCES.find(({ kind }) => kind === 'steamer');
  return [
    ...(steamer === undefined
      ? []
      : [
          {
            do: 'keepHeat' as const,
            id: steamer.id,
            heat: { medium: 'steam' as const, factor: 0.97, biasK: 0, readings: 5, at: THEN },
          },
        ]),
    {
      do: 'learn',
      lesson: {
        what: 'spoonful',
        of: 'all',
        estimate: 1,
        x: 49 / 48,
        because: '3 weighed *49.0 g* on average, where 48.0 g was planned.',
      },
      batchId: 'demo-turkey-purses-1',
      at: '2026-10-31T12:00:00.000Z',
    },
  ];
}
