/** Lines of one temperature inside a parcel at a minute: rings that grow inwards, or from both faces of a slab. */
import { type CoreForecast } from './heat';

export interface Isotherm {
  c: number;
  /** Colder than that between these two, each from the middle of the filling (0) to its edge (±1); below and above of a slab. */
  below: number;
  above: number;
}

type Inside = Pick<CoreForecast, 'profile' | 'fillingShare'>;

/** Temperatures at the depths, °C, at a minute between two that were computed. */
function inside({ profile }: Inside, minute: number): readonly number[] {
  const { at } = profile;
  const after = at.findIndex((p) => p.minute >= minute);
  if (after === 0) return at[0].c;
  if (after < 0) return at[at.length - 1].c;
  const [a, b] = [at[after - 1], at[after]];
  const part = (minute - a.minute) / (b.minute - a.minute);
  return a.c.map((c, i) => c + (b.c[i] - c) * part);
}

/** Where a temperature is crossed going outwards from a depth, as a share of the whole; null where it is not. */
function outwards(
  shares: readonly number[],
  c: readonly number[],
  from: number,
  by: 1 | -1,
  wanted: number,
): number | null {
  for (let i = from; i + by >= 0 && i + by < c.length; i += by) {
    if (c[i] < wanted && c[i + by] >= wanted) {
      return shares[i] + ((shares[i + by] - shares[i]) * (wanted - c[i])) / (c[i + by] - c[i]);
    }
  }
  return null;
}

/**
 * The lines that run through the filling at a minute.
 * @param isSlab it has a face below and one above; else it is the same all round
 * @param temperatures °C
 */
export function isothermsAt(
  forecast: Inside,
  isSlab: boolean,
  temperatures: readonly number[],
  minute: number,
): Isotherm[] {
  const { shares } = forecast.profile;
  if (forecast.profile.at.length === 0) return [];
  const c = inside(forecast, minute);
  const coldest = c.indexOf(Math.min(...c));
  const middle = isSlab ? 0.5 : 0;
  const reach = isSlab ? forecast.fillingShare / 2 : forecast.fillingShare;
  const inFilling = (share: number): number => (share - middle) / reach;
  return temperatures.flatMap((wanted): Isotherm[] => {
    if (c[coldest] >= wanted) return [];
    const up = outwards(shares, c, coldest, 1, wanted);
    const down = isSlab ? outwards(shares, c, coldest, -1, wanted) : null;
    const above = Math.min(1, up === null ? 1 : inFilling(up));
    const below = isSlab ? Math.max(-1, down === null ? -1 : inFilling(down)) : -above;
    return above <= below ? [] : [{ c: wanted, below, above }];
  });
}

/** The coldest of the filling at a minute, °C. */
export const coldestAt = (forecast: Inside, minute: number): number =>
  forecast.profile.at.length === 0 ? Number.NaN : Math.min(...inside(forecast, minute));
