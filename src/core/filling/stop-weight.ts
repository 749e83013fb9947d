/** The stop weight: what the scale reads when enough has boiled off. */

/**
 * What pan and filling weigh together at the moment to stop, g.
 * @param panG the empty pan; 0 where it is not known, the filling alone is then meant
 * @param contentsG everything that went into the pan
 * @param cookedOffG water that is to have boiled off by then
 */
export const stopWeight = (panG: number, contentsG: number, cookedOffG: number): number =>
  panG + contentsG - cookedOffG;

/**
 * Water still to boil off until free liquid is at an aim, g: (free − x) / (finished − x) = aim.
 * @param aim g of free liquid in 100 g of finished filling
 */
export const toCookOff = (freeG: number, finishedG: number, aim: number): number =>
  Math.max(0, (freeG - (aim / 100) * finishedG) / (1 - aim / 100));

/**
 * Binder still to add until free liquid is at an aim, g: (free − capacity x) / (finished + mass x) = aim.
 * @param capacity g of liquid that a gram of the binder holds
 * @param mass g that go into the filling with a gram of the binder: more than 1 for a made binder
 */
export const toBind = (freeG: number, finishedG: number, aim: number, capacity: number, mass = 1): number =>
  Math.max(0, (freeG - (aim / 100) * finishedG) / (capacity + (mass * aim) / 100));
