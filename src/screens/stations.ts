/** The five stations in working order. */
import { type CheckId } from '@/core/checks/check';
import { idsOf, isIdOf, recordsOf } from '@/core/vocabulary/records';

interface StationRecord {
  label: string;
  /** The checks it carries. */
  checks: readonly CheckId[];
  /** Whether its key figure stands in the bar; where it carries two checks there is no room. */
  showsFigure: boolean;
  /** Its curve stands before its panels on a phone: it is what one comes for. */
  isCurveFirst: boolean;
}

export const STATIONS = recordsOf<StationRecord>()({
  fill: { label: 'Fill', checks: ['moisture', 'salt'], showsFigure: false, isCurveFirst: false },
  cool: { label: 'Cool', checks: ['cooling'], showsFigure: true, isCurveFirst: false },
  wrap: { label: 'Wrap', checks: ['fit'], showsFigure: true, isCurveFirst: false },
  cook: { label: 'Cook', checks: ['core'], showsFigure: true, isCurveFirst: true },
  note: { label: 'Note', checks: [], showsFigure: false, isCurveFirst: false },
});
export type Station = keyof typeof STATIONS;
export const STATION_IDS = idsOf(STATIONS);

/** The station a check belongs to. */
export const stationOf = (check: CheckId): Station =>
  STATION_IDS.find((station) => STATIONS[station].checks.includes(check)) ?? 'note';
export const isStation = (text: string): text is Station => isIdOf(STATIONS, text);
