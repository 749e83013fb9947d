/** What a form of parcel knows: how much it holds, how much skin it takes, and what body it makes for the heat. */

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

export interface Form {
  id: FormId;
  label: string;
  /** What its diameter is of. */
  sizeWord: 'skin' | 'pan';
  /** Why the capacity is what it is, for "why?". */
  law: string;
  /** The most it can hold before it splits, ml. */
  maxMl(skin: Skin): number;
  /** Comfortable fill as a share of the most. House estimates. */
  comfortable: readonly [low: number, high: number];
  /** Up to this share it can be closed, tightly. House estimate. */
  tight: number;
  /** Area of skin in one parcel, mm². */
  skinArea(skin: Skin): number;
  /**
   * @param fillMl filling in the parcel
   * @param wrapperMl volume of the wrapper as it cooks
   */
  body(skin: Skin, fillMl: number, wrapperMl: number): Body;
  /** Usual ratio of filling to wrapper by mass. House estimate. */
  usualRatio: readonly [low: number, high: number];
}

export const FORM_IDS = ['half-moon', 'purse', 'pocket', 'pan-pie'] as const;
export type FormId = (typeof FORM_IDS)[number];
