/** What a method of cooking is. */

/** How a dough takes free liquid. */
export type DoughKind = 'yeasted' | 'noodle' | 'short' | 'laminated' | 'thin';

/** How much free liquid a parcel takes: g in 100 g of filling. House estimates. */
export interface Tolerance {
  band: readonly [dry: number, wet: number];
  /** The parcel, as the sentence names it. */
  parcel: string;
}

export interface MethodRecord {
  /** `steam`, and said of a batch: `steamed`; to the cook: `Steam`. */
  label: string;
  done: string;
  imperative: string;
  /** Its temperature is the cook's to set; else it is boiling water or its steam, as hot as the altitude lets it be. */
  isSet: boolean;
  /** What is usual, °C. */
  usualC: number;
  /** Surface coefficient on a parcel, W/m²·K, by the kitchen. House estimates within the ranges of heat-transfer texts. */
  h(kitchen: { fanOven: boolean }): number;
  tolerance: Readonly<Record<DoughKind, Tolerance>>;
  /** The usual caution at it. */
  caution: string;
}
