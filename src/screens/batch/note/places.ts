/** Where in the drawing of a parcel its places are, mm from the middle of its foot, up is below 0. */
import { type SectionShape } from '@/core/forms/section';
import { type PlaceInParcel } from '@/core/vocabulary/outcomes';

interface Spot {
  x: number;
  y: number;
}

/** The first point of a path: where it begins. */
const beginOf = (path: string): Spot | null => {
  const found = /^M\s*(-?[\d.]+)[\s,]+(-?[\d.]+)/.exec(path.trim());
  return found === null ? null : { x: Number(found[1]), y: Number(found[2]) };
};

/** Each place once, apart from the others. */
export function placesOf({ inside, leftMm, widthMm, heightMm, seam }: SectionShape): Record<PlaceInParcel, Spot> {
  const left = -leftMm;
  const top = { x: inside.cx, y: -heightMm };
  const right = { x: left + widthMm, y: -heightMm * 0.3 };
  const begin = beginOf(seam);
  // A seam that begins where another place is already is shown at the shoulder.
  const isApart =
    begin !== null &&
    [top, { x: inside.cx, y: 0 }].every((s) => Math.hypot(s.x - begin.x, s.y - begin.y) > widthMm * 0.18);
  return {
    middle: { x: inside.cx, y: inside.cy },
    bottom: { x: inside.cx, y: 0 },
    top,
    side: { x: left, y: -heightMm * 0.3 },
    seam: isApart && begin.x > inside.cx ? begin : right,
  };
}
