/**
 * The filling of a form as a solid: its shape as it is closed, as thick as the form says it is and holding as much as it does.
 * How wide it lies follows from the two.
 */
import { FORMS, type FormId } from '@/core/forms';
import { type Laid, sizeOf } from '@/core/forms/skins';
import { cushion, disc, dome, mound, rod, type Shape, spindle, tent } from './solid';

/** A length of the skin, mm. */
const of = (laid: Laid, key: Parameters<typeof sizeOf>[1]): number => {
  const mm = sizeOf(laid.skin, key);
  if (mm === undefined) throw new RangeError(`no ${key}`);
  return mm;
};

/** A bar along the fold, each section as large as the folded skin is wide there. @param share of its widest, at a share of half the length */
function along(half: number, share: (at: number) => number, thick: number, volume: number): Shape {
  const steps = 400;
  let sum = 0;
  for (let i = 0; i < steps; i++) sum += share((i + 0.5) / steps) ** 2 / steps;
  const wide = volume / (Math.PI * thick * 2 * half * sum);
  return spindle(half, (at) => ({ y: wide * share(at), z: thick * share(at) }));
}

/** A folded ellipse, inside its rim. */
const folded = (a: number, b: number, rim: number) => {
  const reach = Math.sqrt(1 - (rim / b) ** 2);
  const share = (at: number): number =>
    Math.max(0, b * Math.sqrt(Math.max(0, 1 - (at * reach) ** 2)) - rim) / (b - rim);
  return { half: a * reach, share };
};

/** A ball on a flat foot: how deep the foot lies below its middle follows from volume and thickness. */
function footed(volume: number, thick: number): Shape {
  let [low, high] = [0, 1];
  const radius = (cut: number): number => Math.cbrt(volume / (Math.PI * (2 / 3 + cut - cut ** 3 / 3)));
  for (let i = 0; i < 50; i++) {
    const cut = (low + high) / 2;
    if (((1 + cut) / 2) * radius(cut) < thick) low = cut;
    else high = cut;
  }
  return dome(radius(low), low);
}

/** A tent twice as high as half its thickness: how large its floor is follows from its volume, floor × height / 2. */
function tentOf(sides: 3 | 4, rounded: number, volume: number, thick: number): Shape {
  const steps = 20_000;
  let area = 0;
  for (let i = 0; i < steps; i++) {
    const off = (((i + 0.5) / steps) * 2 - 1) * (Math.PI / sides);
    area += (Math.min(1 / Math.cos(off), rounded) ** 2 * Math.PI) / steps;
  }
  return tent(sides, rounded, Math.sqrt(volume / thick / area), 2 * thick);
}

export function solidOf(form: FormId, laid: Laid, fillMl: number, thick: number): Shape {
  const volume = fillMl * 1000;
  const { rimMm } = laid;
  switch (form) {
    case 'half-moon':
    case 'pocket': {
      const b = (laid.skin.shape === 'oval' ? of(laid, 'widthMm') : of(laid, 'diameterMm')) / 2;
      const a = laid.skin.shape === 'oval' ? of(laid, 'lengthMm') / 2 : b;
      const { half, share } = folded(a, b, rimMm);
      return along(half, share, thick, volume);
    }
    case 'triangle':
      return along(of(laid, 'sideMm') / Math.SQRT2 - Math.SQRT2 * rimMm, (at) => 1 - at, thick, volume);
    case 'flag-triangle':
    case 'envelope':
    case 'pillow':
      return cushion(Math.sqrt((3 * volume) / (4 * Math.PI * thick)), thick);
    case 'three-corners':
      return tentOf(3, 1.5, volume, thick);
    case 'closed-square':
      return tentOf(4, 1.25, volume, thick);
    case 'purse':
      return footed(volume, thick);
    case 'double-round':
      return mound(of(laid, 'diameterMm') / 2 - rimMm, 2 * thick);
    case 'flat-round':
      return disc(of(laid, 'diameterMm') / 2 - rimMm, thick);
    case 'wound-roll':
      return rod(thick, volume / (Math.PI * thick ** 2) / 2, false);
    case 'roll':
      return rod(thick, of(laid, 'lengthMm') / 2, true);
    default:
      throw new RangeError(`${FORMS[form].label} is not a solid of its own`);
  }
}
