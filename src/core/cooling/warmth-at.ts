/** How warm a filling is at a minute of its forecast. */
import { type Warmth } from './warming';

/** Between the samples, and the last one beyond them. */
export function warmthAt(samples: readonly Warmth[], minute: number): Warmth {
  const after = samples.findIndex((s) => s.minute >= minute);
  if (after < 0) return samples[samples.length - 1];
  if (after === 0) return samples[0];
  const [a, b] = [samples[after - 1], samples[after]];
  const part = (minute - a.minute) / (b.minute - a.minute);
  const mix = (key: keyof Warmth): number => a[key] + (b[key] - a[key]) * part;
  return { minute, middleC: mix('middleC'), surfaceC: mix('surfaceC'), meanC: mix('meanC') };
}
