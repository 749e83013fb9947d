/** What a form of parcel knows: how much it holds, how much skin it takes, what body it makes for the heat, how it is drawn. */
import { type DoughId } from '../vocabulary/doughs';
import { type EdgeId } from '../vocabulary/edges';
import { type Method } from '../vocabulary/methods';
import { type Laid, type Shape } from './skins';
import { type Body } from './body';
import { type FlatSkin } from './flat';
import { type Filled, type SectionShape } from './section';

/** What is usual for a form. House estimates. */
export interface Usual extends Laid {
  dough: DoughId;
  method: Method;
  mediumC: number;
  minutes: number;
}

export interface Form {
  label: string;
  /** More than one of it. */
  plural: string;
  /** What it is made from; the first is usual. */
  shapes: readonly [Shape, ...Shape[]];
  /** What its size is of. */
  sizeWord: 'skin' | 'strip' | 'pan';
  /** How it is made, in a sentence. */
  made: string;
  /** Why the capacity is what it is, for "why?". */
  law: string;
  /** The most it can hold before it splits, ml; left with a mouth, before it runs over. */
  maxMl(laid: Laid, hasMouth?: boolean): number;
  /** Comfortable fill as a share of the most. House estimates. */
  comfortable: readonly [low: number, high: number];
  /** Up to this share it can be closed, tightly. House estimate. */
  tight: number;
  /** Area of all the skin in one parcel, mm². */
  skinArea(laid: Laid, fillMl: number): number;
  /**
   * @param fillMl filling in the parcel
   * @param wrapperMl volume of the wrapper as it cooks
   */
  body(laid: Laid, fillMl: number, wrapperMl: number): Body;
  /** Usual ratio of filling to wrapper by mass. House estimate. */
  usualRatio: readonly [low: number, high: number];
  /** Its skins are of a size of their own: changing to or from it, the usual one comes with it. */
  hasOwnSize: boolean;
  /** What `rimMm` is of it; null where it has none. */
  rimWord: 'rim' | 'overlap' | null;
  /** It is cooked empty, and filled afterwards. */
  isFilledAfter: boolean;
  /** It is sealed all round; else it is open somewhere as it is made, and needs no vent. */
  isClosed: boolean;
  /** It can be left with a small open mouth. */
  canHaveMouth: boolean;
  /** How its edge can be closed; the first is usual. */
  edges: readonly [EdgeId, ...EdgeId[]];
  /** g in 100 g of filling that leave as steam through crust and seam while it bakes. House estimate. */
  bakesOffPer100: number;
  /** A closed skin that may hold so much broth, g in 100 g, round raw meat in steam or water; null as its dough has it. House estimate. */
  brothy: number | null;
  usual: Usual;
  /** As large as a mouthful or two, as a hand, or a whole pan. */
  size: 'small' | 'large' | 'pan';
  /** Cut through, in millimetres: a drawing of what the core has worked out. */
  section(filled: Filled, laid: Laid): SectionShape;
  /** The skin laid flat, every piece of it. */
  flat(filled: Filled, laid: Laid): readonly [FlatSkin, ...FlatSkin[]];
}

/** The skin, which is of a shape this form is made from. @throws RangeError where it is not */
export function skinOf<S extends Shape>(laid: Laid, ...shapes: S[]): Extract<Laid['skin'], { shape: S }> {
  const { skin } = laid;
  if (!(shapes as Shape[]).includes(skin.shape)) throw new RangeError(`not made from a ${skin.shape} skin`);
  return skin as Extract<Laid['skin'], { shape: S }>;
}
