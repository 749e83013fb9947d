/** What a form of parcel knows: how much it holds, how much skin it takes, what body it makes for the heat, how it is drawn. */
import { type DoughId } from '../doughs';
import { type Method } from '../methods';
import { type Body, type Skin } from './body';
import { type Filled, type SectionShape } from './section';

/** What is usual for a form. House estimates. */
export interface Usual {
  skin: Skin;
  dough: DoughId;
  method: Method;
  mediumC: number;
  minutes: number;
}

export interface Form {
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
  /** g in 100 g of filling that leave as steam through crust and seam while it bakes. House estimate. */
  bakesOffPer100: number;
  /** A closed skin that may hold so much broth, g in 100 g, round raw meat in steam or water; null as its dough has it. House estimate. */
  brothy: number | null;
  usual: Usual;
  /** Forms of one class share their sizes: changing between them keeps what was typed. */
  sizes: 'small' | 'large' | 'pan';
  /** Cut through, in millimetres: a drawing of what the core has worked out. */
  section(filled: Filled, skin: Skin): SectionShape;
}
