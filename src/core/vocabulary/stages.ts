/** When a line goes in, in working order. */
import { idsOf, recordsOf } from './records';

interface StageRecord {
  title: string;
  note: string;
  /** It happens in the pan: what is weighed with it, and what steam leaves. */
  isInPan: boolean;
  /** What goes in is hot when the pan comes off. */
  isHot: boolean;
  /** What goes in raw stays raw until the parcel is cooked. */
  keepsRaw: boolean;
}

export const STAGES = recordsOf<StageRecord>()({
  'cook-first': {
    title: 'Cook first',
    note: 'in the pan: aromatics, then the main thing',
    isInPan: true,
    isHot: true,
    keepsRaw: false,
  },
  simmer: { title: 'Simmer', note: 'liquid and what thickens it', isInPan: true, isHot: true, keepsRaw: false },
  'off-heat': {
    title: 'Off the heat',
    note: 'stirred in while it is hot',
    isInPan: false,
    isHot: true,
    keepsRaw: false,
  },
  'when-cool': {
    title: 'When cool',
    note: 'tender herbs, egg, cheese in pieces',
    isInPan: false,
    isHot: false,
    keepsRaw: true,
  },
  'raw-mix': {
    title: 'Raw mix',
    note: 'in one direction until sticky',
    isInPan: false,
    isHot: false,
    keepsRaw: true,
  },
});
export type Stage = keyof typeof STAGES;
export const STAGE_IDS = idsOf(STAGES);
