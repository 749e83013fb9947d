/** How a batch is served: what becomes of its parcels between the heat and the table, or before the heat. */
import { idsOf, recordsOf } from './records';

interface ServingRecord {
  label: string;
  /** What it means, in a sentence. */
  trade: string;
  /** Cooked parcels may be kept hot so long before they are eaten, minutes; null: as long as such parcels stay good. */
  holdMinutes: number | null;
}

/** Kept hot at 60 °C or more, food is safe for hours (US federal guidance: 140 °F), but crusts soften and skins dry. */
export const SERVINGS = recordsOf<ServingRecord>()({
  now: {
    label: 'straight to the table',
    trade: 'As crisp and juicy as it gets; the last load comes out just before serving.',
    holdMinutes: null,
  },
  'carried-warm': {
    label: 'carried over warm',
    trade: 'Packed hot and eaten within two hours, at 60 °C or more; crusts soften on the way.',
    holdMinutes: 120,
  },
  'frozen-ahead': {
    label: 'frozen ahead, cooked on the day',
    trade: 'Wrapped a day before, frozen raw on a tray, cooked from frozen: longer to cook, but free hands on the day.',
    holdMinutes: null,
  },
});
export type Serving = keyof typeof SERVINGS;
export const SERVING_IDS = idsOf(SERVINGS);
