/** Outlines of a parcel cut through, in millimetres, y downwards, the board at y = 0. Drawing only: sizes are computed before. */
import { type Body } from './body';

export interface SectionShape {
  widthMm: number;
  heightMm: number;
  /** How far it reaches to the left of the origin. */
  leftMm: number;
  /** Only a slice of the parcel is drawn: the whole would be too wide for its height. */
  isSlice: boolean;
  /** SVG paths. */
  skin: string;
  filling: string;
  /** Lines of pleats or of the seal. */
  seam: string;
  /** Where the seam cracks when overfilled. */
  crack: string;
  /** The filling as an ellipse, for placing what is in it. */
  inside: { cx: number; cy: number; rx: number; ry: number };
  /** Where the leaders point. */
  skinAt: { x: number; y: number };
}

/** A parcel filled so far. */
export interface Filled {
  body: Body;
  fillMl: number;
  maxMl: number;
  /** It is left with a small open mouth. */
  hasMouth: boolean;
}
