/** Vessels that fillings cool in: the usual ones, and how deep a filling lies in one. */
import { type VesselKind } from './vocabulary';

export interface Vessel {
  kind: VesselKind;
  /** Floor, cm². House estimates of household sizes. */
  areaCm2: number;
  /** How deep it is, mm. */
  deepMm: number;
}

/** What most kitchens have. */
export const USUAL_VESSELS: readonly Vessel[] = [
  { kind: 'tray', areaCm2: 1200, deepMm: 22 },
  { kind: 'dish', areaCm2: 600, deepMm: 60 },
  { kind: 'bowl', areaCm2: 330, deepMm: 130 },
  { kind: 'pot', areaCm2: 310, deepMm: 160 },
  { kind: 'bag', areaCm2: 520, deepMm: 60 },
];

export const VESSEL_LABELS: Record<VesselKind, string> = {
  tray: 'baking tray',
  dish: 'shallow dish',
  bowl: 'bowl',
  pot: 'pot',
  bag: 'bag, laid flat',
  own: 'your own',
};

/** What a kitchen is taken to own until it says otherwise: two trays and a dish of the usual sizes. */
export const FIRST_VESSELS = (['tray', 'tray', 'dish'] as const).map((kind, i) => {
  const { areaCm2, deepMm } = USUAL_VESSELS.find((v) => v.kind === kind) ?? USUAL_VESSELS[0];
  return { id: `${kind}-${i + 1}`, name: VESSEL_LABELS[kind], kind, areaCm2, deepMm };
});

/** The shallowest and the deepest that is computed, mm: the document's own limits. */
const LEAST_MM = 2;
const MOST_MM = 250;

/** Depth of so much filling on an area, mm. @param density g/ml */
export const depthOn = (massG: number, density: number, areaCm2: number): number =>
  Math.min(MOST_MM, Math.max(LEAST_MM, (10 * massG) / density / areaCm2));

/** Area that so much filling takes at a depth, cm². */
export const areaFor = (massG: number, density: number, depthMm: number): number => (10 * massG) / density / depthMm;
