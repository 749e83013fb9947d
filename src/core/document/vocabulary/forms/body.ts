/** A skin, and the body that a parcel makes of it. */

/** A round skin rolled out, or a round pan lined with sheets. */
export interface Skin {
  diameterMm: number;
  /** Kept free of filling for the seal. */
  rimMm: number;
  thicknessMm: number;
  /** Depth of the pan, for a pan pie. */
  depthMm?: number | null;
}

/** The parcel as the conduction solver sees it. */
export interface Body {
  /** 1 slab, 2 long cylinder, 3 sphere. */
  dimension: number;
  /** Half the filling's thickness, mm. */
  fillingMm: number;
  /** The wrapper around it, as it cooks, mm. */
  wrapperMm: number;
}
