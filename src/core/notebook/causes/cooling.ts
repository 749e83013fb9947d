/** Causes in the cooling: wrapped too warm, cooled more slowly than thought. */
import { runEvidence } from '../../cooling/evidence-of';
import { isRehearsal } from '../../stored/rehearsal-id';
import { formatDifference, formatMinutes, formatTemperature } from '../../units/format';
import { type CauseRule, ramp, read } from '../cause';
import { type BatchNumbers } from '../numbers';
import { formatLength } from '../../units/lengths';

interface Cooled {
  /** What it was taken for wrapping at, °C, and whether that was measured; else by the forecast's curve. */
  endC: number;
  isMeasured: boolean;
  /** So much warmer than forecast were its readings on average, K; null without readings. */
  excessK: number | null;
  minutes: number;
}

/** How the last cooling really went. @returns null where none ran to its end */
function cooled({ batch: { id, cool }, accounts: { heat } }: BatchNumbers): Cooled | null {
  const run = cool.earlierRuns[cool.earlierRuns.length - 1];
  const samples = heat?.cooling?.samples ?? [];
  if (run === undefined || samples.length === 0) return null;
  const minuteOf = (at: string): number => (Date.parse(at) - Date.parse(run.offHeatAt)) / 60_000;
  const forecast = (minute: number): number => {
    const after = samples.findIndex((s) => s.minute >= minute);
    if (after <= 0) return after === 0 ? samples[0].centreC : samples[samples.length - 1].centreC;
    const [a, b] = [samples[after - 1], samples[after]];
    return a.centreC + ((b.centreC - a.centreC) * (minute - a.minute)) / (b.minute - a.minute);
  };
  const minutes = minuteOf(run.stoppedAt);
  const { counted } = runEvidence(run, { isRehearsal: isRehearsal(id) });
  const last = counted[counted.length - 1];
  const isMeasured = last !== undefined && minutes - last.minute < LATEST;
  const excess = counted.map((r) => r.c - forecast(r.minute));
  return {
    endC: isMeasured ? last.c : forecast(minutes),
    isMeasured,
    excessK: excess.length === 0 ? null : excess.reduce((sum, e) => sum + e, 0) / excess.length,
    minutes,
  };
}

/** A reading so long before the end is still what it was wrapped at, minutes. */
const LATEST = 20;

export const coolingCauses: readonly CauseRule[] = [
  {
    id: 'wrapped-warm',
    of: { 'dough-tore': 1, soggy: 0.7, leaked: 0.4, 'dough-sticky': 0.7, greasy: 0.4, tough: 0.2 },
    read: (n) => {
      const target = n.accounts.coolTarget;
      const end = cooled(n);
      if (target === null || end === null) return null;
      const t = (c: number): string => formatTemperature(Math.round(c), n.kitchen.temperature);
      return read(
        ramp(end.endC - target.c, 3, 18),
        'Wrapped too warm',
        `It was at *${t(end.endC)}* when it was wrapped; it should be at most ${t(target.c)} (${target.because}).`,
        { evidence: [end.isMeasured ? 'measured' : 'by the forecast'], isMeasured: end.isMeasured },
      );
    },
  },
  {
    id: 'cools-slowly-here',
    of: { 'cooled-slowly': 1 },
    read: (n) => {
      const excess = cooled(n)?.excessK ?? null;
      if (excess === null) return null;
      return read(
        ramp(excess, 3, 12),
        'It cools more slowly here than expected',
        `Its readings were *${formatDifference(excess, n.kitchen.temperature)}* warmer than forecast: another place, a lid, a fuller fridge.`,
        { evidence: ['by its readings'], isMeasured: true },
      );
    },
  },
  {
    id: 'deep',
    of: { 'cooled-slowly': 0.9 },
    read: ({ accounts: { heat }, kitchen }) => {
      const cooling = heat?.cooling ?? null;
      if (cooling === null) return null;
      const isSlow = cooling.stages.some(({ ok }) => !ok);
      const minutes = cooling.minutes ?? 24 * 60;
      return read(
        Math.max(isSlow ? 0.7 : 0, ramp(minutes, 60, 240)),
        'Deep in its vessel',
        `At *${formatLength(cooling.depthMm, kitchen.lengths, 0)}* deep it takes ${cooling.minutes === null ? 'more than a day' : formatMinutes(Math.round(minutes))}.`,
        { evidence: ['by the forecast'] },
      );
    },
  },
];
