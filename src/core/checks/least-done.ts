/** How the least-done parcel of a batch differs from the average one. */

/** The least-done parcel holds so much more filling and starts so much colder. House estimates until three are weighed. */
export const FULLER = 1.15;
export const COLDER_C = 2;
