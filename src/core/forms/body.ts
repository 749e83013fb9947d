/**
 * The body that a parcel makes, as the conduction solver sees it. The solver has one dimension: half the thickness at the fullest
 * place is the form's geometry, and the dimension is fitted, once for each form, to a solution on a grid in three dimensions of
 * the filling as it lies in the closed skin (its tests hold both together: within 8 %, no more than 4 % too soon).
 */
export interface Body {
  /** 1 slab, 2 long cylinder, 3 sphere. */
  dimension: number;
  /** Radius of the largest ball that the filling holds: half its thickness at the fullest place, mm. */
  fillingMm: number;
  /** The wrapper around it, as it cooks, mm. */
  wrapperMm: number;
}

/** A thick wrapper rounds what it is closed round: its thickness over half the filling's, up to what the forms were fitted to. */
export const thickOver = ({ fillingMm, wrapperMm }: Omit<Body, 'dimension'>): number =>
  Math.min(MOST_THICK, wrapperMm / Math.max(0.1, fillingMm));
const MOST_THICK = 1.8;

/** A wrapper as it cooks, mm: its rolled thickness times what it swells by. */
export const risen = (thicknessMm: number, areaMm2: number, wrapperMl: number): number =>
  thicknessMm * swelling(thicknessMm, areaMm2, wrapperMl);

/** Volume as it cooks over the volume rolled out. */
const swelling = (thicknessMm: number, areaMm2: number, wrapperMl: number): number =>
  (wrapperMl * 1000) / (areaMm2 * thicknessMm);
