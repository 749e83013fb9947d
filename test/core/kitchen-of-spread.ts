/** A kitchen that has learned how far its portions differ. */
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';

export const kitchenOfSpread = (percent: number): Kitchen => ({
  ...DEFAULT_KITCHEN,
  learned: [
    {
      what: 'portion-spread',
      of: 'all',
      estimate: 8,
      value: percent,
      isFrozen: false,
      evidence: [{ batchId: 'b1', x: percent, at: '2026-12-05T10:00:00.000Z', because: '' }],
    },
  ],
});
