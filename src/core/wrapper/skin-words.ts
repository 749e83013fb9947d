/** A skin in a few words, in the kitchen's lengths. */
import { type Skin } from '../forms/skins';
import { formatLength, formatSides, type LengthUnit } from '../units/lengths';

/** `90 mm skin`, `160 × 110 mm oval`, `280 mm pan`; `3½ in skin` */
export function skinWords(skin: Skin, unit: LengthUnit): string {
  switch (skin.shape) {
    case 'round':
      return `${formatLength(skin.diameterMm, unit, 0)} skin`;
    case 'oval':
      return `${formatSides(skin.lengthMm, skin.widthMm, unit)} oval`;
    case 'square':
      return `${formatLength(skin.sideMm, unit, 0)} square`;
    case 'strip':
      return `strip ${formatLength(skin.widthMm, unit, 0)} wide, cut to ${formatLength(skin.lengthMm, unit, 0)}`;
    case 'pan':
      return `${formatLength(skin.diameterMm, unit, 0)} pan`;
    case 'tin':
      return `${formatSides(skin.lengthMm, skin.widthMm, unit)} tin`;
  }
}
