/**
 * A pot of oil or water with parcels in it: the burner heats, the pot loses, the parcels take what their own surfaces take,
 * m c dT/dt = P(t) − losses·(T − room) − N·q(t).
 */
import { HeatedParcel, type ParcelInput } from './parcel';

/** A hob follows the knob or the thermostat with so much delay, s. House estimate. */
const LAG_S = 30;
/** Full flame when it is so much too cold, K; in between in proportion. House estimate. */
const FULL_AT_K = 4;
/** Back is what is within so much of where it should be, K. */
const BACK_WITHIN_K = 2;
/** The pot and its parcels are in step at least so often, s: often while they take most, less often later. */
const stride = (seconds: number): number => (seconds < 60 ? 2 : seconds < 180 ? 5 : 10);

export interface Pot {
  /** J/K of what is in it. */
  heatCapacity: number;
  setC: number;
  /** At the most, into the pot, W. */
  powerW: number;
  /** By a thermostat, or by a cook who turns it up in time; or left as it was to hold the empty pot. */
  control: 'turned-up' | 'left';
  /** W for each K above the room. */
  lossWPerK: number;
  roomC: number;
  /** Boils here and gets no hotter, °C; null of oil. */
  boilingC: number | null;
}

export interface LoadOfParcels {
  count: number;
  parcel: Omit<ParcelInput, 'around'>;
  /** W/m²·K */
  h: number;
  /** The parcel's surface, m². */
  area: number;
}

export interface PotSample {
  minute: number;
  potC: number;
  centreC: number;
}

export interface PotRun {
  samples: PotSample[];
  lowestC: number;
  lowestAtMinute: number;
  /** When it is within 2 K of where it should be again; 0 where it never left, null where not within the time. */
  recoveredAtMinute: number | null;
  /** How far all the heat differs from where it went, share of what the burner gave. */
  residual: number;
  /** Heat that one parcel took in, J. */
  eachTookJ: number;
}

/** Puts a load into a pot that is as hot as it is set. */
export function runPot(pot: Pot, load: LoadOfParcels, minutes: number): PotRun {
  const { setC, roomC, lossWPerK, powerW, heatCapacity, boilingC } = pot;
  const body = new HeatedParcel({ ...load.parcel, around: { outer: { mediumC: setC, h: load.h } } });
  // From the unit of the shape to this parcel: by its surface.
  const radius = load.parcel.layers.reduce((sum, { thickness }) => sum + thickness, 0);
  const real = load.area / radius ** (load.parcel.dimension - 1);
  let potC = setC;
  let burner = Math.min(powerW, lossWPerK * (setC - roomC));
  let given = 0;
  let lost = 0;
  let boiledAway = 0;
  let taken = 0;
  const samples: PotSample[] = [{ minute: 0, potC, centreC: body.state().centreC }];
  let [lowestC, lowestAtMinute] = [potC, 0];
  for (let seconds = 0; minutes * 60 - seconds > 1e-6;) {
    body.drift(potC);
    const now = body.advance(Math.min(stride(seconds), minutes * 60 - seconds));
    const dt = now.seconds - seconds;
    seconds = now.seconds;
    const loss = lossWPerK * (potC - roomC);
    const short = boilingC === null ? (setC - potC) / FULL_AT_K : 1;
    const asked = pot.control === 'left' ? burner : Math.min(powerW, Math.max(0, loss + powerW * short));
    burner += ((asked - burner) * dt) / (LAG_S + dt);
    const took = real * now.takenIn - taken;
    taken += took;
    given += burner * dt;
    lost += loss * dt;
    potC += (burner * dt - loss * dt - load.count * took) / heatCapacity;
    if (boilingC !== null && potC > boilingC) {
      boiledAway += (potC - boilingC) * heatCapacity;
      potC = boilingC;
    }
    if (potC < lowestC) [lowestC, lowestAtMinute] = [potC, seconds / 60];
    samples.push({ minute: seconds / 60, potC, centreC: now.centreC });
  }
  const fell = setC - lowestC;
  const back = samples.find((s) => s.minute >= lowestAtMinute && s.potC >= setC - BACK_WITHIN_K);
  const kept = heatCapacity * (potC - setC) + lost + boiledAway + load.count * taken;
  return {
    samples,
    lowestC,
    lowestAtMinute,
    recoveredAtMinute: fell <= BACK_WITHIN_K ? 0 : (back?.minute ?? null),
    residual: Math.max(Math.abs(kept - given) / Math.max(1, given), body.state().residual),
    eachTookJ: taken,
  };
}

/**
 * The most parcels at once that keep a pot within so many K of where it is set; 0 where not even one does. The fall goes
 * nearly with the number: a guess in proportion, and from there one by one.
 */
export function largestLoad(pot: Pot, load: LoadOfParcels, minutes: number, withinK: number, most: number): number {
  const fallOf = (count: number): number => pot.setC - runPot(pot, { ...load, count }, minutes).lowestC;
  const all = fallOf(most);
  if (all <= withinK) return most;
  let count = Math.max(1, Math.min(most - 1, Math.floor((most * withinK) / all)));
  if (fallOf(count) <= withinK) {
    while (count + 1 < most && fallOf(count + 1) <= withinK) count += 1;
    return count;
  }
  while (count > 0 && fallOf(count) > withinK) count -= 1;
  return count;
}
