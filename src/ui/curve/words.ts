/** What stands where a curve will be. */
export const CURVE_COMES = 'Drawing the curve …';
