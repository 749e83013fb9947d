/** Sizes where a recipe is silent: filling and count give the portion, portion and form the skin that closes comfortably. */
import { DEFAULT_KITCHEN } from '../../stored/kitchen';
import { type Batch } from '../../stored/schema';
import { wasteShare } from '../../learning/learned';
import { LIMITS } from '../../vocabulary/limits';
import { FORMS } from '../../forms';
import { usualRimMm } from '../../forms/usual-rim';
import { type Skin } from '../../forms/skins';
import { fillingDensity } from '../../filling/density';
import { drawLedger, type Ledger } from '../../filling/ledger';
import { panContents } from '../../filling/pan';
import { resolveLines } from '../../filling/lines';

interface Said {
  count: boolean;
  portion: boolean;
  skin: boolean;
}

/** Share of a hot filling that leaves as steam while it cools on a tray. House estimate. */
const STEAMS_OFF = 0.07;

/** Skins are cut in steps of so many mm. */
const STEP_MM = 5;
const TRIES = 40;

const ledgerOf = (batch: Batch): Ledger => drawLedger(resolveLines(batch, DEFAULT_KITCHEN), batch.water, 0);

/** The batch with count, portion and skin that go together. */
export function sized(batch: Batch, sizes: Said): Batch {
  const lines = resolveLines(batch, DEFAULT_KITCHEN);
  if (lines.length === 0) return batch;
  const { finishedG: madeG, composition } = ledgerOf(batch);
  // What steams off as it cools is not known yet, and something stays in the pan.
  const hotG = batch.school === 'raw' ? 0 : panContents(lines);
  const finishedG = (madeG - STEAMS_OFF * hotG) * (1 - wasteShare(DEFAULT_KITCHEN));
  const density = fillingDensity(composition);
  const { form } = batch.wrap;
  const usualG = middleMl(batch.wrap.skin, batch) * density;
  const count = sizes.count
    ? batch.count
    : within(sizes.portion ? finishedG / batch.wrap.portionG : FORMS[form].size === 'pan' ? 1 : finishedG / usualG);
  const portionG = sizes.portion ? batch.wrap.portionG : clamp(round(finishedG / count), LIMITS.portionG);
  const skin = sizes.skin ? batch.wrap.skin : skinFor(portionG / density, batch);
  return { ...batch, count, wrap: { ...batch.wrap, portionG, skin, rimMm: usualRimMm(form, skin) } };
}

/** Down, so that the last parcel is filled, too. */
const round = (g: number): number => (g < 60 ? Math.floor(2 * g) / 2 : Math.floor(g));
const clamp = (value: number, { least, most }: { least: number; most: number }): number =>
  Math.min(most, Math.max(least, value));
const within = (count: number): number => Math.round(clamp(count, LIMITS.count));

/** ml in the middle of what a skin holds comfortably. */
function middleMl(skin: Skin, { wrap }: Batch): number {
  const { comfortable, maxMl } = FORMS[wrap.form];
  const rimMm = usualRimMm(wrap.form, skin);
  return ((comfortable[0] + comfortable[1]) / 2) * maxMl({ skin, rimMm, thicknessMm: wrap.thicknessMm });
}

/** The skin of the form's usual shape that so much closes in comfortably. */
function skinFor(ml: number, batch: Batch): Skin {
  const { usual } = FORMS[batch.wrap.form];
  let [low, high] = [0.4, 5];
  for (let i = 0; i < TRIES; i++) {
    const middle = (low + high) / 2;
    if (middleMl(scaled(usual.skin, middle), batch) < ml) low = middle;
    else high = middle;
  }
  return scaled(usual.skin, high, true);
}

function scaled(skin: Skin, factor: number, tidy = false): Skin {
  const of = (mm: number, { least, most }: { least: number; most: number }): number =>
    clamp(tidy ? STEP_MM * Math.round((mm * factor) / STEP_MM) : mm * factor, { least, most });
  switch (skin.shape) {
    case 'round':
      return { ...skin, diameterMm: of(skin.diameterMm, LIMITS.skinMm) };
    case 'square':
      return { ...skin, sideMm: of(skin.sideMm, LIMITS.skinMm) };
    case 'oval':
    case 'strip':
      return { ...skin, lengthMm: of(skin.lengthMm, LIMITS.skinMm), widthMm: of(skin.widthMm, LIMITS.skinMm) };
    case 'pan':
      return { ...skin, diameterMm: of(skin.diameterMm, LIMITS.skinMm) };
    case 'tin':
      return { ...skin, lengthMm: of(skin.lengthMm, LIMITS.skinMm), widthMm: of(skin.widthMm, LIMITS.skinMm) };
  }
}
