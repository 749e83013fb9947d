/** The skin laid flat, in millimetres, y downwards, its middle at the origin: a drawing, and a mat to roll on. */

export interface FlatSkin {
  /** What this piece is, where there are several: `lower round`. */
  label: string;
  /** How many of it one parcel takes. */
  each: number;
  widthMm: number;
  heightMm: number;
  /** SVG paths. */
  outline: string;
  /** Where the rim begins; empty where there is none. */
  rim: string;
  /** Where the filling goes; empty where it does not go on this piece. */
  filling: string;
  /** Lines it is folded or cut along. */
  folds: string;
  /** Ticks at the edge: where pleats begin. */
  ticks: string;
}

/** A piece without what it does not have. */
export const flatSkin = (piece: Partial<FlatSkin> & Pick<FlatSkin, 'widthMm' | 'heightMm' | 'outline'>): FlatSkin => ({
  label: 'skin',
  each: 1,
  rim: '',
  filling: '',
  folds: '',
  ticks: '',
  ...piece,
});
