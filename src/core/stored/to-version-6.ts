/**
 * Version 6: the skin has a shape of its own; a pan's sheets are counted; a wrapper knows its own formula, its edge, vent and
 * glaze, what was weighed at the board and the bench clock.
 */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Where a pan's depth was not said in version 5, mm. */
const DEPTH_UNSAID = 45;
/** Version 5 counted all thin sheets of one face as one thickness; one of them is about so thick, mm. */
const ONE_SHEET = 0.5;

/** What no version 5 knew, as it was taken for granted then. */
const NOT_KNOWN = {
  ownDough: null,
  spareShare: 0.05,
  sheet: null,
  packet: null,
  doughC: null,
  riseC: null,
  vent: 'none',
  glaze: 'none',
  weighed: [],
  board: null,
  earlierBoards: [],
};

function wrapOf({ diameterMm, depthMm, thicknessMm, ...wrap }: Json): Json {
  const common = { ...wrap, ...NOT_KNOWN, edge: wrap.form === 'purse' ? 'pleats' : 'pressed' };
  if (wrap.form !== 'pan-pie') return { ...common, skin: { shape: 'round', diameterMm }, thicknessMm };
  const face = typeof thicknessMm === 'number' ? thicknessMm : 1;
  const sheets = wrap.dough === 'thin-sheets' ? Math.max(1, Math.round(face / ONE_SHEET)) : 1;
  return {
    ...common,
    skin: { shape: 'pan', diameterMm, depthMm: depthMm ?? DEPTH_UNSAID, sheetsBelow: sheets, sheetsAbove: sheets },
    thicknessMm: typeof thicknessMm === 'number' ? thicknessMm / sheets : thicknessMm,
  };
}

export const toVersion6 = (document: Json): Json => ({
  ...document,
  version: 6,
  wrap: isObject(document.wrap) ? wrapOf(document.wrap) : document.wrap,
});
