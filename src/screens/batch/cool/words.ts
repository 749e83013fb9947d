/** Times on the cook's clock. */

/** `12:47` */
export const clockTime = (at: number): string =>
  new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
