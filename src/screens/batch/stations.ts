/** The five stations in working order, and which checks each carries. */
import { type CheckId } from '@/core/batch/check';

export const STATIONS = ['fill', 'cool', 'wrap', 'cook', 'note'] as const;
export type Station = (typeof STATIONS)[number];

export const STATION_WORDS: Record<Station, string> = {
  fill: 'Fill',
  cool: 'Cool',
  wrap: 'Wrap',
  cook: 'Cook',
  note: 'Note',
};

export const STATION_CHECKS: Record<Station, readonly CheckId[]> = {
  fill: ['moisture', 'salt'],
  cool: ['cooling'],
  wrap: ['fit'],
  cook: ['core'],
  note: [],
};

/** The station a check belongs to. */
export const stationOf = (check: CheckId): Station => STATIONS.find((s) => STATION_CHECKS[s].includes(check)) ?? 'note';
export const isStation = (text: string): text is Station => STATIONS.some((s) => s === text);
