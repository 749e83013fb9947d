/** Steps that bring older documents to the current version. They take what they find; validation follows. */

import { FIRST_VESSELS } from './vessels';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Version 2: lines know their cut and whether they have gone in; weigh-ins are kept one by one; own ingredients,
 * finished stages and tastings travel with the batch; a pan has a depth.
 */
export function toVersion2(document: Json): Json {
  const lines = Array.isArray(document.lines) ? (document.lines as unknown[]) : document.lines;
  return {
    ...document,
    version: 2,
    lines: Array.isArray(lines)
      ? lines.map((line) => (isObject(line) ? { ...line, cut: null, ticked: false } : line))
      : lines,
    ingredients: [],
    stagesDone: [],
    water: isObject(document.water) ? waterOf(document.water, document.updatedAt) : document.water,
    season: { heldBack: false, tastings: [] },
    wrap: isObject(document.wrap) ? { ...document.wrap, depthMm: null } : document.wrap,
  };
}

/** Version 3: cooling has a vessel, legs, stirring now and then, a share that is cooled now, and its readings. */
export function toVersion3(document: Json): Json {
  const { cool } = document;
  return {
    ...document,
    version: 3,
    cool: isObject(cool)
      ? {
          ...cool,
          vessel: { kind: 'tray', areaCm2: null },
          share: 1,
          legs: [],
          stirEveryMinutes: null,
          readings: [],
        }
      : cool,
  };
}

function waterOf({ cookOff, ...water }: Json, at: unknown): Json {
  const since = { weighIns: [] as Json[], plannedG: 0 };
  if (!isObject(cookOff)) return { ...water, cookOff };
  if (cookOff.by === 'estimate') return { ...water, ...since, estimate: { ...cookOff, by: 'grams' } };
  const { by: _by, panG, panWithFillingG, ...unknown } = cookOff;
  return {
    ...water,
    ...unknown,
    ...since,
    panG,
    estimate: { by: 'grams', grams: 0 },
    weighIns: [{ at, grams: panWithFillingG }],
  };
}

/** The kitchen: version 2 has own ingredients and counts its tastings; version 3 has vessels, ice, a porch and fitted cooling. */
export function kitchenToCurrent(json: unknown): unknown {
  if (!isObject(json)) return json;
  const second = json.version === 1 ? { ...json, version: 2, tastings: 0, ingredients: [] } : json;
  return second.version === 2
    ? {
        ...second,
        version: 3,
        porchC: 6,
        freezerC: -18,
        fridgeLitres: 150,
        iceKg: 1,
        vessels: FIRST_VESSELS,
        cooling: [],
      }
    : second;
}
