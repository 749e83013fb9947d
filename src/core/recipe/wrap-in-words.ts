/** A wrapper as commands and recipes say it: a skin by its shape, or, as it was first said, by one diameter. */
import { changeDough } from '../stored/create';
import { type Batch } from '../stored/schema';
import { type DoughId } from '../vocabulary/doughs';
import { type FormId, FORMS } from '../forms';
import { usualRimMm } from '../forms/usual-rim';
import { type Skin } from '../forms/skins';

export interface SkinInWords {
  shape: 'round' | 'oval' | 'square' | 'strip' | 'pan';
  diameterMm?: number;
  lengthMm?: number;
  widthMm?: number;
  sideMm?: number;
  depthMm?: number;
  sheetsBelow?: number;
  sheetsAbove?: number;
}

export interface WrapInWords extends Partial<Pick<Batch['wrap'], 'rimMm' | 'thicknessMm' | 'portionG'>> {
  diameterMm?: number;
  depthMm?: number;
  dough?: DoughId;
  skin?: SkinInWords;
}

/** The skin that is said, what is not said as it is in the usual one. Lengths of another shape count for nothing. */
export function skinInWords(form: FormId, { skin, diameterMm, depthMm, thicknessMm }: WrapInWords, usual: Skin): Skin {
  const skinNamed: SkinInWords | undefined =
    skin ??
    (diameterMm === undefined && depthMm === undefined
      ? undefined
      : { shape: 'sheetsBelow' in usual ? 'pan' : 'round' });
  const across = skinNamed?.diameterMm ?? diameterMm;
  const deep = skinNamed?.depthMm ?? depthMm;
  const lined = 'sheetsBelow' in usual ? usual : null;
  if (lined) {
    // Said as one thickness, all sheets of a face are one.
    const one =
      thicknessMm !== undefined && skinNamed?.sheetsBelow === undefined && skinNamed?.sheetsAbove === undefined;
    const pan = {
      depthMm: deep ?? lined.depthMm,
      sheetsBelow: skinNamed?.sheetsBelow ?? (one ? 1 : lined.sheetsBelow),
      sheetsAbove: skinNamed?.sheetsAbove ?? (one ? 1 : lined.sheetsAbove),
    };
    if (skinNamed?.lengthMm !== undefined && across === undefined)
      return { shape: 'tin', lengthMm: skinNamed.lengthMm, widthMm: skinNamed.widthMm ?? skinNamed.lengthMm, ...pan };
    return { shape: 'pan', diameterMm: across ?? (lined.shape === 'pan' ? lined.diameterMm : lined.lengthMm), ...pan };
  }
  if (skinNamed === undefined || !(FORMS[form].shapes as readonly string[]).includes(skinNamed.shape)) {
    // A round across stands for a square of that side, and so on: what is meant is its size.
    return across === undefined ? usual : withAcross(usual, across);
  }
  switch (skinNamed.shape) {
    case 'round':
      return across === undefined ? usual : { shape: 'round', diameterMm: across };
    case 'square':
      return skinNamed.sideMm === undefined ? usual : { shape: 'square', sideMm: skinNamed.sideMm };
    case 'strip': {
      // Of a strip mostly its width is said.
      const { lengthMm, widthMm } = { ...(usual.shape === 'strip' ? usual : {}), ...given(skinNamed) };
      return lengthMm === undefined || widthMm === undefined ? usual : { shape: 'strip', lengthMm, widthMm };
    }
    case 'oval': {
      const { lengthMm, widthMm } = skinNamed;
      return lengthMm === undefined || widthMm === undefined ? usual : { shape: 'oval', lengthMm, widthMm };
    }
    case 'pan':
      return usual;
  }
}

/** What is said of a strip. */
const given = ({ lengthMm, widthMm }: SkinInWords): { lengthMm?: number; widthMm?: number } => ({
  ...(lengthMm === undefined ? {} : { lengthMm }),
  ...(widthMm === undefined ? {} : { widthMm }),
});

function withAcross(usual: Skin, mm: number): Skin {
  switch (usual.shape) {
    case 'round':
      return { shape: 'round', diameterMm: mm };
    case 'square':
      return { shape: 'square', sideMm: mm };
    case 'oval':
      return { shape: 'oval', lengthMm: mm, widthMm: (mm * usual.widthMm) / usual.lengthMm };
    default:
      return usual;
  }
}

/** A wrapper said in part, over what is usual. */
export function wrapInWords(words: WrapInWords, usual: Batch['wrap'], dough: DoughId): Batch['wrap'] {
  const base = dough === usual.dough ? usual : { ...usual, ...changeDough(dough, usual) };
  const { rimMm, thicknessMm, portionG } = words;
  const skin = skinInWords(base.form, words, base.skin);
  return {
    ...base,
    skin,
    rimMm: rimMm ?? usualRimMm(base.form, skin),
    ...(thicknessMm === undefined ? {} : { thicknessMm }),
    ...(portionG === undefined ? {} : { portionG }),
    dough,
  };
}
