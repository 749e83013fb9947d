/** The body that a parcel makes, as the conduction solver sees it. */
export interface Body {
  /** 1 slab, 2 long cylinder, 3 sphere. */
  dimension: number;
  /** Half the filling's thickness, mm. */
  fillingMm: number;
  /** The wrapper around it, as it cooks, mm. */
  wrapperMm: number;
}

/** A wrapper as it cooks, mm: its rolled thickness times what it swells by. */
export const risen = (thicknessMm: number, areaMm2: number, wrapperMl: number): number =>
  thicknessMm * swelling(thicknessMm, areaMm2, wrapperMl);

/** Volume as it cooks over the volume rolled out. */
const swelling = (thicknessMm: number, areaMm2: number, wrapperMl: number): number =>
  (wrapperMl * 1000) / (areaMm2 * thicknessMm);
