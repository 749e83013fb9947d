/** What a parcel is made from: a skin of some shape, or a pan lined with sheets. Sizes in mm. */
import { idsOf, recordsOf } from '../../vocabulary/records';

export type Skin =
  | { shape: 'round'; diameterMm: number }
  | { shape: 'oval'; lengthMm: number; widthMm: number }
  | { shape: 'square'; sideMm: number }
  | { shape: 'strip'; lengthMm: number; widthMm: number }
  | ({ shape: 'pan'; diameterMm: number } & Lined)
  | ({ shape: 'tin'; lengthMm: number; widthMm: number } & Lined);

/** A pan is as deep as it is, with so many sheets below and above. */
interface Lined {
  depthMm: number;
  sheetsBelow: number;
  sheetsAbove: number;
}

export type Shape = Skin['shape'];
export type SkinOf<S extends Shape> = Extract<Skin, { shape: S }>;

/** A length that a skin of some shape has. */
type SkinSize = 'diameterMm' | 'lengthMm' | 'widthMm' | 'sideMm' | 'depthMm';

/** What it is rolled out to, and how it is laid: all that decides what it holds. */
export interface Laid {
  skin: Skin;
  /** Kept free of filling for the seal; of a roll, what overlaps. */
  rimMm: number;
  /** Of the skin, or of one sheet. */
  thicknessMm: number;
}

interface ShapeRecord {
  label: string;
  /** Its sizes, and what they are called beside their fields. */
  sizes: readonly { key: SkinSize; label: string }[];
  isPan: boolean;
}

export const SHAPES = recordsOf<ShapeRecord>()({
  round: { label: 'round', sizes: [{ key: 'diameterMm', label: 'Skin across' }], isPan: false },
  oval: {
    label: 'oval',
    sizes: [
      { key: 'lengthMm', label: 'Oval long' },
      { key: 'widthMm', label: 'Oval wide' },
    ],
    isPan: false,
  },
  square: { label: 'square', sizes: [{ key: 'sideMm', label: 'Side' }], isPan: false },
  strip: {
    label: 'strip',
    sizes: [
      { key: 'lengthMm', label: 'Cut length' },
      { key: 'widthMm', label: 'Strip wide' },
    ],
    isPan: false,
  },
  pan: {
    label: 'round pan',
    sizes: [
      { key: 'diameterMm', label: 'Pan across' },
      { key: 'depthMm', label: 'Pan deep' },
    ],
    isPan: true,
  },
  tin: {
    label: 'rectangular tin',
    sizes: [
      { key: 'lengthMm', label: 'Tin long' },
      { key: 'widthMm', label: 'Tin wide' },
      { key: 'depthMm', label: 'Tin deep' },
    ],
    isPan: true,
  },
} satisfies Record<Shape, ShapeRecord>);
export const SHAPE_IDS = idsOf(SHAPES);

/** A length of a skin, mm; undefined where its shape has none called so. */
export const sizeOf = (skin: Skin, key: SkinSize): number | undefined =>
  key in skin ? (skin as unknown as Readonly<Record<SkinSize, number>>)[key] : undefined;

/** The same skin with one length changed. */
export const withSize = (skin: Skin, key: SkinSize, mm: number): Skin => ({ ...skin, [key]: mm });

/** The same shape, every length that lies flat so many times as large; what is deep stays so. */
export function scaled(skin: Skin, factor: number): Skin {
  const flat = SHAPES[skin.shape].sizes.filter(({ key }) => key !== 'depthMm');
  return flat.reduce((so, { key }) => withSize(so, key, (sizeOf(skin, key) ?? 0) * factor), skin);
}

/** The shorter way across, mm: what a rim must leave something of. Of a strip only its width has a rim. */
export const acrossOf = (skin: Skin): number =>
  skin.shape === 'strip'
    ? skin.widthMm
    : Math.min(
        ...SHAPES[skin.shape].sizes.filter(({ key }) => key !== 'depthMm').map(({ key }) => sizeOf(skin, key) ?? 0),
      );

/** Area of one skin, or of the pan’s floor, mm². */
export function areaOf(skin: Skin): number {
  switch (skin.shape) {
    case 'round':
    case 'pan':
      return (Math.PI * skin.diameterMm ** 2) / 4;
    case 'oval':
      return (Math.PI * skin.lengthMm * skin.widthMm) / 4;
    case 'square':
      return skin.sideMm ** 2;
    case 'strip':
    case 'tin':
      return skin.lengthMm * skin.widthMm;
  }
}
