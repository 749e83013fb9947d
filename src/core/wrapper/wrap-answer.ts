/** Wrap's one answer, which stands first. */
import { type Skin } from '../forms/skins';
import { type Batch } from '../stored/schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { formatWeight } from '../units/format';
import { formatLength, formatSides, type LengthUnit } from '../units/lengths';
import { type WrapperMaking } from './making';

/** `110 mm rounds`, `160 × 110 mm ovals`, `a 280 mm pan` */
function skinsWords(skin: Skin, unit: LengthUnit): string {
  switch (skin.shape) {
    case 'round':
      return `${formatLength(skin.diameterMm, unit, 0)} rounds`;
    case 'oval':
      return `${formatSides(skin.lengthMm, skin.widthMm, unit)} ovals`;
    case 'square':
      return `${formatLength(skin.sideMm, unit, 0)} squares`;
    case 'strip':
      return `${formatSides(skin.lengthMm, skin.widthMm, unit)} strips`;
    case 'pan':
      return `a ${formatLength(skin.diameterMm, unit, 0)} pan`;
    case 'tin':
      return `a ${formatSides(skin.lengthMm, skin.widthMm, unit)} tin`;
  }
}

/** Wrap: how much in each, in what, and how much dough or how many skins. */
export function wrapAnswer({ wrap }: Batch, kitchen: Kitchen, plan: WrapperMaking): string {
  const each = `*${formatWeight(wrap.portionG)}* each`;
  const skins = `*${skinsWords(wrap.skin, kitchen.lengths)}*`;
  const dough =
    plan.bought === null
      ? `*${formatWeight(plan.neededG)}* of dough`
      : `*${plan.bought.pieces}* ${'sheetsBelow' in wrap.skin ? 'sheets' : 'skins'}`;
  return `${each}, ${skins}, ${dough}.`;
}
