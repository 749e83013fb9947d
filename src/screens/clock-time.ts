/** Times on the cook's clock. */

/** `12:47`. @param at epoch ms or ISO 8601 */
export const clockTime = (at: number | string): string =>
  new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
