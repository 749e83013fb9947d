/** So little short is a matter of the clock: half a minute, or a twentieth of the planned time. House estimates. */
const GRACE_MIN = 0.5;
const GRACE_SHARE = 0.05;

/** Whether so many planned minutes are enough for what takes so many. */
export const isEnough = (planned: number, needed: number): boolean =>
  planned >= needed - Math.max(GRACE_MIN, GRACE_SHARE * planned);
