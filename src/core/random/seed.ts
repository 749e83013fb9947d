/** A seed from a batch's id: the same batch always has the same simulated thermometer. */
export const seedOf = (id: string): number =>
  [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) >>> 0, 7);
